import { describe, expect, it } from 'vitest';
import type { Read } from '@/core/tree';
import { demoTree } from '../../../demo/demoTree';
import { findOptions } from './find';
import { plankText, SHARE_CHOICES, shareText } from './wording';

const read = (kind: Read['kind'], shares: readonly (number | undefined)[]): Read => ({
  id: 'r',
  name: 'inside knee',
  kind,
  values: shares.map((share, i) => ({ id: `v${i}`, name: `v${i}`, kind: 'other' as const, ...(share === undefined ? {} : { share }) })),
});

describe('shares in words', () => {
  it('every word the coach can choose is the word that is shown', () => {
    for (const [word, share] of SHARE_CHOICES) expect(shareText(read('reaction', [share]), 'v0')).toMatch(new RegExp(`^${word}, `));
  });
  it('a share that was not typed says that it is an equal part', () => {
    expect(shareText(read('reaction', [undefined, undefined]), 'v0')).toBe('33 in 100, an equal part');
    expect(shareText(read('cue', [undefined, undefined]), 'v1')).toBe('50 in 100, an equal part');
  });
  it('beside other reads a cue says whose it is', () => {
    expect(plankText(read('cue', [0.5, 0.5]), 'v0')).toBe('inside knee, 50 in 100');
    expect(plankText(read('reaction', [0.5]), 'v0')).toBe('mostly, 50 in 100');
  });
});

describe('finding a position', () => {
  const tree = demoTree();
  const names = (typed: string): string[] => findOptions(tree, typed).map((option) => option.label);
  it('by any part of its name, the best match first', () => {
    expect(names('knee sh')[0]).toBe('Knee shield');
    expect(names('LOCK')).toContain('Body lock');
    expect(names('no such place')).toEqual([]);
  });
  it('offers something before anything is typed', () => {
    expect(names('').length).toBeGreaterThan(0);
  });
});
