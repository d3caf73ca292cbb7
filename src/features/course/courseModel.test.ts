import { describe, expect, it } from 'vitest';
import { demoPlan } from '../../../demo/demoPlan';
import { demoTree } from '../../../demo/demoTree';
import type { ClassDocument } from '@/documents/class/schema';
import { balanceOf, bothSidesShare, courseWeeks, wantedFor } from './courseModel';

const tree = demoTree();
const on = (id: string, date?: string): ClassDocument => ({ ...demoPlan(), id, name: id, tree: tree.id, ...(date ? { date } : {}) });

describe('a course', () => {
  it('is classes with a day by weeks, each held, missed or to come', () => {
    const held = [
      { ...{ id: 'h', tree: tree.id, class: 'a', name: 'a', date: '2026-11-24', came: [], people: 9, units: [], mistakes: [] } },
    ];
    const weeks = courseWeeks(
      tree,
      [on('c', '2026-12-01'), on('a', '2026-11-24'), on('b', '2026-11-26'), on('none')],
      held,
      '2026-11-27',
      undefined,
    );
    expect(weeks.map(({ monday, classes }) => [monday, classes.map(({ plan, standing }) => `${plan.id} ${standing}`)])).toEqual([
      ['2026-11-23', ['a held', 'b missed']],
      ['2026-11-30', ['c ahead']],
    ]);
    expect(weeks[0]!.classes[0]).toMatchObject({ isHard: false, titles: expect.arrayContaining(['Body lock']) as string[] });
    expect(courseWeeks(tree, [on('c', '2026-12-01')], [], '2026-11-27', 'other')).toEqual([]);
  });
  it('is planned again as it was planned last, for each group, less what was due before today', () => {
    const due = ['2026-11-20', '2026-12-20'].map((by) => ({ move: 'cut', by }));
    const last = { ...{ id: 'c', name: 'Weeks ahead', tree: tree.id, group: 'evening', weekdays: [0], weeks: 2, slotMinutes: 90 }, due };
    const courses = [{ ...last, mostNew: null, gapDays: 3 }];
    expect(wantedFor(courses, 'evening', '2026-11-27')).toEqual({
      ...{ group: 'evening', weekdays: [0], weeks: 2, slotMinutes: 90, mostNew: null, gapDays: 3, balance: [], time: '' },
      ...{ from: '2026-11-28', due: [due[1]] },
    });
    expect(wantedFor(courses, undefined, '2026-11-27')).toMatchObject({ weekdays: [1, 3], slotMinutes: 60, time: '18:30' });
  });
  it('says where its minutes go, and which guards it leaves out', () => {
    const { shares, without } = balanceOf(tree, [on('a')]);
    expect(shares).toEqual([{ name: 'Body lock', part: 1 }]);
    expect(without).toHaveLength(tree.starts.length);
    expect(balanceOf(tree, []).shares).toEqual([]);
    expect(bothSidesShare(tree, [on('a')])).toBeGreaterThan(0.5);
    expect(bothSidesShare(tree, [])).toBeNull();
  });
});
