import { describe, expect, it } from 'vitest';
import type { PlanSheet } from '@/core/words';
import { planPdf } from './planPdf';

const row = (guard: string): PlanSheet['rows'][number] => ({
  guard,
  finish: '31 in 100',
  way: Array.from({ length: 6 }, (_, i) => `he frames on the hip ${i}: I climb to the cross-face`),
  ends: 'Side pin',
  answers: [{ answer: 'I drop to the over-under', shown: 'he spins under; he pushes the far hip', often: '85 in 100' }],
  avoid: ['Not “I turn the knee out”: your order puts it first, 30 in 100; “I drop” 31 in 100.'],
});
const sheetOf = (count: number): PlanSheet => ({
  title: 'Against Łukasz',
  summary: 'League evening.',
  about: ['Habits: he spins under, 50 in 100.'],
  rows: Array.from({ length: count }, (_, i) => row(`Guard ${i}`)),
  known: ['Not “I drag the leg” at Headquarters: he knows it.'],
  cautions: ['Tap early.'],
});
const pagesOf = async (sheet: PlanSheet): Promise<number> =>
  (await planPdf(sheet)).toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0;

describe('a game plan as a PDF', () => {
  it('of an opponent with six guards is one page; more go on to another', async () => {
    expect(await pagesOf(sheetOf(0))).toBe(1);
    expect(await pagesOf(sheetOf(6))).toBe(1);
    expect(await pagesOf(sheetOf(24))).toBeGreaterThan(1);
  });
});
