import { groupBy } from '../../base';
import type { Avoided, Choice, PlanGuard, PlanStep } from '../../odds';
import { indexOf, positionOf, type Position, type PositionId, type Profile, type TreeDocument } from '../../tree';
import { usualCautions } from '../cautions';
import { CAUTION } from '../classes/classSheet';
import { clock, inHundred } from '../figures';
import { sayChoiceShown, sayOption, sayWorth, WHATEVER } from './odds';
import { sayGameItem, sayHabit } from '../people';
import { sayMine, sayMove } from '../tree';

export interface PlanAnswer {
  readonly answer: string;
  readonly shown: string;
  readonly often: string;
}
export interface PlanRow {
  readonly guard: string;
  readonly finish: string;
  /** "he frames: I cut the knee across", one for each step; then where it ends. */
  readonly way: readonly string[];
  readonly ends: string;
  /** What to do there, most of it first, with what he shows then and how often. */
  readonly answers: readonly PlanAnswer[];
  readonly avoid: readonly string[];
}
export interface PlanSheet {
  readonly title: string;
  readonly summary: string;
  /** What is known of him, in sentences. */
  readonly about: readonly string[];
  readonly rows: readonly PlanRow[];
  /** What to leave anywhere, since he knows it. */
  readonly known: readonly string[];
  readonly cautions: readonly string[];
}

/** Shows that are told of one answer. */
const MOST_SHOWN = 3;
/** Nearly everything that he can show. */
const EVERYTHING = 0.995;

/** What he shows, taken together by what is best then. */
function answersOf(tree: TreeDocument, position: Position, choices: readonly Choice[]): PlanAnswer[] {
  const index = indexOf(tree);
  const found = [...groupBy(choices, ({ best }) => best)].map(([best, list]) => {
    const share = list.reduce((sum, choice) => sum + choice.share, 0);
    const told = list.slice(0, MOST_SHOWN).map(({ shown }) => (shown.length === 0 ? WHATEVER : sayChoiceShown(position, shown)));
    const shown = share > EVERYTHING ? WHATEVER : `${told.join('; ')}${list.length > told.length ? ' …' : ''}`;
    return { answer: sayOption(index, best), shown, often: inHundred(share), share };
  });
  return found.toSorted((a, b) => b.share - a.share).map(({ answer, shown, often }) => ({ answer, shown, often }));
}

function sayStep(tree: TreeDocument, { position, shown, transition, fall }: PlanStep): string {
  const index = indexOf(tree);
  const he = shown.length === 0 ? WHATEVER : sayChoiceShown(positionOf(index, position), shown);
  const failing = fall === null ? '' : ` (fails: ${sayMove(index.transitions.get(fall)!)})`;
  return `${he}: ${sayOption(index, transition)}${failing}`;
}

const WHY: { readonly [K in Avoided['why']]: string } = {
  order: 'your order puts it first',
  least: 'it brings least',
};
function sayAvoided(tree: TreeDocument, { transition, why, worth, better, betterWorth }: Avoided): string {
  const index = indexOf(tree);
  const instead = `“${sayOption(index, better)}” ${inHundred(betterWorth)}`;
  return `Not “${sayOption(index, transition)}”: ${WHY[why]}, ${inHundred(worth)}; ${instead}.`;
}

/** What the coach has said of him, in sentences. */
function sayAbout(tree: TreeDocument, him: Profile): string[] {
  const list = (what: string, items: readonly string[] | undefined): string[] =>
    items && items.length > 0 ? [`${what}: ${items.map((item) => sayGameItem(tree, item)).join('; ')}.`] : [];
  const habits = (him.habits ?? []).map((habit) => `${sayHabit(tree, habit)}, ${inHundred(habit.share)}`);
  return [
    ...(him.physique && him.physique.length > 0 ? [`He is like this: ${him.physique.join(', ')}.`] : []),
    ...(habits.length > 0 ? [`Habits: ${habits.join('; ')}.`] : []),
    ...list('Strong against', him.strongAgainst),
    ...list('Knows', him.knows),
    ...list('Varied against him', him.varied),
    ...(him.knowsGame ? ['He knows my whole game: two thirds of the time he picks what hurts most.'] : []),
  ];
}

/** The guards that he plays; all of the tree where nothing is said. */
export function guardsOf(tree: TreeDocument, { guards = [] }: Profile): PositionId[] {
  const starts = tree.starts.map(({ position }) => position);
  const played = guards.filter((id) => starts.includes(id));
  return played.length > 0 ? played : starts;
}

/** One guard of the plan: `tree` is the tree as it is against him. */
export function planRowOf(tree: TreeDocument, guard: PlanGuard): PlanRow {
  const index = indexOf(tree);
  const position = positionOf(index, guard.position);
  return {
    guard: position.name,
    finish: sayWorth(guard),
    way: guard.way.map((step) => sayStep(tree, step)),
    ends: positionOf(index, guard.ends).name,
    answers: answersOf(tree, position, guard.answers),
    avoid: guard.avoid.map((item) => sayAvoided(tree, item)),
  };
}

/** A plan as it is printed. */
export function planSheetOf(tree: TreeDocument, him: Profile, guards: readonly PlanGuard[], roundSeconds: number): PlanSheet {
  const index = indexOf(tree);
  const usual = guards.flatMap(({ position }) => usualCautions(tree.owner, positionOf(index, position)));
  return {
    title: `Against ${him.name}`,
    summary: [
      `${tree.name}: from each guard that he plays, what is best most often, what he shows, what to leave.`,
      `Chances of finishing in a round of ${clock(roundSeconds)}, from typed and default chances; no round has been observed yet.`,
    ].join(' '),
    about: sayAbout(tree, him),
    rows: guards.map((guard) => planRowOf(tree, guard)),
    known: tree.transitions
      .filter(({ isKnown }) => isKnown === true)
      .map(({ from, name }) => `Not “${sayMine(name)}” at ${positionOf(index, from).name}: he knows it.`),
    cautions: [...new Set([...usual, CAUTION])],
  };
}
