import type { FewestTrades } from '../grips';
import type { RemovalEffect } from '../findings';
import type { GoalRoutes, RouteCount } from '../structure';
import { ENDINGS, findValue, type Ending, type Position, type Transition, type ValueId } from '../tree';
import { plural } from './figures';
import { WHATEVER } from './odds/odds';
import { sayShownClause, sayWhen } from './tree';
import { ENDING_WORDS } from './vocabulary';

/** "12 ways, the shortest in 4 exchanges" */
export const sayRoutesTo = ({ count, fewest }: GoalRoutes): string =>
  `${count.status === 'budget' ? 'more than ' : ''}${plural(count.byPositions, 'way')}, the shortest in ${plural(fewest, 'exchange')}`;

/** On which of the ways my hands trade least. */
export function sayFewestTrades(found: FewestTrades | null): string {
  if (found === null) return 'No way has the steps of all its moves written, so trades of grip cannot be compared.';
  return `Fewest trades of grip: ${found.trades}, on way ${found.route + 1} (of ${found.counted} with all steps written).`;
}

/** When a move is made, as a clause: "when he frames", "when his hips are flat", "whatever he does". */
export function sayWhenever(from: Position, { when }: Pick<Transition, 'when'>): string {
  const shown = sayWhen(from, when);
  return shown === '' ? WHATEVER : `when ${shown}`;
}

/** "he frames or his hips turn in" */
export const sayShownAt = (from: Position, values: readonly ValueId[]): string =>
  values
    .flatMap((id) => findValue(from, id) ?? [])
    .map(({ read, value }) => sayShownClause(read, value.name))
    .join(' or ');

/** How many share what is about to be changed. */
export const sayShared = (starts: number): string => `On the ways of ${plural(starts, 'start')} to a goal: they all lose it.`;

const ways = ({ byPositions, status }: RouteCount): string => `${status === 'budget' ? 'more than ' : ''}${byPositions}`;

/** What would be lost, as sentences: ways, what would need an answer, units of classes. */
export function sayRemoval(
  { before, after, fresh }: RemovalEffect,
  classes: readonly { readonly name: string; readonly lost: number }[],
): string[] {
  const gaps = fresh.filter(({ kind }) => kind === 'unanswered').length;
  const others = fresh.length - gaps;
  return [
    // Two counts that both stopped early tell nothing apart.
    ...(before.status === 'budget' && after.status === 'budget'
      ? []
      : [`Ways from a guard to a goal: ${ways(before)} now, ${ways(after)} without it.`]),
    ...(gaps > 0 ? [`${plural(gaps, 'thing')} he shows would have no answer.`] : []),
    ...(others > 0 ? [`${plural(others, 'other finding')} would be new.`] : []),
    ...classes.map(({ name, lost }) => `“${name}” would lose ${plural(lost, 'unit')}.`),
  ];
}

/** "Mount (settled)", as a comparison names an ending, in words. */
export const sayNamedEnding = (named: string): string =>
  named.replace(/ \((\w+)\)$/, (whole, ends: string) => (isEnding(ends) ? `: ${ENDING_WORDS[ends]}` : whole));
const isEnding = (word: string): word is Ending => (ENDINGS as readonly string[]).includes(word);
