import { describe, expect, it } from 'vitest';
import { findBranches, unitsOf, type ClassSettings } from '../drills';
import { demoTree } from '../../../demo/demoTree';
import { mine, position, tree } from '../../../tests/support/smallTree';
import { classSheetOf } from './classSheet';
import { minutesInWords, minutesText, sayLeaveOut, sayPartners, unitWatch } from './drills';

const SETTINGS: ClassSettings = { slotMinutes: 60, people: 12, bothSides: true, warmUpMinutes: 6, debriefMinutes: 4, changeOverMinutes: 0 };

describe('the class sheet', () => {
  it('runs from the first minute to the last without a hole', () => {
    const doc = demoTree();
    const units = unitsOf(
      doc,
      findBranches(doc)
        .slice(0, 2)
        .map((item) => item.branch),
    );
    const sheet = classSheetOf(doc, units, { ...SETTINGS, slotMinutes: 120 });
    sheet.rows.forEach((row, i) => expect(row.from).toBeCloseTo(i === 0 ? 0 : sheet.rows[i - 1]!.from + sheet.rows[i - 1]!.minutes));
    expect(sheet.rows.at(-1)!.from + sheet.rows.at(-1)!.minutes).toBeCloseTo(120);
    expect(sheet.rows.map((row) => row.title)).toContain('Free');
    expect(sheet.cautions.at(-1)).toContain('Tap early');
    expect([minutesText(4), minutesText(4.5), minutesText(0.5)]).toEqual(['4', '4½', '½']);
  });
  it('names the card it is under, and what it drills that this card does not allow', () => {
    const doc = demoTree();
    const stack = doc.transitions.find((transition) => transition.tags?.includes('stack'))!;
    const units = unitsOf(doc, [[stack.id]]);
    const { cautions } = classSheetOf(doc, units, { ...SETTINGS, filter: { ruleSet: 'saltmarsh-juniors' } });
    expect(cautions[0]).toBe(`“${stack.name}”: not under these rules.`);
    expect(cautions[1]).toMatch(/^Under “Saltmarsh league, juniors”, a card of 2026-09-01: check the current rule book\.$/);
    expect(classSheetOf(doc, units, SETTINGS).cautions.join()).not.toContain('not under');
  });
  it('says who works with whom, and for how long', () => {
    expect([12, 17].map((people) => sayPartners({ ...SETTINGS, people }))).toEqual([
      '12 people, 6 pairs',
      '17 people, 7 pairs and one three',
    ]);
    expect([1, 1.5, 4].map(minutesInWords)).toEqual(['1 minute', '1½ minutes', '4 minutes']);
  });
  it('looks on the way for what he does and what prevents it, at the end for when it is settled, and warns of a closed guard', () => {
    const doc = tree(
      [
        position('closed', { name: 'Closed guard', family: 'closed' }),
        position('pin', { name: 'Pin', ends: 'settled', checkpoints: ['hip blocked', 'head flat'] }),
      ],
      [mine('cut', 'closed', 'pin', { preventedBy: ['far'], midway: [{ reaction: 'turns in' }] })],
    );
    const units = unitsOf(doc, [['cut']]);
    const [part] = units;
    expect(unitWatch(doc, part!)).toEqual([
      'not if: far',
      'on the way, if he turns in: nothing is said yet',
      'settled when: hip blocked; head flat',
    ]);
    expect(unitWatch(doc, { ...part!, kind: 'chain' })).toEqual(['settled when: hip blocked; head flat']);
    expect(classSheetOf(doc, units, SETTINGS).cautions[0]).toMatch(/^Inside a closed guard: no hand on the mat/);
    expect(classSheetOf({ ...doc, owner: 'guardPlayer' }, units, SETTINGS).cautions.join()).not.toContain('Inside a closed guard');
  });
  it('looks at parts for what is right, at answers for what is right and goes wrong, at chains for the first of each', () => {
    const doc = demoTree();
    const units = unitsOf(doc, [findBranches(doc)[0]!.branch]);
    const move = {
      ...units[0]!,
      checkpoints: ['elbow in'],
      choices: [{ name: 'hand', values: ['collar'] }],
      mistakes: [{ error: 'too high' }],
    };
    const watched = (kind: 'part' | 'answer' | 'chain') => unitWatch(doc, { ...move, kind });
    const first = move.transitions.flatMap((id) => (doc.transitions.find((item) => item.id === id)!.checkpoints ?? []).slice(0, 1));
    expect([watched('part'), watched('answer'), watched('chain')]).toEqual([
      ['elbow in', 'hand: collar', 'too high'],
      ['elbow in', 'too high'],
      [...first, 'too high'],
    ]);
  });
  it('says once what the feeder leaves out, and in no row', () => {
    const doc = demoTree();
    const units = unitsOf(doc, [findBranches(doc)[0]!.branch, findBranches(doc)[3]!.branch]);
    const sheet = classSheetOf(doc, units, SETTINGS);
    expect(sheet.summary.match(/leaves out/g)).toHaveLength(1);
    expect(sheet.rows.flatMap(({ feeder }) => feeder).join()).not.toMatch(/leave out/i);
    const busy = units.find(({ feeder }) => feeder.some(({ leaveOut }) => leaveOut.length > 0))!;
    expect(sayLeaveOut(doc, [...busy.feeder, ...busy.feeder])).toBe(sayLeaveOut(doc, busy.feeder));
    expect(sayLeaveOut(doc, busy.feeder)).toMatch(/^Leave out: .+\.$/);
    expect(sayLeaveOut(doc, [])).toBe('');
  });
});
