import type { Advice, Closeness, Defence, Load, Mover, Spread, StartOdds } from '../../odds';
import { indexOf, positionOf, type PositionId, type TreeDocument } from '../../tree';
import { inHundred, plural } from '../figures';
import { sayMine, sayMove, sayShown } from '../tree';

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
  if (advice.kind === 'read') return { todo: 'Practise seeing', what: 'what he shows before you choose', of: null, ...at(advice.position) };
  const transition = index.transitions.get(advice.transition)!;
  return { todo: advice.kind === 'teach' ? 'Teach' : 'Practise', what: sayMove(transition), of: transition.id, ...at(transition.from) };
}

/** "between +0.2 and +4.6", in points of a hundred. */
export const saySpread = ({ low, high }: Spread): string => `between ${sayPoints(low)} and ${sayPoints(high)}`;

/** How far the order of a list can be trusted; '' = its first line stands alone. */
export function sayAlike({ alike, spreads }: Closeness): string {
  if (alike <= 1) return '';
  const which = alike === spreads.length ? 'All of these' : `The first ${alike}`;
  return `${which} are too close to call: with the chances that are typed so far, any of them could bring most.`;
}

const FIELDS: Readonly<Record<'works' | 'offCue' | 'stopped', string>> = {
  works: 'how often it works when it fits what he shows',
  offCue: 'how often it works when it does not fit what he shows',
  stopped: 'how often it works against what stops it',
};

/** What to type first, and why: many guards of the same figure differ only by what nobody has typed. */
export function sayTypeFirst(starts: readonly Pick<StartOdds, 'value'>[], count: number): string {
  const figures = starts.map(({ value }) => inHundred(value));
  const alike = Math.max(0, ...[...new Set(figures)].map((figure) => figures.filter((other) => other === figure).length));
  const these = count === 1 ? 'this one' : `these ${count}`;
  if (alike > 1 && alike * 2 >= starts.length)
    return `${alike} of your ${starts.length} guards show the same figure: they differ only by what nobody has typed. Type ${these} first:`;
  return count === 1
    ? 'Nobody has typed this chance yet, and the figure hangs on it most:'
    : 'Nobody has typed these chances yet, and the figure hangs on them most:';
}

export interface MoverLine {
  readonly what: string;
  readonly place: string;
  readonly position: PositionId;
  readonly of: string;
}
/** A chance to type first, as a coach would say what it is. */
export function moverLine(tree: TreeDocument, mover: Mover): MoverLine {
  const index = indexOf(tree);
  if (mover.kind === 'move') {
    const move = index.transitions.get(mover.transition)!;
    return { what: `${sayMove(move)}: ${FIELDS[mover.field]}`, place: positionOf(index, move.from).name, position: move.from, of: move.id };
  }
  const position = positionOf(index, mover.position);
  const read = position.reads.find(({ id }) => id === mover.read)!;
  const { name } = read.values.find(({ id }) => id === mover.value)!;
  return { what: `${sayShown(read, name)}: how often`, place: position.name, position: position.id, of: mover.value };
}

export interface LoadLine {
  readonly what: string;
  readonly beside: string;
  readonly position: PositionId;
  /** The move; null = the place. */
  readonly of: string | null;
  /** "−5.8" in 100 rounds. */
  readonly load: string;
}
/** What hangs on a move or a place. */
export function loadLine(tree: TreeDocument, load: Load): LoadLine {
  const index = indexOf(tree);
  const points = sayPoints(-load.load);
  if (load.kind === 'place')
    return {
      what: positionOf(index, load.position).name,
      beside: `without the ${plural(load.moves, 'move')} that lead there`,
      position: load.position,
      of: null,
      load: points,
    };
  const move = index.transitions.get(load.transition)!;
  return { what: sayMine(move.name), beside: `at ${positionOf(index, move.from).name}`, position: move.from, of: move.id, load: points };
}

/** What the partner below trains, with what 100 rounds gain the passer if it never came: "+5.8". */
export function defenceLine(tree: TreeDocument, { position: id, read: readId, value, worth }: Defence): LoadLine {
  const position = positionOf(indexOf(tree), id);
  const read = position.reads.find((item) => item.id === readId)!;
  return {
    what: sayShown(read, read.values.find((item) => item.id === value)!.name),
    beside: `at ${position.name}`,
    position: id,
    of: value,
    load: sayPoints(worth),
  };
}
