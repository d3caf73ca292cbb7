import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../../../demo/demoTree';
import { nextIndent, scopesFor, textOf } from './scopes';

const tree = demoTree();
const places = (text: string): string[] => text.split('\n').filter((line) => /^\S/.test(line) && !/^[#-]/.test(line));

describe('what the outline sheet shows', () => {
  it('nothing to type on, a place, all that it leads to through the first endings, or the whole tree', () => {
    expect(textOf(tree, 'new', 'headquarters')).toBe('');
    expect(places(textOf(tree, 'place', 'headquarters'))).toEqual(['Headquarters']);
    const branch = places(textOf(tree, 'branch', 'headquarters'));
    expect(branch).toContain('Leg drag');
    expect(branch.length).toBeLessThan(tree.positions.length);
    expect(places(textOf(tree, 'tree', null))).toHaveLength(tree.positions.length);
    expect(scopesFor(null).map(([scope]) => scope)).toEqual(['new', 'tree']);
  });
  it('a new line stands under a place and under what he shows, and beside a move or a detail', () => {
    expect(['Knee shield', '  he frames', '    I cut → Pin', '    - note: x', '', '    I cut (as above)'].map(nextIndent)).toEqual([
      '  ',
      '    ',
      '    ',
      '    ',
      '',
      '    ',
    ]);
  });
});
