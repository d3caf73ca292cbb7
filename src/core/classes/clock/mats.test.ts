import { describe, expect, it } from 'vitest';
import { seededRandom } from '../../base';
import { rotationOf, winnerStays } from './mats';

describe('rounds on few mats', () => {
  it('in turn, by hand: six groups on four mats are two turns, and everybody waits one', () => {
    expect(rotationOf(12, 4, 4)).toEqual({ groups: 6, turns: 2, waiting: 4 });
    expect(rotationOf(13, 6, 4)).toEqual({ groups: 6, turns: 1, waiting: 0 });
    expect(rotationOf(13, 1, 3)).toEqual({ groups: 6, turns: 6, waiting: 15 });
  });
  it('winner stays: all mats are full in every round, who waits comes on, and a sure winner never waits', () => {
    const ids = ['a', 'b', 'c', 'd', 'e'];
    const list = winnerStays(ids, 2, 2, 12, 0.5, seededRandom(3));
    expect(list.reduce((sum, { rounds }) => sum + rounds, 0)).toBe(6 * 4);
    for (const { rounds, waiting } of list) {
      expect(rounds * 2 + waiting).toBe(12);
      expect(rounds).toBeGreaterThan(0);
    }
    expect(winnerStays(ids, 2, 2, 12, 0.5, seededRandom(3))).toEqual(list);
    const sure = winnerStays(ids, 1, 2, 12, 1, seededRandom(1));
    expect(sure[0]).toEqual({ id: 'a', rounds: 6, waiting: 0 });
    expect(sure.slice(1).map(({ rounds }) => rounds)).toEqual([2, 2, 1, 1]);
  });
});
