import { groupBy } from '../../base';
import {
  indexOf,
  landingAt,
  opponentTransitions,
  positionOf,
  type PositionId,
  type TransitionId,
  type TreeDocument,
  type ValueId,
} from '../../tree';
import { isTaught } from '../process/here';
import { consequencesFor, shownOf } from '../process/chances';
import type { Choice } from '../choices';
import type { Odds, PositionOdds } from '../report';

/** One step of the way that is best most often: what he shows most where it is best, and what is done then. */
export interface PlanStep {
  readonly position: PositionId;
  readonly shown: Choice['shown'];
  /** How often he shows it there, in [0, 1]. */
  readonly share: number;
  readonly transition: TransitionId;
  /** What he makes of it if it fails; null = nothing is drawn. */
  readonly fall: TransitionId | null;
}
/** What not to do, with what is better instead, both in [0, 1] with a full round left. */
export interface Avoided {
  readonly transition: TransitionId;
  /** The coach's order puts it first · it brings least of all. */
  readonly why: 'order' | 'least';
  readonly worth: number;
  readonly better: TransitionId | null;
  readonly betterWorth: number;
}
export interface PlanGuard {
  readonly position: PositionId;
  /** Chance of finishing from there, in [0, 1]. */
  readonly value: number;
  readonly isDrawn: boolean;
  readonly way: readonly PlanStep[];
  /** Where the way ends. */
  readonly ends: PositionId;
  /** What he shows there, most often first, each with what is best. */
  readonly answers: readonly Choice[];
  readonly avoid: readonly Avoided[];
}

/** Steps after which a way is long enough to keep in mind. */
const MOST_STEPS = 7;
const MOST_AVOIDED = 3;
/** Less than this in [0, 1] below the best is no reason to leave it. */
const CLEARLY = 0.03;

const valuesOf = (shown: Choice['shown']): Set<ValueId> =>
  new Set(shown.flatMap(({ values }) => values.filter((value): value is ValueId => value !== null)));

/** Choices that differ in nothing but the moment, and in which the same is best, as one. */
function momentsTogether(tree: TreeDocument, { position, choices }: PositionOdds): Choice[] {
  const reads = positionOf(indexOf(tree), position).reads;
  const isTiming = new Set(reads.filter(({ kind }) => kind === 'timing').map(({ id }) => id));
  const his = ({ shown }: Choice) => shown.filter(({ read }) => !isTiming.has(read));
  return [...groupBy(choices, (choice) => JSON.stringify(his(choice))).values()].flatMap((moments): Choice[] => {
    const [first] = moments;
    if (moments.some(({ best }) => best !== first!.best)) return [...moments];
    return [{ ...first!, shown: his(first!), share: moments.reduce((sum, { share }) => sum + share, 0) }];
  });
}

/** The option that is best over most of what he shows there, with the show where it is met most; null = none but waiting. */
function mainChoice(choices: readonly Choice[]): Choice | null {
  const often = new Map<TransitionId, number>();
  for (const { best, share } of choices) if (best !== null) often.set(best, (often.get(best) ?? 0) + share);
  const [most] = [...often].toSorted((a, b) => b[1] - a[1]);
  return most ? choices.filter(({ best }) => best === most[0]).toSorted((a, b) => b.share - a.share)[0]! : null;
}

/** What he makes of a failure there, by the odds' own rule; of several alike the first. */
function fallOf(tree: TreeDocument, position: PositionId, { shown, share }: Choice): TransitionId | null {
  const index = indexOf(tree);
  const his = opponentTransitions(index, position).filter(isTaught);
  const groups = shown.map((group) => ({ ...group, share: 1 }));
  return consequencesFor(his, shownOf(positionOf(index, position), { groups, share }))[0]?.id ?? null;
}

function wayFrom(tree: TreeDocument, at: ReadonlyMap<PositionId, PositionOdds>, start: PositionId): { way: PlanStep[]; ends: PositionId } {
  const { positions, transitions } = indexOf(tree);
  const way: PlanStep[] = [];
  const seen = new Set<PositionId>();
  let position = start;
  while (!seen.has(position) && way.length < MOST_STEPS && !positions.get(position)!.ends) {
    seen.add(position);
    const choice = mainChoice(momentsTogether(tree, at.get(position)!));
    if (!choice) break;
    const shown = valuesOf(choice.shown);
    way.push({ position, shown: choice.shown, share: choice.share, transition: choice.best!, fall: fallOf(tree, position, choice) });
    position = landingAt(transitions.get(choice.best!)!, shown);
  }
  return { way, ends: position };
}

function avoidedAt(tree: TreeDocument, { choices }: PositionOdds): Avoided[] {
  const { transitions } = indexOf(tree);
  const worths = new Map<TransitionId | null, number>();
  for (const { options, share } of choices)
    for (const { transition, worth } of options) worths.set(transition, (worths.get(transition) ?? 0) + share * worth);
  const ranked = [...worths].toSorted((a, b) => b[1] - a[1]);
  const [better, betterWorth] = ranked[0] ?? [null, 0];
  const byOrder = choices.flatMap(({ insteadOf, best, options }): Avoided[] =>
    insteadOf === null
      ? []
      : [
          {
            transition: insteadOf,
            why: 'order',
            worth: options.find(({ transition }) => transition === insteadOf)!.worth,
            better: best,
            betterWorth: options.find(({ transition }) => transition === best)!.worth,
          },
        ],
  );
  const isUsed = new Set(choices.map(({ best }) => best));
  const least = ranked.flatMap(([id, worth]): Avoided[] =>
    id === null || transitions.get(id)!.isKnown || isUsed.has(id) || worth >= betterWorth - CLEARLY
      ? []
      : [{ transition: id, why: 'least', worth, better, betterWorth }],
  );
  const all = [...byOrder, ...least.slice(-1)];
  return all.filter((item, i) => all.findIndex(({ transition }) => transition === item.transition) === i).slice(0, MOST_AVOIDED);
}

/** The plan for the guards that he plays, from the odds of the tree as it is against him: the best way, what he shows, what to leave. */
export function planOf(tree: TreeDocument, odds: Odds, guards: readonly PositionId[]): PlanGuard[] {
  const at = new Map(odds.positions.map((item) => [item.position, item]));
  return guards.flatMap((position) => {
    const here = at.get(position);
    if (!here) return [];
    const answers = momentsTogether(tree, here)
      .filter(({ share }) => share > 0)
      .toSorted((a, b) => b.share - a.share);
    return [{ position, value: here.value, isDrawn: here.isDrawn, ...wayFrom(tree, at, position), answers, avoid: avoidedAt(tree, here) }];
  });
}
