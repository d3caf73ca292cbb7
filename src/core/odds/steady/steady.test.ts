import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { atOnce } from '../../base';
import type { TreeDocument } from '../../tree';
import { literalSteady } from '../../../../tests/support/literalOdds';
import { randomOdds } from '../../../../tests/support/randomOdds';
import { randomTree } from '../../../../tests/support/randomTree';
import { mine, position, reaction, tree } from '../../../../tests/support/smallTree';
import { oddsModelOf } from '../process/cells';
import { kernelOf } from '../process/kernel';
import { KNOWING_QUESTION, NOWHERE_KNOWN, ODDS_QUESTION, type OddsQuestion } from '../question';
import { solveSteadyInPieces, type SteadySolution } from './steady';

function steadyOf(doc: TreeDocument, question: OddsQuestion, warm?: Float64Array): SteadySolution {
  const model = oddsModelOf(doc, NOWHERE_KNOWN);
  const seesIt = Uint8Array.from(model.places, (place) => Number(place?.position.heSeesItFirst === true));
  return atOnce(solveSteadyInPieces(kernelOf(model, false), question, seesIt, warm));
}
const knowing = (readSkill: number, freely: number): OddsQuestion => ({ ...KNOWING_QUESTION, readSkill, freely });
const closed = (...ids: string[]) => [{ ...reaction(...ids)[0]!, closed: true }];
const QUESTIONS = [ODDS_QUESTION, { ...ODDS_QUESTION, readSkill: 0.4 }, KNOWING_QUESTION, knowing(0, 1), knowing(0.5, 1), knowing(1, 0.5)];

describe('the steady clock', () => {
  it('agrees with the definition read out literally, whatever is asked', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.constantFrom(...QUESTIONS), (seed, question) => {
        const doc = randomOdds(seed, 6);
        const { value, status } = steadyOf(doc, { ...question, roundSeconds: 60 });
        const freely = question.ask === 'knowing' ? question.freely : 0;
        const literal = literalSteady(doc, { seconds: 60, readSkill: question.readSkill, freely });
        expect(status).toBe('exact');
        doc.positions.forEach(({ id }, at) => expect(Math.abs(value[at]! - literal.get(id)!)).toBeLessThan(1e-8));
      }),
      { numRuns: 60, seed: 7 },
    );
  });
  it('one attempt, worked by hand: what is worth 1 after 20 seconds is worth exp(−20 / T), and what stays is tried again', () => {
    const doc = tree(
      [position('g', { reads: closed('a') }), position('pin', { ends: 'settled' })],
      [mine('cut', 'g', 'pin', { when: { he: ['a'] }, works: 0.6, seconds: 20 })],
    );
    const factor = Math.exp(-20 / 300);
    // g is the start: what is recovered (0.25) and what stays is g again, what is turned (0.02) is lost.
    expect(steadyOf(doc, ODDS_QUESTION).value[0]).toBeCloseTo((factor * 0.6) / (1 - factor * 0.4 * 0.98), 12);
  });
  it('is certified by how little one more step would change, on graphs where following both for ever runs in circles', () => {
    for (const seed of [4, 8, 11]) {
      const { status, residual, bound } = steadyOf(randomTree(seed, { positions: 300, transitions: 900 }), knowing(0.5, 1));
      expect(status).toBe('exact');
      expect(residual).toBeLessThan(1e-10);
      expect(bound).toBeLessThan(1e-8);
    }
  });
  it('comes to the answer in a handful of steps, on graphs of that kind too: near it both are followed again', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const model = oddsModelOf(randomTree(seed, { positions: 300, transitions: 900 }), NOWHERE_KNOWN);
      let steps = 0;
      const pieces = solveSteadyInPieces(kernelOf(model, false), { ...KNOWING_QUESTION, freely: 1 }, new Uint8Array(model.states));
      while (!pieces.next().done) steps++;
      expect(steps).toBeLessThan(20);
    }
  });
  it('begun with other worths comes to the same', () => {
    for (const question of QUESTIONS) {
      const doc = randomOdds(5, 60);
      const cold = steadyOf(doc, question);
      const warm = steadyOf(
        doc,
        question,
        Float64Array.from(cold.value, (_, at) => (at * 7919) % 13),
      );
      cold.value.forEach((worth, at) => expect(Math.abs(warm.value[at]! - worth)).toBeLessThan(1e-8));
    }
  });
});
