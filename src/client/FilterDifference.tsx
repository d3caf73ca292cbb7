import { useMemo } from 'react';
import { isFiltering, type Filter } from '@/core/lens';
import { treeInGym } from '@/core/people';
import type { FilterDifference as Found } from '@/core/structure';
import { indexOf, positionOf, type PositionId, type TreeDocument } from '@/core/tree';
import { ENDING_WORDS, plural, sayHidden, sayHis, sayMove, sayRoutesLeft, sayValue } from '@/core/words';
import { useAnswer, type Subject } from '@/workers/useAnswer';
import { HoldsGone } from './HoldsGone';
import { Working } from './Working';

const LISTED = 24;

interface SaidProps {
  readonly title: string;
  /** The whole tree that was looked at. */
  readonly tree: TreeDocument;
  readonly found: Found;
  /** Where a named place leads. */
  readonly onPosition: (id: PositionId) => void;
}

function Said({ title, tree, found, onPosition }: SaidProps) {
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
      <h2 className="text-[19px]">{title}</h2>
      <p>{sayHidden(found.hidden)}</p>
      {found.hidden.length > 0 && (
        <details>
          <summary className="min-h-7 font-figure text-[15px]">Which ones</summary>
          <ul>
            {found.hidden.slice(0, LISTED).map(({ transition: id }) => {
              const move = index.transitions.get(id)!;
              return place(move.from, `${nameOf(move.from)}: ${sayMove(move)}`, id);
            })}
          </ul>
          {found.hidden.length > LISTED && <p className="text-soft">and {found.hidden.length - LISTED} more.</p>}
        </details>
      )}
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

interface Props {
  /** The whole tree as stored, with the gym around it. */
  readonly subject: Subject;
  readonly filter: Filter;
  readonly title?: string;
  readonly onPosition: (id: PositionId) => void;
}

/** What the filter takes away and leaves open, found away from the screen: on a large tree its ways take a while to count. */
export function FilterDifference({ subject, filter, title = 'Under this filter', onPosition }: Props) {
  const { book } = subject;
  const isOn = isFiltering(filter);
  const answer = useAnswer<'difference'>(subject, isOn ? { kind: 'difference', look: { filter, swapped: false } } : null);
  const { value, of } = answer;
  // Said with the tree that it was found in: a newer one may have lost a move that it names.
  const tree = useMemo(() => (of === null ? null : treeInGym(of, book)), [of, book]);
  if (!isOn) return null;
  return (
    <>
      <Working what="Looking for what falls away" answer={answer} />
      {value && tree && <Said {...{ title, tree, onPosition }} found={value} />}
    </>
  );
}
