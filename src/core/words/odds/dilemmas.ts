import { SLIGHT, type Strength } from '../../odds';
import { findUnanswered, type Pair } from '../../structure';
import { indexOf, positionOf, type PositionId, type TransitionId, type TreeDocument } from '../../tree';
import { sayPoints } from './advice';
import { inHundred } from '../figures';
import { sayMine, sayShown } from '../tree';

export interface DilemmaLine {
  readonly place: string;
  readonly position: PositionId;
  readonly a: string;
  readonly b: string;
  /** "+1.0" in 100 exchanges there. */
  readonly strength: string;
  readonly isReal: boolean;
  readonly why: string;
}

/** Where a move leads something may have no answer: that is why it is worth little. */
function gapBehind(tree: TreeDocument, move: TransitionId): string {
  const index = indexOf(tree);
  const { to } = index.transitions.get(move)!;
  const place = positionOf(index, to);
  const gap = findUnanswered(tree).find(({ position }) => position === to);
  if (!gap) return `it leads to ${place.name}`;
  const read = place.reads.find(({ id }) => id === gap.read)!;
  return `it leads to ${place.name}, where nothing answers “${sayShown(read, read.values.find(({ id }) => id === gap.value)!.name)}”`;
}

function whyOf(tree: TreeDocument, { a, b, strength, alone, mix, never }: Strength): string {
  const index = indexOf(tree);
  const name = (id: TransitionId): string => `“${sayMine(index.transitions.get(id)!.name)}”`;
  if (strength >= SLIGHT) {
    const worth = `Alone they are worth ${inHundred(alone[0])} and ${inHundred(alone[1])}`;
    const often =
      Math.min(...mix) < 0.05
        ? `where you do not see it, always ${name(mix[0] > mix[1] ? a : b)}`
        : `where you do not see it, ${name(a)} ${inHundred(mix[0])} times`;
    return `${worth}; ${often}.`;
  }
  const weaker = never ?? (alone[0] < alone[1] ? a : b);
  const behind = gapBehind(tree, weaker);
  if (never !== null) return `It only looks like one: ${name(weaker)} never brings more, whatever he shows; ${behind}.`;
  return `It only looks like one: having both adds next to nothing to ${name(weaker === a ? b : a)}; of the other, ${behind}.`;
}

/** A pair of options in words, with how much of a dilemma it is. */
export function dilemmaLine(tree: TreeDocument, strength: Strength): DilemmaLine {
  const index = indexOf(tree);
  const name = (id: TransitionId): string => sayMine(index.transitions.get(id)!.name);
  return {
    place: positionOf(index, strength.position).name,
    position: strength.position,
    a: name(strength.a),
    b: name(strength.b),
    strength: sayPoints(strength.strength),
    isReal: strength.strength >= SLIGHT,
    why: whyOf(tree, strength),
  };
}

export interface DilemmaLines {
  /** Where stopping either opens the other, the strongest first. */
  readonly structural: readonly DilemmaLine[];
  /** Of the other pairs, the strongest. */
  readonly others: readonly DilemmaLine[];
}
const LISTED = 10;

/** Every structural dilemma, and of the other pairs those that are worth a line; `strengths` come the strongest first. */
export function dilemmaLines(tree: TreeDocument, structural: readonly Pair[], strengths: readonly Strength[]): DilemmaLines {
  const keyOf = ({ a, b }: Pick<Pair, 'a' | 'b'>): string => JSON.stringify([a, b].toSorted());
  const isStructural = new Set(structural.map(keyOf));
  const found = strengths.filter((strength) => isStructural.has(keyOf(strength)));
  const others = strengths.filter((strength) => strength.strength >= SLIGHT && !isStructural.has(keyOf(strength))).slice(0, LISTED);
  return { structural: found.map((item) => dilemmaLine(tree, item)), others: others.map((item) => dilemmaLine(tree, item)) };
}
