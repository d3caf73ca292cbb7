import { describe, expect, it } from 'vitest';
import {
  checkOrder,
  feederOf,
  findDrop,
  offersOf,
  unitKey,
  unitOf,
  unitsOf,
  unitsOfBranch,
  findBranches,
  type ClassSettings,
} from '../../classes';
import { demoTree } from '../../../../demo/demoTree';
import { mine, position, tree } from '../../../../tests/support/smallTree';
import { sayOrderFinding, sayOtherDrops, unitNamer } from './classChecks';
import { classSheetOf } from './classSheet';
import { minutesInWords, minutesText, sayLeaveOut, sayMinutes, sayPartners, unitTitle, unitWatch, unitWhat } from './drills';

const SETTINGS: ClassSettings = { slotMinutes: 60, people: 12, bothSides: true, warmUpMinutes: 6, debriefMinutes: 4, changeOverMinutes: 0 };
const demo = demoTree();
const some = unitsOf(demo, unitsOfBranch(demo, findBranches(demo).find((item) => item.branch.length > 2)!.branch)).units;

describe('the class sheet', () => {
  it('runs from the first minute to the last without a hole, each unit under its key', () => {
    const sheet = classSheetOf(demo, some, { ...SETTINGS, slotMinutes: 120 });
    sheet.rows.forEach((row, i) => expect(row.from).toBeCloseTo(i === 0 ? 0 : sheet.rows[i - 1]!.from + sheet.rows[i - 1]!.minutes));
    expect(sheet.rows.at(-1)!.from + sheet.rows.at(-1)!.minutes).toBeCloseTo(120);
    expect(sheet.rows.map((row) => row.title)).toContain('Free');
    expect(sheet.rows.flatMap(({ key }) => key ?? [])).toEqual(some.map(({ key }) => key));
    expect(sheet.cautions.at(-1)).toContain('Tap early');
    expect([4, 4.5, 0.5, 1.25, 0.75, 0].map(minutesText)).toEqual(['4', '4½', '½', '1¼', '¾', '0']);
  });
  it('names the card it is under, and what it drills that this card does not allow', () => {
    const stack = demo.transitions.find((transition) => transition.tags?.includes('stack'))!;
    const { units } = unitsOf(demo, [{ kind: 'move', of: [stack.id] }]);
    const { cautions } = classSheetOf(demo, units, { ...SETTINGS, filter: { ruleSet: 'saltmarsh-juniors' } });
    expect(cautions[0]).toBe(`“${stack.name}”: not under these rules.`);
    expect(cautions[1]).toMatch(/^Under “Saltmarsh league, juniors”, a card of 2026-09-01: check the current rule book\.$/);
    expect(classSheetOf(demo, units, SETTINGS).cautions.join()).not.toContain('not under');
  });
  it('says who works with whom, for how long, and how the minutes come about', () => {
    expect([12, 17].map((people) => sayPartners({ ...SETTINGS, people }))).toEqual([
      '12 people, 6 pairs',
      '17 people, 7 pairs and one three',
    ]);
    expect([sayPartners({ ...SETTINGS, people: 12, threes: 2 }), sayPartners({ ...SETTINGS, people: 2 })]).toEqual([
      '12 people, 3 pairs and 2 threes',
      '2 people, 1 pair',
    ]);
    expect([1, 1.5, 4].map(minutesInWords)).toEqual(['1 minute', '1½ minutes', '4 minutes']);
    expect(sayMinutes(some[0]!, SETTINGS)).toBe('3 showing, 2 × 2 partners × 2 sides');
    expect(sayMinutes({ ...some[0]!, sides: 1 }, { ...SETTINGS, people: 13 })).toBe('3 showing, 2 × 3 partners');
  });
  it('looks on the way for what he does and what prevents it, at the end for when it is settled, and warns of a closed guard', () => {
    const doc = tree(
      [
        position('closed', { name: 'Closed guard', family: 'closed' }),
        position('pin', { name: 'Pin', ends: 'settled', checkpoints: ['hip blocked', 'head flat'] }),
      ],
      [mine('cut', 'closed', 'pin', { preventedBy: ['far'], midway: [{ reaction: 'turns in' }] })],
    );
    const unit = unitOf(doc, { kind: 'move', of: ['cut'] })!;
    expect(unitWatch(doc, unit)).toEqual([
      'not if: far',
      'on the way, if he turns in: nothing is said yet',
      'settled when: hip blocked; head flat',
    ]);
    expect(unitWatch(doc, { ...unit, kind: 'chain' })).toEqual(['settled when: hip blocked; head flat']);
    expect(classSheetOf(doc, [unit], SETTINGS).cautions[0]).toMatch(/^Inside a closed guard: no hand on the mat/);
    expect(classSheetOf({ ...doc, owner: 'guardPlayer' }, [unit], SETTINGS).cautions.join()).not.toContain('Inside a closed guard');
  });
  it('says once what the feeder leaves out, and in no row', () => {
    const sheet = classSheetOf(demo, some, SETTINGS);
    expect(sheet.summary.match(/leaves out/g)).toHaveLength(1);
    expect(sheet.rows.flatMap(({ feeder }) => feeder).join()).not.toMatch(/leave out/i);
    const lines = feederOf(some.find((unit) => feederOf(unit).some(({ leaveOut }) => leaveOut.length > 0))!);
    expect(sayLeaveOut(demo, [...lines, ...lines])).toBe(sayLeaveOut(demo, lines));
    expect(sayLeaveOut(demo, lines)).toMatch(/^Leave out: .+\.$/);
    expect(sayLeaveOut(demo, [])).toBe('');
  });
  it('says of every drill that the demo offers what it is and what is done', () => {
    const offers = offersOf(demo);
    expect(new Set(offers.map(({ kind }) => kind)).size).toBeGreaterThan(4);
    for (const unit of offers) {
      for (const words of [unitTitle(demo, unit), unitWhat(demo, unit)]) {
        expect(words.length).toBeGreaterThan(3);
        expect(words).not.toMatch(/undefined|null|NaN/);
      }
    }
    const round = offers.find(({ kind }) => kind === 'round')!;
    expect(unitWhat({ ...demo, owner: 'guardPlayer' }, round)).toContain('when he passes and settles, or takes the back');
    expect(unitWhat(demo, round)).toMatch(/^begin at .+; it is won at .+ or .+, or when he recovers, sweeps or submits; then begin again$/);
  });
});

