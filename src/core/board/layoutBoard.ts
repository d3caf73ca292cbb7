import { atOnce, groupBy, type InPieces } from '../base';
import type { PositionId, TransitionId, TreeDocument } from '../tree';
import { draftOf, type BoardOptions, type Draft } from './draft';
import { stackRows, type BandLabel, type Heights } from './stack';
import { climbPath, fallPath, type Climb } from './climbs';
import { placeInColumns } from './columns';
import { layeringOf, orderLayersInPieces } from './crossings';
import { backX, besideColumns, columnX, LEFT_RAIL, MAX_SIDEWAYS, MAX_SUB_ROWS, pitchOf, rightRailX, spanWidth } from './grid';
import { placeRung, type PlacedRung } from './placedRung';
import type { Row } from './rows';
import type { Rung, Section } from './rungs';

export interface BoardLayout {
  readonly width: number;
  readonly height: number;
  readonly leftRail: number;
  readonly rightRail: number;
  readonly back: number;
  readonly bands: readonly BandLabel[];
  readonly rungs: readonly PlacedRung[];
  readonly climbs: readonly Climb[];
  readonly falls: readonly Climb[];
  readonly columns: ReadonlyMap<PositionId, number>;
}

/** Beyond this many rungs only what is seen is ordered, and by what is near: a chain through hundreds of rows helps nobody. */
const MANY_RUNGS = 400;
const LONG_EDGE = 6;

/** The rows of each band that are not folded away. */
function visibleRows(rows: readonly Row[]): Row[] {
  const count = new Map<number, number>();
  return rows.filter(({ band }) => {
    count.set(band, (count.get(band) ?? 0) + 1);
    return count.get(band)! <= MAX_SUB_ROWS;
  });
}

/** Pass 2: the order within rows. Guards keep the coach's order; with an earlier layout everything known keeps its order. */
function* orderRows(draft: Draft, previous: BoardOptions['previous'], unfold: boolean): InPieces<readonly (readonly number[])[]> {
  const { rungs } = draft;
  const rows = rungs.length > MANY_RUNGS && !unfold ? visibleRows(draft.rows) : draft.rows;
  const rowOf = new Map(rows.flatMap((row, i) => row.members.map((member) => [member, i] as const)));
  const edges = draft.answers.flatMap(([from, to]) =>
    rowOf.has(from) &&
    rowOf.has(to) &&
    rowOf.get(to)! > rowOf.get(from)! &&
    (rungs.length <= MANY_RUNGS || rowOf.get(to)! - rowOf.get(from)! <= LONG_EDGE)
      ? [[from, to] as const]
      : [],
  );
  if (previous && previous.size > 0) {
    const column = new Map(rungs.map((rung, i) => [i, previous.get(rung.id)]));
    return draft.rows.map((row) => row.members.toSorted((a, b) => wantedColumn(a, column, edges) - wantedColumn(b, column, edges)));
  }
  const frozen = new Set(rows.flatMap((row, i) => (row.members.every((member) => rungs[member]!.isGuard) ? [i] : [])));
  const layering = layeringOf(
    rungs.length,
    rows.map((row) => row.members),
    edges,
  );
  const ordered = yield* orderLayersInPieces(layering, { frozen, beginnings: rungs.length > MANY_RUNGS ? 1 : 2 });
  const orderOf = new Map(rows.map((row, i) => [row, ordered[i]!.filter((node) => node < rungs.length)]));
  return draft.rows.map((row) => orderOf.get(row) ?? row.members);
}

/** The known column, or for something new the mean of what leads to it (far right without any). */
function wantedColumn(
  rung: number,
  column: ReadonlyMap<number, number | undefined>,
  edges: readonly (readonly [number, number])[],
): number {
  const known = column.get(rung);
  if (known !== undefined) return known;
  const before = edges.flatMap(([from, to]) => (to === rung ? (column.get(from) ?? []) : []));
  return before.length === 0 ? Number.MAX_SAFE_INTEGER : before.reduce((sum, item) => sum + item, 0) / before.length + 0.01;
}

/** Pass 3: columns, bottom to top, each row as near as it can be to what leads to it. */
function placeColumns(draft: Draft, order: readonly (readonly number[])[], previous: BoardOptions['previous']): number[] {
  const { grid, rungs, spans, answers } = draft;
  const first = new Array<number>(rungs.length).fill(-1);
  const middle = (i: number): number => first[i]! + (spans[i]! - 1) / 2;
  const into = new Map<number, number[]>();
  for (const [from, to] of answers) {
    const before = into.get(to);
    if (before) before.push(from);
    else into.set(to, [from]);
  }
  for (const members of order) {
    const total = members.reduce((sum, i) => sum + spans[i]!, 0);
    const wishes = members.map((i, at) => {
      const known = previous?.get(rungs[i]!.id);
      if (known !== undefined) return { span: spans[i]!, wanted: known + (spans[i]! - 1) / 2, weight: 100 };
      const before = (into.get(i) ?? []).filter((from) => first[from]! >= 0);
      const wanted =
        before.length === 0 ? (rungs[i]!.isGuard ? at : null) : before.reduce((sum, from) => sum + middle(from), 0) / before.length;
      return { span: spans[i]!, wanted, weight: 1 };
    });
    placeInColumns(wishes, Math.max(grid.columns, total)).forEach((column, at) => (first[members[at]!] = column));
  }
  return first;
}

