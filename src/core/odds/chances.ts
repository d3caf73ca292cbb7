import { admits, names, type Defaults, type Position, type ReadId, type Tempo, type Transition, type ValueId } from '../tree';
import { NOTHING_SPECIAL, type Show } from './shows';

/** Chance in [0, 1] that a failed attempt (or a wait) loses the exchange, by how long the place can be held. */
export const ATTEMPT_RISK: Record<Tempo, number> = { safe: 0.15, neutral: 0.25, actNow: 0.35, danger: 0.5 };
export const HOLD_RISK: Record<Tempo, number> = { safe: 0.02, neutral: 0.08, actNow: 0.25, danger: 0.4 };
/** Waiting for another show takes this long. */
export const HOLD_SECONDS = 6;

/** One representative per read of what is shown; *nothing special* is left out, since no `when` can name it. */
export function shownValues(show: Show): ReadonlyMap<ReadId, ValueId> {
  const shown = new Map<ReadId, ValueId>();
  for (const group of show.groups) {
    const value = group.values[0];
    if (value !== undefined && value !== NOTHING_SPECIAL) shown.set(group.read, value);
  }
  return shown;
}

/** Chance u in [0, 1] of a reaction that has not been drawn (MODEL §4, the undrawn). Timing reads do not count. */
export function undrawnChance(position: Position): number {
  const reads = position.reads.filter((read) => read.kind !== 'timing');
  const open = reads.filter((read) => !read.closed && !read.complete);
  if (reads.length > 0 && open.length === 0) return 0;
  const drawn = open.reduce((count, read) => count + read.values.length, 0);
  return 0.5 ** (1 + Math.min(drawn, 4));
}

/** Whether the reaction on show is answered: by `option` itself or, where it is silent, by some owner transition. */
function reactionAnswered(position: Position, option: Transition, options: readonly Transition[], show: Show): boolean {
  const reaction = position.reads.find((read) => read.kind === 'reaction' && read.values.length > 0);
  const value = reaction && show.groups.find((group) => group.read === reaction.id)?.values[0];
  // Nothing special is answered by silent transitions, and `admits` has already refused the others.
  if (!reaction || value === undefined || value === NOTHING_SPECIAL) return true;
  if (option.when?.[reaction.id]) return names(option, reaction.id, value);
  return options.some((other) => names(other, reaction.id, value));
}

/** Chance in [0, 1] that the option succeeds against what is shown. `stoppedBy` wins over `when`. */
export function successChance(
  position: Position,
  option: Transition,
  options: readonly Transition[],
  show: Show,
  defaults: Defaults,
): number {
  const shown = shownValues(show);
  if (option.stoppedBy?.some((value) => [...shown.values()].includes(value))) return option.stopped ?? defaults.stopped;
  if (admits(option, shown) && reactionAnswered(position, option, options, show)) return option.works ?? defaults.works;
  return option.offCue ?? defaults.offCue;
}

/** The opponent's transitions that follow a failure against this show: the admitted ones of highest priority. */
export function consequencesFor(moves: readonly Transition[], show: Show): Transition[] {
  const admitted = moves.filter((move) => admits(move, shownValues(show)));
  const top = Math.max(...admitted.map((move) => move.priority ?? 0));
  return admitted.filter((move) => (move.priority ?? 0) === top);
}
