import { seededRandom } from '../../base';
import { feedsOnly, levelRank } from '../../people';
import type { Expected } from '../attendance';
import { leastCostMatching } from './matching';

/** All that pairing has to know of somebody. */
export interface Trainee {
  readonly id: string;
  /** Null = not said: no difference counts. */
  readonly kilos: number | null;
  /** Rank among the levels, from 0. */
  readonly level: number;
  readonly feedsOnly: boolean;
  readonly isMinor: boolean;
  /** An adult whom the gym has named to work with minors. */
  readonly withMinors?: boolean;
}
export const traineeOf = (athlete: Expected): Trainee => ({
  id: athlete.id,
  kilos: athlete.kilos ?? null,
  level: levelRank(athlete.level),
  feedsOnly: feedsOnly(athlete),
  isMinor: athlete.isMinor,
  withMinors: !athlete.isMinor && athlete.withMinors === true,
});
/** Two who work together, or a three in turn. */
export type Pairing = readonly string[];
export interface PairPlan {
  readonly rounds: readonly (readonly Pairing[])[];
  /** Who can work with nobody who came. */
  readonly alone: readonly string[];
  /** How often two meet again in these rounds. */
  readonly repeats: number;
}

const LEVEL_COST = 6;
/** What a difference in size and level costs, in kilos. */
export const pairCost = (a: Trainee, b: Trainee): number =>
  (a.kilos === null || b.kilos === null ? 0 : Math.abs(a.kilos - b.kilos)) + LEVEL_COST * Math.abs(a.level - b.level);
/** Hard: one of two has to work, and minors work with minors, or with adults whom the gym has named. */
export const mayPair = (a: Trainee, b: Trainee): boolean =>
  !(a.feedsOnly && b.feedsOnly) && (a.isMinor === b.isMinor || (a.isMinor ? b.withMinors === true : a.withMinors === true));

/** Minors, and adults: where a minor would be left over, a named adult, the nearest to them, goes with the minors. */
function setsOf(people: readonly Trainee[]): Trainee[][] {
  const minors = people.filter(({ isMinor }) => isMinor);
  const adults = people.filter(({ isMinor }) => !isMinor);
  const distance = (adult: Trainee): number => minors.reduce((sum, minor) => sum + pairCost(adult, minor), 0);
  const named =
    minors.length % 2 === 0 ? [] : adults.filter(({ withMinors }) => withMinors === true).toSorted((a, b) => distance(a) - distance(b));
  const [goes] = named;
  return goes ? [[...minors, goes], adults.filter((one) => one !== goes)] : [minors, adults];
}

const keyOf = (a: string, b: string): string => (a < b ? JSON.stringify([a, b]) : JSON.stringify([b, a]));
/** Keys of all twos of a group. */
export const pairsIn = (group: Pairing): string[] => group.flatMap((a, i) => group.slice(i + 1).map((b) => keyOf(a, b)));

/** A repeat outweighs every difference, and a difference every throw of the dice. */
const REPEAT = 1_000_000;
/** Nobody meets anybody twice in a class before all have met, however often they have met in the weeks before. */
const IN_CLASS = 100;
const UNIT = 100;
const PASSES = 3;
/** Threes that are tried, the cheapest first; of a crowd fewer. */
const threesOf = (count: number): number => (count > 20 ? 8 : 40);

/** Of one set of people who may work together: its rounds, improved one by one with all others as they are. */
class Rounds {
  readonly rounds: (readonly Pairing[])[] = [];
  private readonly met = new Map<string, number>();
  private readonly threes = new Map<string, number>();

