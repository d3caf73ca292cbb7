import { describe, expect, it } from 'vitest';
import { findBranches, unitsOf, unitsOfBranch } from '@/core/classes';
import { classSheetOf } from '@/core/words';
import { emptyClassPlan } from '../class/schema';
import { demoTree } from '../../../demo/demoTree';
import { classPocketPage } from './classPage';

const tree = demoTree();
const { units } = unitsOf(tree, unitsOfBranch(tree, findBranches(tree)[0]!.branch));
const sheet = classSheetOf(tree, units, { ...emptyClassPlan });

describe('a class for the pocket', () => {
  const page = classPocketPage(sheet, '2026-11-27');
  it('tells every row, its feeder and what to look for, in less than a message carries', () => {
    for (const { title, feeder, watch } of sheet.rows)
      for (const text of [title, ...feeder, ...watch]) expect(page).toContain(text.replace(/"/g, '&quot;').replace(/'/g, '&#39;'));
    expect(page.match(/<section>/g)).toHaveLength(sheet.rows.length);
    expect(page.length).toBeLessThan(60_000);
  });
  it('runs nothing and fetches nothing, whatever a name says', () => {
    const bad = classPocketPage(
      { ...sheet, title: '<script>alert(1)</script>', rows: [{ ...sheet.rows[0]!, title: '"><img src=x>' }] },
      '2026-11-27',
    );
    expect(bad).not.toMatch(/<script|<img/);
    expect(page).not.toMatch(/https?:|<script|src=/);
    expect(page).toContain("default-src 'none'");
  });
});
