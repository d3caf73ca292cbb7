import { rotationOf } from './mats';
import { specOf, unitKey } from '../units/spec';
import type { DrillUnit } from '../units/units';

/** The clock of a class; minutes in quarters. */
export interface ClassSettings {
  readonly slotMinutes: number;
  /** How many come. */
  readonly people: number;
  /** Threes among them; absent = one where their number is odd. */
  readonly threes?: number | undefined;
  readonly bothSides: boolean;
  readonly warmUpMinutes: number;
  readonly debriefMinutes: number;
  /** Once a unit. */
  readonly changeOverMinutes: number;
  /** Each time that the roles or the sides change within a unit; absent = 0. */
  readonly swapMinutes?: number | undefined;
  /** For rounds, which take turns on fewer mats than there are groups; absent = enough for all. */
  readonly mats?: number | undefined;
  /** Rounds are fought by who wins against who comes on, instead of in turn: they take no longer. */
  readonly winnerStays?: boolean | undefined;
}
/** All that the clock has to know of a unit. */
export type Timed = Pick<DrillUnit, 'key' | 'kind' | 'demonstrationMinutes' | 'workMinutes' | 'sides'>;

/** Partners who take turns in one group: two, or three where an odd number makes one group a three and all wait for it. */
export const threesOf = ({ people, threes }: Pick<ClassSettings, 'people' | 'threes'>): number => threes ?? people % 2;
export const partnersOf = (settings: Pick<ClassSettings, 'people' | 'threes'>): 2 | 3 => (threesOf(settings) === 0 ? 2 : 3);
export const sidesOf = ({ sides }: Pick<Timed, 'sides'>, { bothSides }: Pick<ClassSettings, 'bothSides'>): 1 | 2 =>
  sides ?? (bothSides ? 2 : 1);
/** Turns on the mats that there are; drills in pairs find room anywhere. */
const matTurns = (kind: Timed['kind'], { people, mats, winnerStays }: Pick<ClassSettings, 'people' | 'mats' | 'winnerStays'>): number =>
  kind !== 'round' || mats === undefined || winnerStays === true ? 1 : rotationOf(people, mats, 0).turns;
/** How often the work is done in turn: partners × sides, once by each who is alone; rounds in as many turns as the mats ask for. */
export const turnsOf = (
  unit: Pick<Timed, 'kind' | 'sides'>,
  settings: Pick<ClassSettings, 'people' | 'threes' | 'bothSides' | 'mats' | 'winnerStays'>,
): number => (unit.kind === 'solo' ? 1 : partnersOf(settings) * sidesOf(unit, settings) * matTurns(unit.kind, settings));

/** Minutes of one unit (MODEL §5): showing it, every partner's work on each side, the swaps between, and the change-over. */
export function unitMinutes(unit: Timed, settings: ClassSettings): number {
  const turns = turnsOf(unit, settings);
  return unit.demonstrationMinutes + turns * unit.workMinutes + (turns - 1) * (settings.swapMinutes ?? 0) + settings.changeOverMinutes;
}

export interface ClassTime {
  readonly totalMinutes: number;
  /** Positive = over the slot, negative = minutes free. */
  readonly overrunMinutes: number;
  readonly perUnit: ReadonlyMap<string, number>;
}

export function classTimeOf(units: readonly Timed[], settings: ClassSettings): ClassTime {
  const perUnit = new Map(units.map((unit) => [unit.key, unitMinutes(unit, settings)]));
  const drilled = units.reduce((sum, unit) => sum + perUnit.get(unit.key)!, 0);
  const totalMinutes = settings.warmUpMinutes + drilled + settings.debriefMinutes;
  return { totalMinutes, overrunMinutes: totalMinutes - settings.slotMinutes, perUnit };
}

/** Less work than this for a partner in a role is no unit worth its showing. */
export const LEAST_WORK = 2;
/** Units in which a partner in a role works less than two minutes, over all sides: with the mirrored one, where that is there, too. */
export function tooShort(units: readonly Timed[], settings: Pick<ClassSettings, 'bothSides'>): string[] {
  const both = ({ key }: Timed): string => {
    const spec = specOf(key);
    return spec?.mirrored ? unitKey({ kind: spec.kind, of: spec.of }) : key;
  };
  const worked = new Map<string, number>();
  for (const unit of units) worked.set(both(unit), (worked.get(both(unit)) ?? 0) + unit.workMinutes * sidesOf(unit, settings));
  return units.filter((unit) => unit.kind !== 'solo' && worked.get(both(unit))! < LEAST_WORK - 1e-9).map(({ key }) => key);
}
