import { atOnce, groupBy, type InPieces } from '../base';
import { indexOf, LINES, type Line, type PositionId, type TransitionId, type TreeDocument } from '../tree';
import { climbPath, fallPath, type Climb } from './climbs';
import { placeInColumns } from './columns';
import { layeringOf, orderLayersInPieces } from './crossings';
import { BACK_GAP, backX, columnX, LEFT_RAIL, MAX_SIDEWAYS, MAX_SUB_ROWS, rightRailX, spanOf, spanWidth, type Grid } from './grid';
import { extentOf, placeRung, thicknessOf, type PlacedRung } from './placedRung';
import { assignRows, bandOf, BANDS, type Row } from './rows';
import { rungsOf, type Rung, type Section } from './rungs';

export interface BoardOptions {
  readonly grid: Grid;
  /** Positions shown; absent = all. */
  readonly only?: ReadonlySet<PositionId>;
  /** Columns of an earlier layout: what was there stays in its order. */
  readonly previous?: ReadonlyMap<PositionId, number>;
  /** The tree whose answers decide where things stand, if not all of them are drawn: a filter then moves nothing. */
  readonly arrangedBy?: TreeDocument;
  /** Show every sub-row instead of folding the fourth and later ones. */
  readonly unfold?: boolean;
}
export interface BandLabel {
  readonly label: Line | 'facing' | 'under' | 'ground';
  /** The line itself, at the lower edge of its band. */
  readonly y: number;
}
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

const MIN_BAND = 30;
/** Rows of a band never come nearer than this. */
const MIN_PITCH = 34;
const TOP = 6;
const BAND_NAMES = ['ground', 'under', 'facing', ...LINES] as const;

interface Draft {
  readonly grid: Grid;
  readonly rungs: readonly Rung[];
  /** Owner's transitions between shown rungs as [from, to, id]: those that arrange, and those that are drawn. */
  readonly drawn: readonly (readonly [number, number, TransitionId])[];
  readonly answers: readonly (readonly [number, number, TransitionId])[];
  readonly falls: readonly (readonly [number, number, TransitionId])[];
  readonly spans: readonly number[];
  readonly rows: readonly Row[];
}

