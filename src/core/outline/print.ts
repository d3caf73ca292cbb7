import { groupBy } from '../base';
import {
  defaultKind,
  indexOf,
  landingsOf,
  namedAt,
  positionOf,
  type Position,
  type PositionId,
  type Read,
  type Transition,
  type TreeDocument,
  type Value,
} from '../tree';
import { SHARE_CHOICES, VALUE_KIND_WORDS } from '../words';
import { atom } from './atoms';
import { NO_NAMES, sayDetails, type Names } from './detailKinds';
import { PLACE_DETAILS, TREE_DETAILS, VALUE_DETAILS } from './details';
import { MOVE_DETAILS } from './moveDetails';
import { bareName, sayMoveRef, sayPlaceHead, sayPlaceRef, sayShowLine } from './names';

const wordOf = (share: number): string | null => SHARE_CHOICES.find(([, chance]) => chance === share)?.[0] ?? null;
const showLine = (read: Read, value: Value): string => sayShowLine(read, value, wordOf, VALUE_KIND_WORDS[value.kind]);
/** A value where it is spoken of elsewhere: without how often. */
const valueRef = (read: Read, { name, kind }: Value): string => sayShowLine(read, { name, kind }, wordOf, VALUE_KIND_WORDS[kind]);

/** What is said of the reads beyond their values, where it is not as usual. */
export function sayRead({ kind, name, closed, complete }: Read): string[] {
  const isUsual = kind === 'reaction' ? name === 'he …' : kind === (/^timing$/i.test(name) ? 'timing' : 'cue');
  const usuallyClosed = kind === 'cue' ? true : undefined;
  const says = [
    ...(closed === usuallyClosed ? [] : [closed === true ? 'every value' : closed === false ? 'not every value' : 'open']),
    ...(complete === undefined ? [] : [complete ? 'all drawn' : 'not all drawn']),
    ...(isUsual ? [] : [kind === 'reaction' ? `called ${JSON.stringify(name)}` : kind]),
  ];
  if (says.length === 0) return [];
  return [`- ${kind === 'reaction' ? 'what he does' : `cue ${atom(name, (text) => !/[:"]/.test(text))}`}: ${says.join('; ')}`];
}

const indent = (lines: readonly string[]): string[] => lines.map((line) => `  ${line}`);

/** The read under whose values a move stands: the first that it names. */
const homeOf = ({ reads }: Position, { when }: Transition): Read | undefined => reads.find((read) => namedAt(when, read.id).length > 0);

function namesAt(tree: TreeDocument, move: Transition): Names {
  const from = positionOf(indexOf(tree), move.from);
  const find = ({ reads }: Position, id: string): string | null => {
    const read = reads.find((item) => item.values.some((value) => value.id === id));
    return read
      ? valueRef(
          read,
          read.values.find((value) => value.id === id)!,
        )
      : null;
  };
  const there = (id: string): string | null =>
    landingsOf(move).reduce<string | null>((found, landing) => found ?? find(positionOf(indexOf(tree), landing), id), null);
  return {
    place: (id) => sayPlaceRef(tree, positionOf(indexOf(tree), id)),
    value: (id) => find(from, id) ?? `then ${there(id) ?? JSON.stringify(id)}`,
    placeCalled: () => null,
    valueCalled: () => null,
  };
}

function sayMoveBlock(tree: TreeDocument, move: Transition, ref: string): string[] {
  const from = positionOf(indexOf(tree), move.from);
  const home = homeOf(from, move);
  const names = namesAt(tree, move);
  const others = from.reads.filter((read) => read !== home).flatMap((read) => namedAt(move.when, read.id).map(names.value));
  const { kind, ...rest } = move;
  const said = kind === defaultKind(tree, move.actor) ? rest : move;
  return [
    `${ref} → ${move.to === move.from ? '.' : names.place(move.to)}`,
    ...indent([
      ...(others.length > 0 ? [`- only when: ${others.join('; ')}`] : []),
      ...sayDetails(MOVE_DETAILS, said as Transition, names),
    ]),
  ];
}

/** Moves of one athlete by one name at a place are told apart by a number. */
export const callName = (move: Pick<Transition, 'actor' | 'name'>): string => `${move.actor} ${bareName(move).toLowerCase()}`;

/** The moves out of a place in the order in which an outline writes them: under what he shows, then those whatever he shows. */
export function writtenMoves(tree: TreeDocument, position: Position): Transition[] {
  const moves = indexOf(tree).from.get(position.id) ?? [];
  const under = position.reads.flatMap((read) =>
    read.values.flatMap((value) =>
      moves.filter((move) => homeOf(position, move) === read && namedAt(move.when, read.id).includes(value.id)),
    ),
  );
  return [...new Set([...under, ...moves.filter((move) => !homeOf(position, move))])];
}

/** A place with all that is said of it: details, then what he shows with my answers, then what is done whatever he shows. */
export function sayPlaceBlock(tree: TreeDocument, position: Position): string[] {
  const moves = indexOf(tree).from.get(position.id)!;
  const called = groupBy(writtenMoves(tree, position), callName);
  const refs = new Map(
    [...called.values()].flatMap((same) => same.map((move, i) => [move.id, sayMoveRef(move, same.length > 1 ? i + 1 : 0)] as const)),
  );
  const start = tree.starts.find((item) => item.position === position.id);
  const head = [
    ...(start
      ? [
          `- begins here${start.facts === undefined ? '' : ` with: ${start.facts.map((fact) => atom(fact, (text) => !/[;"]/.test(text))).join('; ')}`}`,
        ]
      : []),
    ...sayDetails(PLACE_DETAILS, position, NO_NAMES),
    ...position.reads.flatMap(sayRead),
  ];
  const written = new Map<string, number>();
  const shows = position.reads.flatMap((read) =>
    read.values.flatMap((value) => {
      // What stands above comes first, in its order: read anew, the moves are in the order in which they are written.
      const here = moves
        .filter((move) => homeOf(position, move) === read && namedAt(move.when, read.id).includes(value.id))
        .toSorted((x, y) => (written.get(x.id) ?? Infinity) - (written.get(y.id) ?? Infinity) || 0);
      const lines = here.flatMap((move) => {
        const ref = refs.get(move.id)!;
        if (written.has(move.id)) return [`${ref} (as above)`];
        written.set(move.id, written.size);
        return sayMoveBlock(tree, move, ref);
      });
      return [showLine(read, value), ...indent([...sayDetails(VALUE_DETAILS, value, NO_NAMES), ...lines])];
    }),
  );
  const silent = moves.filter((move) => !homeOf(position, move)).flatMap((move) => sayMoveBlock(tree, move, refs.get(move.id)!));
  return [sayPlaceHead(tree, position), ...indent([...head, ...shows, ...silent])];
}

/** A tree as an outline (docs/outline.md); `only`: these places, without what is said of the whole tree. */
export function formatOutline(tree: TreeDocument, only?: ReadonlySet<PositionId>): string {
  const head = only ? [] : [`# ${atom(tree.name, () => true)}`, ...sayDetails(TREE_DETAILS, tree, NO_NAMES)];
  const blocks = tree.positions.filter(({ id }) => !only || only.has(id)).map((position) => sayPlaceBlock(tree, position).join('\n'));
  return `${[...(head.length > 0 ? [head.join('\n')] : []), ...blocks].join('\n\n')}\n`;
}
