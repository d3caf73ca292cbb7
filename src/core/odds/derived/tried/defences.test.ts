import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../../../demo/demoTree';
import { randomWorld } from '../../../../../tests/support/randomWorld';
import { mine, position, reaction, tree } from '../../../../../tests/support/smallTree';
import { KNOWING_QUESTION, ODDS_QUESTION } from '../../question';
import { findOdds } from '../../report';
import { findDefences } from './defences';

describe('what to train from below', () => {
  it('by hand: the show that stops the only way is worth what the way would bring more', () => {
    const pin = position('pin', { ends: 'settled' });
    const start = position('g', { reads: [{ ...reaction('answered', 'holds')[0]!, closed: true }] });
    const doc = tree([start, pin], [mine('cut', 'g', 'pin', { when: { he: ['answered'] }, works: 0.6, offCue: 0, seconds: 300 })]);
    const value = findOdds(doc, ODDS_QUESTION).starts[0]!.value;
    const found = findDefences(doc, ODDS_QUESTION);
    expect(found[0]).toMatchObject({ position: 'g', value: 'holds' });
    expect(value + found[0]!.worth).toBeCloseTo(0.6, 9);
    // Without the show that is answered nothing is left: it holds nobody up.
    expect(found.some((item) => item.value === 'answered')).toBe(false);
  });
  it('are sorted, real shows of places that are fought at, on random trees and in both questions', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.constantFrom(ODDS_QUESTION, KNOWING_QUESTION), (seed, question) => {
        const doc = randomWorld(seed, { positions: 6, transitions: 12 });
        const found = findDefences(doc, { ...question, roundSeconds: 60 });
        expect(found.every(({ worth }, i) => worth > 0 && worth <= (found[i - 1]?.worth ?? 1))).toBe(true);
        for (const { position: id, read, value } of found) {
          const place = doc.positions.find((item) => item.id === id)!;
          expect(place.ends).toBeUndefined();
          expect(place.reads.find((item) => item.id === read)!.values.some((item) => item.id === value)).toBe(true);
        }
      }),
      { numRuns: 30, seed: 4 },
    );
  });
  it('of the demo there are some, and of a tree without a start none', () => {
    expect(findDefences(demoTree(), ODDS_QUESTION).length).toBeGreaterThan(4);
    expect(findDefences({ ...demoTree(), starts: [] }, ODDS_QUESTION)).toEqual([]);
  });
});
