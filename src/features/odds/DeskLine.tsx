import type { ReactNode } from 'react';
import { idToAddress } from '@/contracts/address';
import { queryOf } from '@/contracts/filterQuery';
import type { Filter } from '@/core/lens';
import { PageLink } from '@/ui/PageLink';

interface Place {
  readonly treeId: string;
  readonly filter: Filter;
  readonly position: string;
  /** The show or the move that is meant; null = the place. */
  readonly of: string | null;
}

function addressOf({ treeId, filter, position, of }: Place): string {
  const query = new URLSearchParams(queryOf(filter));
  query.set('at', position);
  if (of !== null) query.set('of', of);
  return `/board/${idToAddress(treeId)}?${query.toString()}`;
}

interface Props extends Place {
  /** "+3.1" */
  readonly figure: string;
  readonly children: ReactNode;
  /** Below it: how sure the figure is, or why it is so. */
  readonly note?: ReactNode;
}

/** One line of a list of the desk: its figure, and the way to the place on the board. */
export function DeskLine({ figure, children, note, ...place }: Props) {
  return (
    <li className="flex items-baseline gap-3 border-t border-hair py-1">
      <span className="w-12 shrink-0 text-right font-figure text-[17px] font-semibold">{figure}</span>
      <span className="flex-1">
        <PageLink className="block min-h-6 w-fit hover:underline" href={addressOf(place)}>
          {children}
        </PageLink>
        {note !== undefined && <span className="block text-[13px] text-soft">{note}</span>}
      </span>
    </li>
  );
}
