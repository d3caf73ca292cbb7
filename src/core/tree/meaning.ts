import { ownField } from '../base';
import type { Defaults, Parameter, Position, PositionId, ReadId, Transition, TreeDocument, TreeHeader, ValueId, When } from './document';
import { LINES, PASSER_GOALS, type Actor, type Ending, type Line, type Owner, type OwnerRole } from './vocabulary';

/** The one place of the numbers that stand in for what the coach has not typed (MODEL §1). */
export const DEFAULTS: Defaults = { works: 0.6, offCue: 0.2, stopped: 0.05, seconds: 20 };
export const defaultsOf = (tree: TreeHeader): Defaults => ({ ...DEFAULTS, ...tree.defaults });

/** A move's own chances in [0, 1], those that nobody typed at the tree's defaults. */
export function chancesOf(
  tree: TreeHeader,
  move: Pick<Transition, 'works' | 'offCue' | 'stopped'>,
): Record<'works' | 'offCue' | 'stopped', number> {
  const { works, offCue, stopped } = defaultsOf(tree);
  return { works: move.works ?? works, offCue: move.offCue ?? offCue, stopped: move.stopped ?? stopped };
}

const isPasserGoal = (ending: Ending): boolean => (PASSER_GOALS as readonly Ending[]).includes(ending);

/** Whether an ending is good for the tree's owner. */
export const isGoal = (tree: Pick<TreeDocument, 'owner'>, ending: Ending): boolean => isPasserGoal(ending) === (tree.owner === 'passer');

/** Who an actor of the tree is. */
export const athleteOf = (tree: Pick<TreeDocument, 'owner'>, actor: Actor): Owner =>
  (actor === 'owner') === (tree.owner === 'passer') ? 'passer' : 'guardPlayer';

/** Who is on top where it ends; the endings that are not listed change nothing. */
const ON_TOP: Partial<Record<Ending, Owner>> = { settled: 'passer', back: 'passer', submission: 'passer', swept: 'guardPlayer' };

/** Whether what a position ends in says who is on top, or the coach does; if neither, a transition to it changes nothing. */
export const saysRole = ({ ownerRole, ends }: Position): boolean =>
  ownerRole !== undefined || ends === undefined || ON_TOP[ends] !== undefined;

/** Where the tree's owner is: as the coach says, as the ending says, else the passer on top. */
export function ownerRoleOf({ owner }: Pick<TreeDocument, 'owner'>, { ownerRole, ends }: Position): OwnerRole {
  const onTop = (ends && ON_TOP[ends]) ?? 'passer';
  return ownerRole ?? (onTop === owner ? 'top' : 'below');
}

/** Our passer is below: the rung *under*. The passer is the owner, or the owner's opponent. */
export const passerIsBelow = (tree: Pick<TreeDocument, 'owner'>, position: Position): boolean =>
  (ownerRoleOf(tree, position) === 'below') === (tree.owner === 'passer');

/** Height on the ladder, 0 … 5: the highest line held (0 = none). A missing lower line shows as an empty tick. */
export const heightOf = (lines: readonly Line[]): number => lines.reduce((height, line) => Math.max(height, LINES.indexOf(line) + 1), 0);

/** Everywhere that success leads, where it usually does first; each once. */
export const landingsOf = ({ to, outcomes }: Pick<Transition, 'to' | 'outcomes'>): readonly PositionId[] =>
  outcomes ? [...new Set([to, ...outcomes.map((outcome) => outcome.to)])] : [to];
/** Whether success can lead to a position. */
export const landsAt = (transition: Pick<Transition, 'to' | 'outcomes'>, id: PositionId): boolean => landingsOf(transition).includes(id);
/** Where success leads when this is shown: to the first of its outcomes that names one of these values, else to `to`. */
export const landingAt = (
  { to, outcomes = [] }: Pick<Transition, 'to' | 'outcomes'>,
  shown: Pick<ReadonlySet<ValueId>, 'has'>,
): PositionId => outcomes.find(({ ifShown }) => ifShown.some((id) => shown.has(id)))?.to ?? to;

/** The values of a read that a `when` names; none = it is silent on it. */
export const namedAt = (when: When | undefined, readId: ReadId): readonly ValueId[] => ownField(when, readId) ?? [];

/** The transition's `when` names this value. An owner's transition that names a value answers it. */
export const names = (transition: Transition, readId: ReadId, valueId: ValueId): boolean =>
  namedAt(transition.when, readId).includes(valueId);

/** The transition's `when` admits a combination of values (read id → value id); silent reads admit anything. */
export function admits(transition: Transition, shown: ReadonlyMap<ReadId, ValueId>): boolean {
  for (const [readId, values] of Object.entries(transition.when ?? {})) {
    const value = shown.get(readId);
    if (value === undefined || !values.includes(value)) return false;
  }
  return true;
}

/** What is wanted of a choice when some of its values are stopped: the first in order that is not; null = nothing is left. */
export const nextPreference = ({ values, never = [] }: Parameter, stopped: ReadonlySet<string>): string | null =>
  values.find((value) => !stopped.has(value) && !never.some((item) => item.value === value)) ?? null;
