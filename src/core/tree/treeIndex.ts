import { required } from '../base';
import type { Position, PositionId, Read, Transition, TransitionId, TreeDocument, Value } from './document';
import { landingsOf } from './meaning';

/** Look-ups over one checked tree; made once per document and shared. */
export interface TreeIndex {
  readonly tree: TreeDocument;
  readonly positions: ReadonlyMap<PositionId, Position>;
  readonly transitions: ReadonlyMap<TransitionId, Transition>;
  /** Both athletes' transitions out of (into) a position, in document order. */
  readonly from: ReadonlyMap<PositionId, readonly Transition[]>;
  readonly to: ReadonlyMap<PositionId, readonly Transition[]>;
}

const made = new WeakMap<TreeDocument, TreeIndex>();

/** Pre: `tree` passed `checkTree`. O(positions + transitions) the first time, then remembered. */
export function indexOf(tree: TreeDocument): TreeIndex {
  const known = made.get(tree);
  if (known) return known;
  const from = new Map<PositionId, Transition[]>(tree.positions.map((position) => [position.id, []]));
  const to = new Map<PositionId, Transition[]>(tree.positions.map((position) => [position.id, []]));
  for (const transition of tree.transitions) {
    required(from.get(transition.from), `position ${transition.from}`).push(transition);
    for (const landing of landingsOf(transition)) required(to.get(landing), `position ${landing}`).push(transition);
  }
  const index: TreeIndex = {
    tree,
    positions: new Map(tree.positions.map((position) => [position.id, position])),
    transitions: new Map(tree.transitions.map((transition) => [transition.id, transition])),
    from,
    to,
  };
  made.set(tree, index);
  return index;
}

export const positionOf = (index: TreeIndex, id: PositionId): Position => required(index.positions.get(id), `position ${id}`);
export const ownerOptions = (index: TreeIndex, id: PositionId): Transition[] =>
  (index.from.get(id) ?? []).filter((t) => t.actor === 'owner');
export const opponentTransitions = (index: TreeIndex, id: PositionId): Transition[] =>
  (index.from.get(id) ?? []).filter((t) => t.actor === 'opponent');

/** The read and value with this value id at a position (value ids are unique within it). */
export function findValue(position: Position, valueId: string): { read: Read; value: Value } | null {
  for (const read of position.reads) {
    const value = read.values.find((item) => item.id === valueId);
    if (value) return { read, value };
  }
  return null;
}
