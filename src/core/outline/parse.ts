import { KIND_CALLED, SHARE_CALLED, spokenPlace, spokenShows, type SaidOfPlace, type SpokenShow } from '../dictation';
import type { Actor } from '../tree';
import { valueKindTyped } from '../words';
import { readAtom, readNumbered, takeQuoted } from './atoms';

/** A sentence about a line of an outline, from 1. */
export interface OutlineProblem {
  readonly line: number;
  readonly says: string;
}
export interface DetailNode {
  readonly line: number;
  readonly text: string;
}
/** A name of a place as it stands in a line. */
export interface PlaceName {
  readonly line: number;
  readonly name: string;
  /** Which of several of that name; null = not said. */
  readonly nth: number | null;
  readonly means: SaidOfPlace | null;
  /** A word behind "!" that means nothing; null = none. */
  readonly strange: string | null;
}
/** What is said of a place: what he shows, what is done there whatever he shows, and details. */
export interface Block {
  readonly shows: ShowNode[];
  readonly moves: MoveNode[];
  readonly details: DetailNode[];
}
export interface PlaceNode extends Block {
  readonly at: PlaceName;
}
export interface ShowNode {
  readonly line: number;
  readonly cue: string | null;
  readonly items: readonly SpokenShow[];
  readonly moves: MoveNode[];
  readonly details: DetailNode[];
}
export interface MoveNode {
  readonly line: number;
  readonly actor: Actor;
  readonly name: string;
  readonly nth: number | null;
  /** Where it lands; null = it stands above already. */
  readonly to: PlaceName | 'stays' | null;
  readonly details: DetailNode[];
  /** What is said of where it lands. */
  readonly then: Block;
}
export interface Outline {
  readonly title: string | null;
  /** Of the whole tree. */
  readonly details: readonly DetailNode[];
  readonly places: readonly PlaceNode[];
  readonly problems: readonly OutlineProblem[];
}

export const ARROW = /\s+(?:→|->|lands on|he gets to)\s+/;
export const IF_IT_FAILS = 'if it fails';
/** Where success leads when he shows this: "or if: he pulls out > Lower ankle". */
export const OR_IF = 'or if';
const ELSE_WHERE = /^or if\s+(\S.*?)\s*(?:→|->)\s*(.+)$/s;
/** "if it fails → Half guard", with or without the mark of a detail. */
const FAILS = /^(?:- )?if it fails\s*(?::|→|->)\s*(.+)$/s;
const AS_ABOVE = /\s*\(as above\)$/;
export const STAYS = '.';

/** A line of shows, its names plain or in quotes: `he "1/2 grip", often (grip; 0.125)`. */
export function parseShow(text: string): { readonly cue: string | null; readonly items: readonly SpokenShow[] } {
  const isHis = /^he\s/i.test(text);
  const said = isHis ? text.slice(3).trim() : text;
  const [cue, rest] = isHis ? [null, said] : takeCue(said);
  const quoted = takeQuoted(rest);
  const exact = quoted ? withMarks(quoted.name, quoted.rest) : null;
  if (exact) return { cue, items: [exact] };
  const [, name, marks] = /^(.*\S)\s*(\((?:[^()]*;\s*)?(?:0|1|0?\.\d+)\))$/s.exec(rest) ?? [];
  const marked = name === undefined ? null : withMarks(name, marks!);
  if (marked) return { cue, items: [marked] };
  const { shows } = spokenShows(cue === null ? rest : `cue: ${rest}`);
  // What he does may have a colon in it, which would be taken for a cue.
  return { cue, items: cue === null && spokenShows(rest).cue !== null ? [{ name: rest, kind: valueKindTyped(rest) }] : shows };
}

function takeCue(text: string): [string, string] {
  const quoted = takeQuoted(text);
  if (quoted?.rest.startsWith(':')) return [quoted.name, quoted.rest.slice(1).trim()];
  const at = text.indexOf(':');
  return at < 0 ? [text, ''] : [text.slice(0, at).trim(), text.slice(at + 1).trim()];
}

/** What stands behind a name: how often as a word or a figure, and of which kind. */
function withMarks(name: string, marks: string): SpokenShow | null {
  const [, word, inside] = /^(?:,\s*(\w+)\s*)?(?:\(\s*([^()]*?)\s*\))?$/.exec(marks) ?? [];
  if (marks !== '' && word === undefined && inside === undefined) return null;
  let share = word === undefined ? undefined : SHARE_CALLED.get(word);
  let kind = valueKindTyped(name);
  for (const mark of inside === undefined ? [] : inside.split(/\s*;\s*/)) {
    const known = KIND_CALLED.get(mark);
    if (known) kind = known;
    else if (/^(?:0|1|0?\.\d+)$/.test(mark)) share = Number(mark);
    else return null;
  }
  if (word !== undefined && share === undefined) return null;
  return { name, kind, ...(share === undefined ? {} : { share }) };
}

