import { describe, expect, it } from 'vitest';
import { dayProblem, timeProblem } from './days';

describe('a typed day or time', () => {
  it('is one of the calendar and of the clock, or says what to write', () => {
    for (const text of ['2026-12-01', '2028-02-29']) expect(dayProblem(text)).toBeNull();
    for (const text of ['', '2026-02-30', '2026-13-01', '1.12.2026', 'constructor'])
      expect(dayProblem(text)).toMatch(/is no day\. Write one like/);
    for (const text of ['', '00:00', '23:59']) expect(timeProblem(text)).toBeNull();
    for (const text of ['24:00', '7:30', '18.30', '18:60']) expect(timeProblem(text)).toMatch(/is no time\. Write one like/);
  });
});
