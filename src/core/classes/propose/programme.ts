/** A linear constraint: least ≤ Σ weight × variable ≤ most. */
export interface Row {
  readonly least: number;
  readonly most: number;
  /** Number of the variable, weight. */
  readonly terms: readonly (readonly [number, number])[];
}
/** Maximise Σ worth × variable, each variable 0 or 1. */
export interface Programme {
  readonly worth: readonly number[];
  readonly rows: readonly Row[];
}
export interface Solved {
  readonly status: 'optimal' | 'budget' | 'impossible';
  /** Variables that are 1; of `impossible` none. */
  readonly chosen: readonly number[];
  /** What can be had at most; that of the chosen where it is optimal. */
  readonly bound: number;
}
/** Solves a programme, wherever that is. */
export type Solve = (programme: Programme) => Promise<Solved>;

const number = (value: number): string => value.toFixed(9).replace(/\.?0+$/, '') || '0';
const sum = (terms: readonly (readonly [number, number])[]): string =>
  terms.length === 0 ? '0 x0' : terms.map(([i, weight]) => `${weight < 0 ? '-' : '+'} ${number(Math.abs(weight))} x${i}`).join(' ');

/** The programme in the LP format that solvers read. */
export function programmeText({ worth, rows }: Programme): string {
  const lines = rows.flatMap(({ least, most, terms }, i) => [
    ...(Number.isFinite(least) ? [` l${i}: ${sum(terms)} >= ${number(least)}`] : []),
    ...(Number.isFinite(most) ? [` m${i}: ${sum(terms)} <= ${number(most)}`] : []),
  ]);
  const all = worth.map((_, i) => ` x${i}`);
  const objective = sum(worth.flatMap((value, i) => (value === 0 ? [] : [[i, value] as const])));
  return ['Maximize', ` worth: ${objective}`, 'Subject To', ...lines, 'Binary', ...all, 'End', ''].join('\n');
}

/** Whether these variables keep every row. */
export const isAllowed = ({ rows }: Programme, chosen: ReadonlySet<number>): boolean =>
  rows.every(({ least, most, terms }) => {
    const value = terms.reduce((total, [i, weight]) => total + (chosen.has(i) ? weight : 0), 0);
    return value >= least - 1e-9 && value <= most + 1e-9;
  });
