import { atOnce, seededRandom } from '@/core/base';
import { bestReply, guarantee, solveGame, type MatrixGame } from '@/core/games';
import {
  findLoadsInPieces,
  findMarginsInPieces,
  findOdds,
  KNOWING_QUESTION,
  ODDS_QUESTION,
  simulateInPieces,
  findStrengthsInPieces,
  type OddsQuestion,
} from '@/core/odds';
import { oddsModelOf } from '@/core/odds/process/cells';
import { Ground } from '@/core/odds/derived/ground';
import { kernelOf, type Kernel } from '@/core/odds/process/kernel';
import { NOWHERE_KNOWN } from '@/core/odds/question';
import { seesItFirst } from '@/core/odds/solved';
import { solveSteadyInPieces } from '@/core/odds/steady/steady';
import { steadyKernel } from '@/core/odds/steady/steadyKernel';
import { SteadyWork } from '@/core/odds/steady/steadyWork';
import { findUnanswered } from '@/core/structure';
import type { TreeDocument } from '@/core/tree';
import { demoTree } from '../demo/demoTree';
import { valueByGlpk, valueByYalps } from '../tests/support/peerGames';
import { randomTree } from '../tests/support/randomTree';
import { ms, type Row } from './measure';

const timed = (work: () => unknown): number => {
  const began = performance.now();
  work();
  return performance.now() - began;
};
function middle(times: number[], share = 0.5): number {
  return times.sort((a, b) => a - b)[Math.floor(times.length * share)]!;
}

/** Microseconds a game, over these games. */
function microseconds(games: readonly MatrixGame[], value: (game: MatrixGame) => unknown): number {
  games.slice(0, 50).forEach(value);
  return (timed(() => games.forEach(value)) / games.length) * 1000;
}

function games(): Row[] {
  const random = seededRandom(1);
  const of = (count: number): MatrixGame[] =>
    Array.from({ length: count }, () => ({ rows: 4, columns: 5, entries: Float64Array.from({ length: 20 }, () => random()) }));
  const many = of(100_000);
  let worst = 0;
  for (const game of many) {
    const { row, column } = solveGame(game);
    worst = Math.max(worst, bestReply(game, column) - guarantee(game, row));
  }
  const [ours, yalps, glpk] = [
    microseconds(many.slice(0, 20_000), solveGame),
    microseconds(of(2000), valueByYalps),
    microseconds(of(500), valueByGlpk),
  ];
  return [
    { what: 'a 4 × 5 game with the evenest mixes', measured: `${ours.toFixed(1)} µs`, wanted: '—' },
    {
      what: '  over yalps, over glpk.js (their value alone)',
      measured: `${(yalps / ours).toFixed(0)} ×, ${(glpk / ours).toFixed(0)} ×`,
      wanted: '≥ 5 ×, ≥ 20 ×',
    },
    { what: '  most that 100,000 of them can be exploited by, of the range', measured: worst.toExponential(1), wanted: '≤ 1e-12' },
  ];
}

const kernelsOf = (positions: number, seeds: number): { kernel: Kernel; seesIt: Uint8Array }[] =>
  Array.from({ length: seeds }, (_, i) => {
    const model = oddsModelOf(randomTree(i + 1, { positions, transitions: 3 * positions }), NOWHERE_KNOWN);
    return { kernel: kernelOf(model, false), seesIt: seesItFirst(model) };
  });
const FREE: OddsQuestion = { ...KNOWING_QUESTION, freely: 1 };

/** The peer: one step after the other until none changes anything, every game solved in each. */
function byValueIteration({ kernel, seesIt }: { kernel: Kernel; seesIt: Uint8Array }): void {
  const work = new SteadyWork(steadyKernel(kernel, 300), FREE, seesIt, undefined);
  for (;;) {
    let most = 0;
    const next = work.value.slice();
    for (let state = 0; state < kernel.states; state++) {
      if (kernel.rows[state] === 0) continue;
      const worth = work.worthAt(state);
      most = Math.max(most, Math.abs(worth - work.value[state]!));
      next[state] = worth;
    }
    work.value.set(next);
    if (most < 1e-10) return;
  }
}

function steady(): Row[] {
  const rows: Row[] = [];
  let worst = 0;
  for (const [positions, seeds, wanted] of [
    [300, 200, '< 12 ms'],
    [1000, 20, '< 40 ms'],
    [5000, 5, '< 350 ms'],
  ] as const) {
    const all = kernelsOf(positions, seeds);
    const solve = ({ kernel, seesIt }: (typeof all)[number]) => {
      const { residual } = atOnce(solveSteadyInPieces(kernel, FREE, seesIt));
      worst = Math.max(worst, residual);
    };
    all.forEach(solve);
    const times = all.map((one) => timed(() => solve(one)));
    rows.push({ what: `steady clock, he picks freely, ${positions} positions`, measured: ms(middle(times)), wanted });
    if (positions === 1000) {
      const some = all.slice(0, 3);
      const [plain, ours] = [byValueIteration, solve].map((work) => middle(some.map((one) => timed(() => work(one)))));
      rows.push({ what: '  over plain value iteration', measured: `${(plain! / ours!).toFixed(0)} ×`, wanted: '≥ 10 ×' });
    }
  }
  rows.push({ what: '  largest residual of all these', measured: worst.toExponential(1), wanted: '≤ 1e-10' });
  const thousand = kernelsOf(1000, 10);
  const usual = thousand.map(({ kernel, seesIt }) => timed(() => atOnce(solveSteadyInPieces(kernel, ODDS_QUESTION, seesIt))));
  return [
    ...rows,
    { what: 'steady clock, this opponent, 1,000 positions', measured: ms(middle(usual)), wanted: '< 40 ms' },
    ...afterAnEdit(),
  ];
}

