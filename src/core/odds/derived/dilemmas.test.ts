import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../../demo/demoTree';
import { randomWorld } from '../../../../tests/support/randomWorld';
import { mine, position, reaction, tree } from '../../../../tests/support/smallTree';
import { findDilemmas } from '../../structure';
import { KNOWING_QUESTION } from '../question';
import { findStrengths } from './dilemmas';

const free = { ...KNOWING_QUESTION, roundSeconds: 60, readSkill: 0, freely: 1 };
const pin = position('pin', { ends: 'settled' });
const twoShows = { reads: [{ ...reaction('a', 'b')[0]!, closed: true }] };
const option = (id: string, fits: string, stopped: string, works = 0.8) =>
  mine(id, 'g', 'pin', { when: { he: [fits] }, stoppedBy: [stopped], works, stopped: 0, seconds: 60 });

describe('the strength of a dilemma', () => {
  it('by hand: either alone is stopped, both together work half of the time that one would', () => {
    const [found] = findStrengths(tree([position('g', twoShows), pin], [option('cut', 'a', 'b'), option('drag', 'b', 'a')]), free);
    // Unread, he picks freely: alone he stops each wholly; mixed evenly one of two meets what it is for.
    expect(found).toMatchObject({ a: 'cut', b: 'drag', alone: [0, 0], never: null });
    expect(found!.strength).toBeCloseTo(0.4, 12);
    expect(found!.mix[0]).toBeCloseTo(0.5, 9);
  });
  it('is nothing where one never brings more, and says which', () => {
    const doc = tree(
      [position('g', twoShows), pin],
      [option('cut', 'a', 'b'), mine('walk', 'g', 'pin', { when: { he: ['a', 'b'] }, works: 0.8, seconds: 60 })],
    );
    expect(findStrengths(doc, free)[0]).toMatchObject({ strength: 0, never: 'cut' });
  });
  it('is none where he sees the choice before he picks', () => {
    const doc = tree([position('g', { ...twoShows, heSeesItFirst: true }), pin], [option('cut', 'a', 'b'), option('drag', 'b', 'a')]);
    expect(findStrengths(doc, free)).toEqual([]);
  });
  it('is never negative, and read wholly what is added is what either is better against', () => {
    for (let seed = 1; seed <= 20; seed++)
      for (const readSkill of [0, 0.5, 1])
        for (const { strength, mix } of findStrengths(randomWorld(seed, { positions: 8, transitions: 24 }), {
          ...free,
          readSkill,
          freely: 0.5,
        })) {
          expect(strength).toBeGreaterThanOrEqual(0);
          expect(mix[0] + mix[1]).toBeCloseTo(1, 9);
        }
  });
  it('of the demo: at least three of its structural dilemmas are real, and one only looks like one', () => {
    const doc = demoTree();
    const strengths = findStrengths(doc, KNOWING_QUESTION);
    const of = findDilemmas(doc).dilemmas.map(
      ({ a, b }) => strengths.find((item) => [item.a, item.b].toSorted().join() === [a, b].toSorted().join())!.strength,
    );
    expect(of.filter((strength) => strength > 0.005).length).toBeGreaterThanOrEqual(3);
    expect(of.filter((strength) => strength < 0.0025).length).toBe(1);
  });
});
