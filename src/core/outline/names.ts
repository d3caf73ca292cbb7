import { groupBy, lettersOf, perObject } from '../base';
import { sayPlaceSaid } from '../dictation';
import type { Position, PositionId, Read, Transition, TreeDocument, Value } from '../tree';
import { atom } from './atoms';
import { ARROW, LANDS, parseMove, parsePlaceName, parseShow } from './parse';

/** Which of several of its name each place is, from 1; 0 = the only one. */
const numbers = perObject((tree: TreeDocument): ReadonlyMap<PositionId, number> => {
  const groups = groupBy(tree.positions, (position) => lettersOf(position.name));
  return new Map([...groups.values()].flatMap((same) => same.map((position, i) => [position.id, same.length > 1 ? i + 1 : 0] as const)));
});

/** A place by its name, with "#2" where several are called so. */
export function sayPlaceRef(tree: TreeDocument, { id, name }: Pick<Position, 'id' | 'name'>): string {
  const nth = numbers(tree).get(id) ?? 0;
  const plain = (text: string): boolean => {
    const read = parsePlaceName(text, 0);
    return (
      read.name === text &&
      read.nth === null &&
      read.means === null &&
      read.strange === null &&
      !/^(?:[-#]\s|\.$)|[:;>"]|→/.test(text) &&
      !ARROW.test(` ${text} `)
    );
  };
  return `${atom(name, plain)}${nth === 0 ? '' : ` #${nth}`}`;
}

/** The line that begins what is said of a place. */
export function sayPlaceHead(tree: TreeDocument, position: Position): string {
  const said = position.ends === undefined ? '' : ` (${sayPlaceSaid(position.ends)})`;
  const ref = sayPlaceRef(tree, position);
  const head = `${ref}${said}`;
  // A name that reads like a move ("I … → …") stands in quotes.
  return parseMove(head, 0) === null ? head : `${JSON.stringify(position.name)}${head.slice(ref.length)}`;
}

/** "he frames the hip, often", "inside knee: out (0.12)": what he shows, with how often and of which kind where that is not plain. */
export function sayShowLine(
  read: Pick<Read, 'kind' | 'name'>,
  value: Pick<Value, 'name' | 'kind' | 'share'>,
  wordOf: (share: number) => string | null,
  kindWord: string,
): string {
  const lead =
    read.kind === 'reaction'
      ? 'he '
      : `${atom(read.name, (text) => !/[:;>"→]/.test(text) && !/^(?:he|I|then|-|#)\s/i.test(text) && !LANDS.test(text))}: `;
  const word = value.share === undefined ? null : wordOf(value.share);
  const wanted = { name: value.name, kind: value.kind, ...(value.share === undefined ? {} : { share: value.share }) };
  const figure = value.share === undefined || word !== null ? null : String(value.share);
  const fits = (line: string): boolean => {
    const { cue, items } = parseShow(line);
    const [item] = items;
    return (
      cue === (read.kind === 'reaction' ? null : read.name) &&
      items.length === 1 &&
      item!.name === wanted.name &&
      item!.kind === wanted.kind &&
      item!.share === wanted.share &&
      parseMove(line, 0) === null
    );
  };
  const marks = (kind: string | null): string => {
    const inside = [...(kind === null ? [] : [kind]), ...(figure === null ? [] : [figure])];
    return `${word === null ? '' : `, ${word}`}${inside.length === 0 ? '' : ` (${inside.join('; ')})`}`;
  };
  const plain = atom(value.name, (text) => !/[;>]/.test(text));
  for (const name of [plain, JSON.stringify(value.name)])
    for (const kind of [null, kindWord]) {
      const line = `${lead}${name}${marks(kind)}`;
      if (fits(line)) return line;
    }
  return `${lead}${JSON.stringify(value.name)}${marks(kindWord)}`;
}

/** A move's name without its "I …" or "he …", which the line begins with anyway. */
export function bareName({ actor, name }: Pick<Transition, 'actor' | 'name'>): string {
  const bare = name.replace(actor === 'owner' ? /^I / : /^he /, '');
  return bare.trim() === '' ? name : bare;
}

/** A move's name in its line; `nth`: which of several of that name at the same place, 0 = the only one. */
export function sayMoveRef(move: Pick<Transition, 'actor' | 'name'>, nth: number): string {
  const who = move.actor === 'owner' ? 'I' : 'he';
  const name = bareName(move);
  const plain = (text: string): boolean => {
    const read = parseMove(`${who} ${text} → x`, 0);
    const above = parseMove(`${who} ${text} (as above)`, 0);
    return (
      read?.name === text && read.nth === null && read.to !== 'stays' && read.to?.name === 'x' && above?.name === text && above.nth === null
    );
  };
  return `${who} ${atom(name, plain)}${nth === 0 ? '' : ` #${nth}`}`;
}
