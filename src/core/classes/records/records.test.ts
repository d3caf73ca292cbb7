import { describe, expect, it } from 'vitest';
import { metKey } from '../pairs/pairs';
import { knownOn, meetingsBefore, missedBy, recurringMistakes, staleOn, type HeldClass, type Went } from './records';

const held = (date: string, came: string[], went: Went, ...moves: string[]): HeldClass => ({
  ...{ id: date, tree: 't', class: null, name: 'Class', date, came, people: 12, mistakes: [] },
  units: [{ unit: { kind: 'move', of: moves }, moves, went }],
});

describe('what is known of those who come', () => {
  const list = [
    held('2026-03-01', ['ann', 'bo'], 'well', 'cut'),
    held('2026-03-15', ['ann'], 'well', 'cut'),
    held('2026-03-10', ['bo'], 'not', 'drag'),
  ];
  it('is the mean of what each has seen, by hand', () => {
    const known = knownOn(list, '2026-03-29', ['ann', 'bo']);
    const ann = 1 - 2 ** (-14 / (14 * 1.6));
    const bo = 1 - 2 ** (-28 / 14);
    expect(known.staleness('cut')).toBeCloseTo((ann + bo) / 2, 12);
    expect([known.taughtTo('cut'), known.taughtTo('drag'), known.staleness('drag')]).toEqual([1, 0, 1]);
    expect(knownOn(list, '2026-03-29', ['ann', 'cleo']).taughtTo('cut')).toBe(0.5);
  });
  it('counts no class that comes later, and all for everybody where nobody is named', () => {
    expect(knownOn(list, '2026-02-01', ['ann']).taughtTo('cut')).toBe(0);
    expect(knownOn([held('2026-03-01', [], 'well', 'cut')], '2026-03-15', ['ann']).staleness('cut')).toBeCloseTo(0.5, 12);
    expect(knownOn(list, '2026-03-15', []).staleness('cut')).toBe(0);
  });
  it('what only began is as new as before, but taught', () => {
    const known = knownOn([held('2026-03-01', ['ann'], 'partly', 'cut')], '2026-03-02', ['ann']);
    expect([known.staleness('cut'), known.taughtTo('cut')]).toEqual([1, 1]);
  });
  it('mistakes of this week count, those that come again are named by whom', () => {
    const seen = { transition: 'cut', error: 'head down', athlete: 'ann' };
    const with2 = [
      { ...list[0]!, mistakes: [seen] },
      { ...list[1]!, mistakes: [seen, { ...seen, athlete: 'bo' }] },
    ];
    expect(knownOn(with2, '2026-03-20', []).mistakes('cut')).toBe(2);
    expect(recurringMistakes(with2)).toEqual([{ transition: 'cut', error: 'head down', count: 3, last: '2026-03-15' }]);
    expect(recurringMistakes(with2, 'ann')[0]!.count).toBe(2);
    expect(recurringMistakes(with2, 'bo')).toEqual([]);
  });
  it('counts who worked with whom in the three weeks before', () => {
    const with3 = [
      { ...list[0]!, pairs: [[['ann', 'bo']], [['ann', 'bo', 'cleo']]] },
      { ...list[1]!, pairs: [[['bo', 'ann']]] },
    ];
    expect([...meetingsBefore(with3, '2026-03-16')]).toEqual([
      [metKey('ann', 'bo'), 3],
      [metKey('ann', 'cleo'), 1],
      [metKey('bo', 'cleo'), 1],
    ]);
    expect([...meetingsBefore(with3, '2026-03-30')]).toEqual([[metKey('ann', 'bo'), 1]]);
    expect(meetingsBefore(with3, '2026-03-01').size).toBe(0);
  });
  it('what has gone stale is what was taught and is half forgotten', () => {
    expect(staleOn(list, '2026-03-16')).toEqual([]);
    expect(staleOn(list, '2026-06-01')).toEqual([
      { transition: 'cut', staleness: expect.any(Number) as number, times: 2, last: '2026-03-15' },
    ]);
    expect(staleOn([], '2026-06-01')).toEqual([]);
  });
  it('says what somebody missed, unless he saw it another time', () => {
    expect(missedBy(list, 'cleo')).toEqual([{ transition: 'cut', date: '2026-03-15' }]);
    expect(missedBy(list, 'ann')).toEqual([]);
  });
});
