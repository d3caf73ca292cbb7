import type { Advice } from '../odds';
import { indexOf, positionOf, type PositionId, type TreeDocument } from '../tree';
import { plural } from './figures';
import { sayMove, sayShown } from './tree';

export interface AdviceLine {
  /** "Answer" */
  readonly todo: string;
  readonly what: string;
  readonly place: string;
  readonly position: PositionId;
  /** The show or the move that is meant; null = several. */
  readonly of: string | null;
  /** "+3.1" in 100 rounds. */
  readonly worth: string;
}

/** Points of a hundred with one place behind the point, signed. */
export const sayPoints = (worth: number): string => `${worth < 0 ? '−' : '+'}${Math.abs(worth * 100).toFixed(1)}`;

/** What to work on as one line: what to do, where, and what it adds. */
export function adviceLine(tree: TreeDocument, advice: Advice): AdviceLine {
  const index = indexOf(tree);
  const at = (position: PositionId) => ({ position, place: positionOf(index, position).name, worth: sayPoints(advice.worth) });
  if (advice.kind === 'gap') {
    const read = positionOf(index, advice.position).reads.find(({ id }) => id === advice.read)!;
    const { name } = read.values.find(({ id }) => id === advice.value)!;
    return { todo: 'Answer', what: sayShown(read, name), of: advice.value, ...at(advice.position) };
  }
  if (advice.kind === 'gaps')
    return { todo: 'Answer', what: `all of ${plural(advice.values.length, 'open show')} together`, of: null, ...at(advice.position) };
  const transition = index.transitions.get(advice.transition)!;
  return { todo: advice.kind === 'teach' ? 'Teach' : 'Practise', what: sayMove(transition), of: transition.id, ...at(transition.from) };
}
