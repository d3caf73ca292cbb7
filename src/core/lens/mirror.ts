import { breadthFirst, FAR } from '../graph';
import {
  fieldContent,
  graphOf,
  startsOf,
  type Fact,
  type Picture,
  type Position,
  type PositionId,
  type Step,
  type Transition,
  type TransitionId,
  type TreeDocument,
} from '../tree';
import { holdOfFact } from '../contacts';

/** Marks a move that is the same on both sides or belongs to one: it is not mirrored. */
export const ONE_SIDE_TAG = 'one side only';

export const isOneSided = (transition: Pick<Transition, 'tags'>): boolean => transition.tags?.includes(ONE_SIDE_TAG) ?? false;

/** A side that a word before it asks for: "his left", "step right", "posts with left on the mat". */
const POINTS =
  '(?:the|his|my|own|your|a|near|far|to|from|on|in|with|and|or|then|but|more|turn|step|go|come|circle|roll|lean|move|slide|swing|look|pull|push|drive|switch|shift|run|walk|hop|spin|pivot|cut|drag|pass)(?:s|es|ing|ed|ped|ning)?';
/** "arm left behind", "left the leg", "right there": a verb, or "just". */
const AFTER_ANY = 'behind|alone|free|open|him|his|my|the|there|hanging|bare|exposed|empty';
/** The same after a noun: "hips left on the floor". Without one it is a hand: "left on the collar, right on the belt". */
const AFTER_NOUN = 'on|in|at|under|up|out|off|between|to|by|for|with|without|down|beside|across';
/** Words that say left or right and mean neither; both forms, so that mirroring twice changes nothing. */
const NEITHER = new RegExp(
  [
    '\\b(?:left|right) (?:away|angles?|now|over)\\b',
    '\\ball (?:left|right)\\b',
    `(?<!\\b${POINTS} )\\b(?:left|right) (?:${AFTER_ANY})\\b`,
    `(?<=[a-z] )(?<!\\b${POINTS} )\\b(?:left|right) (?:${AFTER_NOUN})\\b`,
  ].join('|'),
  'gi',
);
const SIDE = /\b(left|right|Left|Right|LEFT|RIGHT)(?![a-z])/g;

function otherSide(word: string): string {
  const other = word.toLowerCase() === 'left' ? 'right' : 'left';
  if (word === word.toUpperCase()) return other.toUpperCase();
  return /^[A-Z]/.test(word) ? `${other.charAt(0).toUpperCase()}${other.slice(1)}` : other;
}

/** The words for the other side: "left hand" as "right hand", "leftHand" as "rightHand". An involution. */
export function mirrorText(text: string): string {
  const kept = [...text.matchAll(NEITHER)].map((match) => [match.index, match.index + match[0].length] as const);
  return text.replace(SIDE, (word, _side: string, at: number) =>
    kept.some(([from, to]) => at >= from && at < to) ? word : otherSide(word),
  );
}

/** A fact that is a hold turns with the hands; a word of the coach's own is a name that other moves know too, and stays. */
const mirrorFact = (fact: Fact): Fact => (holdOfFact(fact) ? mirrorText(fact) : fact);
const mirrorFacts = (facts: unknown): unknown => (Array.isArray(facts) ? facts.map(mirrorFact) : facts);

const mirrorPicture = ({ mirrored, ...rest }: Picture): Picture => (mirrored ? rest : { ...rest, mirrored: true });

function mirrorField(name: string, value: unknown): unknown {
  if (name === 'pictures' && Array.isArray(value)) return mirrorWords(value).map(mirrorPicture);
  const content = fieldContent(name);
  if (content === 'id' || content === 'mark') return value;
  return content === 'fact' ? mirrorFacts(value) : mirrorWords(value);
}

/** Every word of a record for the other side; sides and parts of contacts are words too. */
function mirrorWords<T>(value: T): T {
  if (typeof value === 'string') return mirrorText(value) as T;
  if (Array.isArray(value)) return value.map(mirrorWords) as T;
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, item]) => [key, mirrorField(key, item)])) as T;
}

export const mirrorSteps = (steps: readonly Step[]): Step[] => steps.map(mirrorWords);
const mirrorPosition = (position: Position): Position => mirrorWords(position);
const mirrorTransition = (transition: Transition): Transition => mirrorWords(transition);

export interface Mirrored {
  readonly tree: TreeDocument;
  /** Moves that are bound to their side and stayed as they were. */
  readonly skipped: readonly TransitionId[];
}
/** Which part of a tree is mirrored. */
export interface MirrorPart {
  readonly positions: ReadonlySet<PositionId>;
  readonly transitions: ReadonlySet<TransitionId>;
}

/** What was set aside stays so: the limbs and sides in the key of a finding turn with its move or place. */
function mirrorDismissals(tree: TreeDocument, { positions, transitions }: MirrorPart): TreeDocument['dismissals'] {
  if (!tree.dismissals) return undefined;
  const stems = tree.transitions
    .filter((transition) => transitions.has(transition.id) && !isOneSided(transition))
    .flatMap(({ id }) => [`grips/${id}/`, `missingFact/${id}/`]);
  stems.push(...tree.positions.filter((position) => positions.has(position.id)).map(({ id }) => `grips/at/${id}/`));
  return tree.dismissals.map((item) => {
    const stem = stems.find((start) => item.finding.startsWith(start));
    return stem === undefined ? item : { ...item, finding: `${stem}${mirrorText(item.finding.slice(stem.length))}` };
  });
}

/** A part of the tree for the other side, all else untouched. Twice = the original. */
export function mirrorPart(tree: TreeDocument, part: MirrorPart): Mirrored {
  const { positions, transitions } = part;
  return {
    tree: {
      ...tree,
      starts: tree.starts.map((start) =>
        positions.has(start.position) ? { ...start, ...(start.facts ? { facts: start.facts.map(mirrorFact) } : {}) } : start,
      ),
      ...(tree.dismissals ? { dismissals: mirrorDismissals(tree, part) } : {}),
      positions: tree.positions.map((position) => (positions.has(position.id) ? mirrorPosition(position) : position)),
      transitions: tree.transitions.map((transition) =>
        !transitions.has(transition.id) || isOneSided(transition) ? transition : mirrorTransition(transition),
      ),
    },
    skipped: tree.transitions
      .filter((transition) => transitions.has(transition.id) && isOneSided(transition))
      .map((transition) => transition.id),
  };
}

/** The whole tree for the other side. */
export const mirrorTree = (tree: TreeDocument): Mirrored =>
  mirrorPart(tree, {
    positions: new Set(tree.positions.map((position) => position.id)),
    transitions: new Set(tree.transitions.map((transition) => transition.id)),
  });

/** The branch that begins at a position: it, what is reached from it and in no other way, and the moves out of these. */
export function branchAt(tree: TreeDocument, at: PositionId): MirrorPart {
  const graph = graphOf(tree);
  const first = graph.numberOf.get(at)!;
  const elsewhere = breadthFirst(
    graph.next,
    startsOf(tree, graph).filter((start) => start !== first),
    (to) => to !== first,
  ).steps;
  const branch = breadthFirst(graph.next, [first], (to) => elsewhere[to] === FAR).order;
  const positions = new Set(branch.map((i) => graph.ids[i]!));
  return {
    positions,
    transitions: new Set(tree.transitions.filter((transition) => positions.has(transition.from)).map((transition) => transition.id)),
  };
}
