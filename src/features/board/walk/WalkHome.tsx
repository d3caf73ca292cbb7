import type { Dispatch, ReactNode } from 'react';
import { unansweredAt } from '@/core/structure';
import { familyFacts, indexOf, type Position, type PositionId, type TreeDocument } from '@/core/tree';
import { plural } from '@/core/words';
import type { BoardAction } from '../boardState';

interface Props {
  readonly tree: TreeDocument;
  /** The open line, if one is typed on. */
  readonly line: ReactNode;
  readonly dispatch: Dispatch<BoardAction>;
  readonly onFind: () => void;
  readonly onGo: (to: PositionId) => void;
}

const LINK = 'flex min-h-12 w-full items-baseline justify-between gap-3 border-b border-hair py-2 text-left';

/** Where a walk begins: the guards, the hubs, and the two ways to find any other place. */
export function WalkHome({ tree, line, dispatch, onFind, onGo }: Props) {
  const index = indexOf(tree);
  const starts = tree.starts.flatMap(({ position }) => index.positions.get(position) ?? []);
  const hubs = tree.positions.filter(({ family, id }) => familyFacts(family).isHub && !starts.some((start) => start.id === id));
  const rows = (positions: readonly Position[]) =>
    positions.map((position) => {
      const broken = unansweredAt(index, position).length;
      return (
        <button key={position.id} type="button" className={LINK} onClick={() => onGo(position.id)}>
          <span className="font-figure text-[19px] font-medium">{position.name}</span>
          {broken > 0 && <span className="shrink-0 font-figure text-[15px] text-red">{plural(broken, 'broken rung')}</span>}
        </button>
      );
    });
  return (
    <>
      <h2 tabIndex={-1} className="text-[29px] outline-none">
        What does he show?
      </h2>
      <div className="flex flex-wrap gap-x-5">
        <button type="button" className="min-h-12 underline" onClick={onFind}>
          Search
        </button>
        <button type="button" className="min-h-12 underline" onClick={() => dispatch({ type: 'caret', caret: { kind: 'guard' } })}>
          Draw a guard {tree.owner === 'passer' ? 'he shows' : 'I hold'}
        </button>
      </div>
      {line}
      {starts.length === 0 && <p className="text-soft">No guard is drawn yet.</p>}
      {starts.length > 0 && <h3 className="mt-4 text-[15px] tracking-wide text-soft uppercase">Guards</h3>}
      {rows(starts)}
      {hubs.length > 0 && <h3 className="mt-5 text-[15px] tracking-wide text-soft uppercase">Hubs</h3>}
      {rows(hubs)}
    </>
  );
}
