import { describe, expect, it } from 'vitest';
import { atOnce, seededRandom } from '../../base';
import type { TreeDocument } from '../../tree';
import { mine, nineToOne, position, reaction, tree } from '../../../../tests/support/smallTree';
import { randomWorld } from '../../../../tests/support/randomWorld';
import { oddsModelOf } from '../process/cells';
import { standingOf } from '../process/here';
import { DrawnCells } from './drawnCells';
import { LANES, type FixedPlay } from './fixedPlay';
import { drawChance, drawShares, drawsOf, meansOf, shareNumbers, type DrawnChances } from './draws';
import { kernelOf, type Kernel } from '../process/kernel';
import { findMargins, fixedPlayOf } from './margin';
import type { Policy } from '../outlook';
import { KNOWING_QUESTION, NOWHERE_KNOWN, ODDS_QUESTION, type OddsQuestion } from '../question';
import { worthOf } from '../roundClock';
import { policyIn, solveInPieces } from '../solved';

const QUESTION: OddsQuestion = { ...ODDS_QUESTION, roundSeconds: 60 };
const POINTS: Pick<OddsQuestion, 'points'> = {
  points: [
    { for: 'pass', points: 3 },
    { for: 'sweep', points: 2 },
    { for: 'enter', points: 1 },
  ],
};
const IN_POINTS: OddsQuestion = { ...QUESTION, ...POINTS };
const mean = (list: readonly number[]): number => list.reduce((sum, item) => sum + item, 0) / list.length;

describe('draws', () => {
  it('have the mean that is said, and the spread of so many tries', () => {
    const random = seededRandom(4);
    for (const [chance, weight] of [
      [0.6, 2],
      [0.6, 8],
      [0.05, 8],
    ] as const) {
      const drawn = Array.from({ length: 20_000 }, () => drawChance(chance, weight, random));
      expect(mean(drawn)).toBeCloseTo(chance, 1.8);
      // The variance of a Beta distribution: mean (1 − mean) / (weight + 1).
      expect(mean(drawn.map((one) => (one - chance) ** 2))).toBeCloseTo((chance * (1 - chance)) / (weight + 1), 2.3);
    }
    expect([drawChance(0, 8, random), drawChance(1, 2, random)]).toEqual([0, 1]);
  });
  it('share out to one, and what is never shown stays so', () => {
    const drawn = drawShares([0.5, 0.5, 0], 2, seededRandom(1));
    expect(drawn[0]! + drawn[1]!).toBeCloseTo(1, 12);
    expect(drawn[2]).toBe(0);
  });
});

/** A random tree, with every third place read as it is said there. */
function partlyRead(seed: number): TreeDocument {
  const doc = randomWorld(seed, { positions: 9, transitions: 22 });
  return { ...doc, positions: doc.positions.map((item, i) => (i % 3 === 0 ? { ...item, readSkill: 0.3 } : item)) };
}

/** The tree with such chances typed. */
function treeWith(tree: TreeDocument, { works, offCue, stopped, shares }: DrawnChances): TreeDocument {
  const numbers = shareNumbers(tree);
  return {
    ...tree,
    positions: tree.positions.map((position, at) => ({
      ...position,
      reads: position.reads.map((read) => ({
        ...read,
        values: read.values.map((value) => ({ ...value, share: shares[numbers[at]!.get(read.id)!.get(value.id)!]! })),
      })),
    })),
    transitions: tree.transitions.map((transition, i) => ({
      ...transition,
      works: works[i]!,
      offCue: offCue[i]!,
      stopped: stopped[i]!,
    })),
  };
}

/** What a fixed policy is worth, evaluated on the kernel of a tree whose chances were typed as they were drawn. */
function literalWorth(kernel: Kernel, policy: Policy, roundSeconds: number): Float64Array {
  const value = new Float64Array((roundSeconds + 1) * kernel.states);
  for (let left = 0; left <= roundSeconds; left++)
    for (let state = 0; state < kernel.states; state++) {
      const at = left * kernel.states + state;
      if (!Number.isNaN(kernel.worth[state]!)) value[at] = kernel.worth[state]!;
      else if (left > 0) policy(state, left, (cell, chance) => void (value[at]! += chance * worthOf({ kernel, value }, cell, left)));
    }
  return value;
}

