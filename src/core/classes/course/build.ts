import type { Random } from '../../base';
import type { PositionId } from '../../tree';
import { inRhythm } from '../propose/rhythm';
import { PHASES, type Phase } from '../units/spec';
import type { Ledger } from './worth';
import { lasting, minutesOf, type CourseWorld, type Lesson } from './world';

interface Asked {
  readonly world: CourseWorld;
  /** What the evenings before have taught. */
  readonly ledger: Ledger;
  readonly at: number;
  /** Units that come again too soon after it. */
  readonly near: ReadonlySet<number>;
  /** What a minute is worth: units that bring less for theirs come last. */
  readonly price: number;
  readonly about: PositionId | null;
  /** How far from the best first what comes is tried: 0 = not at all. */
  readonly noise: number;
  readonly random: Random;
  /** Units that stay, if they still may. */
  readonly kept: readonly number[];
  /** Units that are asked for and come too seldom. */
  readonly favoured: ReadonlySet<number> | null;
}

/** How much more what is asked for counts while a class is put together. */
const FAVOUR = 3;

/** A class for an evening: what brings most beyond the price of its minutes, with what it needs, as the shape allows; null = none fits. */
export function builtLesson(asked: Asked): Lesson | null {
  const { world, ledger, at, about, random, noise, price, favoured } = asked;
  const { rules, units } = world;
  const evening = world.evenings[at]!;
  const allowed = about === null ? null : rules.places!.get(about)!;
  const candidates: { unit: number; score: number; brings: number }[] = [];
  for (let unit = 0; unit < units.length; unit++) {
    if ((allowed && !allowed.has(unit)) || asked.near.has(unit) || !ledger.isRested(unit, evening)) continue;
    const brings = ledger.brings(unit, evening);
    const all = brings + ledger.bringsOnce(unit, null);
    const blur = (noise === 0 ? 1 : 1 + noise * (2 * random() - 1)) * (favoured?.has(unit) === true ? FAVOUR : 1);
    candidates.push({ unit, brings, score: all * blur - price * minutesOf(evening, unit, units[unit]!.work[1]) });
  }
  candidates.sort((a, b) => b.score - a.score);
  const order = candidates.map(({ unit }) => unit);
  const chosen = new Chosen(asked, new Set(order));
  for (const unit of asked.kept) chosen.take(unit);
  const most = rules.shape ? rules.shape.all[1] : 12;
  // Each phase that must be there first, then whatever pays; how many there are is a matter of luck, too.
  for (const phase of rules.shape ? PHASES : []) {
    const [least] = rules.shape!.phases[phase] ?? [0];
    for (const unit of order) {
      if (chosen.inPhase(phase) >= least) break;
      if (units[unit]!.unit.phase === phase) chosen.take(unit);
    }
    if (chosen.inPhase(phase) < least) return null;
  }
  const least = rules.shape ? rules.shape.all[0] : 1;
  const wanted = noise === 0 ? most : least + Math.floor(random() * (most - least + 1));
  for (const { unit, score } of candidates) if (chosen.counted < wanted && (score > 0 || chosen.counted < least)) chosen.take(unit);
  if (chosen.counted < least || chosen.units.length === 0) return null;
  return ordered(world, stretchedLesson(world, at, chosen.units, new Map(candidates.map(({ unit, brings }) => [unit, brings])), about));
}

/** Units taken one by one, each with what it needs, as long as all of them fit. */
class Chosen {
  readonly units: number[] = [];
  /** Those that are not alone. */
  counted = 0;
  private minutes = 0;
  private news = 0;
  private readonly phases = new Map<Phase, number>();

  constructor(
    private readonly asked: Asked,
    private readonly possible: ReadonlySet<number>,
  ) {}

  inPhase = (phase: Phase): number => this.phases.get(phase) ?? 0;