export function parsePlaceName(text: string, line: number): PlaceName {
  const quoted = takeQuoted(text);
  const [, number, inside] = quoted ? (/^(#\d{1,4})?\s*(?:\(([^()]*)\))?$/.exec(quoted.rest) ?? []) : [];
  if (quoted && (quoted.rest === '' || number !== undefined || inside !== undefined)) {
    const { means } = spokenPlace(`x (${inside ?? ''})`);
    return { line, name: quoted.name, nth: number === undefined ? null : Number(number.slice(1)), means, strange: null };
  }
  const { name, said, means } = spokenPlace(text);
  return { line, ...readNumbered(name), means, strange: means === null ? said : null };
}

/** "I cut the knee → Side pin", "he sweeps me → Swept", "I cut the knee (as above)"; null = it is no move. */
export function parseMove(text: string, line: number): Omit<MoveNode, 'details' | 'then'> | null {
  const [, who, rest] = /^(I|he)\s+(.*)$/s.exec(text) ?? [];
  if (who === undefined || rest === undefined) return null;
  const actor: Actor = who === 'I' ? 'owner' : 'opponent';
  const quoted = takeQuoted(rest);
  const tail = quoted ? ` ${quoted.rest}` : rest;
  if (AS_ABOVE.test(tail)) {
    const before = tail.replace(AS_ABOVE, '').trim();
    const named = quoted ? { name: quoted.name, nth: readNumbered(`x ${before}`).nth } : readNumbered(before);
    return { line, actor, ...named, to: null };
  }
  const arrow = ARROW.exec(`${tail} `);
  if (!arrow) return null;
  const before = tail.slice(0, arrow.index).trim();
  const named = quoted ? { name: quoted.name, nth: readNumbered(`x ${before}`).nth } : readNumbered(before);
  const to = tail.slice(arrow.index + arrow[0].length).trim();
  return { line, actor, ...named, to: to === STAYS || to === '' ? 'stays' : parsePlaceName(to, line) };
}

const emptyBlock = (): Block => ({ shows: [], moves: [], details: [] });

type Open =
  | { readonly indent: number; readonly kind: 'place'; readonly block: Block }
  | { readonly indent: number; readonly kind: 'show'; readonly node: ShowNode }
  | { readonly indent: number; readonly kind: 'move'; readonly node: MoveNode };

export const LANDS = /^\s*(?:→|->|lands on\b|he gets to\b)/;
const indentOf = (line: string): number => /^\s*/.exec(line.replace(/\t/g, '  '))![0].length;
/** A move whose landing stands on a line of its own is one line; the numbers of the lines stay. */
function joined(lines: readonly string[]): string[] {
  const whole = [...lines];
  for (let i = 1; i < whole.length; i++)
    if (
      LANDS.test(whole[i]!) &&
      indentOf(whole[i]!) >= indentOf(whole[i - 1]!) &&
      /^\s*(?:I|he)\s/.test(whole[i - 1]!) &&
      parseMove(whole[i - 1]!.trim(), 0) === null
    ) {
      whole[i - 1] = `${whole[i - 1]!.trimEnd()} ${whole[i]!.trim()}`;
      whole[i] = '';
    }
  return whole;
}

/** An outline as lines under lines. Never throws; what cannot be read is told with its line and left out. */
export function parseOutline(text: string): Outline {
  const problems: OutlineProblem[] = [];
  const places: PlaceNode[] = [];
  const details: DetailNode[] = [];
  let title: string | null = null;
  const open: Open[] = [];

  const addMove = (into: MoveNode[], read: Omit<MoveNode, 'details' | 'then'>, indent: number): void => {
    const node: MoveNode = { ...read, details: [], then: emptyBlock() };
    into.push(node);
    open.push({ indent, kind: 'move', node });
  };
  const addShow = (block: Block, line: number, said: string, indent: number): void => {
    const node: ShowNode = { line, ...parseShow(said), moves: [], details: [] };
    if (node.items.length === 0) return void problems.push({ line, says: 'A line of what he shows has no words.' });
    block.shows.push(node);
    open.push({ indent, kind: 'show', node });
  };
  const isShow = (said: string): boolean => /^he\s/i.test(said) || said.includes(':');

  const addUnder = (over: Open, line: number, said: string, indent: number): void => {
    const move = parseMove(said, line);
    const [, fails] = FAILS.exec(said) ?? [];
    const [, shows, other] = (over.kind === 'move' && ELSE_WHERE.exec(said)) || [];
    const spoken = fails !== undefined ? `${IF_IT_FAILS}: ${fails}` : shows !== undefined ? `${OR_IF}: ${shows} > ${other}` : null;
    const detail = spoken ?? (said.startsWith('- ') ? said.slice(2).trim() : null);
    if (detail !== null) (over.kind === 'place' ? over.block.details : over.node.details).push({ line, text: detail });
    else if (over.kind === 'show') {
      if (move) addMove(over.node.moves, move, indent);
      else
        problems.push({
          line,
          says: `“${said}” is no move. Under what he shows stands what I do, and where it lands: I cut the knee → Side pin.`,
        });
    } else {
      const block = over.kind === 'place' ? over.block : over.node.then;
      if (move) addMove(block.moves, move, indent);
      else if (/^I\s/.test(said))
        problems.push({ line, says: `“${said}” does not say where it lands: write “→” and the place, or “→ .” if you stay.` });
      else if (isShow(said)) addShow(block, line, said, indent);
      else problems.push({ line, says: `“${said}” is neither what he shows (he …, or a cue: its value) nor a move (I … → …).` });
    }
  };

  joined(text.split(/\r\n|\r|\n/)).forEach((raw, i) => {
    const line = i + 1;
    const said = raw.trim();
    if (said === '') return;
    const indent = indentOf(raw);
    while (open.length > 0 && open.at(-1)!.indent >= indent) open.pop();
    const over = open.at(-1);
    if (over) addUnder(over, line, said, indent);
    else if (/^#\s/.test(said)) title = readAtom(said.slice(1));
    else if (said.startsWith('- ')) {
      if (places.length === 0) details.push({ line, text: said.slice(2).trim() });
      else problems.push({ line, says: `“${said}” stands under nothing: move it in.` });
    } else if (parseMove(said, line)) problems.push({ line, says: `“${said}” stands under no place: begin with the name of the place.` });
    else {
      const node: PlaceNode = { at: parsePlaceName(said.replace(/:$/, ''), line), ...emptyBlock() };
      places.push(node);
      open.push({ indent, kind: 'place', block: node });
    }
  });
  return { title, details, places, problems };
}
