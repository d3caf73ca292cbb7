import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { randomTree } from '../../../tests/support/randomTree';
import { TREE_ROWS, type TreeDocument } from '../tree';
import { applyDiff, diffOf, invertDiff } from './diff';
import { rebaseAll, rebaseDiff } from './merge';

const lists = TREE_ROWS;
const some = (seed: number): TreeDocument => ({ ...randomTree(seed, { positions: 7, transitions: 12 }), id: 't' });
/** Any other tree: rows of another one under the same ids, some gone, in any order. */
function other(tree: TreeDocument, seed: number, order: readonly number[]): TreeDocument {
  const its = some(seed);
  const mixed = [...tree.positions.slice(0, order.length % 5), ...its.positions.filter((_, i) => order[i % order.length]! % 3 > 0)];
  const unique = [...new Map(mixed.map((position) => [position.id, position])).values()];
  const positions = unique
    .map((position, i) => ({ position, at: order[i % order.length]! }))
    .sort((a, b) => a.at - b.at)
    .map((item) => item.position);
  return { ...its, notes: `notes ${seed}`, positions, transitions: its.transitions.toReversed().slice(order.length % 4) };
}
const seeds = fc.integer({ min: 1, max: 1e6 });
const orders = fc.array(fc.nat(100), { minLength: 1, maxLength: 9 });

describe('a diff', () => {
  it('turns any document into any other, order and all, and back', () => {
    fc.assert(
      fc.property(seeds, seeds, orders, (a, b, order) => {
        const before = some(a);
        const after = other(before, b, order);
        const diff = diffOf(before, after, 'edits', lists);
        expect(applyDiff(before, diff)).toEqual({ ok: true, value: after });
        expect(applyDiff(after, invertDiff(diff))).toEqual({ ok: true, value: before });
      }),
      { numRuns: 300, seed: 5 },
    );
  });
  it('does not fit where a field of the header or a row has changed meanwhile, and says which', () => {
    const before = some(3);
    const diff = diffOf(before, { ...before, name: 'Mine' }, 'renamed', lists);
    expect(applyDiff({ ...before, name: 'Theirs' }, diff)).toEqual({ ok: false, error: { list: null, id: 'name' } });
    expect(applyDiff({ ...before, notes: 'theirs' }, diff)).toMatchObject({ ok: true, value: { name: 'Mine', notes: 'theirs' } });
    const first = before.positions[0]!;
    const row = diffOf(before, { ...before, positions: before.positions.with(0, { ...first, name: 'Mine' }) }, 'renamed', lists);
    const theirs = { ...before, positions: before.positions.with(0, { ...first, notes: 'theirs' }) };
    expect(applyDiff(theirs, row)).toEqual({ ok: false, error: { list: 'positions', id: first.id } });
  });
  it('of two equal documents is empty, and of a new order only that', () => {
    const tree = some(3);
    expect(diffOf(tree, some(3), 'same', lists).changes).toEqual([]);
    const turned = { ...tree, positions: tree.positions.toReversed() };
    expect(diffOf(tree, turned, 'turned', lists).changes.map((change) => change.kind)).toEqual(['order']);
  });
});

describe('merging', () => {
  it('on the same document is applying, and what is there already changes nothing', () => {
    fc.assert(
      fc.property(seeds, seeds, orders, (a, b, order) => {
        const before = some(a);
        const after = other(before, b, order);
        const diff = diffOf(before, after, 'edits', lists);
        expect(rebaseDiff(before, diff, lists)).toMatchObject({ ok: true, value: { document: after } });
        const again = rebaseDiff(after, diff, lists);
        expect(again).toMatchObject({ ok: true, value: { diff: { changes: [] } } });
      }),
      { numRuns: 200, seed: 6 },
    );
  });
  it('keeps both sides of edits to different places, whichever comes first', () => {
    fc.assert(
      fc.property(
        seeds,
        fc.nat(6),
        fc.nat(6),
        fc.constantFrom('name', 'notes', 'tempoReason'),
        fc.constantFrom('source', 'windowCloses', 'legRelation'),
        (seed, i, j, mine, theirs) => {
          const base = some(seed);
          const put = (tree: TreeDocument, at: number, field: string, text: string): TreeDocument => ({
            ...tree,
            positions: tree.positions.map((position, k) => (k === at ? { ...position, [field]: text } : position)),
          });
          const [my, their] = [put(base, i, mine, 'mine'), put(base, j, theirs, 'theirs')];
          const both = put(my, j, theirs, 'theirs');
          const edits = (after: TreeDocument) => [{ diff: diffOf(base, after, 'x', lists) }];
          expect(rebaseAll(their, edits(my), lists)).toMatchObject({ document: both, clashing: [] });
          expect(rebaseAll(my, edits(their), lists).document).toEqual(both);
        },
      ),
      { numRuns: 200, seed: 7 },
    );
  });
  const list = (base: unknown, mine: unknown, theirs: unknown) => {
    const diff = diffOf<object>({ id: 'a', list: base }, { id: 'a', list: mine }, 'x', []);
    const made = rebaseDiff<object>({ id: 'a', list: theirs }, diff, []);
    return made.ok ? (made.value.document as { list: unknown }).list : 'clash';
  };
  it('puts lists together entry by entry', () => {
    expect(list(['a'], ['a', 'b'], ['a', 'c'])).toEqual(['a', 'c', 'b']);
    expect(list(['a', 'b'], ['b'], ['a', 'b', 'c'])).toEqual(['b', 'c']);
    expect(list(['a', 'b', 'c'], ['c', 'b', 'a'], ['a', 'b', 'c', 'd'])).toEqual(['c', 'b', 'a', 'd']);
    expect(list(undefined, ['a'], ['b'])).toEqual(['b', 'a']);
    const habit = (value: string, share: number) => ({ position: 'p', value, share });
    expect(list([habit('x', 1)], [habit('x', 1), habit('y', 2)], [habit('x', 3)])).toEqual([habit('x', 3), habit('y', 2)]);
    const game = (tree: string, off: string[]) => ({ tree, off });
    expect(list([game('t', ['a'])], [game('t', ['a', 'b'])], [game('t', ['a', 'c']), game('u', [])])).toEqual([
      game('t', ['a', 'c', 'b']),
      game('u', []),
    ]);
  });
  it('says where both changed the same, differently', () => {
    expect(list('a', 'b', 'c')).toBe('clash');
    expect(list([{ id: 'x', n: 1 }], [{ id: 'x', n: 2 }], [{ id: 'x', n: 3 }])).toBe('clash');
    expect(list([{ id: 'x', n: 1 }], [], [{ id: 'x', n: 3 }])).toBe('clash');
    expect(list([{ a: 1 }], [{ a: 2 }], [{ a: 3 }])).toBe('clash');
    expect(list(['a', 'a'], ['a', 'a', 'b'], ['a', 'a', 'c'])).toBe('clash');
    const row = (to: object | null, now: object[]) =>
      rebaseDiff<object>(
        { id: 'd', rows: now },
        { label: 'x', changes: [{ kind: 'row', list: 'rows', id: 'r', at: 0, from: { id: 'r', n: 1 } as never, to: to as never }] },
        ['rows'],
      );
    expect(row(null, [{ id: 'r', n: 2 }])).toEqual({ ok: false, error: { list: 'rows', id: 'r' } });
    expect(row({ id: 'r', n: 2 }, [])).toMatchObject({ ok: false });
    expect(row(null, [])).toMatchObject({ ok: true });
  });
});
