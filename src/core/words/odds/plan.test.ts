import { describe, expect, it } from 'vitest';
import { filterTree, opponentsIn } from '../../lens';
import { findOdds, planOf, questionAgainst } from '../../odds';
import { demoTree } from '../../../../demo/demoTree';
import { guardsOf, planSheetOf } from './plan';

const demo = demoTree();
const sheetAgainst = (id: string) => {
  const filter = { profiles: [id] };
  const [him] = opponentsIn(demo, filter);
  const shown = filterTree(demo, filter).tree;
  return planSheetOf(shown, him!, planOf(shown, findOdds(shown, questionAgainst([him!])), guardsOf(shown, him!)), 300);
};

describe('a game plan in words', () => {
  it('says what is known of him, and has a row for each guard that he plays', () => {
    const sheet = sheetAgainst('oren-vask');
    expect(sheet.title).toBe('Against Oren Vask');
    expect(sheet.about.join(' ')).toContain('Habits: De La Riva: he spins under, 50 in 100; Open guards: every turn, 35 in 100.');
    expect(sheet.rows.map(({ guard }) => guard)).toEqual(['De La Riva', 'Reverse De La Riva', 'Single-leg X', 'Seated']);
    expect(sheet.rows[0]!.way[0]).toMatch(/^he spins under: I /);
    expect(sheet.known).toEqual(['Not “I drag the leg” at Headquarters: he knows it.']);
  });
  it('what is varied is not left, and who knows the game is said to', () => {
    expect(sheetAgainst('mila-tarn').known).toEqual([]);
    expect(sheetAgainst('jory-brask').about.at(-1)).toBe('He knows my whole game: two thirds of the time he picks what hurts most.');
  });
  it('without guards is for all of the tree', () => {
    const him = { id: 'x', name: 'X', of: 'opponent' as const, guards: ['gone'] };
    expect(guardsOf(demo, him)).toEqual(demo.starts.map(({ position }) => position));
  });
});
