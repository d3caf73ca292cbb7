import { smallestHittingSet } from '../graph';
import { indexOf, landsAt, type Contact, type PositionId, type Transition, type TreeDocument } from '../tree';
import { contactKey, fitsPattern } from '../contacts';

export interface Blocking {
  /** `blocked` beats everything; `notYet`: none of the sets that enable it is on. */
  readonly status: 'open' | 'blocked' | 'notYet';
  /** The fewest grips of his to break so that no set is whole any more; empty = nothing to break. */
  readonly toBreak: readonly Contact[];
}

/** Whether his grips that are on block a move, and what to break; for a route, give the sets of all its moves. What a set leaves unsaid may be anything, as in rules. */
export function blockingOf(transition: Pick<Transition, 'blockedBy' | 'enabledBy'>, on: readonly Contact[]): Blocking {
  if (!transition.blockedBy && !transition.enabledBy) return { status: 'open', toBreak: [] };
  const held = new Map(on.map((contact) => [contactKey(contact), contact]));
  /** For each grip of the set the contacts that are it: all of them have to go before it is off. */
  const fitting = (set: readonly Contact[]): string[][] =>
    set.map((pattern) => [...held.keys()].filter((key) => fitsPattern(held.get(key)!, pattern)));
  const isOn = (found: readonly (readonly string[])[]): boolean => found.every((keys) => keys.length > 0);
  const blocking = (transition.blockedBy ?? [])
    .filter((set) => set.length > 0)
    .map(fitting)
    .filter(isOn);
  if (blocking.length > 0) return { status: 'blocked', toBreak: smallestHittingSet(blocking).map((key) => held.get(key)!) };
  const enabling = (transition.enabledBy ?? []).map(fitting);
  return { status: enabling.length > 0 && !enabling.some(isOn) ? 'notYet' : 'open', toBreak: [] };
}

/** The fewest grips to break before a whole route is free of what is on: over all its moves together. */
export const toBreakAlong = (transitions: readonly Pick<Transition, 'blockedBy'>[], on: readonly Contact[]): readonly Contact[] =>
  blockingOf({ blockedBy: transitions.flatMap((transition) => transition.blockedBy ?? []) }, on).toBreak;

/**
 * One move for each hop of a way over positions: the owner's where he has one, one that his grips do not block where there is
 * one, then higher priority, then document order. A hop that nothing leads over is left out.
 */
export function transitionsOnRoute(tree: TreeDocument, route: readonly PositionId[], on: readonly Contact[]): Transition[] {
  const index = indexOf(tree);
  const rank = (transition: Transition): number[] => [
    transition.actor === 'owner' ? 0 : 1,
    blockingOf(transition, on).status === 'blocked' ? 1 : 0,
    -(transition.priority ?? 0),
  ];
  const first = (a: Transition, b: Transition): number => {
    const [x, y] = [rank(a), rank(b)];
    return x.map((value, i) => value - y[i]!).find((difference) => difference !== 0) ?? 0;
  };
  return route.slice(1).flatMap((to, i) => {
    const transitions = (index.from.get(route[i]!) ?? []).filter((transition) => landsAt(transition, to));
    return transitions.toSorted(first).slice(0, 1);
  });
}
