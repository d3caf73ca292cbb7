import { describe, expect, it, vi } from 'vitest';
import { findBranches, unitKey, unitsOf, unitsOfBranch } from '@/core/classes';
import { classSheetOf, type ClassSheet } from '@/core/words';
import { emptyClassPlan } from '@/documents/class/schema';
import { demoTree } from '../../../../demo/demoTree';
import { classPdf } from './classPdf';
import { drawable } from './paper';

const tree = demoTree();
const sheetOf = (count: number): ClassSheet => {
  const branches = findBranches(tree).slice(0, count);
  const units = branches.flatMap(({ branch }) => unitsOfBranch(tree, branch));
  const each = [...new Map(units.map((unit) => [unitKey(unit), unit])).values()];
  return classSheetOf(tree, unitsOf(tree, each).units, { ...emptyClassPlan, slotMinutes: 240 });
};
const pagesOf = (pdf: Buffer): number => pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0;

describe('the class as a PDF', () => {
  it('is one A4 page while type of 9 pt holds it, and then another, never in smaller type', async () => {
    const pages: number[] = [];
    for (const count of [1, 3, 5, 8]) {
      const pdf = await classPdf(sheetOf(count));
      expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
      pages.push(pagesOf(pdf));
      expect(pdf.toString('latin1')).toContain('/MediaBox [0 0 595.28 841.89]');
    }
    expect(pages[0]).toBe(1);
    expect(pages).toEqual(pages.toSorted((a, b) => a - b));
    expect(pages.at(-1)).toBeGreaterThan(1);
  });
  it('goes on to a whole next page where no type size would do', async () => {
    expect(sheetOf(24).rows.length).toBeGreaterThan(60);
    expect(pagesOf(await classPdf(sheetOf(24)))).toBeGreaterThan(1);
    expect(pagesOf(await classPdf(sheetOf(24)))).toBeLessThanOrEqual(12);
  });
  it('is one page for a class without a unit, and carries its own fonts', async () => {
    const pdf = (await classPdf(sheetOf(0))).toString('latin1');
    expect(pagesOf(Buffer.from(pdf, 'latin1'))).toBe(1);
    expect(pdf).toMatch(/\/FontFile[23]/);
    expect(pdf).not.toMatch(/\/BaseFont \/(Helvetica|Times)/);
  });
  it('keeps lines apart, and writes what the fonts do not hold without its marks', () => {
    expect(drawable('Part: I cut\nresistance: none')).toBe('Part: I cut\nresistance: none');
    expect(drawable('Łukasz’s Ō, 柔術, ½')).toBe('?ukasz’s O, ??, ½');
  });
  it('cuts nothing off a row that no page would hold', async () => {
    const sheet = sheetOf(1);
    const feeder = Array.from({ length: 90 }, (_, i) => `Place ${i}: show “${'a long word '.repeat(12)}”.`);
    const [first, ...rest] = sheet.rows;
    const long: ClassSheet = { ...sheet, rows: [{ ...first!, feeder }, ...rest] };
    const warned = vi.spyOn(console, 'warn');
    expect(pagesOf(await classPdf(long))).toBeGreaterThan(2);
    expect(warned).not.toHaveBeenCalled();
  });
  it('writes names that the fonts do not hold without failing', async () => {
    const sheet = sheetOf(1);
    const odd: ClassSheet = { ...sheet, title: 'Łukasz’s class, 柔術, ½ hour', cautions: ['Ō', '\u0301'] };
    expect(pagesOf(await classPdf(odd))).toBe(1);
  });
});
