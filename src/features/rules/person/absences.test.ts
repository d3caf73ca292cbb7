import { describe, expect, it } from 'vitest';
import { athleteSchema } from '@/documents/athlete/schema';
import { absenceProblem, parseAbsences, sayAbsence } from './absences';

describe('days away', () => {
  it.each(['2026-12-01', '2026-12-01 to 2026-12-06', '2028-02-29'])('“%s” is read, said again in the same words, and stored', (text) => {
    expect(absenceProblem(text)).toBeNull();
    const absences = parseAbsences([text]);
    expect(absences.map(sayAbsence)).toEqual([text]);
    expect(athleteSchema.safeParse({ id: 'a', name: 'A', absences }).success).toBe(true);
  });
  it.each([
    ['next week', 'next week'],
    ['2026-02-30', '2026-02-30'],
    ['1.12.2026', '1.12.2026'],
    ['2026-12-01 to Sunday', 'Sunday'],
    ['2026-12-01 to ', ''],
  ])('“%s” is complained of, with the day that is none', (text, day) => {
    expect(absenceProblem(text.trim())).toMatch(new RegExp(`^“${day === '' ? '2026-12-01 to' : day}” is no day`));
  });
  it('that end before they begin are complained of', () => {
    expect(absenceProblem('2026-12-06 to 2026-12-01')).toMatch(/ends before it begins/);
  });
});
