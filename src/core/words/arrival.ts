import type { LostHold } from '../grips';
import { indexOf, type TreeDocument } from '../tree';
import { sayMove } from './tree';

/** After what a hold is not on any more: each move that lands without it, or the way along which it is let go. */
export function sayLostAfter(tree: TreeDocument, { without, route }: LostHold): string {
  const { transitions } = indexOf(tree);
  const moves = (without.length > 0 ? without : route).map((id) => sayMove(transitions.get(id)!));
  return moves.join(without.length > 0 ? '; ' : ' → ');
}
