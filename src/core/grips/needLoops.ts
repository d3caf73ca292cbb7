import type { Fact, Transition, TransitionId, TreeDocument } from '../tree';
import { factEffectsOf } from './facts';

/** Each transition needs what only the next one makes, the last what only the first makes: none can ever begin. */
export interface NeedLoop {
  readonly transitions: readonly TransitionId[];
  /** `facts[i]` is what `transitions[i]` waits for. */
  readonly facts: readonly Fact[];
}

/** Facts that can come about at all, wherever in the tree: the least fixed point of "made by something whose needs can". */
function obtainableFacts(tree: TreeDocument): Set<Fact> {
  const effects = factEffectsOf(tree);
  const facts = new Set(effects.given.flatMap((given) => [...given]));
  let waiting = tree.transitions.filter((transition) => effects.makesOf(transition).length > 0);
  for (let before = -1; before !== waiting.length;) {
    before = waiting.length;
    waiting = waiting.filter((transition) => {
      if (!effects.needsOf(transition).every((fact) => facts.has(fact))) return true;
      for (const fact of effects.makesOf(transition)) facts.add(fact);
      return false;
    });
  }
  return facts;
}

/** Loops of "first this": every transition that waits for itself, once, in document order. Facts nothing makes are no loop. */
export function findNeedLoops(tree: TreeDocument): NeedLoop[] {
  const obtainable = obtainableFacts(tree);
  const effects = factEffectsOf(tree);
  const makerOf = new Map<Fact, Transition>();
  for (const transition of tree.transitions)
    for (const fact of effects.makesOf(transition)) if (!makerOf.has(fact)) makerOf.set(fact, transition);
  const stuckNeed = (transition: Transition): Fact | undefined =>
    effects.needsOf(transition).find((fact) => !obtainable.has(fact) && makerOf.has(fact));
  const loops: NeedLoop[] = [];
  const visited = new Set<TransitionId>();
  for (const first of tree.transitions) {
    const path: Transition[] = [];
    const facts: Fact[] = [];
    let at = first;
    for (let fact = stuckNeed(at); fact !== undefined && !visited.has(at.id); fact = stuckNeed(at)) {
      visited.add(at.id);
      path.push(at);
      facts.push(fact);
      at = makerOf.get(fact)!;
    }
    const begins = path.indexOf(at);
    if (begins >= 0) loops.push({ transitions: path.slice(begins).map((transition) => transition.id), facts: facts.slice(begins) });
  }
  return loops;
}
