import { idToAddress } from '@/contracts/address';
import { PageLink } from '@/ui/PageLink';
import { entriesFromTree, findTaken, lacksForEntry, type Catalogue, type GymEntry, type GymEntryEdit } from '@/core/catalogue';
import type { TreeDocument } from '@/core/tree';
import { LACK_WORDS, plural } from '@/core/words';

interface Props {
  readonly tree: TreeDocument;
  readonly catalogue: Catalogue;
  readonly leftOver: readonly GymEntry[];
  /** `id`: the entry to show when it is done. */
  readonly onEntry: (edit: GymEntryEdit, id: string | null) => void;
}

/** Places of this tree that the catalogue does not know, to be kept for the gym's other trees. */
export function OwnPositions({ tree, catalogue, leftOver, onEntry }: Props) {
  const known = new Set(catalogue.positions.flatMap((entry) => findTaken(tree, entry) ?? []));
  const unknown = tree.positions.filter((position) => !known.has(position.id));
  return (
    <section aria-label="Places of your own" className="mt-4 border-t border-hair pt-2">
      <h2 className="text-[19px]">Places of your own</h2>
      <p className="text-soft">
        {unknown.length === 0
          ? 'The catalogue knows every place of this tree.'
          : `${plural(unknown.length, 'place')} of this tree the catalogue does not know. Kept in it, your other trees and the finder have them too.`}
      </p>
      <ul>
        {unknown.map((position) => {
          const lacks = lacksForEntry(position);
          return (
            <li key={position.id} className="border-t border-hair py-1">
              <p className="font-figure text-[15px] font-medium">{position.name}</p>
              {lacks.length > 0 ? (
                <p className="text-[13px] text-soft">
                  First say{' '}
                  <PageLink className="underline" href={`/board/${idToAddress(tree.id)}?show=hub&at=${encodeURIComponent(position.id)}`}>
                    on the board
                  </PageLink>{' '}
                  {lacks.map((field) => LACK_WORDS[field]).join(', ')}.
                </p>
              ) : (
                <button
                  type="button"
                  className="min-h-8 underline"
                  onClick={() => {
                    const put = entriesFromTree(tree, catalogue, position.id);
                    onEntry({ put, remove: [] }, put[0]!.id);
                  }}
                >
                  Keep it in the catalogue
                </button>
              )}
            </li>
          );
        })}
      </ul>
      {leftOver.length > 0 && (
        <>
          <p className="mt-2 text-red">Of your own words, these no longer have an entry to stand on:</p>
          <ul>
            {leftOver.map((entry) => (
              <li key={`${entry.kind} ${entry.id}`}>
                {entry.id}{' '}
                <button
                  type="button"
                  className="min-h-8 underline"
                  onClick={() => onEntry({ put: [], remove: [{ kind: entry.kind, id: entry.id }] }, null)}
                >
                  Forget it
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
