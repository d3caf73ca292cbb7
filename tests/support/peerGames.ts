import glpk from 'glpk.js/node';
import { solve } from 'yalps';
import type { MatrixGame } from '@/core/games';

// The value of a game by well-kept solvers of linear programmes: the most v that every column leaves to a mix of the rows. Entries
// are shifted, so that v is not below 0, which both take for granted.

const shiftOf = ({ entries }: MatrixGame): number => Math.min(0, ...entries);

export function valueByYalps(game: MatrixGame): number {
  const shift = shiftOf(game);
  const { rows, columns, entries } = game;
  const constraints: Record<string, { min?: number; equal?: number }> = { all: { equal: 1 } };
  for (let j = 0; j < columns; j++) constraints[`c${j}`] = { min: 0 };
  const variables: Record<string, Record<string, number>> = { v: { worth: 1 } };
  for (let j = 0; j < columns; j++) variables.v![`c${j}`] = -1;
  for (let i = 0; i < rows; i++) {
    const row: Record<string, number> = { all: 1 };
    for (let j = 0; j < columns; j++) row[`c${j}`] = entries[i * columns + j]! - shift;
    variables[`r${i}`] = row;
  }
  return solve({ direction: 'maximize', objective: 'worth', constraints, variables }).result + shift;
}

const GLPK = await glpk();

export function valueByGlpk(game: MatrixGame): number {
  const shift = shiftOf(game);
  const { rows, columns, entries } = game;
  const mixed = Array.from({ length: rows }, (_, i) => `r${i}`);
  const { result } = GLPK.solve(
    {
      name: 'game',
      objective: { direction: GLPK.GLP_MAX, name: 'worth', vars: [{ name: 'v', coef: 1 }] },
      subjectTo: [
        { name: 'all', vars: mixed.map((name) => ({ name, coef: 1 })), bnds: { type: GLPK.GLP_FX, lb: 1, ub: 1 } },
        ...Array.from({ length: columns }, (_, j) => ({
          name: `c${j}`,
          vars: [{ name: 'v', coef: -1 }, ...mixed.map((name, i) => ({ name, coef: entries[i * columns + j]! - shift }))],
          bnds: { type: GLPK.GLP_LO, lb: 0, ub: 0 },
        })),
      ],
    },
    { msglev: GLPK.GLP_MSG_OFF },
  );
  return result.z + shift;
}
