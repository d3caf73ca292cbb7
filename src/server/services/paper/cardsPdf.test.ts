import { describe, expect, it } from 'vitest';
import type { FeederCard } from '@/core/words';
import { cardsPdf } from './cardsPdf';

const line = {
  unit: '1. By cue, Spider',
  with: 'with Esa Birk',
  resistance: '20 to 30 %',
  feeder: ['Spider: show “frames”.'],
  calls: ['frames', 'hooks'],
};
const card = (name: string, lines: FeederCard['lines']): FeederCard => ({ name, lines });
const pagesOf = (pdf: Buffer): number => pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0;

describe('feeder cards as a PDF', () => {
  it('are a page of A5 each, with fonts of their own, however little is on one', async () => {
    const pdf = await cardsPdf([card('Pia Holm', [line, line]), card('Łukasz Ō', []), card('Nils Aker', [line])]);
    expect(pagesOf(pdf)).toBe(3);
    expect(pdf.toString('latin1')).toContain('/MediaBox [0 0 419.53 595.28]');
    expect(pdf.toString('latin1')).not.toMatch(/\/BaseFont \/(Helvetica|Times)/);
  });
  it('go on to a next page rather than get unreadable', async () => {
    const long = { ...line, feeder: Array.from({ length: 30 }, (_, i) => `Place ${i}: show “${'a long word '.repeat(8)}”.`) };
    expect(pagesOf(await cardsPdf([card('Pia Holm', Array<typeof long>(4).fill(long))]))).toBeGreaterThan(1);
    expect(pagesOf(await cardsPdf([]))).toBe(0);
  });
});
