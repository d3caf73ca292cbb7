import { defaultsOf, indexOf, type Defaults, type Position, type Transition, type TreeDocument } from '../../tree';
import { undrawnChance } from './chances';
import type { Objective } from './objective';
import { recoversTo } from './recovers';

/** An owner's option; null = hold: wait for another show. */
export type Row = Transition | null;

/** Announced transitions take no part. */
export const isTaught = (transition: Transition): boolean => transition.announced !== true;

/** Goes on in another tree, with nothing here that is taught. */
export const goesElsewhere = (position: Position, ways: readonly Transition[]): boolean =>
  position.continuesIn !== undefined && position.ends === undefined && !ways.some(isTaught);

/** What is found once on the tree and stays what it is while something in it is tried otherwise. */
export interface Standing {
  readonly recoversTo: Int32Array;
  /** Goes on in another tree, by position in document order. */
  readonly isElsewhere: Uint8Array;
  readonly undrawn: Float64Array;
}

export function standingOf(tree: TreeDocument): Standing {
  const { from } = indexOf(tree);
  return {
    recoversTo: recoversTo(tree),
    isElsewhere: Uint8Array.from(tree.positions, (position) => Number(goesElsewhere(position, from.get(position.id)!))),
    undrawn: Float64Array.from(tree.positions, undrawnChance),
  };
}

/** What the cells of any place are made with. */
export interface Here {
  readonly defaults: Defaults;
  readonly stateOf: ReadonlyMap<string, number>;
  readonly standing: Standing;
  /** Of a success of a transition that lands at a state. */
  readonly rewardOf: (transition: Transition, to: number) => number;
  /** Whole, ≥ 1. */
  readonly secondsOf: (transition: Transition) => number;
}
export const hereOf = (tree: TreeDocument, standing: Standing, objective: Objective): Here => {
  const defaults = defaultsOf(tree);
  return {
    rewardOf: ({ actor, kind }, to) => objective.move(actor, kind, tree.positions[to]!.ends),
    secondsOf: ({ seconds }) => Math.max(1, Math.round(seconds ?? defaults.seconds)),
    defaults,
    stateOf: new Map(tree.positions.map(({ id }, i) => [id, i])),
    standing,
  };
};
