import { expect, it } from 'vitest';
import { seededRandom } from '../base';
import { valueByGlpk, valueByYalps } from '../../../tests/support/peerGames';
import type { MatrixGame } from './game';
import { solveGame } from './matrixGame';

it('a thousand games are worth what solvers of linear programmes say', () => {
  const random = seededRandom(41);
  for (let i = 0; i < 1000; i++) {
    const [rows, columns] = [1 + Math.floor(random() * 8), 1 + Math.floor(random() * 10)];
    const steps = random() < 0.3 ? 3 : 1e6;
    const entries = Float64Array.from({ length: rows * columns }, () => Math.floor(random() * steps) / steps - 0.4);
    const game: MatrixGame = { rows, columns, entries };
    const { value } = solveGame(game);
    expect(Math.abs(value - valueByGlpk(game))).toBeLessThan(1e-6);
    expect(Math.abs(value - valueByYalps(game))).toBeLessThan(1e-6);
  }
});
