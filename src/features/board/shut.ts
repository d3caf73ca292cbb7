import { blockingOf, missingHolds, type ShutByMine } from '@/core/grips';
import { contactKey } from '@/core/contacts';
import { sayShut, sayShutByMine } from '@/core/words';
import { indexOf, ownerOptions, type Contact, type Position, type TransitionId, type TreeDocument } from '@/core/tree';

/** Every grip of his that matters here: what he holds, and what shuts or opens one of my options; each once. */
export function theirGripsAt(tree: TreeDocument, position: Position): Contact[] {
  const options = ownerOptions(indexOf(tree), position.id);
  const sets = options.flatMap((transition) => [...(transition.blockedBy ?? []), ...(transition.enabledBy ?? [])]);
  return [...new Map([...(position.theirHolds ?? []), ...sets.flat()].map((contact) => [contactKey(contact), contact])).values()];
}

/** Why an option is not there now, and what to do about it, in words. */
export interface Shut {
  /** `whileKept`: of his, shut only where I kept my grips; `given`: his by what I hold. */
  readonly status: 'blocked' | 'notYet' | 'whileKept' | 'given';
  readonly says: string;
}

/** The options that his grips shut, or that wait for one of his; none while no grip is said to be on. */
export function shutOptions(tree: TreeDocument, on: readonly Contact[]): ReadonlyMap<TransitionId, Shut> {
  if (on.length === 0) return new Map();
  return new Map(
    tree.transitions.flatMap((transition): [TransitionId, Shut][] => {
      const blocking = blockingOf(transition, on);
      return blocking.status === 'open' ? [] : [[transition.id, { status: blocking.status, says: sayShut(blocking, transition) }]];
    }),
  );
}

/** His moves that my grips shut, as the sheet says it. */
export const shutByMyGrips = (shut: readonly ShutByMine[]): ReadonlyMap<TransitionId, Shut> =>
  new Map(shut.map((item) => [item.transition, { status: item.status === 'shut' ? 'blocked' : item.status, says: sayShutByMine(item) }]));

/** What I need to hold for a move and am not said to hold at its place. */
export const firstHold = (tree: TreeDocument, id: TransitionId, mine: ReadonlySet<string>): string[] => {
  const transition = indexOf(tree).transitions.get(id);
  return transition ? missingHolds(tree, transition, mine) : [];
};
