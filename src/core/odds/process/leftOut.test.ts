import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../../base';
import type { Read, TreeDocument } from '../../tree';
import { KNOWING_QUESTION, ODDS_QUESTION, type OddsQuestion } from '../question';
import { findOdds } from '../report';
import { findSteadyOdds } from '../steady/report';
import type { PointsTable } from './objective';
import { literalValue } from '../../../../tests/support/literalOdds';
import { randomOdds } from '../../../../tests/support/randomOdds';
import { mine, position, tree } from '../../../../tests/support/smallTree';

const POINTS: PointsTable = [
  { for: 'pass', points: 3 },
  { for: 'back', points: 4 },
  { for: 'sweep', points: 2 },
  { for: 'enter', points: 1 },
];
const signs = (kind: Read['kind'], from: number, count: number, share: number): Read[] =>
  Array.from({ length: count }, (_, i) => ({
    ...{ id: `c${from + i}`, name: `c${from + i}`, kind },
    values: ['x', 'y'].map((v) => ({ id: `${v}${from + i}`, name: v, kind: 'other' as const, ...(v === 'y' ? { share } : {}) })),
  }));

/** A random tree in which one place has 128 combinations and more, told apart by what is done there. */
function many(seed: number): TreeDocument {
  const doc = randomOdds(seed, 6);
  const random = seededRandom(seed + 5);
  const at = doc.starts[0]!.position;
  const share = Math.round(random() * 10) / 10;
  const reads = seed % 3 === 1 ? signs('timing', 0, 7, share) : signs('cue', 0, 7, share);
  const ways = doc.transitions.filter(({ from }) => from === at);
  const named = reads.map((read, i) => {
    const way = { ...(ways[i % Math.max(1, ways.length)] ?? mine('way', at, doc.positions.at(-1)!.id)) };
    const values = [`${random() < 0.5 ? 'x' : 'y'}${i}`];
    const isBarred = way.actor === 'owner' && random() < 0.3;
    return {
      ...way,
      id: `more${i}`,
      announced: false,
      works: random(),
      ...(isBarred ? { stoppedBy: values } : { when: { [read.id]: values } }),
    };
  });
  const isSeen = seed % 2 === 0;
  return {
    ...doc,
    positions: doc.positions.map((item) => (item.id === at ? { ...item, reads, heSeesItFirst: isSeen } : item)),
    transitions: [...doc.transitions, ...named],
  };
}

/** Where he may pick unseen, the game is too large to be read out literally: then all is read. */
const questions = (seed: number, readSkill: number): OddsQuestion =>
  seed % 4 < 2 ? { ...KNOWING_QUESTION, readSkill: seed % 2 === 0 ? readSkill : 1, freely: 0.5 } : { ...ODDS_QUESTION, readSkill };

describe('shows above 64', () => {
  it('are bounded from both sides, in points too, in both questions, for each start', () => {
    let bounded = 0;
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.boolean(), fc.constantFrom(1, 0.6, 0), (seed, isPoints, readSkill) => {
        const made = many(seed);
        // A place's own reading skill would make some games of the other kind.
        const doc = { ...made, positions: made.positions.map(({ readSkill: _, ...item }) => item) };
        const points = isPoints ? { points: POINTS } : {};
        const question = { ...questions(seed, readSkill), ...points, roundSeconds: 30 };
        const odds = findOdds(doc, question);
        const freely = question.ask === 'knowing' ? { freely: question.freely } : {};
        for (const { position: id, value, upper } of odds.starts) {
          const exact = literalValue(doc, id, { seconds: 30, readSkill: question.readSkill, ...freely, ...points });
          expect(value).toBeLessThanOrEqual(exact + 1e-7);
          expect(upper).toBeGreaterThanOrEqual(exact - 1e-7);
        }
        if (odds.status === 'bounded' && odds.starts.some(({ value, upper }) => upper > value + 1e-6)) bounded++;
      }),
      { numRuns: 40, seed: 3 },
    );
    expect(bounded).toBeGreaterThan(15);
  });
  it('are nearer to each other than what could be anything at all', () => {
    const reads = signs('cue', 0, 7, 0.5);
    const pin = position('pin', { ends: 'settled' });
    const ways = reads.map((read, i) => mine(`m${i}`, 'g', 'pin', { when: { [read.id]: [`x${i}`] }, works: 0.3 + i / 20 }));
    const doc = tree([position('g', { reads }), pin], ways);
    const [start] = findOdds(doc, { ...ODDS_QUESTION, roundSeconds: 60 }).starts;
    const exact = literalValue(doc, 'g', { seconds: 60, readSkill: 1 });
    expect(start!.leftOut).toBeGreaterThan(0);
    expect([start!.value <= exact, exact <= start!.upper]).toEqual([true, true]);
    expect(start!.upper - start!.value).toBeLessThan(start!.leftOut);
    expect(findSteadyOdds(doc, ODDS_QUESTION).status).toBe('bounded');
  });
});
