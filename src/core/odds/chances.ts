import { namedAt, admits, names, type Defaults, type Position, type ReadId, type Tempo, type Transition, type ValueId } from '../tree';
import { NOTHING_SPECIAL, type Show } from './shows';

/** Chance in [0, 1] that a failed attempt (or a wait) loses the exchange, by how long the place can be held. */
export const ATTEMPT_RISK: Record<Tempo, number> = { safe: 0.15, neutral: 0.25, actNow: 0.35, danger: 0.5 };
export const HOLD_RISK: Record<Tempo, number> = { safe: 0.02, neutral: 0.08, actNow: 0.25, danger: 0.4 };
/** Waiting for another show takes this long. */
export const HOLD_SECONDS = 6;

/** What is shown, as the transitions see it: one representative per read; *nothing special*, which no `when` can name, left out. */
export interface Shown {
  readonly values: ReadonlyMap<ReadId, ValueId>;
  /** The reaction on show, if it is not nothing special, and whether any owner transition answers it. */
  readonly reaction: { readonly read: ReadId; readonly value: ValueId; readonly answered: boolean } | null;
}

export function shownOf(position: Position, options: readonly Transition[], show: Show): Shown {
  const values = new Map<ReadId, ValueId>();
  for (const group of show.groups) {
    const value = group.values[0];
    if (value !== undefined && value !== NOTHING_SPECIAL) values.set(group.read, value);
  }
  const read = position.reads.find((item) => item.kind === 'reaction')?.id;
  const value = read === undefined ? undefined : values.get(read);
  const reaction =
    read === undefined || value === undefined ? null : { read, value, answered: options.some((other) => names(other, read, value)) };
  return { values, reaction };
}

/** Chance u in [0, 1] of a reaction that has not been drawn (MODEL §4, the undrawn). Timing reads do not count. */
export function undrawnChance(position: Position): number {
  const reads = position.reads.filter((read) => read.kind !== 'timing');
  const open = reads.filter((read) => !read.closed && !read.complete);
  if (reads.length > 0 && open.length === 0) return 0;
  const drawn = open.reduce((count, read) => count + read.values.length, 0);
  return 0.5 ** (1 + Math.min(drawn, 4));
}

/**
 * Chance in [0, 1] that the option succeeds against what is shown. `stoppedBy` wins over `when`; a reaction must be
 * answered, by the option itself or, where it is silent on reactions, by some owner transition.
 */
export function successChance(option: Transition, shown: Shown, defaults: Defaults): number {
  if (option.stoppedBy?.some((value) => [...shown.values.values()].includes(value))) return option.stopped ?? defaults.stopped;
  const { reaction } = shown;
  const answered =
    reaction === null ||
    (namedAt(option.when, reaction.read).length > 0 ? names(option, reaction.read, reaction.value) : reaction.answered);
  if (answered && admits(option, shown.values)) return option.works ?? defaults.works;
  return option.offCue ?? defaults.offCue;
}

/** The opponent's transitions that follow a failure against this show: the admitted ones of highest priority. */
export function consequencesFor(transitions: readonly Transition[], shown: Shown): readonly Transition[] {
  const admitted = transitions.filter((transition) => admits(transition, shown.values));
  if (admitted.length < 2) return admitted;
  const top = Math.max(...admitted.map((transition) => transition.priority ?? 0));
  return admitted.filter((transition) => (transition.priority ?? 0) === top);
}
