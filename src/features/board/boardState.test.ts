import { describe, expect, it } from 'vitest';
import { parseContacts } from '@/core/contacts';
import { EMPTY_BOOK } from '@/core/people';
import { emptyTree, withoutPosition, type TreeDocument } from '@/core/tree';
import { demoTree } from '../../../demo/demoTree';
import { boardOn, openBoard, reduceBoard, type BoardAction, type BoardLook, type Caret } from './boardState';

const tree = demoTree();
const opened = (of: TreeDocument, more: Partial<Parameters<typeof openBoard>[0]> = {}): BoardLook =>
  openBoard({ tree: of, revision: 1, view: 'tree', selected: null, guard: null, filter: {}, book: EMPTY_BOOK, ...more });
const after = (look: BoardLook, ...actions: BoardAction[]): BoardLook => actions.reduce(reduceBoard, look);
const ANSWER: Caret = { kind: 'answer', position: 'spider', read: 'he', value: 'sp-extends' };

describe('the board as it is opened', () => {
  it('of an empty tree asks for the first guard; of any other it asks nothing', () => {
    expect(opened(emptyTree('t', 'T')).caret).toEqual({ kind: 'guard' });
    expect(opened(tree)).toMatchObject({ caret: null, sheet: 'findings' });
    expect(opened(tree, { selected: 'spider' }).sheet).toBe('rung');
  });
  it('a place that is gone can be neither chosen, nor the guard, nor where something is typed', () => {
    const look = { ...opened(tree, { selected: 'spider', guard: 'spider' }), caret: ANSWER };
    const state = boardOn(look, withoutPosition(tree, 'spider'));
    expect([state.selected, state.caret, state.guard]).toEqual([null, null, tree.starts[0]!.position]);
    expect(boardOn(look, tree)).toMatchObject({ selected: 'spider', guard: 'spider', caret: ANSWER });
    expect(boardOn({ ...look, caret: { kind: 'guard' } }, emptyTree('t', 'T'))).toMatchObject({ guard: null, caret: { kind: 'guard' } });
  });
});

