import { describe, expect, it } from 'vitest';
import { atOnce } from '@/core/base';
import { layoutBoard } from '@/core/board';
import { byWeight, findFindings, visitsOf } from '@/core/findings';
import { viewTree } from '@/core/lens';
import { findOdds, ODDS_QUESTION } from '@/core/odds';
import { fewestTrades } from '@/core/grips';
import { findFilterDifference, findUnanswered, findUnpriced, ROUTES_COUNTED, routesToGoals } from '@/core/structure';
import { withoutPosition, withoutTransition, type TreeDocument } from '@/core/tree';
import { demoTree } from '../../demo/demoTree';
import { speaksOf, type PositionAnswer } from './position';
import { answering, type AnswerTo, type Asked, type QuestionKind } from './questions';

const tree = demoTree();
const WHOLE = { filter: {}, swapped: false };
const ask = <K extends QuestionKind>(question: Asked<K>, of = tree): AnswerTo[K] => atOnce(answering(of, question)) as AnswerTo[K];
const LAYOUT: Asked<'layout'> = {
  kind: 'layout',
  look: WHOLE,
  grid: { columns: 8, rungWidth: 85 },
  only: null,
  unfold: false,
  previous: null,
};

describe('the ways that the worker finds', () => {
  it('go from where to where they are asked for, shortest first, with the fewest trades among them and the ways to each goal', () => {
    const ways = (from: string | null, to: string | null, through: string | null) =>
      ask<'routes'>({ kind: 'routes', look: WHOLE, ends: { from, to, through }, on: [] });
    const any = ways(null, null, 'leg-drag');
    expect(any.routes.every((route) => route.includes('leg-drag'))).toBe(true);
    expect(any.routes.map(({ length }) => length)).toEqual(any.routes.map(({ length }) => length).toSorted((a, b) => a - b));
    const some = ways('spider', 'mount', null);
    expect(some.routes.length).toBeGreaterThan(0);
    expect(some.routes.every((route) => route[0] === 'spider' && route.at(-1) === 'mount')).toBe(true);
    expect(any.trades).toEqual(fewestTrades(tree, any.routes, []));
    expect(some.goals).toEqual(routesToGoals(tree, 'spider', ROUTES_COUNTED));
  });
});

