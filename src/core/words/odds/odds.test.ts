import { describe, expect, it } from 'vitest';
import { findOdds, KNOWING_QUESTION, type Choice } from '../../odds';
import { indexOf } from '../../tree';
import { demoTree } from '../../../../demo/demoTree';
import { clock, inHundred, plural, sayTimesARound } from '../figures';
import { mixLines, sayOften } from './mixes';
import { choiceText, sayAgainst, sayBetween, sayDefaults, sayForeseen, sayMargin, sayUndrawn, sayWorth } from './odds';

const tree = demoTree();
const odds = findOdds(tree);

describe('figures', () => {
  it('never say nought or a hundred for what is merely near it', () => {
    expect([0, 0.004, 0.006, 0.5, 0.994, 0.996, 1].map(inHundred)).toEqual([
      '0 in 100',
      'under 1 in 100',
      '1 in 100',
      '50 in 100',
      '99 in 100',
      'over 99 in 100',
      'over 99 in 100',
    ]);
  });
  it('say seconds as a clock, and count in words', () => {
    expect([0, 0.004, 0.01, 0.126, 1.25].map(sayTimesARound)).toEqual([
      'under once in 100 rounds',
      'under once in 100 rounds',
      'about 1 time in 100 rounds',
      'about 13 times in 100 rounds',
      'about 1.3 times a round',
    ]);
    expect([0, 59.6, 64, 300].map(clock)).toEqual(['0:00', '1:00', '1:04', '5:00']);
    expect([plural(1, 'loop'), plural(0, 'loop'), plural(2, 'branch', 'branches')]).toEqual(['1 loop', '0 loops', '2 branches']);
  });
});

describe('a choice in words', () => {
  it('says for each show what to do, the next best, and what changes when time is short', () => {
    const at = indexOf(tree).positions.get('collar-sleeve')!;
    const { choices } = odds.positions.find((item) => item.position === at.id)!;
    const texts = choices.map((choice) => choiceText(tree, at, choice));
    expect(texts.map((text) => text.shown)).toContain('he stands up');
    expect(texts.map((text) => text.shown)).toContain('nothing special');
    for (const [i, text] of texts.entries()) {
      expect(text.best).toMatch(/^(I |wait for another show)/);
      expect(text.worth).toMatch(/in 100$/);
      expect(text.late === '').toBe(choices[i]!.late === null);
    }
  });
  it('says so where the figures put another answer first than the coach', () => {
    const at = indexOf(tree).positions.get('collar-sleeve')!;
    const [mine] = indexOf(tree).from.get(at.id)!;
    const choice: Choice = { ...odds.positions[0]!.choices[0]!, shown: [], insteadOf: mine!.id };
    expect(choiceText(tree, at, choice)).toMatchObject({
      shown: 'whatever he does',
      instead: expect.stringContaining('Your order puts “I '),
    });
  });
  it('says what is kept back, and between which figures the true one lies', () => {
    expect([0, 0.2].map(sayUndrawn)).toEqual(['all he can do is drawn', '20 in 100 left for what is not drawn']);
    expect(sayForeseen({ value: 0.4, foreseen: 0.3 })).toBe('30 in 100 if nothing unforeseen comes');
    expect(sayForeseen({ value: 0.401, foreseen: 0.404 })).toBe('');
    expect([true, false].map((isDrawn) => sayWorth({ value: 0, isDrawn }))).toEqual(['0 in 100', 'not drawn']);
    expect(sayMargin({ value: 0.4, upper: 0.4001 })).toBe('');
    expect(sayMargin({ value: 0.4, upper: 0.5 })).toContain('lies between 40 in 100 and 50 in 100.');
  });
});

describe('what the figures rest on', () => {
  it('is told by the tree’s own defaults, and of whom', () => {
    expect(sayDefaults(tree)).toBe('works 60, off its cue 20, stopped 5 in 100; 20 seconds');
    expect(sayDefaults({ ...tree, defaults: { works: 0.5, seconds: 1 } })).toBe('works 50, off its cue 20, stopped 5 in 100; 1 second');
    const gym = {
      profiles: [
        { id: 'a', name: 'Ada', of: 'athlete' as const },
        { id: 'b', name: 'Bo', of: 'opponent' as const },
      ],
    };
    expect(sayAgainst(gym, { profiles: ['a'] })).toBe('a typical opponent');
    expect(sayAgainst(gym, { profiles: ['a', 'b'] })).toBe('Bo');
    expect(sayAgainst(gym, { against: ['a'] })).toBe('Ada');
  });
});

describe('how sure a figure is', () => {
  it('is told by both ends', () => {
    expect(sayBetween({ low: 0.241, high: 0.377 })).toBe('between 24 and 38 in 100');
    expect(sayBetween({ low: 0.301, high: 0.299 })).toBe('about 30 in 100');
  });
});

describe('mixes in words', () => {
  it('say how often, most of it first', () => {
    expect([1, 0.7, 0.5, 0.3, 0.2, 0.02].map(sayOften)).toEqual([
      'always',
      'mostly, 70 in 100',
      'about half the time, 50 in 100',
      'often, 30 in 100',
      'sometimes, 20 in 100',
      'seldom, 2 in 100',
    ]);
    const at = indexOf(tree).positions.get('headquarters')!;
    const { mixes } = findOdds(tree, KNOWING_QUESTION).positions.find(({ position }) => position === at.id)!;
    const { mine, his } = mixLines(tree, at, mixes!);
    for (const list of [mine, his]) {
      expect(list.reduce((sum, { chance }) => sum + chance, 0)).toBeGreaterThan(0.95);
      expect(list.map(({ chance }) => chance)).toEqual(list.map(({ chance }) => chance).toSorted((a, b) => b - a));
    }
    expect(mine.every(({ what }) => /^(I |wait)/.test(what))).toBe(true);
  });
});