/** A draw in the last lane, others in those before it: none may know of another. */
function besidesOthers(play: FixedPlay, cells: DrawnCells, draws: ReturnType<typeof drawsOf>, drawn: DrawnChances): Float64Array {
  const random = seededRandom(77);
  for (let lane = 0; lane < LANES; lane++) {
    cells.draw(lane === LANES - 1 ? drawn : draws(random));
    play.take(lane);
  }
  return play.onRound().filter((_, i) => i % LANES === LANES - 1);
}

describe('the worth of a draw', () => {
  it('is that of the tree with the drawn chances typed, played by the strategies of the means', () => {
    for (const question of [QUESTION, { ...QUESTION, readSkill: 0.4 }, IN_POINTS])
      for (const seed of [1, 2, 3, 4, 5, 6]) {
        const doc = partlyRead(seed);
        const standing = standingOf(doc);
        const model = oddsModelOf(doc, NOWHERE_KNOWN, standing, question.points);
        const kernel = kernelOf(model, false);
        const solution = atOnce(solveInPieces(model, kernel, question));
        const cells = new DrawnCells(doc, model, kernel);
        const drawn = drawsOf(doc)(seededRandom(seed));
        const typed = kernelOf(oddsModelOf(treeWith(doc, drawn), NOWHERE_KNOWN, standing, question.points), false);
        const policy = policyIn({ ...solution, kernel: typed });
        const found = besidesOthers(fixedPlayOf(solution, cells), cells, drawsOf(doc), drawn);
        literalWorth(typed, policy, 60).forEach((value, i) => expect(found[i]).toBeCloseTo(value, 10));
      }
  });
  it('of the chances as they are is the solution, in both questions', () => {
    for (const question of [
      QUESTION,
      IN_POINTS,
      { ...KNOWING_QUESTION, roundSeconds: 60 },
      { ...KNOWING_QUESTION, ...POINTS, roundSeconds: 60 },
    ])
      for (const seed of [1, 2, 3]) {
        const doc = partlyRead(seed);
        const model = oddsModelOf(doc, NOWHERE_KNOWN, undefined, question.points);
        const kernel = kernelOf(model, false);
        const solution = atOnce(solveInPieces(model, kernel, question));
        const cells = new DrawnCells(doc, model, kernel);
        const found = besidesOthers(fixedPlayOf(solution, cells), cells, drawsOf(doc), meansOf(doc));
        found.forEach((value, i) => expect(value).toBeCloseTo(solution.value[i]!, 7));
      }
  });
});

describe('margins', () => {
  const pin = position('pin', { ends: 'settled' });
  const doc = (extra: object) =>
    tree(
      [position('g', { reads: [{ ...reaction('a')[0]!, closed: true }] }), pin],
      [mine('cut', 'g', 'pin', { when: { he: ['a'] }, seconds: 60, ...extra })],
    );
  const width = (of: TreeDocument): number => {
    const [margin] = findMargins(of, QUESTION).starts;
    return margin!.high - margin!.low;
  };
  it('hold the figure, are the same each time, and shrink when a chance is typed', () => {
    const [margin] = findMargins(doc({}), QUESTION).starts;
    expect(margin!.low).toBeLessThan(0.6);
    expect(margin!.high).toBeGreaterThan(0.6);
    expect(findMargins(doc({}), QUESTION).starts).toEqual([margin]);
    // One try that works 0.6: the 90 % of a Beta(1.2, 0.8), and of a Beta(4.8, 3.2).
    const ends = (extra: object) => findMargins(doc(extra), QUESTION).starts.map(({ low, high }) => [low.toFixed(2), high.toFixed(2)]);
    expect(ends({})).toEqual([['0.10', '0.98']]);
    expect(ends({ works: 0.6 })).toEqual([['0.32', '0.85']]);
  });
  it('are nothing where nothing is in doubt', () => expect(width(doc({ works: 1 }))).toBe(0));
  it('of a tree without a start are none', () => expect(findMargins(tree([], []), QUESTION)).toEqual({ starts: [], toType: [] }));
  it('name the untyped chance that moves the figure most, and none where all are typed', () => {
    const { toType } = findMargins(nineToOne({}), QUESTION);
    expect(toType[0]).toMatchObject({ kind: 'move', transition: 'a', field: 'works' });
    expect(toType[0]!.part).toBeGreaterThan(0.9);
    expect(findMargins(nineToOne({ works: 0.6 }), QUESTION).toType).toEqual([]);
  });
});
