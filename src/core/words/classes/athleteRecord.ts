import { FORGETTING, knownOn, missedBy, recurringMistakes, type Forgetting, type HeldClass } from '../../classes';
import { indexOf, type TreeDocument } from '../../tree';
import { plural } from '../figures';
import { sayMove } from '../tree';

const LISTED = 5;

/** What somebody has been taught of a tree, what he missed, which mistakes come again, by what was written down; no class = no data. */
export function sayAthleteRecord(
  tree: TreeDocument,
  held: readonly HeldClass[],
  athlete: string,
  today: string,
  forgetting: Forgetting = FORGETTING,
): string[] {
  const named = held.filter(({ came }) => came.length > 0);
  if (named.length === 0) return ['No class with names was written down yet: no data.'];
  const { transitions } = indexOf(tree);
  const name = (id: string): string | null => (transitions.has(id) ? sayMove(transitions.get(id)!) : null);
  const came = named.filter((item) => item.came.includes(athlete));
  const own = tree.transitions.filter(({ actor, announced }) => actor === 'owner' && announced !== true);
  const { taughtTo, staleness } = knownOn(named, today, [athlete], forgetting);
  const taught = own.filter(({ id }) => taughtTo(id) > 0);
  const stale = taught.filter(({ id }) => staleness(id) >= 0.5);
  const gone = stale.length > 0 ? `; ${stale.length} of them are half forgotten` : '';
  const missed = missedBy(named, athlete).flatMap(({ transition }) => name(transition) ?? []);
  const again = recurringMistakes(held, athlete).slice(0, LISTED);
  const last = came
    .map(({ date }) => date)
    .toSorted()
    .at(-1);
  const more = missed.length > LISTED ? ` and ${missed.length - LISTED} more` : '';
  return [
    `Was at ${came.length} of ${plural(named.length, 'class', 'classes')}${last === undefined ? '' : `, last on ${last}`}.`,
    `Has been taught ${taught.length} of ${plural(own.length, 'move')}${gone}.`,
    ...(missed.length > 0 ? [`Missed, while others were taught it: ${missed.slice(0, LISTED).join('; ')}${more}.`] : []),
    ...again.map(({ transition, error, count }) => `Comes again: ${error} (${name(transition) ?? 'a move that is gone'}), ${count} times.`),
  ];
}
