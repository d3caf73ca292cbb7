import { indexOf, positionOf, type TreeDocument } from '@/core/tree';
import { sayMove } from '@/core/words';
import { PageLink } from '@/ui/PageLink';
import type { TreeSheet } from '@/workers/sheet';
import { Part } from './Part';
import { placeAddress } from './placeAddress';

const LISTED = 6;

/** What came from the catalogue and nobody has read yet. */
export function Unconfirmed({ tree, sheet }: { readonly tree: TreeDocument; readonly sheet: TreeSheet }) {
  const { positions, transitions } = sheet.unconfirmed;
  const index = indexOf(tree);
  const places = positions.map((id) => ({ key: id, at: id, of: undefined, words: positionOf(index, id).name }));
  const moves = transitions.map((id) => {
    const move = index.transitions.get(id)!;
    return { key: `move ${id}`, at: move.from, of: id, words: `${positionOf(index, move.from).name}: ${sayMove(move)}` };
  });
  const all = [...places, ...moves];
  if (all.length === 0) return null;
  return (
    <Part title="From the catalogue, not confirmed">
      <ul>
        {all.slice(0, LISTED).map(({ key, at, of, words }) => (
          <li key={key}>
            <PageLink href={placeAddress(tree.id, at, of)} className="inline-block min-h-11 py-2 underline">
              {words}
            </PageLink>
          </li>
        ))}
      </ul>
      {all.length > LISTED && <p className="text-soft">and {all.length - LISTED} more: they stand under “What needs you” on the board.</p>}
    </Part>
  );
}
