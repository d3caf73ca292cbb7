import { describe, expect, it } from 'vitest';
import type { Read } from '../../tree';
import { shareBeside, SHARE_CHOICES, shareText } from './chances';

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
  it('comes back as it was typed where the shares make more than one together', () => {
    const three = read('reaction', [0.6, 0.35, 0.35]);
    expect(['v0', 'v1', 'v2'].map((id) => shareText(three, id))).toEqual(['mostly, 46 in 100', 'often, 27 in 100', 'often, 27 in 100']);
  });
  it('a share that was not typed says that it is an equal part', () => {
    expect(shareText(read('reaction', [undefined, undefined]), 'v0')).toBe('33 in 100, an equal part');
    expect(shareText(read('cue', [undefined, undefined]), 'v1')).toBe('50 in 100, an equal part');
    const still = read('reaction', [0.35, undefined]);
    const values = [still.values[0]!, { ...still.values[1]!, kind: 'none' as const }];
    expect(shareText({ ...still, values }, 'v1')).toBe('65 in 100, the rest');
  });
  it('beside other reads a cue says whose it is', () => {
    expect(shareBeside(read('cue', [0.5, 0.5]), 'v0')).toBe('inside knee, 50 in 100');
    expect(shareBeside(read('reaction', [0.5]), 'v0')).toBe('mostly, 50 in 100');
  });
});
