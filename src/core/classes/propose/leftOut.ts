import type { DrillUnit } from '../units/units';
import type { Candidate } from './candidates';
import type { Wanted } from './model';

/** Why a unit that would bring much is not in. */
export interface LeftOut {
  readonly unit: DrillUnit;
  readonly benefit: number;
  readonly why: 'needs' | 'room' | 'new' | 'phase' | 'brings';
  /** Of `needs`: keys that would have to come with it; of `room`: its minutes. */
  readonly needs: readonly string[];
  readonly minutes: number;
}
const LISTED = 5;

/** Units that would bring most and are not in, each with the first thing that keeps it out. */
export function leftOutOf(candidates: readonly Candidate[], chosen: readonly Candidate[], wanted: Wanted, left: number): LeftOut[] {
  const inClass = new Set(chosen.map(({ unit }) => unit.key));
  const news = chosen.filter(({ isNew }) => isNew).length;
  const rest = candidates.filter(({ unit, isShort }) => !isShort && !inClass.has(unit.key) && !wanted.mustNots.includes(unit.key));
  const brings = ({ benefit, once }: Candidate): number => once.reduce((sum, { worth }) => sum + worth, benefit);
  return rest
    .toSorted((a, b) => brings(b) - brings(a))
    .slice(0, LISTED)
    .map((item): LeftOut => {
      const { unit, minutes, isNew } = item;
      const needs = unit.prerequisites.filter((key) => !inClass.has(key) && !wanted.known.has(key));
      const inPhase = chosen.filter((other) => other.unit.phase === unit.phase).length;
      const most = wanted.shape?.phases[unit.phase]?.[1] ?? Infinity;
      const why =
        needs.length > 0
          ? 'needs'
          : isNew && wanted.mostNew !== null && news >= wanted.mostNew
            ? 'new'
            : inPhase >= most
              ? 'phase'
              : minutes > left + 1e-9
                ? 'room'
                : 'brings';
      return { unit, benefit: brings(item), why, needs, minutes };
    });
}
