import {
  admits,
  namedAt,
  names,
  type Defaults,
  type Position,
  type ReadId,
  type Tempo,
  type Transition,
  type ValueId,
  isNothing,
  NOTHING_SPECIAL,
} from '../../tree';
import type { Show } from './shows';

/** What a failed attempt, or a wait, comes to where nothing else is drawn; both in [0, 1], the rest stays (MODEL §4, failure). */
export interface Risk {
  /** He turns it: lost, at a price that is not drawn. */
  readonly turned: number;
  /** He recovers his guard. */
  readonly recovered: number;
}
const risk = (recovered: number, turned: number): Risk => ({ recovered, turned });
export const ATTEMPT_RISK: Readonly<Record<Tempo, Risk>> = {
  safe: risk(0.15, 0.01),
  neutral: risk(0.25, 0.02),
  actNow: risk(0.35, 0.04),
  danger: risk(0.5, 0.1),
};
export const HOLD_RISK: Readonly<Record<Tempo, Risk>> = {
  safe: risk(0.02, 0.0015),
  neutral: risk(0.08, 0.005),
  actNow: risk(0.25, 0.02),
  danger: risk(0.4, 0.05),
};
/** Waiting for another show takes this long. */
export const HOLD_SECONDS = 12;

/** What is shown, as the transitions see it: one representative per read; *nothing special* that is not drawn, which no `when` can name, left out. */
export interface Shown {
  readonly values: ReadonlyMap<ReadId, ValueId>;
  readonly ids: ReadonlySet<ValueId>;
  /** The reaction on show, if it is not nothing special. */
  readonly reaction: { readonly read: ReadId; readonly value: ValueId } | null;
}

export function shownOf(position: Position, show: Show): Shown {
  const values = new Map<ReadId, ValueId>();
  for (const { read, values: group } of show.groups) {
    const [value] = group;
    if (value !== undefined && value !== NOTHING_SPECIAL) values.set(read, value);
  }
  const read = position.reads.find((item) => item.kind === 'reaction');
  const value = read && read.values.find(({ id }) => id === values.get(read.id));
  const reaction = read && value && !isNothing(value) ? { read: read.id, value: value.id } : null;
  return { values, ids: new Set(values.values()), reaction };
}

/** Chance u in [0, 1] of a reaction that has not been drawn (MODEL §4, the undrawn). Timing reads do not count. */
export function undrawnChance(position: Position): number {
  const reads = position.reads.filter((read) => read.kind !== 'timing');
  const open = reads.filter((read) => !read.closed && !read.complete);
  if (reads.length > 0 && open.length === 0) return 0;
  const drawn = open.reduce((count, read) => count + read.values.filter((value) => !isNothing(value)).length, 0);
  return 0.5 ** (1 + Math.min(drawn, 4));
}

/** Which of its three chances an option has against a show. */
export type Fit = 'works' | 'offCue' | 'stopped';

/**
 * `stoppedBy` wins over `when`; a reaction that is not nothing special has to be named: silence on it means "when he does nothing
 * special".
 */
export function fitOf(option: Transition, { values, ids, reaction }: Shown): Fit {
  if (option.stoppedBy?.some((value) => ids.has(value))) return 'stopped';
  if (reaction && (namedAt(option.when, reaction.read).length === 0 || !names(option, reaction.read, reaction.value))) return 'offCue';
  return admits(option, values) ? 'works' : 'offCue';
}
export const chanceOf = (option: Transition, fit: Fit, defaults: Defaults): number => option[fit] ?? defaults[fit];

/** The opponent's transitions that follow a failure against this show: the admitted ones of highest priority. */
export function consequencesFor(transitions: readonly Transition[], shown: Shown): readonly Transition[] {
  const admitted = transitions.filter((transition) => admits(transition, shown.values));
  if (admitted.length < 2) return admitted;
  const top = Math.max(...admitted.map((transition) => transition.priority ?? 0));
  return admitted.filter((transition) => (transition.priority ?? 0) === top);
}
