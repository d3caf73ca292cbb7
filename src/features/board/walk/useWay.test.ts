import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../../demo/demoTree';
import { stepTo } from './useWay';

const tree = demoTree();

describe('the way climbed so far', () => {
  it('goes on where a move leads there, back where it has been, and begins anew elsewhere', () => {
    const one = stepTo(tree, [], 'de-la-riva');
    expect(one).toEqual(['de-la-riva']);
    const two = stepTo(tree, one, 'hook-turned-out');
    expect(two).toEqual(['de-la-riva', 'hook-turned-out']);
    expect(stepTo(tree, two, 'de-la-riva')).toEqual(['de-la-riva']);
    expect(stepTo(tree, two, 'mount')).toEqual(['mount']);
    expect(stepTo(tree, two, null)).toEqual([]);
  });
  it('begins anew from a place that is not there any more', () => {
    expect(stepTo(tree, ['constructor'], 'de-la-riva')).toEqual(['de-la-riva']);
  });
});
