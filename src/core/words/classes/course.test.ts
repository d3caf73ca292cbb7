import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../../demo/demoTree';
import { unitOf, type DrillUnit } from '../../classes';
import { sayCourse, sayMissed, sayOverdue } from './course';

describe('what is said of a course', () => {
  it('is its worth, and how much more could be had', () => {
    expect(sayCourse(0.2, 0.2)).toBe('All these classes together are worth 20.0 in 100 rounds. No course of these evenings is worth more.');
    expect(sayCourse(0.2, 0.21)).toMatch(/worth more than 21\.0 in 100\.$/);
    expect(sayCourse(0.2, 0.3)).toMatch(/worth more than 30\.0 in 100\. \(That figure is generous: it counts a move anew/);
  });
  it('says of what has not come by its day why', () => {
    const tree = demoTree();
    const move = tree.transitions.find(({ actor }) => actor === 'owner')!;
    const due = ['2026-11-30', '2026-12-01', '2026-12-09'].map((by) => ({ move: by === '2026-12-09' ? 'constructor' : move.id, by }));
    const evenings = [{ date: '2026-12-01' }];
    const unit = unitOf(tree, { kind: 'move', of: [move.id] })!;
    const said = (units: DrillUnit[], missed = [0, 1, 2]) => sayOverdue(tree, due, new Set(missed), { evenings, units });
    expect(said([unit]).map((sentence) => sentence.split(': ').at(-1))).toEqual([
      'no evening that is to be planned is before that.',
      'no class that keeps the rules has room for it.',
      'A move that was to come by 2026-12-09 is no longer in the tree.',
    ]);
    expect(said([], [1])[0]).toMatch(/^“.+” was to come by 2026-12-01: there is no drill of it that these people may do\.$/);
    expect(said([unit], [])).toEqual([]);
  });
  it('names what is asked for and missed, and nothing that is met', () => {
    const balance = [
      { name: 'open guards', least: 0.2 },
      { name: 'from below', least: 0.2 },
    ];
    const said = sayMissed(balance, [0, 0.12]);
    expect(said).toEqual(['Of 100 minutes of work planned here only 8 count as “from below”; 20 were asked for.']);
  });
});
