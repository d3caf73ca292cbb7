import { idToAddress } from '@/contracts/address';
import { PageLink } from '@/ui/PageLink';
import { useMemo } from 'react';
import { groupBy } from '@/core/base';
import { sayContact } from '@/core/contacts';
import { isFiltering, type Filter, type Vanishing } from '@/core/lens';
import { findFilterDifference } from '@/core/structure';
import { ENDING_WORDS, plural, sayHidden, sayHis, sayMove, sayRoutesLeft, sayValue } from '@/core/words';
import { indexOf, positionOf, type PositionId, type TreeDocument } from '@/core/tree';

interface Props {
  /** The whole tree as stored. */
  readonly tree: TreeDocument;
  readonly filter: Filter;
  /** Where a named place leads. */
  readonly onPosition: (id: PositionId) => void;
}

const LISTED = 12;

/** Holds on the cloth that are not there now: how many have something in their place, and the moves of those that have not. */
function HoldsGone({ tree, holds }: { tree: TreeDocument; holds: readonly Vanishing[] }) {
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

/** What the filter takes away and leaves open. */
export function FilterDifference({ tree, filter, onPosition }: Props) {
  const found = useMemo(() => (isFiltering(filter) ? findFilterDifference(tree, filter) : null), [tree, filter]);
  if (!found) return null;
  const index = indexOf(tree);
  const place = (id: PositionId, words: string, key = id) => (
    <li key={key}>
      <button type="button" className="min-h-7 text-left hover:underline" onClick={() => onPosition(id)}>
        {words}
      </button>
    </li>
  );
  const nameOf = (id: PositionId): string => positionOf(index, id).name;
  return (
    <section aria-label="What the filter takes away" className="mb-4 border-b-2 border-ink pb-3">
      <h2 className="text-[19px]">Under this filter</h2>
      <p>{sayHidden(found.hidden)}</p>
      <p className={found.routes.after.byPositions === 0 ? 'font-medium text-red' : ''}>{sayRoutesLeft(found)}</p>
      {found.nowUnanswered.length > 0 && (
        <>
          <h3 className="mt-2 text-[15px]">Now without an answer</h3>
          <ul className="text-red">
            {found.nowUnanswered.map((gap) =>
              place(
                gap.position,
                `${nameOf(gap.position)}: ${sayValue(positionOf(index, gap.position), gap.value)}`,
                `${gap.position} ${gap.value}`,
              ),
            )}
          </ul>
        </>
      )}
      {found.goalsOutOfReach.length > 0 && (
        <>
          <h3 className="mt-2 text-[15px]">Goals out of reach</h3>
          <ul>{found.goalsOutOfReach.map((goal) => place(goal.position, `${nameOf(goal.position)}: ${ENDING_WORDS[goal.ends]}`))}</ul>
        </>
      )}
      {found.outOfReach.length > found.goalsOutOfReach.length && (
        <p className="mt-2 text-soft">
          {plural(found.outOfReach.length, 'place')} out of reach: {found.outOfReach.map(nameOf).join(', ')}.
        </p>
      )}
      {found.threatsGone.length > 0 && (
        <>
          <h3 className="mt-2 text-[15px]">Threats that fall away</h3>
          <ul>
            {found.threatsGone.map((threat) =>
              place(
                threat.position,
                `${nameOf(threat.position)}: ${sayHis(index.transitions.get(threat.transition)!.name)}`,
                threat.transition,
              ),
            )}
          </ul>
        </>
      )}
      <HoldsGone tree={tree} holds={found.holdsGone} />
    </section>
  );
}
