import { describe, expect, it } from 'vitest';
import { demoAthletes, demoGroups } from '../../../demo/demoPeople';
import { USUAL_SETTINGS } from '../people';
import { attendance } from './attendance';
import { partnersOf, type ClassSettings } from './clock/time';

const DAY = '2026-11-27';
const book = { athletes: demoAthletes(DAY), groups: demoGroups() };
const SETTINGS: ClassSettings = { slotMinutes: 60, people: 30, bothSides: true, warmUpMinutes: 6, debriefMinutes: 4, changeOverMinutes: 0 };
const of = (more: object) => attendance({ ...SETTINGS, ...more }, book);

describe('who comes', () => {
  it('is counted from the group, less who stays away or is absent that day, and who comes besides', () => {
    expect(of({ group: 'evening' }).plan).toMatchObject({ people: 13, threes: 1 });
    expect(of({ group: 'evening', away: ['pia-holm'] }).plan).toMatchObject({ people: 12, threes: 0 });
    expect(of({ group: 'evening', date: '2026-11-15' }).expected.map(({ id }) => id)).not.toContain('hanne-gray');
    expect(of({ group: 'competition', guests: ['milo-strand'] }).plan).toMatchObject({ people: 7, threes: 0 });
  });
  it('minors make threes of their own: an even number may need two, and all wait for them', () => {
    const three = { ...book, athletes: book.athletes.map((item) => (item.id === 'sefa-moor' ? { ...item, age: 17 } : item)) };
    const { plan } = attendance({ ...SETTINGS, group: 'evening', away: ['pia-holm'] }, three);
    expect(plan).toMatchObject({ people: 12, threes: 2 });
    expect(partnersOf(plan)).toBe(3);
  });
  it('a named adult makes the minors even, and the adults odd', () => {
    const named = { ...book, athletes: book.athletes.map((item) => (item.id === 'pia-holm' ? { ...item, withMinors: true } : item)) };
    const of3 = (away: string[]) => attendance({ ...SETTINGS, group: 'evening', away }, named).plan;
    expect(of3(['milo-strand'])).toMatchObject({ people: 12, threes: 0 });
    expect(of3([])).toMatchObject({ people: 13, threes: 1 });
  });
  it('who is a minor is as the gym has it: from sixteen on, the juniors of fifteen and fourteen alone', () => {
    const ages = new Map([
      ['pia-holm', 16],
      ['sefa-moor', 15],
    ]);
    const of16 = { ...book, athletes: book.athletes.map((item) => ({ ...item, age: ages.get(item.id) ?? 30 })) };
    const minors = (settings?: { adultAge: number }) => {
      const said = settings && { settings: { ...USUAL_SETTINGS, ...settings } };
      const { expected } = attendance({ ...SETTINGS, group: 'evening' }, { ...of16, ...said });
      return expected.filter(({ isMinor }) => isMinor).map(({ id }) => id);
    };
    expect(minors()).toEqual(['pia-holm', 'sefa-moor']);
    expect(minors({ adultAge: 16 })).toEqual(['sefa-moor']);
    expect(minors({ adultAge: 15 })).toEqual([]);
  });
  it('without a group, with one that is gone, or with one person, is the number that was typed', () => {
    expect(of({}).plan.people).toBe(30);
    expect(of({ group: 'constructor' })).toMatchObject({ expected: [], plan: { people: 30 } });
    expect(of({ group: 'competition', away: demoGroups()[1]!.members.slice(1) }).plan.people).toBe(30);
  });
});
