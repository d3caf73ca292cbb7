import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../demo/demoTree';
import { mine, position, reaction, tree as smallTree } from '../../../tests/support/smallTree';
import { findOdds, ODDS_QUESTION } from '../odds';
import { findFindings } from './findFindings';
import { byWeight, visitsOf, weightOf } from './weigh';

describe('what matters first', () => {
  const tree = demoTree();
  const visits = visitsOf(findOdds(tree, ODDS_QUESTION));
  const { list } = findFindings(tree);
  it('keeps every finding and the order of kinds, and within a kind what is met more often stands first', () => {
    const ordered = byWeight(tree, list, visits);
    expect(new Set(ordered)).toEqual(new Set(list));
    expect([...new Set(ordered.map(({ kind }) => kind))]).toEqual([...new Set(list.map(({ kind }) => kind))]);
    const gaps = ordered.filter(({ kind }) => kind === 'unanswered').map((finding) => weightOf(tree, finding, visits));
    expect(gaps.length).toBeGreaterThan(10);
    expect(gaps).toEqual(gaps.toSorted((a, b) => b - a));
    expect(gaps[0]).toBeGreaterThan(0);
  });
  it('puts the coach’s own gaps before those of an entry that is not confirmed', () => {
    const two = smallTree(
      [
        position('a', { reads: reaction('stands'), fromCatalogue: 'spider' }),
        position('b', { reads: reaction('turns') }),
        position('c', { ends: 'settled' }),
      ],
      [mine('go', 'a', 'b'), mine('on', 'b', 'c')],
    );
    const ordered = byWeight(two, findFindings(two).list, new Map([['a', 9]]));
    expect(ordered.filter(({ kind }) => kind === 'unanswered').map((finding) => finding.position)).toEqual(['b', 'a']);
  });
  it('is the mean over the starts', () => {
    const start = (position: string, visits: number) => ({ position, visits: [{ position: 'x', visits }] });
    const odds = { starts: [start('a', 3), start('b', 1)] } as unknown as Parameters<typeof visitsOf>[0];
    expect(visitsOf(odds).get('x')).toBe(2);
  });
});
