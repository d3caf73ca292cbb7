import { describe, expect, it } from 'vitest';
import { layoutBoard } from '../board';
import { searchCatalogue, getCatalogue } from '../catalogue';
import { offersOf } from '../classes';
import { findGripFindings } from '../grips';
import { findVanishing, mirrorTree, filterTree } from '../lens';
import { swapAthletes } from '../lens/swapAthletes';
import { formatTreeFile, normaliseTree } from '../notation';
import { findOdds, ODDS_QUESTION } from '../odds';
import { classSheetOf } from '../words';
import { checkTree, withNewValue } from '../tree';
import { findFilterDifference } from './filterDifference';
import { findFindings } from '../findings';
import { parseTreeFile } from '@/documents/tree/file';
import { analysisOf, PARTS } from '@/cli/analysis';
import { firstHold, shutOptions } from '@/features/board/shut';
import { offeredSpots } from '@/features/grips/bodies';
import { HOSTILE, hostileTree } from '../../../tests/support/hostileTree';

describe('ids that mean something to the language', () => {
  const tree = hostileTree();
  it('are ids like any other: checked, written, read, looked at and computed', () => {
    expect(checkTree(tree)).toMatchObject({ ok: true });
    const read = parseTreeFile(formatTreeFile(tree));
    expect(read).toEqual({ ok: true, value: normaliseTree(tree) });
    expect(findFindings(tree).list.length).toBeGreaterThan(0);
    expect(findOdds(tree).starts[0]!.value).toBeGreaterThan(0);
    expect(layoutBoard(tree, { grid: { columns: 6, rungWidth: 100 } }).rungs.length).toBeGreaterThan(2);
    expect(swapAthletes(swapAthletes(tree))).toEqual(tree);
    expect(mirrorTree(mirrorTree(tree).tree).tree.transitions).toHaveLength(tree.transitions.length);
    expect(findGripFindings(tree).length).toBeGreaterThan(0);
    expect(findVanishing(tree)).toEqual([]);
    const settings = { slotMinutes: 60, people: 4, bothSides: true, warmUpMinutes: 0, debriefMinutes: 0, changeOverMinutes: 0 };
    expect(classSheetOf(tree, offersOf(tree), settings).rows.length).toBeGreaterThan(3);
    const filter = { context: 'noGi', ruleSet: 'constructor', school: 'constructor', profiles: ['toString'] } as const;
    expect(filterTree(tree, filter).hidden.size).toBe(0);
    expect(findFilterDifference(tree, filter).hidden).toEqual([]);
    const options = {
      filter: {},
      beside: [],
      starts: [],
      listRoutes: true,
      question: ODDS_QUESTION,
      routes: 100,
      cycles: 100,
      theirGrips: null,
      mirror: true,
      only: PARTS,
      clock: 'round' as const,
      observations: null,
    };
    expect(() => JSON.stringify(analysisOf(tree, options))).not.toThrow();
  });
  it('can be typed on the board, and drawn on the pair', () => {
    const typed = withNewValue(tree, HOSTILE[9], { name: 'constructor: flat', kind: 'other' }).tree;
    expect(withNewValue(typed, HOSTILE[9], { name: 'constructor: turned', kind: 'other' }).tree.positions[9]!.reads).toMatchObject([
      { id: 'constructor', values: [{ name: 'flat' }, { name: 'turned' }] },
    ]);
    expect(findFindings(typed).list.length).toBeGreaterThan(0);
    expect(shutOptions(typed, []).size).toBe(0);
    expect(firstHold(typed, 'constructor', new Set())).toBeDefined();
    expect(offeredSpots({ athlete: 'owner', part: 'constructor' }, { lies: 'opponent', near: -1 }).length).toBeGreaterThanOrEqual(0);
    expect(searchCatalogue(getCatalogue(), 'constructor', 5)).toBeDefined();
  });
});
