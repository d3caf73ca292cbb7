import { idToAddress } from '@/contracts/address';
import { groupBy } from '@/core/base';
import { sayContact } from '@/core/contacts';
import type { Vanishing } from '@/core/lens';
import { indexOf, positionOf, type TreeDocument } from '@/core/tree';
import { plural, sayMove } from '@/core/words';
import { PageLink } from '@/ui/PageLink';

const LISTED = 12;

/** Holds on the cloth that are not there now: how many have something in their place, and the moves of those that have not. */
export function HoldsGone({ tree, holds }: { tree: TreeDocument; holds: readonly Vanishing[] }) {
  const open = holds.filter((item) => item.substitute === null);
  const index = indexOf(tree);
  const at = [
    ...groupBy(open, (item) => `${item.transition === null ? 'place' : 'at'}=${encodeURIComponent(item.transition ?? item.position)}`),
  ];
  if (holds.length === 0) return null;
  return (
    <>
      <h3 className="mt-2 text-[15px]">Holds that vanish with the jacket</h3>
      <p>
        {plural(holds.length, 'hold')}, {holds.length - open.length} with something in its place
        {open.length > 0 ? `, ${open.length} with no substitute:` : '.'}
      </p>
      <ul>
        {at.slice(0, LISTED).map(([query, items]) => {
          const { transition, position } = items[0]!;
          const where = transition === null ? positionOf(index, position).name : sayMove(index.transitions.get(transition)!);
          return (
            <li key={query}>
              <PageLink className="inline-block min-h-7 hover:underline" href={`/grips/${idToAddress(tree.id)}?${query}`}>
                {where}: {[...new Set(items.map(({ contact }) => sayContact(contact)))].join('; ')}
              </PageLink>
            </li>
          );
        })}
      </ul>
      {at.length > LISTED && <p className="text-soft">and {at.length - LISTED} more.</p>}
    </>
  );
}