describe('what an action changes', () => {
  it('choosing closes the line that is typed on, opens the sheet, and begins at the first section and route', () => {
    const look = { ...opened(tree), caret: ANSWER, section: 3, route: 7 };
    expect(after(look, { type: 'select', position: 'lasso' })).toMatchObject({
      selected: 'lasso',
      section: 0,
      route: 0,
      caret: null,
      sheet: 'rung',
    });
    expect(after(look, { type: 'select', position: 'lasso', section: 2 }).section).toBe(2);
    // Choosing nothing leaves the sheet that is open.
    expect(after(look, { type: 'select', position: null })).toMatchObject({ selected: null, sheet: 'findings' });
    expect(after(look, { type: 'select', position: 'lasso', guard: 'lasso' }).guard).toBe('lasso');
    expect(after({ ...look, guard: 'spider' }, { type: 'select', position: 'lasso' }).guard).toBe('spider');
  });
  it('a guard that is drawn while one guard is looked at is the one that is looked at', () => {
    const typing = { ...opened(tree, { view: 'guard', guard: 'spider' }), caret: { kind: 'guard' as const } };
    const drawn = { type: 'edit' as const, label: 'Lasso: a guard', tree, select: 'lasso', caret: null };
    expect(after(typing, drawn)).toMatchObject({ view: 'guard', guard: 'lasso', selected: 'lasso' });
    expect(after({ ...typing, caret: null }, drawn).guard).toBe('spider');
    expect(after({ ...typing, view: 'tree' }, drawn).guard).toBe('spider');
  });
  it('the sheet goes along with what is typed next, but one hub stays the hub that was asked for', () => {
    const edit: BoardAction = { type: 'edit', label: 'x', tree, caret: ANSWER };
    expect(after(opened(tree, { selected: 'lasso' }), edit).selected).toBe('spider');
    expect(after(opened(tree, { selected: 'lasso', view: 'hub' }), edit).selected).toBe('lasso');
    expect(after(opened(tree, { selected: 'lasso' }), { ...edit, select: null }).selected).toBeNull();
    // An edit that says nothing of the line leaves it as it is.
    expect(after({ ...opened(tree), caret: ANSWER }, { type: 'edit', label: 'x', tree }).caret).toEqual(ANSWER);
    expect(after({ ...opened(tree), caret: ANSWER }, { type: 'edit', label: 'x', tree, caret: null }).caret).toBeNull();
  });
  it('opening a line chooses the place it belongs to; a guard’s belongs to none', () => {
    expect(after(opened(tree), { type: 'caret', caret: ANSWER })).toMatchObject({ selected: 'spider', sheet: 'rung' });
    expect(after(opened(tree, { selected: 'lasso' }), { type: 'caret', caret: { kind: 'guard' } }).selected).toBe('lasso');
  });
  it('another filter shows what it takes away; another side knows none of his grips', () => {
    const on = parseContacts('his left hand collar');
    const look = after({ ...opened(tree, { selected: 'lasso' }), caret: ANSWER }, { type: 'gripsOn', grips: on.ok ? on.value : [] });
    expect(look.gripsOn).toHaveLength(1);
    expect(after(look, { type: 'filter', filter: { context: 'noGi' } })).toMatchObject({
      filter: { context: 'noGi' },
      sheet: 'findings',
      caret: null,
    });
    expect(after(look, { type: 'seen', swapped: true })).toMatchObject({ swapped: true, gripsOn: [], caret: null });
  });
  it('another view begins at the first route; folds, routes and sheets change nothing else', () => {
    const look: BoardLook = { ...opened(tree), narrow: 'drawing', route: 4 };
    expect(after(look, { type: 'view', view: 'route' })).toEqual({ ...look, view: 'route', sheet: 'route', route: 0 });
    expect(after(look, { type: 'view', view: 'guard', guard: 'spider' })).toEqual({ ...look, view: 'guard', guard: 'spider', route: 0 });
    expect(after(look, { type: 'route', route: 5 })).toEqual({ ...look, route: 5 });
    expect(after(look, { type: 'fold' })).toEqual({ ...look, unfolded: true });
    expect(after(look, { type: 'fold' }, { type: 'fold' })).toEqual(look);
    expect(after({ ...look, caret: ANSWER }, { type: 'sheet', sheet: 'rung' })).toEqual({ ...look, sheet: 'rung', caret: null });
    // Undone and done again by the store; the board hears of the tree.
    expect(after(look, { type: 'undo' }, { type: 'redo' })).toEqual(look);
  });
});

describe('one route', () => {
  it('goes through what was chosen when it was asked for, and stays while its rungs are looked at', () => {
    const look = after(opened(tree, { selected: 'spider' }), { type: 'view', view: 'route' });
    expect(look).toMatchObject({ sheet: 'route', ends: { from: null, to: null, through: 'spider' } });
    const third = after(look, { type: 'route', route: 3 }, { type: 'select', position: 'lasso' });
    expect(third).toMatchObject({ route: 3, sheet: 'rung', ends: { through: 'spider' } });
    const ends = { from: 'spider', to: 'mount', through: null };
    expect(after(third, { type: 'ends', ends })).toMatchObject({ route: 0, ends });
    // A place that is gone bounds nothing.
    expect(boardOn(after(third, { type: 'ends', ends }), withoutPosition(tree, 'mount')).ends).toEqual({ ...ends, to: null });
  });
});

describe('a narrow window', () => {
  it('climbs one rung at a time, opens the sheet on its own, and comes back where something is chosen or typed', () => {
    const look = opened(tree);
    expect(look.narrow).toBe('walk');
    const sheet = after(look, { type: 'sheet', sheet: 'findings' });
    expect(sheet.narrow).toBe('sheet');
    expect(after(sheet, { type: 'select', position: 'spider' }).narrow).toBe('walk');
    expect(after(sheet, { type: 'caret', caret: ANSWER }).narrow).toBe('walk');
    expect(after(sheet, { type: 'caret', caret: null }).narrow).toBe('sheet');
    expect(after(sheet, { type: 'walk' }).narrow).toBe('walk');
  });
  it('keeps the drawing that was asked for until the walk is', () => {
    const drawn = after(opened(tree), { type: 'view', view: 'tree' });
    expect(drawn.narrow).toBe('drawing');
    expect(after(drawn, { type: 'select', position: 'spider' }, { type: 'sheet', sheet: 'findings' }).narrow).toBe('drawing');
    expect(after(drawn, { type: 'walk' }).narrow).toBe('walk');
  });
});
