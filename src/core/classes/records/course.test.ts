import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../../base';
import { asHeld, courseDates, dayAfter, standingOf, tooSoon, weekdayOf, type OnDay } from './course';
import { knownOn } from './records';
import { unitKey, type UnitSpec } from '../units/spec';
import { daysBetween } from './staleness';

describe('the evenings of a course', () => {
  it('are the weekdays that were asked for, over the end of a year and a leap day', () => {
    expect(weekdayOf('2026-11-27')).toBe(4);
    expect(courseDates('2026-12-28', [0, 2], 2)).toEqual(['2026-12-28', '2026-12-30', '2027-01-04', '2027-01-06']);
    expect(courseDates('2028-02-28', [1], 1)).toEqual(['2028-02-29']);
    expect(courseDates('2026-11-27', [], 3)).toEqual([]);
    expect(dayAfter('2026-03-28', 2)).toBe('2026-03-30');
  });
});

describe('spacing', () => {
  const unit = (name: string): UnitSpec => ({ kind: 'move', of: [name] });
  it('is never violated, in a thousand random courses, what was held included', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 1e6 }),
        fc.integer({ min: 0, max: 20 }),
        fc.uniqueArray(fc.nat(6), { minLength: 1 }),
        (seed, gap, weekdays) => {
          const random = seededRandom(seed);
          const classes: OnDay[] = [{ date: '2026-11-20', units: [unit('u0'), unit('u1')] }];
          for (const date of courseDates('2026-11-23', weekdays, 5)) {
            const soon = tooSoon(classes, date, gap);
            const free = Array.from({ length: 9 }, (_, i) => unit(`u${i}`)).filter((item) => !soon.has(unitKey(item)) && random() < 0.5);
            classes.push({ date, units: free.slice(0, 3) });
          }
          for (const [i, a] of classes.entries())
            for (const b of classes.slice(i + 1))
              if (daysBetween(a.date, b.date) < gap) for (const item of a.units) expect(b.units.map(unitKey)).not.toContain(unitKey(item));
        },
      ),
      { numRuns: 1000, seed: 11 },
    );
  });
});

describe('a planned class', () => {
  it('counts as good until its day has come', () => {
    const planned = asHeld({ date: '2026-12-01', units: [{ kind: 'move', of: ['cut'] }] }, ['ann'], () => ['cut']);
    expect(knownOn([planned], '2026-12-01', ['ann']).staleness('cut')).toBe(0);
    expect(knownOn([planned], '2026-11-30', ['ann']).staleness('cut')).toBe(1);
  });
  it('is ahead, held, or missed', () => {
    const held = { ...asHeld({ date: '2026-12-01', units: [] }, [], () => []), class: 'monday' };
    expect(standingOf('monday', '2026-12-01', [held], '2026-12-05')).toBe('held');
    expect(standingOf('other', '2026-12-01', [held], '2026-12-05')).toBe('missed');
    expect(standingOf('other', '2026-12-05', [held], '2026-12-05')).toBe('ahead');
  });
});
