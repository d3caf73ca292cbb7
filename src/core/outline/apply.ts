import type { Catalogue } from '../catalogue';
import { asSaid } from '../dictation';
import { familyFacts, type Position, type PositionId, type Read, type TreeDocument } from '../tree';
import { readAtom, splitAt } from './atoms';
import { Builder, cleared, readDetails, type OutlineMode, type OutlineReport, type Said } from './builder';
import { NO_NAMES } from './detailKinds';
import { PLACE_DETAILS, TREE_DETAILS } from './details';
import { drawMoves } from './drawMoves';
import { drawShows, OF_READ, readMarks } from './drawShows';
import { IF_IT_FAILS, parseOutline, parsePlaceName, type Block, type MoveNode, type Outline, type OutlineProblem } from './parse';

/** What an outline made of a tree. */
export interface Applied {
  readonly tree: TreeDocument;
  readonly problems: readonly OutlineProblem[];
  readonly report: OutlineReport;
}

/** Blocks in the order in which they are said; what is said of a landing goes with the place that it lands on. */
function placeAll(build: Builder, outline: Outline): { said: Said[]; landings: Map<MoveNode, PositionId> } {
  const landings = new Map<MoveNode, PositionId>();
  const said: Said[] = [];
  const roots = outline.places.flatMap((node) => {
    const id = build.place(node.at, null, null);
    if (id === null) return [];
    if (node.at.means) build.set(asSaid(build.before, build.at(id), node.at.means));
    return [{ id, block: node as Block }];
  });
  const open = [...roots];
  for (let next = open.shift(); next; next = open.shift()) {
    said.push(next);
    const under: Said[] = [];
    for (const move of [...next.block.shows.flatMap((show) => show.moves), ...next.block.moves]) {
      if (move.to === null) continue;
      const isNew = move.to !== 'stays' && build.called.find(move.to.name, move.to.nth) === null;
      const to = move.to === 'stays' ? next.id : build.place(move.to, build.at(next.id), move.actor);
      if (to === null) continue;
      landings.set(move, to);
      for (const { line, text } of move.details)
        if (text.startsWith(`${IF_IT_FAILS}: `))
          build.place(parsePlaceName(text.slice(IF_IT_FAILS.length + 2), line), build.at(next.id), 'opponent');
      if (move.to !== 'stays' && move.to.means && (isNew || build.mode === 'rewrite'))
        build.set(asSaid(build.before, build.at(to), move.to.means));
      if (move.then.shows.length + move.then.moves.length > 0) under.push({ id: to, block: move.then });
    }
    open.unshift(...under);
  }
  return { said, landings };
}

const BEGINS = /^begins here(?:\s+with:\s*(.*))?$/s;
/** What is said of the place itself. */
function drawPlace(build: Builder, { id, block }: Said): void {
  const rest = block.details.filter((node) => !BEGINS.test(node.text) && !OF_READ.test(node.text));
  if (build.isRewritten(id)) {
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
  } else if (build.isRewritten(id)) build.starts.delete(id);
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

/** The tree with what an outline says of it. The tree that is given is never changed; problems name their lines. */
export function applyOutline(tree: TreeDocument, text: string, mode: OutlineMode, catalogue: Catalogue | null = null): Applied {
  const outline = parseOutline(text);
  const build = new Builder(tree, mode, catalogue);
  const { said, landings } = placeAll(build, outline);
  const header = readDetails<TreeDocument>(build, TREE_DETAILS, outline.details, NO_NAMES, 'a tree');
  const shown = said.map((item) => [item, drawShows(build, item)] as const);
  for (const item of said) drawPlace(build, item);
  for (const [item, shows] of shown) drawMoves(build, item, shows, landings);
  const spokenOf = [...new Set(said.map(({ id }) => id))];
  addStarts(build, spokenOf);
  const problems = [...outline.problems, ...build.problems].sort((a, b) => a.line - b.line);
  const named = mode === 'rewrite' && outline.title !== null ? { name: outline.title } : {};
  return { tree: { ...build.tree(), ...header, ...named }, problems, report: build.report(spokenOf) };
}