/** A move is taken out: its place is made anew, the rest begins with what was known. Twenty others go before, uncounted. */
function afterAnEdit(): Row[] {
  const tree = randomTree(2, { positions: 1000, transitions: 3000 });
  const ground = new Ground(tree, FREE, NOWHERE_KNOWN);
  const before = atOnce(ground.onSteady());
  const own = tree.transitions.filter(({ actor }) => actor === 'owner');
  const edit = (move: (typeof own)[number]) => timed(() => atOnce(before.solved(ground.tries.losing([move]))));
  own.slice(60, 80).forEach(edit);
  const times = own.slice(0, 60).map(edit);
  return [
    {
      what: 'steady clock after one edit, 1,000 positions: median, nine of ten',
      measured: `${ms(middle(times))}, ${ms(middle(times, 0.9))}`,
      wanted: '< 5 ms, < 12 ms',
    },
  ];
}

/** All dilemmas: what they need of the odds if he knows the game, and what comes after. */
function pairsWeighed(tree: TreeDocument): Row[] {
  const times = [1, 2, 3, 4, 5].map(() => {
    const began = performance.now();
    let solved = began;
    const pieces = findStrengthsInPieces(tree, KNOWING_QUESTION);
    // The odds are nine tenths of its progress.
    for (let step = pieces.next(); !step.done; step = pieces.next()) if ((step.value ?? 0) <= 0.9) solved = performance.now();
    return { odds: solved - began, pairs: performance.now() - solved };
  });
  const of = (what: 'odds' | 'pairs'): string => ms(middle(times.map((time) => time[what])));
  return [
    {
      what: 'all pairs of options weighed, 1,000 positions; of one who knows the game, first',
      measured: `${of('pairs')}, ${of('odds')}`,
      wanted: '< 50 ms, —',
    },
    {
      what: '  all that the screen shows of who knows the game, the same tree',
      measured: ms(middle([1, 2, 3].map(() => timed(() => findOdds({ ...tree }, KNOWING_QUESTION))))),
      wanted: '—',
    },
  ];
}

function derived(): Row[] {
  const tree = randomTree(2, { positions: 1000, transitions: 3000 });
  const demo = demoTree();
  const ground = new Ground(tree, ODDS_QUESTION, NOWHERE_KNOWN);
  const before = atOnce(ground.onSteady());
  const gaps = findUnanswered(tree);
  const own = tree.transitions.filter(({ actor }) => actor === 'owner');
  const start = tree.starts[0]!.position;
  const forty = { ...tree, starts: tree.positions.slice(0, 40).map(({ id }) => ({ position: id })) };
  const small = randomTree(2, { positions: 300, transitions: 900 });
  return [
    {
      what: 'round clock, 300 positions',
      measured: ms(middle([1, 2, 3].map(() => timed(() => findOdds({ ...small }))))),
      wanted: '< 200 ms',
    },
    {
      what: 'forty starts’ endings, 1,000 positions',
      measured: ms(middle([1, 2, 3].map(() => timed(() => findOdds({ ...forty }))))),
      wanted: '< 1 s',
    },
    ...[
      { of: `gap prices (${gaps.length})`, made: () => gaps.map((gap) => ground.tries.closing(gap.position, [gap])) },
      { of: `local loads (${own.length})`, made: () => own.map((move) => ground.tries.losing([move])) },
    ].map(({ of, made }): Row => {
      const times = Array.from({ length: 20 }, () => timed(() => made().forEach((tried) => before.estimate(tried))));
      return {
        what: `${of} to first order, 1,000 positions: the first time; median of twenty`,
        measured: `${ms(times[0]!)}, ${ms(middle(times))}`,
        wanted: '< 50 ms',
      };
    }),
    {
      what: 'a load solved anew on the steady clock, 1,000 positions',
      measured: ms(middle(own.slice(0, 40).map((move) => timed(() => atOnce(before.solved(ground.tries.losing([move]))))))),
      wanted: '< 15 ms',
    },
    {
      what: 'what hangs on what, ten on the round clock, demo tree',
      measured: ms(timed(() => atOnce(findLoadsInPieces(demo, ODDS_QUESTION)))),
      wanted: '—',
    },
    ...pairsWeighed(tree),
    {
      what: '100,000 rounds, 1,000 positions; of it the odds that they are played by',
      measured: [100_000, 1]
        .map((count) => ms(middle([1, 2, 3].map(() => timed(() => atOnce(simulateInPieces(tree, ODDS_QUESTION, start, count, 1)))))))
        .join(', '),
      wanted: '< 0.3 s',
    },
    {
      what: '10,000 rounds, demo tree',
      measured: ms(timed(() => atOnce(simulateInPieces(demo, ODDS_QUESTION, 'spider', 10_000, 1)))),
      wanted: '—',
    },
    {
      what: 'margins, demo tree, 500 draws; if he knows your game',
      measured: [ODDS_QUESTION, KNOWING_QUESTION].map((asked) => ms(timed(() => atOnce(findMarginsInPieces(demo, asked))))).join(', '),
      wanted: '< 1 s',
    },
  ];
}

export const odds = (): Row[] => [...games(), ...steady(), ...derived()];