/** Pass 1: what is shown, in which rows. Post: heights are those of the lines held. */
function draftOf(tree: TreeDocument, { grid, only, arrangedBy = tree }: BoardOptions): Draft {
  const rungs = rungsOf(tree, only);
  const numberOf = new Map(rungs.map((rung, i) => [rung.id, i]));
  const pairs = (from: TreeDocument, actor: 'owner' | 'opponent') =>
    rungs
      .flatMap((rung) => indexOf(from).from.get(rung.id) ?? [])
      .flatMap((t) => (t.actor === actor && numberOf.has(t.to) ? [[numberOf.get(t.from)!, numberOf.get(t.to)!, t.id] as const] : []));
  const spans = rungs.map((rung) => spanOf(grid, rung));
  const answers = pairs(arrangedBy, 'owner');
  const rows = assignRows({ rungs, answers: answers.map(([from, to]) => [from, to]), spans, columns: grid.columns });
  return { grid, rungs, answers, drawn: arrangedBy === tree ? answers : pairs(tree, 'owner'), falls: pairs(tree, 'opponent'), spans, rows };
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

interface Heights {
  /** Top of the bar per rung. */
  readonly y: ReadonlyMap<number, number>;
  readonly bands: readonly BandLabel[];
  readonly height: number;
  /** Rungs hidden in another one's fold, by the rung that shows them. */
  readonly folded: ReadonlyMap<number, readonly number[]>;
}

interface Stack {
  readonly visible: readonly (readonly number[])[];
  readonly hidden: readonly number[];
}
function foldBand(rows: readonly (readonly number[])[], unfold: boolean): Stack {
  if (unfold || rows.length <= MAX_SUB_ROWS) return { visible: rows, hidden: [] };
  return { visible: rows.slice(0, MAX_SUB_ROWS), hidden: rows.slice(MAX_SUB_ROWS).flat() };
}

const range = (from: number, count: number): number[] => Array.from({ length: count }, (_, i) => from + i);
const widestOf = (grid: Grid, first: readonly number[], spans: readonly number[]): number =>
  first.reduce((most, column, i) => Math.max(most, column + spans[i]!), grid.columns);

/** Pass 4: heights of rows from the ground up; sub-rows beyond the third fold into the nearest rung of the third. */
function stackRows(
  draft: Draft,
  order: readonly (readonly number[])[],
  first: readonly number[],
  hasStubs: ReadonlySet<number>,
  unfold: boolean,
): Heights {
  const { grid, rungs, rows, spans } = draft;
  const fromGround = new Map<number, number>();
  const folded = new Map<number, number[]>();
  const edges: number[] = [];
  let cursor = 0;
  let lastBar = 0;
  for (let band = 0; band < BANDS; band++) {
    edges.push(cursor);
    const { visible, hidden } = foldBand(
      order.filter((_, i) => rows[i]!.band === band),
      unfold,
    );
    for (const i of hidden) {
      const host = visible
        .at(-1)!
        .reduce((near, other) => (Math.abs(first[other]! - first[i]!) < Math.abs(first[near]! - first[i]!) ? other : near));
      folded.set(host, [...(folded.get(host) ?? []), i]);
    }
    const back = rungs.flatMap((rung, i) => (rung.zone === 'back' && bandOf(rung) === band ? [i] : []));
    const start = cursor;
    // What is taken per column, so that a row sinks as far as the words over and under it allow; the back's is the last.
    const taken = new Array<number>(widestOf(grid, first, spans) + 1).fill(start);
    for (let row = 0; row < Math.max(visible.length, back.length); row++) {
      const members = [...(visible[row] ?? []), ...(back[row] === undefined ? [] : [back[row]!])];
      const extents = members.map((i) => extentOf(rungs[i]!, spanWidth(grid, spans[i]!), hasStubs.has(i), folded.has(i)));
      const columns = members.map((i) => (rungs[i]!.zone === 'back' ? [taken.length - 1] : range(first[i]!, spans[i]!)));
      const bar = Math.max(
        ...members.map((_, at) => Math.max(...columns[at]!.map((column) => taken[column]!)) + extents[at]!.below),
        row === 0 ? 0 : lastBar + MIN_PITCH,
      );
      members.forEach((i, at) => {
        const top = bar + thicknessOf(rungs[i]!);
        fromGround.set(i, top);
        for (const column of columns[at]!) taken[column] = top + extents[at]!.above;
      });
      lastBar = bar;
    }
    cursor = Math.max(...taken);
    cursor = Math.max(cursor + (cursor > start ? 3 : 0), start + MIN_BAND);
  }
  const height = cursor + TOP;
  const y = new Map([...fromGround].map(([i, up]) => [i, height - up]));
  return { y, bands: BAND_NAMES.map((label, band) => ({ label, y: height - edges[band]! })), height, folded };
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

/** The same, a piece for each pass and each sweep of the order. */
export function* layoutBoardInPieces(tree: TreeDocument, options: BoardOptions): InPieces<BoardLayout> {
  const { grid, previous, unfold = false } = options;
  const draft = draftOf(tree, options);
  const { rungs, spans } = draft;
  yield;
  const order = yield* orderRows(draft, previous, unfold);
  yield;
  const first = placeColumns(draft, order, previous);
  yield;
  const rowOf = new Map(draft.rows.flatMap((row, i) => row.members.map((member) => [member, i] as const)));
  const middle = (i: number): number => first[i]! + (spans[i]! - 1) / 2;
  /** Columns between two spans; 0 when they overlap. */
  const sideways = (a: number, b: number): number =>
    Math.max(0, first[a]! - (first[b]! + spans[b]! - 1), first[b]! - (first[a]! + spans[a]! - 1));
  const isFar = (from: number, to: number): boolean =>
    rungs[to]!.zone !== rungs[from]!.zone ||
    rungs[to]!.zone === 'back' ||
    rowOf.get(to)! <= rowOf.get(from)! ||
    sideways(from, to) > MAX_SIDEWAYS;
  const far = draft.drawn.filter(([from, to]) => isFar(from, to));
  const farOf = groupBy(far, ([from]) => from);
  const heights = stackRows(draft, order, first, new Set(far.map(([from]) => from)), unfold);
  const shown = rungs.flatMap((_, i) => (heights.y.has(i) ? [i] : []));
  const landing = new Map(draft.answers.map(([, to, id]) => [id, rungs[to]!.zone === 'back' ? Number.MAX_SAFE_INTEGER : middle(to)]));
  const placed = new Map<number, PlacedRung>();
  for (const i of shown) {
    const rung = rungs[i]!;
    const atBack = rung.zone === 'back';
    const place = {
      column: atBack ? grid.columns : first[i]!,
      span: atBack ? 1 : spans[i]!,
      x: atBack ? backX(grid) : columnX(grid, first[i]!),
      y: heights.y.get(i)!,
      width: atBack ? grid.rungWidth : spanWidth(grid, spans[i]!),
    };
    const sections = orderSections(rung, (id) => landing.get(id) ?? null, middle(i));
    const stubs = [...new Set((farOf.get(i) ?? []).map(([, to]) => rungs[to]!.name))];
    placed.set(
      i,
      placeRung(
        rung,
        place,
        sections,
        stubs,
        (heights.folded.get(i) ?? []).map((hidden) => rungs[hidden]!.id),
      ),
    );
  }
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
    width: columnX({ ...grid, columns: widest }, widest) + BACK_GAP + grid.rungWidth + 16,
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
