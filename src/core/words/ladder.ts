import type { findBypasses, HubRank, Ladder, RoleChange, TempoChange, Todo } from '../structure';
import { findValue, indexOf, positionOf, type Owner, type PositionId, type TransitionId, type TreeDocument } from '../tree';
import { plural } from './figures';
import { sayMine, sayMove, sayWhen } from './tree';
import { TEMPO_WORDS } from './vocabulary';

/** What a climb ends in when it goes well. */
export const GOAL_WORDS: { readonly [K in Owner]: string } = {
  passer: 'a settled pin, the back or a submission',
  guardPlayer: 'a sweep, a submission or open space',
};

const namesOf = (tree: TreeDocument, ids: readonly PositionId[]): string[] => ids.map((id) => positionOf(indexOf(tree), id).name);
const transitionOf = (tree: TreeDocument, id: TransitionId) => indexOf(tree).transitions.get(id)!;

/** "2 lines lost, the most at once: he sweeps me → Swept" */
export function sayFall(tree: TreeDocument, { transition, to, lost }: Ladder['moves'][number], most: number): string {
  const move = transitionOf(tree, transition);
  const [landing] = namesOf(tree, [to]);
  return `${plural(lost, 'line')} lost${lost === most ? ', the most at once' : ''}: ${sayMove(move)} → ${landing}`;
}

export const sayLadderGap = (tree: TreeDocument, { position, missing }: Ladder['gaps'][number]): string =>
  `holds ${positionOf(indexOf(tree), position).lines.join(', ')} without ${missing.join(', ')}`;

/** A loop from its first place on: "→ Headquarters → back again". */
export const sayLoop = (tree: TreeDocument, loop: readonly PositionId[]): string =>
  `→ ${[...namesOf(tree, loop.slice(1)), 'back again'].join(' → ')}`;

export function sayAnnounced(tree: TreeDocument, { taught, announced, open }: Todo['announced'][number]): string {
  const names = open.map((id) => sayMine(transitionOf(tree, id).name));
  return `${taught} of ${plural(announced, 'branch', 'branches')} taught; open: ${names.join(', ')}`;
}

export const sayContinuation = ({ tree }: Todo['continuations'][number]): string => `goes on in the tree “${tree}”`;

export const sayUnsureValue = (tree: TreeDocument, { position, value }: Todo['unsure']['values'][number]): string =>
  `“${findValue(positionOf(indexOf(tree), position), value)?.value.name ?? value}”`;

/** A move with what it answers: "he turns away: I take the back". */
export function sayAnswer(tree: TreeDocument, transition: TransitionId): string {
  const move = transitionOf(tree, transition);
  const cue = sayWhen(positionOf(indexOf(tree), move.from), move.when);
  return `${cue === '' ? '' : `${cue}: `}${sayMine(move.name)}`;
}

export const sayRoleChange = (tree: TreeDocument, { transition, to }: RoleChange): string =>
  `${sayMove(transitionOf(tree, transition))}: then I am ${to === 'top' ? 'on top' : 'below'}`;

export const sayTempoChange = (tree: TreeDocument, { transition, from, to }: TempoChange): string =>
  `${sayMove(transitionOf(tree, transition))}. Before: ${TEMPO_WORDS[from]} Then: ${TEMPO_WORDS[to]}`;

export const sayHub = ({ starts, entries, exits, necessaryFor }: HubRank): string =>
  `${plural(starts, 'start passes', 'starts pass')} it, ${plural(entries, 'way')} in, ${exits} on${necessaryFor > 0 ? `, ${plural(necessaryFor, 'goal hangs', 'goals hang')} on it` : ''}`;

/** How one gets to a goal when a place is shut. */
export function sayBypass(tree: TreeDocument, { routes, status }: ReturnType<typeof findBypasses>): string {
  const shortest = routes[0];
  if (!shortest) return 'None: whoever shuts this place shuts every goal.';
  return `${status === 'budget' ? 'more than ' : ''}${routes.length}; the shortest: ${namesOf(tree, shortest).join(' → ')}.`;
}

/** A place of the tree that the words of an unanswered value name. */
export const saySuggestedLanding = (place: string): string => `it could land on ${place}`;
