import type { PositionId } from '../../tree';
import { PHASES, type Phase } from '../units/spec';
import type { Candidate } from './candidates';
import type { Programme, Row } from './programme';

/** Least and most units of a phase, and of all but those alone. */
export interface Shape {
  readonly phases: Readonly<Partial<Record<Phase, readonly [number, number]>>>;
  readonly all: readonly [number, number];
}
export const USUAL_SHAPE: Shape = {
  phases: { warmUp: [0, 0], parts: [1, 4], together: [0, 3], cue: [0, 1], rounds: [1, 2] },
  all: [3, 7],
};

export interface Wanted {
  /** For the units, without warm-up and close. */
  readonly minutes: number;
  /** Null = any. */
  readonly shape: Shape | null;
  /** Most units that are new to them; null = any number. */
  readonly mostNew: number | null;
  /** Most hard units in a row; null = any number. */
  readonly hardInARow: number | null;
  /** Keys. */
  readonly musts: readonly string[];
  /** As many of the musts as can be, before anything else; absent = all of them. */
  readonly areMustsSoft?: boolean;
  readonly mustNots: readonly string[];
  /** Keys of units that those who come know already. */
  readonly known: ReadonlySet<string>;
  /** By place the keys of what a class about it may hold: it is about one of them; null = about any number. */
  readonly places: ReadonlyMap<PositionId, ReadonlySet<string>> | null;
  /** Keys of units of which most of the class is to be made; null = none is asked. */
  readonly theme: ReadonlySet<string> | null;
  /** Sets of keys that were tried and have no order: at least one of each stays out. */
  readonly cuts?: readonly ReadonlySet<string>[];
  /** At most half of these minutes may come again. */
  readonly unlike?: ReadonlyMap<string, number>;
}

/** Points of a hundred: more than a class can bring. */
const MUST_WORTH = 1000;

/** The place that a solution is about. */
export function aboutIn({ places }: Wanted, variables: number, chosen: readonly number[]): PositionId | null {
  if (!places) return null;
  const first = variables - places.size;
  const at = chosen.find((i) => i >= first);
  return at === undefined ? null : ([...places.keys()][at - first] ?? null);
}

/** All candidates of a unit are 1 together at most; `gain` of what counts once may be had if one that brings it is in. */
export function programmeOf(candidates: readonly Candidate[], wanted: Wanted): Programme {
  const byKey = new Map<string, number[]>();
  candidates.forEach(({ unit }, i) => byKey.set(unit.key, [...(byKey.get(unit.key) ?? []), i]));
  const ones = (of: readonly number[]): Row['terms'] => of.map((i) => [i, 1] as const);
  const rows: Row[] = [];
  const atMost = (most: number, terms: Row['terms'], least = -Infinity): void => void rows.push({ least, most, terms });
  atMost(
    wanted.minutes,
    candidates.map(({ minutes }, i) => [i, minutes] as const),
  );
  for (const of of byKey.values()) if (of.length > 1) atMost(1, ones(of));
  for (const [key, of] of byKey) {
    const needs = candidates[of[0]!]!.unit.prerequisites;
    for (const need of needs) {
      if (wanted.known.has(need)) continue;
      const before = byKey.get(need);
      atMost(0, before ? [...ones(of), ...before.map((i) => [i, -1] as const)] : ones(of));
    }
    if (wanted.musts.includes(key) && wanted.areMustsSoft !== true) atMost(1, ones(of), 1);
    if (wanted.mustNots.includes(key)) atMost(0, ones(of));
  }
  const indices = (test: (candidate: Candidate) => boolean): number[] => candidates.flatMap((item, i) => (test(item) ? [i] : []));
  if (wanted.shape) {
    for (const phase of PHASES) {
      const [least, most] = wanted.shape.phases[phase] ?? [0, Infinity];
      atMost(most, ones(indices(({ unit }) => unit.phase === phase)), least);
    }
    const [least, most] = wanted.shape.all;
    atMost(most, ones(indices(({ unit }) => unit.kind !== 'solo')), least);
  }
  if (wanted.mostNew !== null) atMost(wanted.mostNew, ones(indices(({ isNew }) => isNew)));
  // Hard ones can only be kept apart by others: hard ≤ K (easy + 1).
  const k = wanted.hardInARow;
  if (k !== null)
    atMost(
      k,
      candidates.map(({ isHard }, i) => [i, isHard ? 1 : -k] as const),
    );
  if (wanted.theme) {
    const { theme } = wanted;
    // What builds the theme up belongs to it, so more than half of the units have to be of it.
    atMost(
      0,
      candidates.map(({ unit }, i) => [i, theme.has(unit.key) ? -1 : 2] as const),
    );
  }
  for (const cut of wanted.cuts ?? []) atMost(cut.size - 1, ones(indices(({ unit }) => cut.has(unit.key))));
  if (wanted.unlike) {
    const { unlike } = wanted;
    const minutes = [...unlike.values()].reduce((sum, item) => sum + item, 0);
    const again = indices(({ unit }) => unlike.has(unit.key));
    atMost(
      minutes / 2,
      again.map((i) => [i, candidates[i]!.minutes] as const),
    );
  }
  // What counts once: a variable of its own, at most those that bring it.
  const once = new Map<string, { worth: number; from: number[] }>();
  candidates.forEach((item, i) =>
    item.once.forEach(({ key, worth }) => once.set(key, { worth, from: [...(once.get(key)?.from ?? []), i] })),
  );
  const gains = [...once.values()].filter(({ worth }) => worth > 0);
  gains.forEach(({ from }, i) => atMost(0, [[candidates.length + i, 1], ...from.map((item) => [item, -1] as const)]));
  const first = candidates.length + gains.length;
  if (wanted.places) {
    const places = [...wanted.places.values()];
    atMost(
      1,
      places.map((_, i) => [first + i, 1] as const),
      1,
    );
    for (const [key, of] of byKey) {
      const about = places.flatMap((keys, i) => (keys.has(key) ? [[first + i, -1] as const] : []));
      atMost(0, [...ones(of), ...about]);
    }
  }
  const soft = new Set(wanted.areMustsSoft === true ? wanted.musts : []);
  // Of equal benefit the shorter: less than any difference that counts. A must outweighs all benefits.
  const worth = [
    ...candidates.map(({ benefit, minutes, unit }) => benefit * 100 - minutes * 1e-5 + (soft.has(unit.key) ? MUST_WORTH : 0)),
    ...gains.map((gain) => gain.worth * 100),
    ...Array<number>(wanted.places?.size ?? 0).fill(0),
  ];
  return { worth, rows };
}