  constructor(
    private readonly people: readonly Trainee[],
    private readonly before: ReadonlyMap<string, number>,
    private readonly jitter: ReadonlyMap<string, number>,
  ) {}
  private costOf(a: Trainee, b: Trainee): number {
    if (!mayPair(a, b)) return Infinity;
    const key = keyOf(a.id, b.id);
    const met = (this.met.get(key) ?? 0) * IN_CLASS + (this.before.get(key) ?? 0);
    return met * REPEAT + Math.round(pairCost(a, b) * 10) * UNIT + (this.jitter.get(key) ?? 0);
  }
  private count(groups: readonly Pairing[], by: 1 | -1): void {
    for (const group of groups) {
      for (const key of pairsIn(group)) this.met.set(key, (this.met.get(key) ?? 0) + by);
      if (group.length === 3) for (const id of group) this.threes.set(id, (this.threes.get(id) ?? 0) + by);
    }
  }
  private matched(people: readonly Trainee[]): { groups: Trainee[][]; cost: number } | null {
    const mates = leastCostMatching(people.length, (a, b) => this.costOf(people[a]!, people[b]!));
    if (!mates) return null;
    const groups = mates.flatMap((mate, i) => (mate > i ? [[people[i]!, people[mate]!]] : []));
    return { groups, cost: groups.reduce((sum, [a, b]) => sum + this.costOf(a!, b!), 0) };
  }
  /** Threes of those who were in one least often, the cheapest first. */
  private fairThrees(): Trainee[][] {
    const rank = ({ id }: Trainee): number => this.threes.get(id) ?? 0;
    const sorted = this.people.toSorted((a, b) => rank(a) - rank(b));
    const last = rank(sorted[2]!);
    // Who was in fewer than the third of them has to be in it; the rest comes from those who were in as many as he.
    const fixed = sorted.filter((one) => rank(one) < last);
    const open = sorted.filter((one) => rank(one) === last);
    const choices = (from: readonly Trainee[], count: number): Trainee[][] =>
      count === 0 ? [[]] : from.flatMap((one, i) => choices(from.slice(i + 1), count - 1).map((rest) => [one, ...rest]));
    return choices(open, 3 - fixed.length)
      .map((rest) => [...fixed, ...rest])
      .filter((three) => three.every((one, i) => three.slice(i + 1).every((other) => mayPair(one, other))))
      .map((three) => ({ three, cost: this.costOfThree(three) }))
      .toSorted((x, y) => x.cost - y.cost)
      .map(({ three }) => three);
  }
  private costOfThree([a, b, c]: readonly Trainee[]): number {
    return this.costOf(a!, b!) + this.costOf(a!, c!) + this.costOf(b!, c!);
  }
  /** One three, fair before cheap; the others in pairs. */
  private withThree(): Trainee[][] | null {
    let best: { groups: Trainee[][]; cost: number } | null = null;
    for (const three of this.fairThrees().slice(0, threesOf(this.people.length))) {
      const rest = this.matched(this.people.filter((one) => !three.includes(one)));
      const cost = rest ? rest.cost + this.costOfThree(three) : Infinity;
      if (rest && (best === null || cost < best.cost)) best = { groups: [three, ...rest.groups], cost };
    }
    return best?.groups ?? null;
  }
  private find(): readonly Pairing[] | null {
    const groups = this.people.length % 2 === 0 ? (this.matched(this.people)?.groups ?? null) : this.withThree();
    return groups && groups.map((group) => group.map(({ id }) => id));
  }
  /** Plans some rounds; false = these people cannot be paired at all. */
  plan(count: number): boolean {
    for (let round = 0; round < count; round++) {
      const found = this.find();
      if (!found) return false;
      this.count(found, 1);
      this.rounds.push(found);
    }
    for (let pass = 0; pass < PASSES && this.repeats() > 0; pass++)
      for (const [i, groups] of this.rounds.entries()) {
        this.count(groups, -1);
        const again = this.find()!;
        this.count(again, 1);
        this.rounds[i] = again;
      }
    return true;
  }
  repeats(): number {
    return [...this.met.values()].reduce((sum, times) => sum + Math.max(0, times - 1), 0);
  }
  /** Everybody once with everybody, in a circle: no repeat in n − 1 rounds, whatever it costs. Pre: all may, an even number. */
  inCircle(count: number): void {
    const ids = this.people.toSorted((a, b) => (a.kilos ?? 0) - (b.kilos ?? 0)).map(({ id }) => id);
    const n = ids.length;
    const [fixed, ...turning] = ids;
    this.rounds.forEach((groups) => this.count(groups, -1));
    this.rounds.length = 0;
    for (let round = 0; round < count; round++) {
      const circle = [fixed!, ...turning.map((_, i) => turning[(i + round) % (n - 1)]!)];
      const groups = circle.slice(0, n / 2).map((id, i) => [id, circle[n - 1 - i]!]);
      this.rounds.push(groups);
      this.count(groups, 1);
    }
  }
}

