import { preventionsAt } from './prevented';
import {
  landingsOf,
  namedAt,
  indexOf,
  type Position,
  type PositionId,
  type Tempo,
  type Transition,
  type TransitionId,
  type TreeDocument,
  type Value,
} from '../tree';

/** Leg relations and stances in which a transition fits: its own, or those of the position it starts from. */
function fitsOf(transition: Transition, from: Position): { legRelations: readonly string[]; stances: readonly string[] } {
  return {
    legRelations: transition.fits?.legRelations ?? (from.legRelation ? [from.legRelation] : []),
    stances: transition.fits?.stances ?? (from.stance ? [from.stance] : []),
  };
}

export interface SameRelation {
  readonly positions: readonly PositionId[];
  /** The owner's transitions of other positions that would fit here. */
  readonly transitions: readonly TransitionId[];
}

/** Where the same leg relation (and stance, where both say one) occurs, and what would fit here (MODEL §2). */
export function findSameRelation(tree: TreeDocument, id: PositionId): SameRelation {
  const index = indexOf(tree);
  const here = index.positions.get(id)!;
  if (!here.legRelation) return { positions: [], transitions: [] };
  const agrees = (relations: readonly string[], stances: readonly string[]): boolean =>
    relations.includes(here.legRelation!) && (!here.stance || stances.length === 0 || stances.includes(here.stance));
  const positions = tree.positions.filter(
    (other) => other.id !== id && other.legRelation && agrees([other.legRelation], other.stance ? [other.stance] : []),
  );
  const present = new Set((index.from.get(id) ?? []).map((transition) => `${transition.to}\n${transition.name.toLowerCase()}`));
  const transitions = tree.transitions.filter((transition) => {
    if (transition.from === id || transition.actor !== 'owner' || present.has(`${transition.to}\n${transition.name.toLowerCase()}`))
      return false;
    const { legRelations, stances } = fitsOf(transition, index.positions.get(transition.from)!);
    return agrees(legRelations, stances) && preventionsAt(here, transition).length === 0;
  });
  return { positions: positions.map((position) => position.id), transitions: transitions.map((transition) => transition.id) };
}

export interface Suggestions {
  /** Positions whose name or alias occurs in what he does. */
  readonly positions: readonly PositionId[];
  /** Transitions elsewhere that answer the same value. */
  readonly transitions: readonly TransitionId[];
}

const wordsOf = (text: string): string =>
  ` ${text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim()} `;

/** What could answer an unanswered value, from this tree (MODEL §2). */
export function findSuggestions(tree: TreeDocument, positionId: PositionId, value: Pick<Value, 'id' | 'name' | 'cue'>): Suggestions {
  const index = indexOf(tree);
  const said = wordsOf(`${value.name} ${value.cue ?? ''}`);
  const occurs = (name: string): boolean => wordsOf(name).trim() !== '' && said.includes(wordsOf(name));
  const same = wordsOf(value.name);
  const answersSame = (transition: Transition): boolean => {
    const from = index.positions.get(transition.from)!;
    return from.reads.some((read) =>
      read.values.some((item) => wordsOf(item.name) === same && namedAt(transition.when, read.id).includes(item.id)),
    );
  };
  return {
    positions: tree.positions
      .filter((position) => position.id !== positionId && [position.name, ...(position.aliases ?? [])].some(occurs))
      .map((position) => position.id),
    transitions: tree.transitions
      .filter((transition) => transition.actor === 'owner' && transition.from !== positionId && answersSame(transition))
      .map((transition) => transition.id),
  };
}

export interface TempoChange {
  readonly transition: TransitionId;
  readonly from: Tempo;
  readonly to: Tempo;
}

/** Transitions after which leg relation and stance are the same and the tempo is not (MODEL §2), where a leg relation is said. */
export function findTempoChanges(tree: TreeDocument): TempoChange[] {
  const { positions } = indexOf(tree);
  return tree.transitions.flatMap((transition): TempoChange[] => {
    const before = positions.get(transition.from)!;
    if (before.legRelation === undefined) return [];
    return landingsOf(transition)
      .map((id) => positions.get(id)!)
      .filter((after) => before.legRelation === after.legRelation && before.stance === after.stance && before.tempo !== after.tempo)
      .map((after) => ({ transition: transition.id, from: before.tempo, to: after.tempo }));
  });
}
