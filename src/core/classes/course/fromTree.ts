import type { InPieces } from '../../base';
import type { PositionId, TransitionId, TreeDocument } from '../../tree';
import { indexOf } from '../../tree';
import { turnsOf, unitMinutes, LEAST_WORK, sidesOf, type ClassSettings } from '../clock/time';
import { answerKey, isHardClass, isHardUnit, practised, sharesOfRound, type Payoffs } from '../propose/candidates';
import { tooSoon } from '../records/course';
import { goodSessionsOn, knownOn, type HeldClass } from '../records/records';
import { daysBetween } from '../records/staleness';
import { specOf, type UnitSpec } from '../units/spec';
import { unitOf, type DrillUnit } from '../units/units';
import type { CourseRules, CourseUnit, CourseWorld, Evening, OnceAt } from './world';

/** An evening of a course: to be planned, or with a class that stands on it. */
export interface CourseEvening {
  /** 'YYYY-MM-DD' */
  readonly date: string;
  readonly settings: ClassSettings;
  /** Ids of those who are expected. */
  readonly expected: readonly string[];
  /** What stands on it by hand; null = it is to be planned. */
  readonly stands: readonly UnitSpec[] | null;
}
export interface Due {
  readonly move: TransitionId;
  /** 'YYYY-MM-DD' */
  readonly by: string;
}
interface Given {
  readonly units: readonly DrillUnit[];
  readonly payoffs: Payoffs;
  /** In order of their days. */
  readonly evenings: readonly CourseEvening[];
  readonly held: readonly HeldClass[];
  readonly rules: Omit<CourseRules, 'places' | 'balance' | 'due'> & {
    /** By place, keys of units. */
    readonly places: ReadonlyMap<PositionId, ReadonlySet<string>> | null;
    /** `part`: how much of a unit's work is of it, in [0, 1]. */
    readonly balance: readonly { readonly name: string; readonly least: number; readonly part: (unit: DrillUnit) => number }[];
    /** Moves that are to come by a day, 'YYYY-MM-DD'. */
    readonly due: readonly Due[];
  };
}

