import type { Catalogue } from '../catalogue';
import { asSaid, isSaidOf } from '../dictation';
import { familyFacts, type Actor, type Position, type PositionId, type Read, type TreeDocument } from '../tree';
import { OWNER_WORDS, saySaidOfDrawn } from '../words';
import { readAtom, readList, splitAt } from './atoms';
import { Builder, cleared, readDetails, type OutlineMode, type OutlineReport, type Said } from './builder';
import { NO_NAMES } from './detailKinds';
import { PLACE_DETAILS, TREE_DETAILS } from './details';
import { drawMoves, keepMoves } from './drawMoves';
import { drawShows, keepShows, OF_READ, readMarks, type Listed } from './drawShows';
import {
  IF_IT_FAILS,
  OR_IF,
  parseOutline,
  parsePlaceName,
  type MoveNode,
  type Outline,
  type OutlineProblem,
  type PlaceName,
} from './parse';

/** What an outline made of a tree. */
export interface Applied {
  readonly tree: TreeDocument;
  readonly problems: readonly OutlineProblem[];
  readonly report: OutlineReport;
}

/** What is written at the front of the line: the places of their own, each once where they are written anew. */
function placeRoots(build: Builder, { places }: Outline): Said[] {
  const seen = new Set<PositionId>();
  return places.flatMap((node): Said[] => {
    const id = build.place(node.at, null, null);
    if (id === null) return [];
    if (seen.has(id) && build.mode === 'rewrite') {
      build.tell(node.at.line, `“${node.at.name}” is written twice: put it together.`);
      return [];
    }
    seen.add(id);
    if (node.at.means) build.set(asSaid(build.before, build.at(id), node.at.means));
    return [{ id, block: node, rewrites: build.mode === 'rewrite' && !build.isFresh(id) }];
  });
}

/** What is said behind a landing of the place that it lands on: a new one is so; of another it is told if it is not. */
function sayOfLanding(build: Builder, to: PositionId, { line, name, means }: PlaceName): void {
  if (means === null) return;
  const position = build.at(to);
  if (build.isFresh(to)) return build.set(asSaid(build.before, position, means));
  if (!isSaidOf(position, means)) build.tell(line, saySaidOfDrawn(name));
}

/** A place that a detail of a move names, made where there is none yet. */
function placeBeside(text: string, actor: Actor): { readonly place: string; readonly actor: Actor } | null {
  if (text.startsWith(`${IF_IT_FAILS}: `)) return { place: text.slice(IF_IT_FAILS.length + 2), actor: 'opponent' };
  const place = text.startsWith(`${OR_IF}: `) ? splitAt(text.slice(OR_IF.length + 2), '>')[1] : undefined;
  return place === undefined ? null : { place, actor };
}

/** All blocks, those that are written anew first: what stands under a move is said of the place that it lands on, and only comes on top. */
function placeAll(build: Builder, outline: Outline): { said: readonly Said[]; landings: ReadonlyMap<MoveNode, PositionId> } {
  const landings = new Map<MoveNode, PositionId>();
  const said: Said[] = [];
  const open = placeRoots(build, outline);
  // When all names are known: a name goes before another's other word.
  for (const { id, block } of open)
    for (const { text } of block.details) {
      const [, words] = ALSO_CALLED.exec(text) ?? [];
      if (words !== undefined) build.called.addWords(id, readList(words));
    }
  for (let next = open.shift(); next; next = open.shift()) {
    said.push(next);
    const under: Said[] = [];
    for (const move of [...next.block.shows.flatMap((show) => show.moves), ...next.block.moves]) {
      if (move.to === null) continue;
      const to = move.to === 'stays' ? next.id : build.place(move.to, build.at(next.id), move.actor);
      if (to === null) continue;
      landings.set(move, to);
      for (const { line, text } of move.details) {
        const beside = placeBeside(text, move.actor);
        if (beside) build.place(parsePlaceName(beside.place, line), build.at(next.id), beside.actor);
      }
      if (move.to !== 'stays') sayOfLanding(build, to, move.to);
      if (move.then.shows.length + move.then.moves.length > 0) under.push({ id: to, block: move.then, rewrites: false });
    }
    open.unshift(...under);
  }
  return { said: said.toSorted((a, b) => Number(b.rewrites) - Number(a.rewrites)), landings };
}

