import type { NewAnswer } from '../../structure';
import { indexOf, ownerOptions, type TransitionId, type TreeDocument } from '../../tree';
import { LEAST_WORK, sidesOf, turnsOf, unitMinutes, type ClassSettings } from '../clock/time';
import { resistanceOf, type DrillUnit } from '../units/units';

/** What practice and teaching of the tree's moves bring, in points of V in [0, 1] (core/odds, derived). */
export interface Payoffs {
  /** For 0.1 more of a move's own chance. */
  readonly practice: ReadonlyMap<TransitionId, number>;
  /** Of announced moves. */
  readonly teaching: ReadonlyMap<TransitionId, number>;
  /** What moves that were drawn of late answer, with what it cost while it had no answer; absent = none was drawn. */
  readonly answers?: readonly Answered[];
}
export interface Answered extends NewAnswer {
  readonly price: number;
}
/** What is known of those who come. */
export interface Known {
  /** Of a move, in [0, 1]: 1 = nobody was taught it. */
  readonly staleness: (id: TransitionId) => number;
  /** Share in [0, 1] of them who were taught it. */
  readonly taughtTo: (id: TransitionId) => number;
  /** How often a mistake in it was seen of late. */
  readonly mistakes: (id: TransitionId) => number;
}
/** Nothing was recorded: all is new to all. */
export const NOTHING_KNOWN: Known = { staleness: () => 1, taughtTo: () => 0, mistakes: () => 0 };

/** Something that counts once a class, whichever units bring it. */
export interface Once {
  readonly key: string;
  readonly kind: 'teach' | 'mistake' | 'answer';
  readonly transition: TransitionId;
  readonly worth: number;
}
/** A unit that could be in the class, in one of its lengths. */
export interface Candidate {
  readonly unit: DrillUnit;
  /** As long as is usual, or as short as still teaches. */
  readonly isShort: boolean;
  readonly minutes: number;
  /** What its practice brings, in points of V in [0, 1]. */
  readonly benefit: number;
  readonly once: readonly Once[];
  readonly isNew: boolean;
  readonly isHard: boolean;
  /** How much of its moves is forgotten, in [0, 1], weighed by what they bring. */
  readonly staleness: number;
}

/** From this on a unit is hard work. */
const HARD_PERCENT = 50;
export const isHardUnit = (unit: DrillUnit): boolean => resistanceOf(unit)[1] >= HARD_PERCENT;
/** Whether more than half of a class's work is hard. */
export function isHardClass(units: readonly DrillUnit[], settings: ClassSettings): boolean {
  const workOf = (list: readonly DrillUnit[]): number => list.reduce((sum, unit) => sum + unit.workMinutes * turnsOf(unit, settings), 0);
  return workOf(units.filter(isHardUnit)) > workOf(units) / 2;
}
/** What half of the time gives of the benefit: more time gives less and less. */
const lasting = (work: number, usual: number): number => Math.sqrt(work / usual);

/** The owner's moves that a unit practises; of a round those that its place offers. */
export function practised(tree: TreeDocument, unit: DrillUnit): TransitionId[] {
  const index = indexOf(tree);
  if (unit.kind === 'round')
    return ownerOptions(index, unit.start)
      .filter(({ announced }) => announced !== true)
      .map(({ id }) => id);
  return unit.transitions.filter((id) => index.transitions.get(id)!.actor === 'owner');
}

/** In a round each move of the place comes up now and then, not every time. */
export const sharesOfRound = (count: number): number => 1 / Math.max(1, count);

/** Names what was answered: it counts once a class, whichever units answer it. */
export const answerKey = ({ position, read, value }: NewAnswer): string => `answer ${JSON.stringify([position, read, value])}`;

/** Every unit in its lengths, with what it brings to these people. */
export function candidatesOf(
  tree: TreeDocument,
  units: readonly DrillUnit[],
  settings: ClassSettings,
  { practice, teaching, answers = [] }: Payoffs,
  known: Known = NOTHING_KNOWN,
): Candidate[] {
  const { transitions } = indexOf(tree);
  return units.flatMap((unit): Candidate[] => {
    const moves = practised(tree, unit);
    const part = unit.kind === 'round' ? sharesOfRound(moves.length) : 1;
    const worths = moves.map((id) => ({ id, brings: (practice.get(id) ?? 0) * part, stale: known.staleness(id) }));
    const all = worths.reduce((sum, { brings }) => sum + brings, 0);
    const benefit = worths.reduce((sum, { brings, stale }) => sum + brings * stale, 0);
    const answered = unit.kind === 'round' ? [] : answers.filter(({ transition }) => moves.includes(transition));
    const once = moves.flatMap((id): Once[] => [
      ...answered
        .filter(({ transition }) => transition === id)
        .map((item) => ({ key: answerKey(item), kind: 'answer' as const, transition: id, worth: item.price * (1 - known.taughtTo(id)) })),
      ...(transitions.get(id)!.announced === true && unit.kind === 'move'
        ? [{ key: `teach ${id}`, kind: 'teach' as const, transition: id, worth: (teaching.get(id) ?? 0) * (1 - known.taughtTo(id)) }]
        : []),
      ...(known.mistakes(id) > 0
        ? [
            {
              key: `mistake ${id}`,
              kind: 'mistake' as const,
              transition: id,
              worth: (practice.get(id) ?? 0) * Math.min(3, known.mistakes(id)),
            },
          ]
        : []),
    ]);
    const isNew = unit.kind !== 'round' && moves.some((id) => known.taughtTo(id) < 0.5);
    const usual: Candidate = {
      ...{ unit, isShort: false, minutes: unitMinutes(unit, settings), benefit, once, isNew },
      isHard: isHardUnit(unit),
      staleness: all === 0 ? 1 : benefit / all,
    };
    const least = LEAST_WORK / sidesOf(unit, settings);
    if (unit.kind === 'solo' || unit.workMinutes <= least) return [usual];
    const short: DrillUnit = { ...unit, workMinutes: least };
    const less = lasting(least, unit.workMinutes);
    return [usual, { ...usual, unit: short, isShort: true, minutes: unitMinutes(short, settings), benefit: benefit * less }];
  });
}

/** Of many candidates those that bring most for their minutes, with what they build on: about so many units, the others are not weighed. */
export function mostWorthwhile(candidates: readonly Candidate[], units: number, always: ReadonlySet<string> = new Set()): Candidate[] {
  const byKey = new Map(candidates.map((item) => [item.unit.key, item]));
  if (byKey.size <= units) return [...candidates];
  const brings = ({ benefit, once, minutes }: Candidate): number => once.reduce((sum, { worth }) => sum + worth, benefit) / minutes;
  const rounds = candidates.filter(({ unit }) => unit.phase === 'rounds');
  const kept = new Set<string>();
  const keep = (key: string): void => {
    if (kept.has(key) || !byKey.has(key)) return;
    kept.add(key);
    for (const need of byKey.get(key)!.unit.prerequisites) keep(need);
  };
  for (const key of always) keep(key);
  // A class needs rounds, however little they bring beside parts.
  for (const list of [rounds, candidates])
    for (const { unit } of list.toSorted((a, b) => brings(b) - brings(a)).slice(0, units))
      if (kept.size < (list === rounds ? units / 4 : units)) keep(unit.key);
  return candidates.filter(({ unit }) => kept.has(unit.key));
}
