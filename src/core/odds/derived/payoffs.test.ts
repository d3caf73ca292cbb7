import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../../demo/demoTree';
import { atOnce } from '../../base';
import { KNOWING_QUESTION, ODDS_QUESTION } from '../question';
import { findAdviceInPieces } from './advice';
import { findPayoffsInPieces } from './payoffs';

const demo = demoTree();

describe('what practising and teaching each move brings', () => {
  it('is what the desk says of those that it lists', () => {
    for (const question of [ODDS_QUESTION, { ...KNOWING_QUESTION, roundSeconds: 60 }]) {
      const { practice, teaching } = atOnce(findPayoffsInPieces(demo, question));
      const { items } = atOnce(findAdviceInPieces(demo, [], question));
      const practised = items.filter((item) => item.kind === 'practise');
      expect(practised.length).toBeGreaterThan(0);
      for (const item of practised) expect(practice.get(item.transition)).toBeCloseTo(item.worth, 12);
      // Teaching is only ranked on the steady clock: of one sign and size with what the round clock says.
      for (const item of items.filter(({ kind }) => kind === 'teach'))
        expect(teaching.get((item as { transition: string }).transition)! / item.worth).toBeGreaterThan(0.4);
    }
  });
  it('is never less than nothing, and nothing without a start', () => {
    const { practice, teaching } = atOnce(findPayoffsInPieces(demo, ODDS_QUESTION));
    expect([...practice.values(), ...teaching.values()].every((worth) => worth >= 0)).toBe(true);
    expect(atOnce(findPayoffsInPieces({ ...demo, starts: [] }, ODDS_QUESTION)).practice.size).toBe(0);
  });
});