export interface PairsAsked {
  readonly rounds: number;
  readonly seed: number;
  /** How often two have met before, by `metKey`. */
  readonly before?: ReadonlyMap<string, number>;
}
export const metKey = keyOf;

/**
 * Pairs for all rounds of a class (MODEL §5, pairing): hard rules, then fair threes, then no repeats until exhausted, then size and
 * level, then the seed. An odd number makes one three. The same seed gives the same pairs.
 */
export function planPairs(people: readonly Trainee[], { rounds, seed, before = new Map() }: PairsAsked): PairPlan {
  const random = seededRandom(seed);
  const jitter = new Map(
    people.flatMap((a, i) => people.slice(i + 1).map((b) => [keyOf(a.id, b.id), Math.floor(random() * UNIT)] as const)),
  );
  const plan: (readonly Pairing[])[] = Array.from({ length: rounds }, () => []);
  const alone: string[] = [];
  let repeats = 0;
  for (const set of setsOf(people).filter(({ length }) => length > 0)) {
    const made = new Rounds(set, before, jitter);
    if (set.length < 2 || !made.plan(rounds)) {
      alone.push(...set.map(({ id }) => id));
      continue;
    }
    const isFree = before.size === 0 && set.length % 2 === 0 && rounds < set.length && set.filter(({ feedsOnly }) => feedsOnly).length < 2;
    if (isFree && made.repeats() > 0) made.inCircle(rounds);
    repeats += made.repeats();
    made.rounds.forEach((groups, i) => (plan[i] = [...plan[i]!, ...groups]));
  }
  return { rounds: plan, alone, repeats };
}

/** The round with two people in each other's place. */
export const swapped = (groups: readonly Pairing[], a: string, b: string): Pairing[] =>
  groups.map((group) => group.map((id) => (id === a ? b : id === b ? a : id)));

/** Why these groups cannot stay as they are: two who only feed together, a minor with an adult. */
export function brokenIn(groups: readonly Pairing[], people: ReadonlyMap<string, Trainee>): Pairing[] {
  return groups.filter((group) => {
    const known = group.flatMap((id) => people.get(id) ?? []);
    return known.some((a, i) => known.slice(i + 1).some((b) => !mayPair(a, b)));
  });
}

/** The pairs of a class: as the coach changed them by hand, else as they are found. */
export const pairsOf = (
  plan: { readonly pairs?: readonly (readonly Pairing[])[] | undefined; readonly pairSeed?: number | undefined },
  people: readonly Expected[],
  rounds: number,
  before: ReadonlyMap<string, number>,
): readonly (readonly Pairing[])[] =>
  keptPairs(
    plan.pairs,
    people.map(({ id }) => id),
    rounds,
  ) ?? planPairs(people.map(traineeOf), { rounds, seed: plan.pairSeed ?? 1, before }).rounds;

/** Of the pairs of a class those that met: of units that were done, less who stayed away; who was left alone met nobody that is known. */
export const pairsHeld = (rounds: readonly (readonly Pairing[])[], came: ReadonlySet<string>, isDone: readonly boolean[]): Pairing[][] =>
  rounds.map((groups, round) =>
    isDone[round] === true ? groups.map((group) => group.filter((id) => came.has(id))).filter((group) => group.length > 1) : [],
  );

/** What the coach changed by hand, while it is of exactly those who come and of as many rounds; else null. */
export function keptPairs(
  pairs: readonly (readonly Pairing[])[] | undefined,
  people: readonly string[],
  rounds: number,
): readonly (readonly Pairing[])[] | null {
  if (pairs?.length !== rounds) return null;
  const ids = JSON.stringify(people.toSorted());
  return pairs.every((groups) => JSON.stringify(groups.flat().toSorted()) === ids) ? pairs : null;
}
