import { describe, expect, it } from 'vitest';
import { atOnce } from '../../base';
import { demoTree } from '../../../../demo/demoTree';
import { mine, position, reaction, tree } from '../../../../tests/support/smallTree';
import { ODDS_QUESTION } from '../question';
import { findOdds } from '../report';
import { findShadesInPieces, type ShadedBy } from './shades';

const demo = demoTree();
const shades = (by: ShadedBy, of = demo) =>
  new Map(atOnce(findShadesInPieces(of, by, ODDS_QUESTION)).map((shade) => [shade.position, shade]));

describe('what a board is shaded by', () => {
  it('worth is that of the odds, of places that do not end', () => {
    const found = shades('worth');
    for (const { position: id, value } of findOdds(demo).positions) {
      const ends = demo.positions.find((item) => item.id === id)!.ends;
      if (ends) expect(found.has(id)).toBe(false);
      else expect(found.get(id)!.value).toBeCloseTo(value, 12);
    }
    expect(Math.max(...[...found.values()].map(({ part }) => part))).toBe(1);
  });
  it('what most hangs on is darkest, and nothing hangs on a start', () => {
    const found = shades('load');
    expect(['leg-drag', 'turtle'].map((id) => found.get(id)!.part > 0.5)).toEqual([true, true]);
    for (const start of demo.starts) expect(found.get(start.position)!.part).toBe(0);
  });
  it('origin counts what was typed, by hand', () => {
    const [read] = reaction('a', 'b');
    const values = read!.values.map((value, i) => (i === 0 ? { ...value, share: 0.5 } : value));
    const doc = tree(
      [position('g', { reads: [{ ...read!, values }] }), position('pin', { ends: 'settled' })],
      [mine('cut', 'g', 'pin', { works: 0.5 }), mine('walk', 'g', 'pin'), mine('later', 'g', 'pin', { announced: true })],
    );
    expect([...shades('origin', doc).values()]).toEqual([{ position: 'g', part: 0.5, value: 0.5, typed: 2, all: 4 }]);
  });
  it('of an empty tree there is nothing to shade', () => {
    for (const by of ['worth', 'load', 'origin'] as const) expect(shades(by, tree([], [])).size).toBe(0);
  });
});
