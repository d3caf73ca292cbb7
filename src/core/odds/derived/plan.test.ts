import { describe, expect, it } from 'vitest';
import { filterTree, opponentsIn } from '../../lens';
import { demoTree } from '../../../../demo/demoTree';
import { randomWorld } from '../../../../tests/support/randomWorld';
import { his, mine, position, reaction, tree } from '../../../../tests/support/smallTree';
import { ODDS_QUESTION, questionAgainst } from '../question';
import { findOdds } from '../report';
import { planOf } from './plan';

const asked = { ...ODDS_QUESTION, roundSeconds: 60 };
const pin = position('pin', { ends: 'settled' });
const reads = [
  {
    ...reaction('a', 'b')[0]!,
    closed: true,
    values: reaction('a', 'b')[0]!.values.map((value, i) => ({ ...value, share: i ? 0.3 : 0.7 })),
  },
];
const timing = {
  id: 'when',
  name: 'timing',
  kind: 'timing' as const,
  closed: true,
  values: ['early', 'late'].map((id) => ({ id, name: id, kind: 'other' as const })),
};

describe('a game plan', () => {
  it('by hand: what is best most often, what he makes of it, and what to leave', () => {
    const doc = tree(
      [position('g', { reads: [...reads, timing] }), position('half'), pin],
      [
        mine('cut', 'g', 'half', { when: { he: ['a'] }, works: 0.9, stoppedBy: ['b'] }),
        mine('drag', 'g', 'pin', { when: { he: ['b'] }, works: 0.8, offCue: 0 }),
        mine('jump', 'g', 'pin', { when: { he: ['a'] }, works: 0.01, offCue: 0, priority: 5 }),
        mine('settle', 'half', 'pin', { works: 0.9 }),
        his('sweeps', 'g', 'half', { when: { he: ['a'] } }),
      ],
    );
    const [plan] = planOf(doc, findOdds(doc, asked), ['g']);
    // The moment makes no difference: it is not told.
    expect(plan!.way.map(({ transition, share, fall, shown }) => [transition, share, fall, shown.length])).toEqual([
      ['cut', expect.closeTo(0.7, 12), 'sweeps', 1],
      ['settle', 1, null, 0],
    ]);
    expect(plan!.ends).toBe('pin');
    expect(plan!.answers.map(({ best }) => best)).toEqual(['cut', 'drag']);
    expect(plan!.avoid).toMatchObject([{ transition: 'jump', why: 'order', better: 'cut' }]);
  });
  it('of any tree ends, at a goal or where nothing is done twice, and never leaves the best', () => {
    for (let seed = 1; seed <= 60; seed++) {
      const doc = randomWorld(seed, { positions: 12, transitions: 30 });
      const odds = findOdds(doc, asked);
      for (const { way, answers, avoid } of planOf(
        doc,
        odds,
        doc.starts.map((start) => start.position),
      )) {
        expect(new Set(way.map((step) => step.position)).size).toBe(way.length);
        expect(answers.reduce((sum, { share }) => sum + share, 0)).toBeLessThanOrEqual(1 + 1e-9);
        for (const { worth, betterWorth } of avoid) expect(worth).toBeLessThan(betterWorth);
      }
    }
  });
  it('against the opponents of the demo differs', () => {
    const demo = demoTree();
    const ways = ['oren-vask', 'mila-tarn', 'jory-brask'].map((id) => {
      const filter = { profiles: [id] };
      const [him] = opponentsIn(demo, filter);
      const shown = filterTree(demo, filter).tree;
      const plan = planOf(
        shown,
        findOdds(shown, questionAgainst([him!])),
        demo.starts.map((start) => start.position),
      );
      return JSON.stringify(plan.map(({ way }) => way.map(({ transition }) => transition)));
    });
    expect(new Set(ways).size).toBe(3);
  });
  it('at a place that is gone is left out', () => expect(planOf(tree([], []), findOdds(tree([], []), asked), ['gone'])).toEqual([]));
});
