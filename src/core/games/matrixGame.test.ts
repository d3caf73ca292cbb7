import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../base';
import { literalGameValue, optimalCorners } from '../../../tests/support/literalGame';
import { bestReply, guarantee, type MatrixGame } from './game';
import { gameValue, solveGame } from './matrixGame';
import { RememberedGames } from './rememberedGames';

const game = (...rows: number[][]): MatrixGame => ({
  rows: rows.length,
  columns: rows[0]!.length,
  entries: Float64Array.from(rows.flat()),
});
const mixes = (of: MatrixGame) => {
  const { row, column } = solveGame(of);
  return [[...row], [...column]];
};
const close = (...numbers: number[]) => numbers.map((number) => expect.closeTo(number, 9) as number);
const norm = (mix: ArrayLike<number>): number => Array.from(mix).reduce((sum, part) => sum + part * part, 0);

/** A game with few different entries, so that many mixes are optimal, or with many. */
function randomGame(seed: number, most = { rows: 12, columns: 64 }): MatrixGame {
  const random = seededRandom(seed);
  const rows = 1 + Math.floor(random() * most.rows);
  const columns = 1 + Math.floor(random() * most.columns);
  const steps = random() < 0.5 ? 3 : 1e6;
  const scale = 10 ** Math.floor(random() * 7 - 3);
  const entries = Float64Array.from({ length: rows * columns }, () => (Math.floor(random() * steps) / steps - 0.4) * scale);
  return { rows, columns, entries };
}
const rangeOf = ({ entries }: MatrixGame): number => Math.max(...entries) - Math.min(...entries);

describe('a small zero-sum game', () => {
  it('worked by hand: pennies, a saddle, one option, one value, dominated options', () => {
    expect(solveGame(game([1, -1], [-1, 1])).value).toBeCloseTo(0, 12);
    expect(mixes(game([1, -1], [-1, 1]))).toEqual([close(0.5, 0.5), close(0.5, 0.5)]);
    expect(solveGame(game([3, 5], [2, 9])).value).toBe(3);
    expect(solveGame(game([3, 1, 2])).value).toBeCloseTo(1, 12);
    expect(solveGame(game([3], [1], [2])).value).toBeCloseTo(3, 12);
    // The third row is worse than the first whatever comes.
    expect(mixes(game([3, 0], [0, 1], [2, -1]))[0]).toEqual(close(0.25, 0.75, 0));
  });
  it('of several optimal mixes takes the one of least norm: alike options share alike', () => {
    expect(mixes(game([1, -1], [1, -1], [-1, 1]))[0]).toEqual(close(0.25, 0.25, 0.5));
    expect(mixes(game([0, 0], [0, 0], [-1, 1]))).toEqual([close(0.5, 0.5, 0), expect.anything()]);
    expect(mixes(game([4, 4, 4]))).toEqual([[1], close(1 / 3, 1 / 3, 1 / 3)]);
  });
  it('whose entries are few: of all optimal mixes nothing is shorter, towards whichever corner of them', () => {
    const seenByHim = ({ rows, columns, entries }: MatrixGame): MatrixGame => ({
      rows: columns,
      columns: rows,
      entries: Float64Array.from({ length: rows * columns }, (_, at) => -entries[(at % rows) * columns + Math.floor(at / rows)]!),
    });
    const isShortest = (of: MatrixGame, value: number, mix: Float64Array): void => {
      const corners = optimalCorners(of, value);
      expect(corners.length).toBeGreaterThan(0);
      for (const corner of corners) expect(mix.reduce((sum, part, i) => sum + part * (corner[i]! - part), 0)).toBeGreaterThan(-1e-7);
    };
    fc.assert(
      fc.property(fc.array(fc.constantFrom(0, 1, 2), { minLength: 12, maxLength: 12 }), fc.constantFrom(2, 3, 4, 6), (entries, rows) => {
        const of = { rows, columns: 12 / rows, entries: Float64Array.from(entries) };
        const { value, row, column } = solveGame(of);
        isShortest(of, value, row);
        isShortest(seenByHim(of), -value, column);
      }),
      { numRuns: 300, seed: 6 },
    );
  });
  it('has the value that its square parts give', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const of = randomGame(seed, { rows: 4, columns: 4 });
        expect(Math.abs(solveGame(of).value - literalGameValue(of))).toBeLessThan(1e-7 * Math.max(1e-9, rangeOf(of)));
      }),
      { numRuns: 150, seed: 3 },
    );
  });
  it('is exploited by nobody, whatever its size, and lies between pure guarantee and pure reply', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e9 }), (seed) => {
        const of = randomGame(seed);
        const { value, row, column } = solveGame(of);
        const range = Math.max(rangeOf(of), Number.MIN_VALUE);
        expect((bestReply(of, column) - guarantee(of, row)) / range).toBeLessThan(2e-12);
        expect(Math.abs(gameValue(of) - value) / range).toBeLessThan(1e-9);
        for (const mix of [row, column]) {
          expect(mix.reduce((sum, part) => sum + part, 0)).toBeCloseTo(1, 12);
          expect(Math.min(...mix)).toBeGreaterThanOrEqual(0);
        }
      }),
      { numRuns: 400, seed: 5 },
    );
  });
  it('written down in another order has the same mixes in that order', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), (seed) => {
        const of = randomGame(seed, { rows: 6, columns: 7 });
        const random = seededRandom(seed);
        const shuffled = (size: number) =>
          [...Array(size).keys()]
            .map((i) => ({ i, by: random() }))
            .toSorted((a, b) => a.by - b.by)
            .map(({ i }) => i);
        const [rows, columns] = [shuffled(of.rows), shuffled(of.columns)];
        const other: MatrixGame = {
          ...of,
          entries: Float64Array.from(rows.flatMap((i) => columns.map((j) => of.entries[i * of.columns + j]!))),
        };
        const [first, second] = [solveGame(of), solveGame(other)];
        rows.forEach((i, at) => expect(second.row[at]).toBeCloseTo(first.row[i]!, 5));
        columns.forEach((j, at) => expect(second.column[at]).toBeCloseTo(first.column[j]!, 5));
        expect(norm(second.row)).toBeCloseTo(norm(first.row), 7);
      }),
      { numRuns: 200, seed: 8 },
    );
  });
  it('played again with slightly other entries, a remembered game is worth what it is worth', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e9 }), fc.constantFrom(0, 1e-9, 0.01, 0.5), (seed, change) => {
        const random = seededRandom(seed);
        const games = Array.from({ length: 3 }, (_, i) => randomGame(seed + i, { rows: 6, columns: 8 }));
        const remembered = new RememberedGames(games.length, 8);
        for (let round = 0; round < 4; round++)
          games.forEach((of, id) => {
            const range = Math.max(rangeOf(of), Number.MIN_VALUE);
            expect(Math.abs(remembered.play(id, of) - gameValue(of)) / range).toBeLessThan(1e-9);
            const { row, column } = remembered;
            expect((bestReply(of, column) - guarantee(of, row)) / range).toBeLessThan(change === 1e-9 ? 2e-9 : 2e-12);
            of.entries.forEach((entry, i) => void (of.entries[i] = entry + change * range * (random() - 0.5)));
          });
      }),
      { numRuns: 300, seed: 9 },
    );
  });
});