describe('what is wrong with a class', () => {
  const [a, b] = some;
  const chain = some.at(-1);
  const nameOf = unitNamer(demo, some);
  it('is said with both units by name', () => {
    const first = checkOrder([chain!, a!]).find(({ kind }) => kind === 'brokenOrder')!;
    expect(sayOrderFinding(nameOf, first)).toMatch(/^“chain: .+” comes before “part: I .+”, on which it builds\.$/);
    expect(sayOrderFinding(nameOf, { kind: 'missingPrerequisite', key: b!.key, needs: unitKey({ kind: 'move', of: ['gone'] }) })).toContain(
      '“a unit that is gone”',
    );
    for (const kind of ['fall', 'jump', 'stageFall', 'stageJump', 'overCap', 'brokenPhase', 'circle'] as const) {
      const finding = { ...{ key: a!.key, against: b!.key, after: b!.key, keys: [a!.key, b!.key], from: 10, to: 40, cap: 30 }, kind };
      expect(sayOrderFinding(nameOf, finding)).toMatch(/^.+\.$/);
    }
  });
  it('names the other drops of the same minutes', () => {
    const drop = findDrop([a!, { ...b!, key: 'other' }], { ...SETTINGS, slotMinutes: 25 });
    expect(sayOtherDrops((key) => key, drop)).toBe(drop.others.length > 0 ? `As short: ${drop.others[0]!.join(' and ')}.` : '');
  });
});
