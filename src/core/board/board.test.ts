import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../demo/demoTree';
import { randomTree } from '../../../tests/support/randomTree';
import { mine, position, reaction, tree } from '../../../tests/support/smallTree';
import { filterTree } from '../lens';
import { landingsOf, withNewPosition, withNewTransition, type TreeDocument } from '../tree';
import { placeInColumns } from './columns';
import { countCrossings, layeringOf, orderLayers, type Layering } from './crossings';
import { gridWithin } from './grid';
import { layoutBoard, type BoardLayout } from './layoutBoard';
import { layoutHub } from './layoutHub';
import { fitText, textWidth, wrapText } from './measure';
import { sectionWidths, wholeName, type PlacedRung } from './placedRung';
import { rungsOf } from './rungs';
import { guardOf, guardPositions } from './views';

const GRID = { columns: 8, rungWidth: 85 };
const seeds = fc.integer({ min: 1, max: 1e6 });
const layout = (doc: TreeDocument, extra = {}): BoardLayout => layoutBoard(doc, { grid: GRID, unfold: true, ...extra });

const overlap = (a: { x: number; y: number; w: number; h: number }, b: typeof a): boolean =>
  a.x < b.x + b.w - 0.5 && b.x < a.x + a.w - 0.5 && a.y < b.y + b.h - 0.5 && b.y < a.y + a.h - 0.5;

/** Lower edge of the bar: the same for all rungs of a row. */
const foot = (placed: PlacedRung): number => placed.y + placed.thickness;

/** Every word on the board as a box. */
function labelBoxes(board: BoardLayout) {
  return board.rungs.flatMap((placed) =>
    [
      ...placed.name.map((label) => ({ ...label, size: placed.nameSize })),
      ...placed.sections.flatMap((section) => section.labels.map((label) => ({ ...label, size: placed.rung.hub ? 13 : 12.5 }))),
      ...placed.stubs.filter((label) => label.text !== '').map((label) => ({ ...label, size: 12 })),
    ].map(({ text, x, y, size }) => ({ text, x, y: y - size * 0.72, w: textWidth(text, size), h: size * 0.8 })),
  );
}

describe('the climb', () => {
  it('hangs every rung at the height of its lines, never inverted', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const board = layout(randomTree(seed, { positions: 40, transitions: 90 }));
        const ladder = board.rungs.filter((placed) => placed.rung.zone === 'ladder');
        for (const a of ladder) for (const b of ladder) if (a.rung.height < b.rung.height) expect(a.y).toBeGreaterThan(b.y);
        for (const { rung, y } of ladder) {
          const line = board.bands.find((band) => band.label === ['facing', 'feet', 'knees', 'hips', 'chest', 'head'][rung.height])!;
          expect(y).toBeLessThan(line.y);
        }
      }),
      { numRuns: 40, seed: 1 },
    );
  });
  it('lets no rungs overlap, and shows all of them when unfolded', () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        const doc = randomTree(seed, { positions: 60, transitions: 120 });
        const board = layout(doc);
        expect(board.rungs.length).toBe(60);
        const boxes = board.rungs.map(({ x, y, width, thickness }) => ({ x, y, w: width, h: thickness }));
        boxes.forEach((a, i) => boxes.slice(i + 1).forEach((b) => expect(overlap(a, b)).toBe(false)));
      }),
      { numRuns: 25, seed: 2 },
    );
  });
  it('folds what is beyond three sub-rows without losing anything', () => {
    const doc = randomTree(3, { positions: 300, transitions: 600, climbing: true });
    const board = layout(doc, { unfold: false });
    const all = [...board.rungs.map((placed) => placed.rung.id), ...board.rungs.flatMap((placed) => placed.folded)];
    expect(new Set(all).size).toBe(300);
    expect(all.length).toBe(300);
    expect(board.rungs.length).toBeLessThan(300);
  });
  it('keeps what was there in its column and order when a branch is added', () => {
    fc.assert(
      fc.property(seeds, fc.nat(1000), (seed, choice) => {
        const doc = randomTree(seed, { positions: 30, transitions: 60 });
        const before = layout(doc);
        const from = doc.positions[choice % 20]!;
        // A hub's plank may grow by a section, and a wider plank needs room.
        fc.pre(from.family !== 'hub');
        const added = withNewPosition(doc, { name: 'new one', lines: from.lines });
        const after = layout(withNewTransition(added.tree, { from: from.id, to: added.id, actor: 'owner', name: 'm' }).tree, {
          previous: before.columns,
        });
        for (const a of before.rungs) {
          for (const b of before.rungs) {
            const [c, d] = [a, b].map((placed) => after.rungs.find((item) => item.rung.id === placed.rung.id)!);
            if (foot(a) === foot(b) && foot(c!) === foot(d!) && a.x < b.x) expect(c!.x).toBeLessThan(d!.x);
          }
        }
        const moved = before.rungs.filter(
          (placed) => after.columns.get(placed.rung.id) !== before.columns.get(placed.rung.id) && before.columns.has(placed.rung.id),
        );
        // Only the row that took in the new rung may make room.
        expect(new Set(moved.map(foot)).size).toBeLessThanOrEqual(1);
      }),
      { numRuns: 60, seed: 5 },
    );
  });
  it('has no overlapping words on the demo tree', () => {
    const boxes = labelBoxes(layoutBoard(demoTree(), { grid: GRID }));
    const clashes = boxes.flatMap((a, i) =>
      boxes
        .slice(i + 1)
        .filter((b) => overlap(a, b))
        .map((b) => `${a.text} / ${b.text}`),
    );
    expect(clashes).toEqual([]);
  });
  it('moves nothing when a filter hides transitions: only what is drawn changes', () => {
    const all = demoTree();
    const { tree: reduced } = filterTree(all, { ruleSet: 'saltmarsh-juniors', age: 11, context: 'noGi' });
    const places = (layout: BoardLayout) => layout.rungs.map((placed) => [placed.rung.id, placed.column, placed.span]);
    const [before, after] = [layoutBoard(all, { grid: GRID }), layoutBoard(reduced, { grid: GRID, arrangedBy: all })];
    expect(places(after)).toEqual(places(before));
    expect(after.climbs.length).toBeLessThan(before.climbs.length);
  });
  it('is the same every time', () => {
    expect(layoutBoard(demoTree(), { grid: GRID })).toEqual(layoutBoard(demoTree(), { grid: GRID }));
  });
  it('draws an empty ladder for an empty tree', () => {
    expect(layout(tree([], []))).toMatchObject({ rungs: [], climbs: [], bands: { length: 8 } });
  });
});

