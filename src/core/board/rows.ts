import type { Rung } from './rungs';

/** A row of rungs; rows are numbered from the ground up, so an answer to a higher row climbs. */
export interface Row {
  readonly band: number;
  readonly members: readonly number[];
}
/** Bands from the ground up: 0 ground, 1 under, 2 … 7 heights 0 … 5. */
export const BANDS = 8;
export const bandOf = (rung: Rung): number => (rung.zone === 'ground' ? 0 : rung.zone === 'under' ? 1 : rung.height + 2);

export interface RowsInput {
  readonly rungs: readonly Rung[];
  /** Owner's answers as pairs of rung numbers. */
  readonly answers: readonly (readonly [number, number])[];
  /** Columns a rung takes up (a hub's plank takes several). */
  readonly spans: readonly number[];
  /** Columns in a row; Infinity = no limit. */
  readonly columns: number;
}

/** Longest chain of answers inside a band that leads to each rung; loops are cut at the rung met again. */
function levelsWithin(members: readonly number[], inside: ReadonlyMap<number, readonly number[]>): Map<number, number> {
  const level = new Map<number, number>();
  const open = new Set<number>();
  for (const root of members) {
    const path: [number, number][] = [[root, 0]];
    while (path.length > 0) {
      const top = path.at(-1)!;
      const before = inside.get(top[0]) ?? [];
      if (level.has(top[0])) path.pop();
      else if (top[1] < before.length) {
        open.add(top[0]);
        const from = before[top[1]++]!;
        if (!level.has(from) && !open.has(from)) path.push([from, 0]);
      } else {
        level.set(
          top[0],
          before.reduce((most, from) => Math.max(most, (level.get(from) ?? -1) + 1), 0),
        );
        open.delete(top[0]);
        path.pop();
      }
    }
  }
  return level;
}

/** Guards first, in the coach's order; then always the earliest in the document whose predecessors are all placed. */
function placingOrder(
  members: readonly number[],
  inside: ReadonlyMap<number, readonly number[]>,
  level: ReadonlyMap<number, number>,
  isGuard: (i: number) => boolean,
): number[] {
  const order = members.filter(isGuard);
  const placed = new Set(order);
  const waiting = members.filter((i) => !placed.has(i));
  while (waiting.length > 0) {
    const next = waiting.findIndex((i) => (inside.get(i) ?? []).every((from) => placed.has(from) || level.get(from)! >= level.get(i)!));
    const [i] = waiting.splice(next, 1);
    order.push(i!);
    placed.add(i!);
  }
  return order;
}

/**
 * Rows within each band: a rung goes to the lowest row with room above the rungs of its band that lead to it
 * (list scheduling after Coffman & Graham 1972). Document order decides, so that a new rung moves no old one.
 * Post: every ladder rung is in one row, and rows are ordered by band. Back rungs are not part of the rows.
 */
export function assignRows({ rungs, answers, spans, columns }: RowsInput): Row[] {
  const rows: Row[] = [];
  for (let band = 0; band < BANDS; band++) {
    const members = rungs.flatMap((rung, i) => (rung.zone !== 'back' && bandOf(rung) === band ? [i] : []));
    const memberSet = new Set(members);
    const inside = new Map<number, number[]>();
    for (const [from, to] of answers)
      if (from !== to && memberSet.has(from) && memberSet.has(to)) inside.set(to, [...(inside.get(to) ?? []), from]);
    const level = levelsWithin(members, inside);
    const used: number[] = [];
    const placed: number[][] = [];
    const rowOf = new Map<number, number>();
    const order = placingOrder(members, inside, level, (i) => rungs[i]!.isGuard);
    for (const i of order) {
      const floor = rungs[i]!.isGuard ? 0 : Math.max(0, ...(inside.get(i) ?? []).map((from) => (rowOf.get(from) ?? -1) + 1));
      let row = floor;
      while ((used[row] ?? 0) + spans[i]! > columns && (used[row] ?? 0) > 0) row++;
      while (placed.length <= row) {
        placed.push([]);
        used.push(0);
      }
      placed[row]!.push(i);
      used[row]! += spans[i]!;
      rowOf.set(i, row);
    }
    // A row can stay empty when a chain jumps over it.
    for (const list of placed) if (list.length > 0) rows.push({ band, members: list.toSorted((a, b) => a - b) });
  }
  return rows;
}