describe('what the worker answers', () => {
  it('takes what goes on in another tree for what it is worth there, looked at in the same way', () => {
    const place = tree.starts[0]!.position;
    const onward: TreeDocument = {
      ...tree,
      id: 'onward',
      positions: [{ ...tree.positions[0]!, id: 'g', reads: [], continuesIn: { tree: tree.id, position: place } }],
      transitions: [],
      starts: [{ position: 'g' }],
    };
    for (const filter of [{}, { context: 'noGi' as const }]) {
      const look = { filter, swapped: false };
      const asked = { kind: 'odds' as const, look, question: ODDS_QUESTION };
      const alone = atOnce(answering(onward, asked)) as AnswerTo['odds'];
      expect(alone.byDefault).toEqual(['g']);
      const beside = atOnce(answering(onward, asked, new Map([[tree.id, tree]]))) as AnswerTo['odds'];
      const there = findOdds(viewTree(tree, filter, false).shown).positions.find(({ position }) => position === place)!;
      expect(beside.goesOn).toEqual([{ position: 'g', worth: there.value }]);
    }
  });
  it('is what the core says of the tree as it is looked at', () => {
    const look = { filter: { context: 'noGi' as const }, swapped: false };
    const { shown } = viewTree(tree, look.filter, false);
    const sheet = ask<'sheet'>({ kind: 'sheet', look });
    expect(sheet.findings.list).toEqual(byWeight(shown, findFindings(shown).list, visitsOf(findOdds(shown))));
    expect(sheet.unpriced).toHaveLength(findUnpriced(shown).length);
    expect(ask<'odds'>({ kind: 'odds', look, question: ODDS_QUESTION }).starts).toEqual(findOdds(shown).starts);
    const layout = ask<'layout'>({ ...LAYOUT, look });
    expect(layout.rungs.map((placed) => [placed.rung.id, placed.x, placed.y])).toEqual(
      layoutBoard(shown, { grid: LAYOUT.grid, arrangedBy: viewTree(tree, look.filter, false).seen }).rungs.map((placed) => [
        placed.rung.id,
        placed.x,
        placed.y,
      ]),
    );
  });
  it('what a filter takes away is said of the coach’s own side, however the tree is looked at', () => {
    const look = { filter: { context: 'noGi' as const }, swapped: true };
    const found = ask<'difference'>({ kind: 'difference', look });
    expect(found.hidden.length).toBeGreaterThan(0);
    expect(found).toEqual(findFilterDifference(tree, look.filter));
  });
  it('what to work on names each gap of the tree as it is looked at', () => {
    const look = { filter: { context: 'noGi' as const }, swapped: false };
    const { shown } = viewTree(tree, look.filter, false);
    const found = ask<'advice'>({ kind: 'advice', look, question: { ...ODDS_QUESTION, roundSeconds: 60 } });
    const gaps = found.items.flatMap((item) => (item.kind === 'gap' ? [`${item.position} ${item.value}`] : []));
    const open = findUnanswered(shown).map(({ position, value }) => `${position} ${value}`);
    const announced = shown.transitions.filter((item) => item.announced === true && item.actor === 'owner');
    expect(gaps.length).toBeGreaterThan(0);
    expect(gaps.filter((gap) => !open.includes(gap))).toEqual([]);
    expect(found.items.filter(({ kind }) => kind === 'gap' || kind === 'teach').length + found.ranked).toBe(open.length + announced.length);
  });
  it('an outline is put on to the tree itself, without what the gym lends it, and says what stays open', () => {
    const lent = { ...tree, profiles: [], ruleSets: [] };
    const answer = ask<'outline'>(
      { kind: 'outline', look: WHOLE, text: 'Tide guard\n  he frames / turns\n    I wade → Side pin\n  he waits', mode: 'add', own: null },
      lent,
    );
    expect(answer.report).toMatchObject({ yours: ['Side pin'], fresh: ['Tide guard'] });
    expect(answer.unanswered).toEqual(['Tide guard: he waits']);
    expect([answer.problems, answer.refused]).toEqual([[], []]);
    const marked = ask<'outline'>({ kind: 'outline', look: WHOLE, text: 'A <b>place', mode: 'add', own: null });
    expect(marked.refused[0]).toContain('markup');
    expect([answer.tree.positions.length, 'profiles' in answer.tree]).toEqual([tree.positions.length + 1, false]);
  });
  it('the same picture of the same tree is laid out once, another one anew', () => {
    expect(ask<'layout'>(LAYOUT)).toBe(ask<'layout'>({ ...LAYOUT }));
    expect(ask<'layout'>({ ...LAYOUT, unfold: true })).not.toBe(ask<'layout'>(LAYOUT));
    expect(ask<'layout'>(LAYOUT, { ...tree })).not.toBe(ask<'layout'>(LAYOUT));
    expect(ask<'layout'>({ ...LAYOUT, only: ['headquarters'] }).rungs).toHaveLength(1);
  });
  it('a place that is not there has no answer', () => {
    expect(ask<'position'>({ kind: 'position', look: WHOLE, position: 'constructor' })).toBeNull();
  });
  it('is given in pieces: others may be let in between', () => {
    const pieces = [...answering({ ...tree }, { kind: 'sheet', look: WHOLE })];
    expect(pieces.length).toBeGreaterThan(8);
  });
});

describe('an older answer', () => {
  const answer = ask<'position'>({ kind: 'position', look: WHOLE, position: 'headquarters' }) as PositionAnswer;
  it('stays readable while all that it names is there', () => {
    expect(answer.dilemmas.length + answer.provoked.length).toBeGreaterThan(0);
    expect(speaksOf(tree, answer)).toBe(true);
    const [pair] = [...answer.dilemmas, ...answer.oneWay];
    expect(speaksOf(withoutTransition(tree, pair!.a), answer)).toBe(false);
    const round = answer.bypass?.routes[0];
    if (round) expect(speaksOf(withoutPosition(tree, round[1]!), answer)).toBe(false);
  });
});
