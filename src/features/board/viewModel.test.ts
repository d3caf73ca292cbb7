import { describe, expect, it } from 'vitest';
import { LARGE_TREE } from '@/core/board';
import { demoTree } from '../../../demo/demoTree';
import { caretAnchor } from './camera/rooms';
import { planScene, sceneOf } from './viewModel';

const tree = demoTree();
const at = { tree, view: 'tree' as const, guard: null, selected: null, unfolded: false };

describe('what is to be drawn', () => {
  it('the whole tree is one picture; one hub is its rung alone, another picture for another hub', () => {
    expect(planScene(at)).toMatchObject({ key: 'tree', only: null });
    const hub = planScene({ ...at, view: 'hub', selected: 'headquarters' });
    expect([hub.key, [...hub.only!]]).toEqual(['hub headquarters', ['headquarters']]);
    expect(planScene({ ...at, view: 'hub' }).only).toBeNull();
  });
  it('one guard is all that it leads to, whatever is chosen; without a guard the one that leads to what is chosen', () => {
    const spider = planScene({ ...at, view: 'guard', guard: 'spider' });
    expect(spider.only!.has('spider')).toBe(true);
    expect(spider.only!.size).toBeLessThan(tree.positions.length);
    expect(planScene({ ...at, view: 'guard', guard: 'spider', selected: 'lasso' }).key).toBe(spider.key);
    expect(planScene({ ...at, view: 'guard', selected: 'biceps-cleared' }).key).toMatch(/^guard /);
  });
  it('one route is drawn by itself: of the climb nothing is', () => {
    expect(planScene({ ...at, view: 'route' })).toMatchObject({ key: 'route', only: new Set() });
  });
  it('a picture keeps its columns while it is of the same', () => {
    const before = sceneOf(at, null);
    const smaller = {
      ...tree,
      positions: tree.positions.slice(0, -1),
      transitions: tree.transitions.filter((item) => item.to !== tree.positions.at(-1)!.id && item.from !== tree.positions.at(-1)!.id),
    };
    const next = sceneOf({ ...at, tree: smaller }, before);
    const guards = next.layout.rungs
      .filter((placed) => placed.rung.isGuard && placed.rung.zone === 'ladder')
      .map((placed) => placed.rung.id);
    const order = (layout: typeof next.layout) => guards.toSorted((a, b) => layout.columns.get(a)! - layout.columns.get(b)!);
    expect(order(next.layout)).toEqual(order(before.layout));
    expect(tree.positions.length).toBeLessThan(LARGE_TREE);
  });
});

describe('where the line to type on opens', () => {
  const { layout } = sceneOf(at, null);
  it('for a guard beside the last of them, within the picture', () => {
    const guard = caretAnchor(layout, { kind: 'guard' })!;
    expect(guard.x).toBeLessThanOrEqual(layout.rightRail - 200);
    expect(
      caretAnchor(sceneOf({ ...at, tree: { ...tree, positions: [], transitions: [], starts: [] } }, null).layout, { kind: 'guard' })!.x,
    ).toBeGreaterThan(0);
  });
  it('for an answer under its section, for another show under its place', () => {
    const spider = layout.rungs.find((placed) => placed.rung.id === 'spider')!;
    const section = spider.sections.find((item) => item.section.value === 'sp-extends')!;
    expect(caretAnchor(layout, { kind: 'answer', position: 'spider', read: 'he', value: 'sp-extends' })!.x).toBe(section.x);
    expect(caretAnchor(layout, { kind: 'value', position: 'spider' })!.x).toBe(spider.x);
    expect(caretAnchor(layout, { kind: 'answer', position: 'spider', read: 'he', value: 'gone' })!.x).toBe(spider.x);
  });
  it('for what is not drawn nowhere', () => {
    expect(caretAnchor(layout, null)).toBeNull();
    expect(caretAnchor(layout, { kind: 'value', position: 'constructor' })).toBeNull();
  });
});