  take(unit: number): void {
    const more = this.withNeeds(unit);
    if (more && more.length > 0 && this.fits(more)) for (const item of more) this.add(item);
  }
  /** A unit and what has to come before it that is not there yet; null = something of it cannot come. */
  private withNeeds(unit: number): number[] | null {
    const { world, ledger, at } = this.asked;
    const evening = world.evenings[at]!;
    const more: number[] = [];
    const visit = (item: number): boolean => {
      if (this.units.includes(item) || more.includes(item)) return true;
      if (!this.possible.has(item)) return false;
      more.push(item);
      return world.units[item]!.needs.every((need) => ledger.isKnown(need.own, evening) || (need.unit >= 0 && visit(need.unit)));
    };
    return visit(unit) ? more : null;
  }
  private fits(more: readonly number[]): boolean {
    const { world, ledger, at } = this.asked;
    const { shape, mostNew, hardInARow } = world.rules;
    const evening = world.evenings[at]!;
    const minutes = more.reduce((sum, unit) => sum + minutesOf(evening, unit, world.units[unit]!.work[0]), this.minutes);
    if (minutes > evening.minutes + 1e-9) return false;
    if (mostNew !== null && this.news + more.filter((unit) => ledger.isNew(unit, evening)).length > mostNew) return false;
    const all = [...this.units, ...more].map((unit) => world.units[unit]!);
    if (hardInARow !== null) {
      const hard = all.filter(({ isHard }) => isHard).length;
      if (hard > hardInARow * (all.length - hard + 1)) return false;
    }
    if (!shape) return true;
    if (all.filter(({ unit }) => unit.kind !== 'solo').length > shape.all[1]) return false;
    return PHASES.every((phase) => all.filter(({ unit }) => unit.phase === phase).length <= (shape.phases[phase]?.[1] ?? Infinity));
  }
  private add(item: number): void {
    const { world, ledger, at } = this.asked;
    const evening = world.evenings[at]!;
    const { unit, work } = world.units[item]!;
    this.units.push(item);
    this.minutes += minutesOf(evening, item, work[0]);
    if (ledger.isNew(item, evening)) this.news++;
    if (unit.kind !== 'solo') this.counted++;
    this.phases.set(unit.phase, this.inPhase(unit.phase) + 1);
  }
}

/** Minutes go by quarters of work to where a quarter brings most, each unit from its least to its most. */
export function stretchedLesson(
  world: CourseWorld,
  at: number,
  chosen: readonly number[],
  brings: ReadonlyMap<number, number>,
  about: PositionId | null,
): Lesson {
  const evening = world.evenings[at]!;
  const work = chosen.map((unit) => world.units[unit]!.work[0]);
  let left = evening.minutes - chosen.reduce((sum, unit, i) => sum + minutesOf(evening, unit, work[i]!), 0);
  for (;;) {
    let [best, most] = [-1, 0];
    for (let i = 0; i < chosen.length; i++) {
      const unit = chosen[i]!;
      const [, usual, longest] = world.units[unit]!.work;
      const more = evening.turns[unit]! / 4;
      if (work[i]! + 0.25 > longest + 1e-9 || more > left + 1e-9) continue;
      const gain = (brings.get(unit)! * (lasting(work[i]! + 0.25, usual) - lasting(work[i]!, usual))) / more;
      if (best < 0 || gain > most) [best, most] = [i, gain];
    }
    if (best < 0) return { about, units: chosen, work };
    work[best]! += 0.25;
    left -= evening.turns[chosen[best]!]! / 4;
  }
}

/** In the order of a class, with hard ones apart; null = there is no such order. */
export function ordered({ units, rules }: CourseWorld, lesson: Lesson): Lesson | null {
  const numbers = new Map(lesson.units.map((unit, i) => [units[unit]!.unit, i]));
  const hard = new Set(lesson.units.filter((unit) => units[unit]!.isHard).map((unit) => units[unit]!.unit));
  const found = inRhythm([...numbers.keys()], (unit) => hard.has(unit), rules.hardInARow);
  if (!found) return null;
  const order = found.map((unit) => numbers.get(unit)!);
  return { ...lesson, units: order.map((i) => lesson.units[i]!), work: order.map((i) => lesson.work[i]!) };
}
