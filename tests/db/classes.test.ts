import { describe, expect, it } from 'vitest';
import { emptyClassPlan } from '@/documents/class/schema';
import { Cancelled } from '@/documents/letOthersIn';
import { findCourse } from '@/server/services/classes/courses';
import { calendarFile } from '@/server/services/classes/calendar';
import { findCards, findClasses, findSheet } from '@/server/services/classes/classes';
import { findCourses, storeCourse } from '@/server/services/classes/storeCourse';
import { createDocument } from '@/server/services/documents';
import { addHeld, findHeld } from '@/server/services/classes/held';
import { findProposals } from '@/server/services/classes/proposals';
import { unitKey, unitOf } from '@/core/classes';
import { findUnanswered } from '@/core/structure';
import { diffOf } from '@/core/tree';
import { saveEdits } from '@/server/services/store';
import { findDrawn, findTree, storeTree } from '@/server/services/trees';
import { findWeek } from '@/server/services/week';
import { demoAthletes, demoGroups, demoHeld } from '../../demo/demoPeople';
import { demoPlan } from '../../demo/demoPlan';
import { demoTree } from '../../demo/demoTree';
import { testDb } from './testDb';

const context = testDb('classes');
const TODAY = '2026-11-27';
const tree = demoTree();

describe('classes of a gym', () => {
  it('held ones are written once, whatever is sent twice, and what is stale follows from them', async () => {
    await storeTree(context, tree);
    for (const held of [...demoHeld(tree, TODAY), ...demoHeld(tree, TODAY)]) await addHeld(context, tree.id, held);
    expect((await findHeld(context, tree.id)).toSorted((a, b) => (a.date < b.date ? -1 : 1))).toEqual(demoHeld(tree, TODAY));
    expect(await findHeld(context, 'other')).toEqual([]);
    const { stale } = (await findWeek(context, TODAY))!;
    expect(stale.length).toBeGreaterThan(0);
    expect(stale.every(({ staleness, last }) => staleness >= 0.5 && last < TODAY)).toBe(true);
  });
  it('are proposed for those who come; what is planned before the day counts as taught, what is too soon stays out', async () => {
    for (const athlete of demoAthletes(TODAY))
      await createDocument(context, 'athlete', { ...athlete, id: athlete.id }, null, { exactly: true });
    for (const group of demoGroups()) await createDocument(context, 'group', group, null);
    const plan = { ...emptyClassPlan, units: [], people: 13, group: 'evening', date: '2026-12-01' };
    const asked = { plan, theme: null, musts: [], mustNots: [], mostNew: 3, gapDays: 6, one: true };
    const first = (await findProposals(context, tree.id, asked, TODAY))!.proposals[0]!;
    expect(first.minutes).toBeLessThanOrEqual(50);
    const units = first.units.map(({ unit }) => unit);
    expect((await createDocument(context, 'class', { ...plan, id: 'tuesday', name: 'Tuesday', tree: tree.id, units }, null)).ok).toBe(true);
    const next = (await findProposals(context, tree.id, { ...asked, plan: { ...plan, date: '2026-12-03' } }, TODAY))!.proposals[0]!;
    const key = ({ kind, of }: { kind: string; of: readonly string[] }) => JSON.stringify([kind, of]);
    for (const { unit } of next.units) expect(units.map(key)).not.toContain(key(unit));
    expect(await findProposals(context, 'nothing', asked, TODAY)).toBeNull();
  });
  it('keep the gap to what stands later by hand, not to what others were taught, nor to what comes with the course', async () => {
    const slot = { ...emptyClassPlan, people: 13, group: 'evening' };
    const asked = (date: string) => ({ plan: { ...slot, date }, theme: null, musts: [], mustNots: [], mostNew: 3, gapDays: 6, one: true });
    const best = async (date: string) =>
      (await findProposals(context, tree.id, asked(date), TODAY))!.proposals[0]!.units.map(({ unit }) => unit);
    const key = ({ kind, of }: { kind: string; of: readonly string[] }) => JSON.stringify([kind, of]);
    const units = await best('2027-02-02');
    const shared = async () => (await best('2027-02-02')).map(key).filter((item) => units.map(key).includes(item)).length;
    const later = { ...slot, id: 'later', name: 'Later', tree: tree.id, date: '2027-02-04', units };
    expect((await createDocument(context, 'class', { ...later, fromCourse: true }, null)).ok).toBe(true);
    expect(await shared()).toBe(units.length);
    expect((await createDocument(context, 'class', { ...later, id: 'others', group: 'nobody', guests: ['bram-teal'] }, null)).ok).toBe(
      true,
    );
    expect((await createDocument(context, 'class', { ...later, id: 'kept' }, null)).ok).toBe(true);
    expect(await shared()).toBe(0);
  });
  it('for weeks ahead are planned together: days between, what stands by hand, what is new; stopped, nothing comes of it', async () => {
    const dates = ['2027-03-02', '2027-03-04', '2027-03-09', '2027-03-11', '2027-03-16', '2027-03-18'];
    const asked = {
      group: 'evening',
      dates,
      slotMinutes: 60,
      mostNew: 3,
      gapDays: 6,
      balance: [
        { kind: 'family' as const, of: 'half', name: 'half guard' },
        { kind: 'side' as const, of: 'other', name: 'the other side' },
      ],
    };
    const shares: number[] = [];
    const found = (await findCourse(context, tree.id, asked, TODAY, { onProgress: (share) => shares.push(share) }))!;
    expect(found.classes.map(({ date }) => date)).toEqual(dates);
    expect(found.said).toMatch(/^All these classes together are worth \d/);
    expect(shares.length).toBeGreaterThan(3);
    expect(found.notMet).toEqual([]);
    const key = ({ kind, of }: { kind: string; of: readonly string[] }) => JSON.stringify([kind, of]);
    const last = new Map<string, string>();
    for (const { date, units, minutes } of found.classes) {
      expect(minutes).toBeLessThanOrEqual(50);
      expect(units.length).toBeGreaterThanOrEqual(3);
      for (const unit of units) {
        if (last.has(key(unit))) expect(Date.parse(date) - Date.parse(last.get(key(unit))!)).toBeGreaterThanOrEqual(6 * 86_400_000);
        last.set(key(unit), date);
      }
    }
    const { units, date } = found.classes[2]!;
    const mine = { ...emptyClassPlan, id: 'mine', name: 'Mine', tree: tree.id, group: 'evening', date, units, people: 13 };
    expect((await createDocument(context, 'class', mine, null)).ok).toBe(true);
    const again = (await findCourse(context, tree.id, asked, TODAY))!;
    expect(again.classes.map((item) => item.date)).toEqual(dates.filter((item) => item !== date));
    const near = again.classes.filter((item) => ['2027-03-04', '2027-03-11'].includes(item.date)).flatMap((item) => item.units.map(key));
    for (const unit of units) expect(near).not.toContain(key(unit));
    const stop = new AbortController();
    await expect(findCourse(context, tree.id, asked, TODAY, { signal: stop.signal, onProgress: () => stop.abort() })).rejects.toThrow(
      Cancelled,
    );
    expect(await findCourse(context, 'nothing', asked, TODAY)).toBeNull();
  }, 60_000);
  it('a course of two windows at once is written down once, beside what stands by hand, and where none could be made the former stays', async () => {
    await storeTree(context, { ...tree, id: 'weeks' });
    const dates = ['2027-05-04', '2027-05-06', '2027-05-11'];
    const units = [{ kind: 'move' as const, of: [tree.transitions[0]!.id] }];
    const one = (date: string, about = 'Spider') => ({ date, about, people: 13, units });
    const asked = (classes: ReturnType<typeof one>[]) => ({
      ...{ group: 'evening', dates, slotMinutes: 60, from: '2027-05-01', classes, weekdays: [1, 3], weeks: 2 },
      ...{ mostNew: null, gapDays: 6, balance: [] },
    });
    const all = async () => (await findClasses(context, 'weeks')).map(({ plan }) => `${plan.date} ${plan.name}`).toSorted();
    const first = dates.map((date) => one(date));
    const second = dates.map((date) => one(date, 'Lasso'));
    const stored = await Promise.all([storeCourse(context, 'weeks', asked(first)), storeCourse(context, 'weeks', asked(second))]);
    expect(stored).toEqual([
      { ok: true, value: 3 },
      { ok: true, value: 3 },
    ]);
    expect(await all()).toEqual(dates.map((date) => `${date} Lasso`));
    const mine = { ...emptyClassPlan, id: 'by-hand', name: 'Mine', tree: 'weeks', group: 'evening', date: dates[0]!, units };
    expect((await createDocument(context, 'class', mine, null)).ok).toBe(true);
    // The evening by hand is left alone, the second is planned anew, of the third none could be made.
    expect(await storeCourse(context, 'weeks', asked([one(dates[0]!), one(dates[1]!)]))).toEqual({ ok: true, value: 1 });
    expect(await all()).toEqual([`${dates[0]} Mine`, `${dates[1]} Spider`, `${dates[2]} Lasso`]);
    // Trained on another day from now on: the former days have no class of the course any more.
    expect((await storeCourse(context, 'weeks', { ...asked([one('2027-05-05')]), dates: ['2027-05-05'] })).ok).toBe(true);
    expect(await all()).toEqual([`${dates[0]} Mine`, '2027-05-05 Spider']);
    // How it was planned last is kept, once for each group.
    expect(await findCourses(context, 'weeks')).toEqual([expect.objectContaining({ group: 'evening', weeks: 2, gapDays: 6 })]);
    expect(await findCourses(context, 'constructor')).toEqual([]);
  });
  it('what is due comes by its day, or is named with why it cannot', async () => {
    const unusual = tree.transitions.findLast(({ actor, announced }) => actor === 'owner' && announced !== true)!.id;
    const due = [
      { move: unusual, by: '2027-05-04' },
      { move: unusual, by: '2027-05-01' },
      { move: 'gone', by: '2027-05-20' },
    ];
    const dates = ['2027-05-04', '2027-05-06'];
    const asked = { group: 'evening', dates, slotMinutes: 60, mostNew: 3, gapDays: 6, balance: [], due };
    const { classes, notMet } = (await findCourse(context, tree.id, asked, TODAY))!;
    const [first] = classes;
    expect(first).toMatchObject({ date: '2027-05-04' });
    expect(first!.units.some((unit) => unitOf(tree, unit)!.transitions.includes(unusual))).toBe(true);
    expect(notMet).toEqual([
      expect.stringMatching(/^“.+” was to come by 2027-05-01: no evening that is to be planned is before that\.$/),
      'A move that was to come by 2027-05-20 is no longer in the tree.',
    ]);
  }, 60_000);
  it('polished is worth no less, within its rules, and given up nothing comes of it', async () => {
    const asked = { group: 'evening', dates: ['2027-06-01', '2027-06-03'], slotMinutes: 60, mostNew: 3, gapDays: 6 };
    const worth = ({ said }: { said: string }): number => Number(/worth (\d+\.\d) in 100/.exec(said)![1]);
    const plain = (await findCourse(context, tree.id, asked, TODAY))!;
    const shares: number[] = [];
    const better = (await findCourse(context, tree.id, { ...asked, polish: true }, TODAY, { onProgress: (share) => shares.push(share) }))!;
    expect(worth(better)).toBeGreaterThanOrEqual(worth(plain));
    expect(shares.every((share, i) => share <= 1 && share >= (shares[i - 1] ?? 0))).toBe(true);
    for (const { minutes, units } of better.classes) expect([minutes <= 50, units.length >= 3]).toEqual([true, true]);
    const stop = new AbortController();
    const late = { signal: stop.signal, onProgress: (share: number) => share > 0.1 && stop.abort() };
    await expect(findCourse(context, tree.id, { ...asked, polish: true }, TODAY, late)).rejects.toThrow(Cancelled);
  }, 120_000);
  it('what was answered this week brings what it cost before, and says so', async () => {
    const id = 'answered';
    const { position, read, value } = findUnanswered(tree)[0]!;
    await storeTree(context, { ...tree, id });
    const stored = (await findTree(context, id))!;
    expect((await findDrawn(context, id, 7)).size).toBe(0);
    const answer = {
      ...tree.transitions.find(({ from, actor }) => from === position && actor === 'owner')!,
      id: 'answer',
      when: { [read]: [value] },
      works: 0.9,
    };
    const after = { ...stored.tree, transitions: [...stored.tree.transitions, answer] };
    const saved = await saveEdits(context, 'tree', id, {
      baseRevision: stored.revision,
      edits: [{ id: crypto.randomUUID(), diff: diffOf(stored.tree, after, 'an answer') }],
    });
    expect(saved.ok).toBe(true);
    expect([...(await findDrawn(context, id, 7))]).toEqual(['answer']);
    const must = { kind: 'move' as const, of: ['answer'] };
    const asked = { plan: { ...emptyClassPlan }, theme: null, musts: [must], mustNots: [], mostNew: null, one: true };
    const [first] = (await findProposals(context, id, asked, TODAY))!.proposals;
    const reasons = first!.units.find(({ unit }) => unit.of[0] === 'answer')!.reasons.join(' ');
    expect(reasons).toMatch(/answers since this week what had no answer/);
  });
  it('whoever may do nothing is never drilled: then it is said', async () => {
    for (const id of ['knee', 'back']) await createDocument(context, 'athlete', { id, name: id, limits: ['feeder only'] }, null);
    await createDocument(context, 'group', { id: 'injured', name: 'Injured', members: ['knee', 'back'] }, null);
    const plan = { ...emptyClassPlan, group: 'injured' };
    const found = await findProposals(context, tree.id, { plan, theme: null, musts: [], mustNots: [], mostNew: null }, TODAY);
    expect(found).toEqual({ proposals: [], notMet: [expect.stringMatching(/^Nobody who comes may do any of these drills/)] });
  });
  it('a must comes back as the coach has it, in his minutes and on his sides', async () => {
    const must = { kind: 'move' as const, of: ['body-lock-i-step-over-to-the-flat-side'], sides: 1 as const, work: 3, demonstration: 5 };
    const asked = { plan: { ...emptyClassPlan }, theme: null, musts: [must], mustNots: [], mostNew: null, one: true };
    const [first] = (await findProposals(context, tree.id, asked, TODAY))!.proposals;
    expect(first!.units.map(({ unit }) => unit)).toContainEqual({ ...must, work: expect.any(Number) as number });
    // The other side comes with the first, or after it was taught.
    const mirrored = { kind: must.kind, of: must.of, mirrored: true as const };
    const [other] = (await findProposals(context, tree.id, { ...asked, musts: [mirrored] }, TODAY))!.proposals;
    const units = other!.units.map(({ unit }) => unitKey(unit));
    expect(units.slice(0, units.indexOf(unitKey(mirrored)))).toContain(unitKey({ kind: must.kind, of: must.of }));
  });
  it('are printed, as a sheet, as cards of each who comes, as a calendar of those that have a day', async () => {
    await createDocument(context, 'class', { ...demoPlan(), id: 'next', name: 'Next', tree: tree.id }, null);
    expect((await findSheet(context, tree.id, 'next'))!.rows.length).toBeGreaterThan(5);
    expect((await findCards(context, tree.id, 'next'))!.map(({ name }) => name)).toHaveLength(13);
    expect(await findCards(context, tree.id, 'nothing')).toBeNull();
    const calendar = (await calendarFile(context, tree.id))!;
    expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(5);
    expect(calendar).toContain('DTSTART:20261201T183000');
    expect(await calendarFile(context, 'nothing')).toBeNull();
  });
});
