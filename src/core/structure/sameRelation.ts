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
  /** Transitions elsewhere that answer the same value, the likest first. */
  readonly transitions: readonly TransitionId[];
}

const wordsOf = (text: string): string =>
  ` ${text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim()} `;

/** Words that tell no two shows apart. */
const LITTLE = new Set('a an and at he his i in into it me my of on onto or out over the to up with'.split(' '));
/** What a word begins with, without its ending: "frames" and "framing" are one. */
const rootOf = (word: string): string => (word.length > 4 ? word.replace(/(ing|ed|es|s)$/, '') : word);
const rootsOf = (text: string): ReadonlySet<string> =>
  new Set(
    wordsOf(text)
      .split(' ')
      .filter((word) => word !== '' && !LITTLE.has(word))
      .map(rootOf),
  );
/** How much two shows have in common, in [0, 1]: all of the shorter one's words, or the same kind of thing with one word. */
function likeness(a: Pick<Value, 'name' | 'kind'>, b: Pick<Value, 'name' | 'kind'>): number {
  const [mine, other] = [rootsOf(a.name), rootsOf(b.name)];
  const common = [...mine].filter((root) => other.has(root)).length;
  const share = common / Math.max(1, Math.min(mine.size, other.size));
  const isSameKind = a.kind === b.kind && a.kind !== 'other' && a.kind !== 'none';
  return share === 1 ? 1 : isSameKind ? share : 0;
}
const LIKE = 0.3;

/** What could answer an unanswered value, from this tree (MODEL §2): said in the same words, or in other words of the same sign. */
export function findSuggestions(
  tree: TreeDocument,
  positionId: PositionId,
  value: Pick<Value, 'id' | 'name' | 'cue' | 'kind'>,
): Suggestions {
  const index = indexOf(tree);
  const said = wordsOf(`${value.name} ${value.cue ?? ''}`);
  const occurs = (name: string): boolean => wordsOf(name).trim() !== '' && said.includes(wordsOf(name));
  const same = wordsOf(value.name);
  /** 2 in the same words, up to 1 in others, 0 not at all. */
  const answersLike = (transition: Transition): number => {
    const from = index.positions.get(transition.from)!;
    const answered = from.reads.flatMap((read) => read.values.filter((item) => namedAt(transition.when, read.id).includes(item.id)));
    return Math.max(0, ...answered.map((item) => (wordsOf(item.name) === same ? 2 : likeness(value, item))));
  };
  return {
    positions: tree.positions
      .filter((position) => position.id !== positionId && [position.name, ...(position.aliases ?? [])].some(occurs))
      .map((position) => position.id),
    transitions: tree.transitions
      .filter((transition) => transition.actor === 'owner' && transition.from !== positionId)
      .map((transition) => ({ id: transition.id, like: answersLike(transition) }))
      .filter(({ like }) => like >= LIKE)
      .sort((a, b) => b.like - a.like)
      .map(({ id }) => id),
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