/** Crossings between all pairs of edges, the slow way. */
function bruteCrossings({ layers, up }: Layering, order: readonly (readonly number[])[]): number {
  let crossings = 0;
  layers.slice(0, -1).forEach((_, i) => {
    const edges = order[i]!.flatMap((from, x) => up[from]!.map((to) => [x, order[i + 1]!.indexOf(to)] as const));
    edges.forEach(([a, b], n) => edges.slice(n + 1).forEach(([c, d]) => (crossings += (a - c) * (b - d) < 0 ? 1 : 0)));
  });
  return crossings;
}

describe('passes', () => {
  const layering = fc.tuple(seeds, fc.integer({ min: 2, max: 5 })).map(([seed, depth]) => {
    const layers = Array.from({ length: depth }, (_, i) => [0, 1, 2, 3, 4].map((n) => i * 5 + n));
    const edges = Array.from({ length: depth * 5 }, (_, n) => {
      const from = (seed * (n + 3) * 7) % (depth * 5);
      const to = (seed * (n + 11) * 13) % (depth * 5);
      return [Math.min(from, to), Math.max(from, to)] as const;
    }).filter(([from, to]) => Math.floor(from / 5) < Math.floor(to / 5));
    return layeringOf(depth * 5, layers, edges);
  });
  it('count crossings as the slow way does, and ordering never adds any', () => {
    fc.assert(
      fc.property(layering, (given) => {
        expect(countCrossings(given)).toBe(bruteCrossings(given, given.layers));
        const ordered = orderLayers(given);
        expect(bruteCrossings(given, ordered)).toBeLessThanOrEqual(bruteCrossings(given, given.layers));
        ordered.forEach((layer, i) => expect([...layer].sort()).toEqual([...given.layers[i]!].sort()));
      }),
      { numRuns: 80, seed: 6 },
    );
  });
  it('leave frozen layers as they are', () => {
    fc.assert(
      fc.property(layering, (given) => {
        expect(orderLayers(given, { frozen: new Set([0]) })[0]).toEqual(given.layers[0]);
      }),
      { numRuns: 30, seed: 6 },
    );
  });
  it('place rungs in columns at the least distance', () => {
    const wish = fc.record({ span: fc.integer({ min: 1, max: 2 }), wanted: fc.option(fc.nat(6)), weight: fc.constant(1) });
    fc.assert(
      fc.property(fc.array(wish, { maxLength: 3 }), (wishes) => {
        const cost = (firsts: readonly number[]): number =>
          firsts.reduce(
            (sum, first, i) => sum + (wishes[i]!.wanted === null ? 0 : Math.abs(first + (wishes[i]!.span - 1) / 2 - wishes[i]!.wanted!)),
            0,
          );
        const fits = (firsts: readonly number[]): boolean =>
          firsts.every((first, i) => first >= (i === 0 ? 0 : firsts[i - 1]! + wishes[i - 1]!.span) && first + wishes[i]!.span <= 7);
        const all = wishes
          .reduce<number[][]>((lists) => lists.flatMap((list) => [0, 1, 2, 3, 4, 5, 6].map((at) => [...list, at])), [[]])
          .filter(fits);
        const found = placeInColumns(wishes, 7);
        expect(fits(found)).toBe(true);
        expect(cost(found)).toBeCloseTo(Math.min(...all.map(cost)), 9);
      }),
      { numRuns: 60, seed: 3 },
    );
  });
  it('cut and wrap words to their width', () => {
    expect(fitText('Knee cut', 13.5, 200)).toBe('Knee cut');
    expect(textWidth(fitText('Headquarters and more', 13.5, 60), 13.5)).toBeLessThanOrEqual(60);
    expect(wrapText('Three-quarter mount', 13.5, 73, 2)).toEqual(['Three-', expect.stringContaining('quarter')]);
    expect(wrapText('one two three four five six', 13.5, 40, 2)).toHaveLength(2);
  });
  it('share a rung out with a minimum and no rest', () => {
    const widths = sectionWidths([0.9, 0.05, 0.05], 85, 15);
    expect(widths.reduce((sum, width) => sum + width, 0) + 6).toBeCloseTo(85);
    expect(Math.min(...widths)).toBeGreaterThanOrEqual(15);
  });
});

