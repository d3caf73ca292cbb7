import type { Pair } from '../structure';
import { indexOf, positionOf, type PositionId, type TransitionId, type TreeDocument, type ValueId } from '../tree';
import { sayShownAt } from './routes';
import { sayMine, sayValue } from './tree';

const move = (tree: TreeDocument, id: TransitionId): string => sayMine(indexOf(tree).transitions.get(id)!.name);
const shown = (tree: TreeDocument, at: PositionId, values: readonly ValueId[]): string => sayShownAt(positionOf(indexOf(tree), at), values);

/** "I cut across / I fold the shield: if he frames, the second; if he turns in, the first." */
export const sayDilemma = (tree: TreeDocument, { position, a, b, aToB, bToA }: Pair): string =>
  `${move(tree, a)} / ${move(tree, b)}: if ${shown(tree, position, aToB)}, the second; if ${shown(tree, position, bToA)}, the first.`;
export const sayHalfDilemma = (tree: TreeDocument, { position, a, b, aToB }: Pair): string =>
  `${move(tree, a)} is stopped if ${shown(tree, position, aToB)}; then ${move(tree, b)}. The opposite threat is missing.`;

/** "he frames: what he gets if it works": what is to be drawn. */
export const sayUnpriced = (tree: TreeDocument, at: PositionId, value: ValueId): string =>
  `${sayValue(positionOf(indexOf(tree), at), value)}: what he gets if it works`;