const ALSO_CALLED = /^also called:\s*(.*)$/s;
const BEGINS = /^begins here(?:\s+with:\s*(.*))?$/s;
/** What is said of the place itself. */
function drawPlace(build: Builder, { id, block, rewrites }: Said): void {
  const rest = block.details.filter((node) => !BEGINS.test(node.text) && !OF_READ.test(node.text));
  if (rewrites) {
    const position = build.at(id);
    const usual = { family: 'transit' as const, lines: [], tempo: 'neutral' as const };
    const reads = position.reads.map(({ complete: _, closed: __, ...read }): Read =>
      read.kind === 'cue' ? { ...read, closed: true } : read,
    );
    build.set({ ...usual, ...cleared(PLACE_DETAILS, position, NO_NAMES), reads } as Position);
  }
  for (const node of block.details) readMarks(build, id, node);
  const said = readDetails<Position>(build, PLACE_DETAILS, rest, NO_NAMES, 'a place');
  build.set({ ...build.at(id), ...said });
  const begins = block.details.map(({ text }) => BEGINS.exec(text)).find((match) => match !== null);
  if (begins) {
    const facts = begins[1] === undefined ? {} : { facts: splitAt(begins[1], ';').map(readAtom) };
    build.starts.set(id, { position: id, ...facts });
  } else if (rewrites) build.starts.delete(id);
}

/** New guards begin the tree where nothing of mine lands on them. */
function addStarts(build: Builder, roots: readonly PositionId[]): void {
  for (const id of roots) {
    if (!build.isFresh(id) || build.starts.has(id)) continue;
    const { family, lines, ends } = build.at(id);
    if (ends === undefined && lines.length === 0 && familyFacts(family).isGuard && !build.isReached(id))
      build.starts.set(id, { position: id });
  }
}

/** What an outline says of the tree: all of it where the tree is new or written anew, else what does not turn it round. */
function headerOf(build: Builder, { details, title }: Outline): Partial<TreeDocument> {
  const header = readDetails<TreeDocument>(build, TREE_DETAILS, details, NO_NAMES, 'a tree');
  const { name, owner, schools, notes, positions } = build.before;
  if (positions.length === 0) return header;
  if (build.mode === 'rewrite' && title !== null) return { ...header, name: title };
  const at = details.find(({ text }) => text.startsWith('for'));
  if (at && header.owner !== undefined && header.owner !== owner)
    build.tell(at.line, `This outline is for ${OWNER_WORDS[header.owner]}; “${name}” is for ${OWNER_WORDS[owner]}.`);
  return {
    ...(header.schools ? { schools: [...new Set([...schools, ...header.schools])] } : {}),
    ...(header.notes !== undefined && notes === undefined ? { notes: header.notes } : {}),
  };
}

/** The tree with what an outline says of it. The tree that is given is never changed; problems name their lines. */
export function applyOutline(tree: TreeDocument, text: string, mode: OutlineMode, catalogue: Catalogue | null = null): Applied {
  const outline = parseOutline(text);
  const build = new Builder(tree, mode, catalogue);
  const { said, landings } = placeAll(build, outline);
  const header = headerOf(build, outline);
  const written = said.filter(({ rewrites }) => rewrites).map(({ id }) => id);
  const listed = new Map(said.map(({ id }): [PositionId, Listed] => [id, new Map()]));
  const shown = said.map((item) => [item, drawShows(build, item, listed.get(item.id)!)] as const);
  for (const id of written) keepShows(build, id, listed.get(id)!);
  for (const item of said) drawPlace(build, item);
  const drawn = new Set(shown.flatMap(([item, shows]) => [...drawMoves(build, item, shows, landings)]));
  for (const id of written) keepMoves(build, id, drawn);
  const spokenOf = [...new Set(said.map(({ id }) => id))];
  addStarts(build, spokenOf);
  const problems = [...outline.problems, ...build.problems].sort((a, b) => a.line - b.line);
  return { tree: { ...build.tree(), ...header }, problems, report: build.report(spokenOf) };
}