/** Sections left to right by where their answers land, so that fans do not cross; what has no answer keeps to its middle. */
function orderSections(rung: Rung, landingX: (id: TransitionId) => number | null, middle: number): Section[] {
  const wanted = (section: Section): number => {
    const landings = section.answers.flatMap((id) => landingX(id) ?? []);
    return landings.length === 0 ? middle : landings.reduce((sum, x) => sum + x, 0) / landings.length;
  };
  return rung.sections
    .map((section, i) => ({ section, i, wanted: wanted(section) }))
    .sort((a, b) => a.wanted - b.wanted || a.i - b.i)
    .map((item) => item.section);
}

/**
 * The climb as geometry: rows by lines held, columns by what leads where, climbs in the gutters (DESIGN).
 * Passes: draft → order → columns → stack → words and routes. Deterministic. Pre: the tree is checked.
 */
export const layoutBoard = (tree: TreeDocument, options: BoardOptions): BoardLayout => atOnce(layoutBoardInPieces(tree, options));

/** Which climbs are too far to be drawn as a line: to the back, down or sideways, or over many columns. */
function farRule({ rungs, rows, spans }: Draft, first: readonly number[]): (from: number, to: number) => boolean {
  const rowOf = new Map(rows.flatMap((row, i) => row.members.map((member) => [member, i] as const)));
  /** Columns between two spans; 0 when they overlap. */
  const sideways = (a: number, b: number): number =>
    Math.max(0, first[a]! - (first[b]! + spans[b]! - 1), first[b]! - (first[a]! + spans[a]! - 1));
  return (from, to) =>
    rungs[to]!.zone !== rungs[from]!.zone ||
    rungs[to]!.zone === 'back' ||
    rowOf.get(to)! <= rowOf.get(from)! ||
    sideways(from, to) > MAX_SIDEWAYS;
}

/** Pass 5: the words of every rung that has a height; sections in the order of where their answers land. */
function placeRungs(
  { grid, rungs, spans, answers }: Draft,
  first: readonly number[],
  heights: Heights,
  far: readonly (readonly [number, number, TransitionId])[],
): Map<number, PlacedRung> {
  const middle = (i: number): number => first[i]! + (spans[i]! - 1) / 2;
  const landing = new Map(answers.map(([, to, id]) => [id, rungs[to]!.zone === 'back' ? Number.MAX_SAFE_INTEGER : middle(to)]));
  const farOf = groupBy(far, ([from]) => from);
  const placed = new Map<number, PlacedRung>();
  for (const [i, rung] of rungs.entries()) {
    const y = heights.y.get(i);
    if (y === undefined) continue;
    const place =
      rung.zone === 'back'
        ? { column: grid.columns, span: 1, x: backX(grid), y, width: grid.rungWidth }
        : { column: first[i]!, span: spans[i]!, x: columnX(grid, first[i]!), y, width: spanWidth(grid, spans[i]!) };
    const sections = orderSections(rung, (id) => landing.get(id) ?? null, middle(i));
    const stubs = [...new Set((farOf.get(i) ?? []).map(([, to]) => rungs[to]!.name))];
    const folded = (heights.folded.get(i) ?? []).map((hidden) => rungs[hidden]!.id);
    placed.set(i, placeRung(rung, place, sections, stubs, folded));
  }
  return placed;
}

/** The same, a piece for each pass and each sweep of the order. */
export function* layoutBoardInPieces(tree: TreeDocument, options: BoardOptions): InPieces<BoardLayout> {
  const { grid, previous, unfold = false } = options;
  const draft = draftOf(tree, options);
  const { rungs } = draft;
  yield;
  const order = yield* orderRows(draft, previous, unfold);
  yield;
  const first = placeColumns(draft, order, previous);
  yield;
  const isFar = farRule(draft, first);
  const far = draft.drawn.filter(([from, to]) => isFar(from, to));
  const heights = stackRows(draft, order, first, new Set(far.map(([from]) => from)), unfold);
  const placed = placeRungs(draft, first, heights, far);
  const climbs = draft.drawn.flatMap(([from, to, id], lane): Climb[] => {
    const [a, b] = [placed.get(from), placed.get(to)];
    return a && b ? [climbPath(grid, a, b, id, isFar(from, to), lane)] : [];
  });
  const falls = draft.falls.flatMap(([from, to, id]): Climb[] => {
    const [a, b] = [placed.get(from), placed.get(to)];
    return a && b ? [fallPath(grid, a, b, id)] : [];
  });
  const widest = Math.max(grid.columns, ...[...placed.values()].map((rung) => (rung.rung.zone === 'back' ? 0 : rung.column + rung.span)));
  return {
    width: besideColumns(grid.rungWidth) + widest * pitchOf(grid),
    height: heights.height,
    leftRail: LEFT_RAIL,
    rightRail: rightRailX(grid),
    back: backX(grid) - 8,
    bands: heights.bands,
    rungs: [...placed.values()],
    climbs,
    falls,
    columns: new Map(rungs.flatMap((rung, i) => (first[i]! >= 0 ? [[rung.id, first[i]!] as const] : []))),
  };
}
