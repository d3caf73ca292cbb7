import { describe, expect, it } from 'vitest';
import { filterFromParams } from './filter';
import { queryOf } from './filterQuery';

const parsed = (query: string) => {
  const found: Record<string, string | string[]> = {};
  for (const [key, value] of new URLSearchParams(query)) found[key] = key in found ? [found[key]!, value].flat() : value;
  return filterFromParams(found);
};

describe('the filter in an address', () => {
  it('comes back as it went', () => {
    const filters = [
      {},
      { context: 'noGi' as const, school: 'walks & waits' },
      { ruleSet: 'juniors', age: 11, level: 'first year', profiles: ['pia-holm'] },
      { profiles: ['pia-holm', 'oren-vask'] },
    ];
    for (const filter of filters) expect(parsed(queryOf(filter))).toEqual(filter);
  });
  it('what is not understood is left out, the rest is kept', () => {
    expect(parsed('cloth=pyjamas&age=900&rules=%20juniors&school=loose')).toEqual({ school: 'loose' });
    expect(filterFromParams({ rules: ['a', 'b'], who: 'pia-holm', other: 'x' })).toEqual({ profiles: ['pia-holm'] });
  });
});
