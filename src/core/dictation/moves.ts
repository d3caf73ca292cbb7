import { thirdPerson } from '../catalogue';
import {
  indexOf,
  positionOf,
  withNewTransition,
  withNewValue,
  withTransition,
  type Actor,
  type PositionId,
  type Read,
  type TransitionId,
  type TreeDocument,
  type ValueId,
  type When,
} from '../tree';
import { valueKindTyped } from '../words';

/** A move as it was typed. */
export interface SpokenMove {
  readonly name: string;
  /** It answers all that he does there. */
  readonly whatever: boolean;
  /** What it is to make him do, as he would show it. */
  readonly toMakeHim: string | null;
}

/** "* push the knee to make him frame": a star in front is "whatever he does", what stands behind "to make him" is hoped for. */
export function spokenMove(typed: string): SpokenMove {
  const text = typed.trim();
  const whatever = text.startsWith('*');
  const said = whatever ? text.slice(1).trim() : text;
  const [, make, so] = /\s(?:to make him\s+(.+)|so that he\s+(.+))$/is.exec(said) ?? [];
  const hoped = make ?? so;
  const name = hoped === undefined ? said : said.replace(/\s(?:to make him|so that he)\s.*$/is, '').trim();
  return { name, whatever, toMakeHim: make === undefined ? (so?.trim() ?? null) : thirdPerson(make.trim()) };
}

export interface MoveAt {
  readonly position: PositionId;
  readonly actor: Actor;
  /** The show it answers, if one. */
  readonly read: string | null;
  readonly when: When | undefined;
}

/** The read that "whatever he does" speaks of: the one that is answered, else what he does. */
const readMeant = (reads: readonly Read[], id: string | null): Read | undefined =>
  reads.find((read) => read.id === id) ?? reads.find((read) => read.kind === 'reaction');

function whenOf(tree: TreeDocument, { position, read, when }: MoveAt, whatever: boolean): When | undefined {
  if (!whatever) return when;
  const meant = readMeant(positionOf(indexOf(tree), position).reads, read);
  return meant && meant.values.length > 0 ? { ...when, [meant.id]: meant.values.map((value) => value.id) } : when;
}

const valueCalled = (tree: TreeDocument, position: PositionId, name: string): ValueId | undefined =>
  positionOf(indexOf(tree), position)
    .reads.flatMap((read) => read.values)
    .find((value) => value.name.toLowerCase() === name.toLowerCase())?.id;

/** Where he shows what a move hopes for: where it begins if that is drawn there, where it lands if it goes on there, else where it begins. */
function withHoped(
  tree: TreeDocument,
  from: PositionId,
  to: PositionId,
  name: string,
): { tree: TreeDocument; value: ValueId; isHere: boolean } {
  const here = valueCalled(tree, from, name);
  if (here !== undefined) return { tree, value: here, isHere: true };
  const there = valueCalled(tree, to, name);
  if (there !== undefined) return { tree, value: there, isHere: false };
  const at = from === to || positionOf(indexOf(tree), to).ends ? from : to;
  const added = withNewValue(tree, at, { name, kind: valueKindTyped(name) });
  return { tree: added.tree, value: added.valueId, isHere: at === from };
}

/**
 * Draws a move as it was typed. What it is to make him do where it begins is also what stops it there: a threat that he answers
 * so. Two moves that hope for each other's cue are then a dilemma (MODEL §2).
 */
export function withMove(
  tree: TreeDocument,
  at: MoveAt,
  { name, whatever, toMakeHim }: SpokenMove,
  to: PositionId,
): { readonly tree: TreeDocument; readonly id: TransitionId } {
  const when = whenOf(tree, at, whatever);
  const added = withNewTransition(tree, { from: at.position, to, actor: at.actor, name, when });
  if (toMakeHim === null) return added;
  const hoped = withHoped(added.tree, at.position, to, toMakeHim);
  const transition = indexOf(hoped.tree).transitions.get(added.id)!;
  const answersIt = Object.values(when ?? {}).some((values) => values.includes(hoped.value));
  return {
    id: added.id,
    tree: withTransition(hoped.tree, {
      ...transition,
      provokes: [hoped.value],
      ...(hoped.isHere && !answersIt ? { stoppedBy: [hoped.value] } : {}),
    }),
  };
}
