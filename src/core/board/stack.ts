import { LINES, type Line } from '../tree';
import type { Draft } from './draft';
import { MAX_SUB_ROWS, spanWidth, type Grid } from './grid';
import { extentOf, thicknessOf } from './placedRung';
import { bandOf, BANDS } from './rows';

export interface BandLabel {
  readonly label: Line | 'facing' | 'under' | 'ground';
  /** The line itself, at the lower edge of its band. */
  readonly y: number;
}

const MIN_BAND = 30;
/** Rows of a band never come nearer than this. */
const MIN_PITCH = 34;
const TOP = 6;
const BAND_NAMES = ['ground', 'under', 'facing', ...LINES] as const;

export interface Heights {
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

/** What is folded away, by the nearest rung of the last row that is drawn. */
function foldInto({ visible, hidden }: Stack, first: readonly number[], folded: Map<number, number[]>): void {
  for (const i of hidden) {
    const distance = (host: number): number => Math.abs(first[host]! - first[i]!);
    const host = visible.at(-1)!.reduce((near, other) => (distance(other) < distance(near) ? other : near));
    folded.set(host, [...(folded.get(host) ?? []), i]);
  }
}

/** The rows of one band, each as low as the words over and under it allow. `taken`: what is filled per column, the back's last. */
function stackBand(rows: readonly (readonly number[])[], taken: number[], placing: Placing): void {
  const { draft, first, hasStubs, folded, fromGround } = placing;
  const { grid, rungs, spans } = draft;
  let lastBar: number | null = null;
  for (const members of rows) {
    const extents = members.map((i) => extentOf(rungs[i]!, spanWidth(grid, spans[i]!), hasStubs.has(i), folded.has(i)));
    const columns = members.map((i) => (rungs[i]!.zone === 'back' ? [taken.length - 1] : range(first[i]!, spans[i]!)));
    const bar: number = Math.max(
      ...members.map((_, at) => Math.max(...columns[at]!.map((column) => taken[column]!)) + extents[at]!.below),
      lastBar === null ? 0 : lastBar + MIN_PITCH,
    );
    members.forEach((i, at) => {
      const top = bar + thicknessOf(rungs[i]!);
      fromGround.set(i, top);
      for (const column of columns[at]!) taken[column] = top + extents[at]!.above;
    });
    lastBar = bar;
  }
}
interface Placing {
  readonly draft: Draft;
  readonly first: readonly number[];
  readonly hasStubs: ReadonlySet<number>;
  readonly folded: Map<number, number[]>;
  /** Top of each rung's bar over the ground. */
  readonly fromGround: Map<number, number>;
}

/** Pass 4: heights of rows from the ground up; sub-rows beyond the third fold into the nearest rung of the third. */
export function stackRows(
  draft: Draft,
  order: readonly (readonly number[])[],
  first: readonly number[],
  hasStubs: ReadonlySet<number>,
  unfold: boolean,
): Heights {
  const { grid, rungs, rows, spans } = draft;
  const placing: Placing = { draft, first, hasStubs, folded: new Map(), fromGround: new Map() };
  const edges: number[] = [];
  let cursor = 0;
  for (let band = 0; band < BANDS; band++) {
    edges.push(cursor);
    const inBand = order.filter((_, i) => rows[i]!.band === band);
    const stack = foldBand(inBand, unfold);
    foldInto(stack, first, placing.folded);
    const back = rungs.flatMap((rung, i) => (rung.zone === 'back' && bandOf(rung) === band ? [i] : []));
    const count = Math.max(stack.visible.length, back.length);
    const members = range(0, count).map((row) => [...(stack.visible[row] ?? []), ...(back[row] === undefined ? [] : [back[row]])]);
    const taken = new Array<number>(widestOf(grid, first, spans) + 1).fill(cursor);
    stackBand(members, taken, placing);
    const filled = Math.max(...taken);
    cursor = Math.max(filled + (filled > cursor ? 3 : 0), cursor + MIN_BAND);
  }
  const height = cursor + TOP;
  const y = new Map([...placing.fromGround].map(([i, up]) => [i, height - up]));
  return { y, bands: BAND_NAMES.map((label, band) => ({ label, y: height - edges[band]! })), height, folded: placing.folded };
}
