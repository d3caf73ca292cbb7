import { describe, expect, it } from 'vitest';
import { emptyTree, withNewGuard } from '@/core/tree';
import { demoTree } from '../../../../demo/demoTree';
import { randomTree } from '../../../../tests/support/randomTree';
import { stillOf } from './still';

const opened = {
  revision: 1,
  view: 'tree',
  selected: null,
  guard: null,
  filter: {},
  book: { ruleCards: [], athletes: [], opponents: [] },
} as const;

describe('the picture that comes with the page of a board', () => {
  it('names every rung that the board draws', () => {
    const tree = demoTree();
    const still = stillOf({ ...opened, tree });
    for (const name of ['Spider', 'Headquarters', 'Knee on belly', 'back taken']) expect(still).toContain(`>${name}<`);
    expect(stillOf({ ...opened, tree, view: 'guard', guard: 'knee-shield' })).not.toContain('>Spider<');
  });
  it('spells out what a name may hold', () => {
    const { tree } = withNewGuard(emptyTree('t', 'T'), '<i>&"');
    expect(stillOf({ ...opened, tree })).toContain('&lt;i&gt;&amp;&quot;');
  });
  it('is not drawn of a large tree, of one hub, nor under a filter, whose pictures are made in the browser', () => {
    expect(stillOf({ ...opened, tree: randomTree(1, { positions: 300, transitions: 500 }) })).toBe('');
    expect(stillOf({ ...opened, tree: demoTree(), view: 'hub' })).toBe('');
    expect(stillOf({ ...opened, tree: demoTree(), filter: { context: 'noGi' } })).toBe('');
  });
});
