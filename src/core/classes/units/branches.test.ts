import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../../demo/demoTree';
import { indexOf, isGoal } from '../../tree';
import { findBranches, isBranch } from './branches';

describe('branches', () => {
  it('every offered branch is a path, and ends at a goal if one can be reached', () => {
    const doc = demoTree();
    const branches = findBranches(doc);
    expect(branches.length).toBeGreaterThan(40);
    for (const { start, branch } of branches) {
      expect(isBranch(doc, branch)).toBe(true);
      expect(indexOf(doc).transitions.get(branch[0]!)!.from).toBe(start);
    }
    const ends = branches.map(({ branch }) => indexOf(doc).positions.get(indexOf(doc).transitions.get(branch.at(-1)!)!.to)!.ends);
    expect(ends.filter((ending) => ending && isGoal(doc, ending)).length).toBe(branches.length);
  });
});