/** A course of a tree's units as numbers: what each brings, what comes before it, and how much of it is forgotten by each evening. */
export function* courseWorldInPieces(tree: TreeDocument, { units, payoffs, evenings, held, rules }: Given): InPieces<CourseWorld> {
  const numbers = new Map<TransitionId, number>();
  const numberOf = (id: TransitionId): number => {
    if (!numbers.has(id)) numbers.set(id, numbers.size);
    return numbers.get(id)!;
  };
  const at = new Map(units.map(({ key }, i) => [key, i]));
  const made = (spec: UnitSpec) => unitOf(tree, spec);
  const movesOf = (specs: readonly UnitSpec[]): number[] => {
    const there = specs.flatMap((spec) => made(spec) ?? []);
    return [...new Set(there.flatMap((unit) => practised(tree, unit).map(numberOf)))];
  };
  const stood = evenings.map(({ stands }) => stands && movesOf(stands));
  const knownAt = evenings.map(({ date, expected }) => knownOn(held, date, expected, rules.forgetting));
  const { transitions } = indexOf(tree);
  yield 0;
  const unitsOf = units.map((unit): CourseUnit => {
    const moves = practised(tree, unit);
    const part = unit.kind === 'round' ? sharesOfRound(moves.length) : 1;
    const teaches = unit.kind === 'move' ? moves.filter((id) => transitions.get(id)!.announced === true) : [];
    const once = [
      ...teaches.map((id): OnceAt => ({
        ...{ key: `teach ${id}`, move: numberOf(id), isTeaching: true },
        worth: knownAt.map(({ taughtTo }) => (payoffs.teaching.get(id) ?? 0) * (1 - taughtTo(id))),
      })),
      ...moves.map((id): OnceAt => ({
        ...{ key: `mistake ${id}`, move: numberOf(id), isTeaching: false },
        worth: knownAt.map(({ mistakes }) => (payoffs.practice.get(id) ?? 0) * Math.min(3, mistakes(id))),
      })),
      ...(unit.kind === 'round' ? [] : (payoffs.answers ?? []))
        .filter(({ transition }) => moves.includes(transition))
        .map((item): OnceAt => ({
          ...{ key: answerKey(item), move: numberOf(item.transition), isTeaching: true },
          worth: knownAt.map(({ taughtTo }) => item.price * (1 - taughtTo(item.transition))),
        })),
    ].filter(({ worth }) => worth.some((item) => item > 0));
    const settings = evenings[0]?.settings;
    const least = settings ? Math.min(unit.workMinutes, LEAST_WORK / sidesOf(unit, settings)) : unit.workMinutes;
    return {
      ...{ unit, once, isHard: isHardUnit(unit), isRound: unit.kind === 'round' },
      moves: moves.map((id) => ({ move: numberOf(id), worth: (payoffs.practice.get(id) ?? 0) * part })),
      own: moves.map(numberOf),
      needs: unit.prerequisites.map((key) => ({ unit: at.get(key) ?? -1, own: ownOf(made, key).map(numberOf) })),
      work:
        unit.kind === 'solo' ? [unit.workMinutes, unit.workMinutes, unit.workMinutes] : [least, unit.workMinutes, unit.workMinutes * 1.5],
    };
  });
  const moves = [...numbers.keys()];
  const first = evenings[0]?.date ?? '';
  const standing = evenings.flatMap(({ date, stands }) => (stands ? [{ date, units: stands }] : []));
  const past = held.map(({ date, units: done }) => ({ date, units: done.map(({ unit }) => unit) }));
  const eveningOf = ({ date, settings, expected, stands }: CourseEvening, e: number): Evening => {
    const soon = tooSoon([...past, ...standing], date, rules.gapDays);
    const sessions = goodSessionsOn(held, date, expected);
    const work = units.map((unit) => turnsOf(unit, settings));
    return {
      day: daysBetween(first, date),
      minutes: settings.slotMinutes - settings.warmUpMinutes - settings.debriefMinutes,
      before: units.map((unit) => unitMinutes({ ...unit, workMinutes: 0 }, settings)),
      turns: work,
      stale: moves.map(knownAt[e]!.staleness),
      taught: moves.map(knownAt[e]!.taughtTo),
      sessions: moves.map(sessions),
      barred: new Set(units.flatMap(({ key }, i) => (soon.has(key) ? [i] : []))),
      stands: stood[e]!,
      isHard: isHardClass(stands?.flatMap((spec) => made(spec) ?? []) ?? [], settings),
    };
  };
  const all: Evening[] = [];
  for (const [e, evening] of evenings.entries()) {
    all.push(eveningOf(evening, e));
    yield 0;
  }
  return {
    moves,
    units: unitsOf,
    evenings: all,
    rules: {
      ...rules,
      places: rules.places && new Map([...rules.places].map(([place, keys]) => [place, numbersOf(at, keys)])),
      due: rules.due.map(({ move, by }) => ({
        move: numberOf(move),
        by: evenings.findLastIndex(({ date }) => date <= by),
        units: new Set(units.flatMap((unit, i) => (drills(unit, move) ? [i] : []))),
      })),
      balance: rules.balance.map(({ name, least, part }) => ({
        ...{ name, least },
        units: new Map(units.map((unit, i) => [i, part(unit)] as const).filter(([, of]) => of > 0)),
      })),
    },
  };
}

/** With a partner. */
export const drills = ({ kind, transitions }: Pick<DrillUnit, 'kind' | 'transitions'>, move: TransitionId): boolean =>
  kind !== 'solo' && transitions.includes(move);

const numbersOf = (at: ReadonlyMap<string, number>, keys: ReadonlySet<string>): ReadonlySet<number> =>
  new Set([...keys].flatMap((key) => at.get(key) ?? []));
/** Moves of what a key names: it is known where all of them are; of a round none. */
function ownOf(made: (spec: UnitSpec) => DrillUnit | null, key: string): readonly TransitionId[] {
  const spec = specOf(key);
  const unit = spec && spec.kind !== 'round' ? made(spec) : null;
  return unit?.transitions ?? [];
}