describe('rungs and views', () => {
  it('break where a value has no answer', () => {
    const [rung] = rungsOf(
      tree([position('g', { reads: reaction('a', 'b') }), position('p')], [mine('m', 'g', 'p', { when: { he: ['a'] } })]),
    );
    expect(rung!.sections.map((section) => [section.value, section.broken])).toEqual([
      ['a', false],
      ['b', true],
      [null, false],
    ]);
  });
  it('one guard reaches to its hubs and endings; the guard of a position is the nearest start', () => {
    const doc = demoTree();
    const shown = guardPositions(doc, 'closed-guard');
    expect(shown.has('body-lock')).toBe(true);
    expect(shown.has('spider')).toBe(false);
    expect(guardOf(doc, 'posture-won')).toBe('closed-guard');
  });
  it('one guard is shown up to the endings: all that my moves lead to, and what he does to me there', () => {
    const doc = demoTree();
    for (const { position: guard } of doc.starts) {
      const mineFrom = new Set([guard]);
      for (const id of mineFrom)
        for (const move of doc.transitions)
          if (move.actor === 'owner' && move.from === id) landingsOf(move).forEach((to) => mineFrom.add(to));
      const his = doc.transitions.filter((move) => move.from === guard).flatMap(landingsOf);
      expect(guardPositions(doc, guard)).toEqual(new Set([...mineFrom, ...his]));
    }
  });
  it('a name that is cut is whole where it is looked at, in the climb and in the hub', () => {
    const long = 'a name of many words that no rung of this width could ever hold on its two lines';
    const doc = tree(
      [position('hub', { name: long, family: 'hub' }), position('b', { name: long, lines: ['feet'] })],
      [mine('m', 'hub', 'b', { name: long })],
    );
    const { rungs } = layoutBoard(doc, { grid: { columns: 6, rungWidth: 85 } });
    for (const placed of rungs) {
      expect(placed.name.some(({ text }) => text.endsWith('…'))).toBe(true);
      expect(
        wholeName(placed)
          .map(({ text }) => text)
          .join(' '),
      ).toBe(long);
    }
    expect(layoutHub(doc, 'hub', { width: 700, height: 600 }).answers[0]!.whole).toEqual([long, long]);
  });
  it('has as many columns as a window holds at full size, so that nothing is shrunk to fit', () => {
    for (const width of [320, 390, 724, 768, 980, 1600]) {
      const grid = gridWithin(width, 114, 6);
      const board = layoutBoard(demoTree(), { grid });
      const spilled = Math.max(...board.rungs.map(({ column, span, rung }) => (rung.zone === 'back' ? 0 : column + span))) > grid.columns;
      if (grid.columns > 2 && !spilled) expect(board.width).toBeLessThanOrEqual(width);
      expect(grid.columns).toBeLessThanOrEqual(6);
    }
  });
  it('one hub gives every answer a slot of its own', () => {
    const hub = layoutHub(demoTree(), 'headquarters', { width: 980, height: 760 });
    expect(hub.answers).toHaveLength(7);
    expect(new Set(hub.answers.map((answer) => answer.x)).size).toBe(7);
    expect(hub.sections.filter((item) => item.section.broken).map((item) => item.section.value)).toEqual(['hq-underhook', 'hq-pummels']);
    expect(hub.entries.length + hub.moreEntries).toBe(10);
  });
  it('one hub says why an answer is chosen, where there is room below its words', () => {
    const { answers } = layoutHub(demoTree(), 'headquarters', { width: 980, height: 760 });
    const drag = answers.find((answer) => answer.words.join(' ') === 'I drag the leg')!;
    expect(drag.reason.join(' ')).toBe('his knee is past my hip');
    expect(answers.every(({ words, reason }) => words.length + reason.length <= 3)).toBe(true);
  });
  it('one hub keeps the order of its sections while something is typed', () => {
    const frame = { width: 980, height: 760 };
    const values = layoutHub(demoTree(), 'turtle', frame).sections.map(({ section }) => section.value);
    const other = values.toReversed();
    expect(layoutHub(demoTree(), 'turtle', frame, other).sections.map(({ section }) => section.value)).toEqual(other);
    expect(layoutHub(demoTree(), 'turtle', frame, other.slice(0, 1)).sections[0]!.section.value).toBe(other[0]);
  });
});
