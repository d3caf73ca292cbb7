import { describe, expect, it } from 'vitest';
import { atOnce } from '../../base';
import { demoTree } from '../../../../demo/demoTree';
import { randomOdds } from '../../../../tests/support/randomOdds';
import { explainedLines, sayTogether } from '../../words';
import { KNOWING_QUESTION, ODDS_QUESTION } from '../question';
import { findOdds } from '../report';
import { explain } from './explain';
import { whatIfInPieces, type Change } from './tried/whatIf';

describe('how a figure comes about', () => {
  it('adds up to it, whatever is asked', () => {
    for (const question of [ODDS_QUESTION, KNOWING_QUESTION])
      for (let seed = 1; seed <= 8; seed++) {
        const doc = randomOdds(seed, 8);
        const asked = { ...question, roundSeconds: 90 };
        for (const { position, choices } of findOdds(doc, asked).positions.slice(0, 4))
          for (const { shown, options } of choices)
            for (const { transition, worth } of options) {
              const found = explain(doc, asked, position, transition, shown)!;
              expect(found.total).toBeCloseTo(worth, 10);
              expect(found.terms.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 10);
            }
      }
  });
  it('is said line by line, and of what is not there nothing is', () => {
    const demo = demoTree();
    const here = findOdds(demo).positions.find(({ position }) => position === 'spider')!;
    const { best, shown } = here.choices[0]!;
    const found = explain(demo, ODDS_QUESTION, 'spider', best, shown)!;
    const [first] = explainedLines(demo, found);
    expect(first!.what).toMatch(/^it works: /);
    expect(first!.sum).toMatch(/^\d+\.\d of 100 times, worth \d+: \d+\.\d$/);
    expect(sayTogether(found, 300)).toMatch(/^Together \d+\.\d: \d+ in 100; 4:\d\d is left then\.$/);
    expect(explain(demo, ODDS_QUESTION, 'nowhere', best, shown)).toBeNull();
    expect(explain(demo, ODDS_QUESTION, 'spider', 'no-move', shown)).toBeNull();
  });
});

describe('what if', () => {
  const ask = (doc: ReturnType<typeof demoTree>, change: Change) => atOnce(whatIfInPieces(doc, ODDS_QUESTION, change));
  it('is what the tree with it typed says', () => {
    const demo = demoTree();
    const move = demo.transitions.find(({ id }) => id === 'side-low-i-drive-the-cross-face')!;
    const typed = { ...demo, transitions: demo.transitions.map((item) => (item === move ? { ...item, works: 0.9 } : item)) };
    const found = ask(demo, { kind: 'move', transition: move.id, works: 0.9 })!;
    const [before, after] = [findOdds(demo), findOdds(typed)];
    found.starts.forEach((start, i) => {
      expect(start.before).toBeCloseTo(before.starts[i]!.value, 12);
      expect(start.after).toBeCloseTo(after.starts[i]!.value, 12);
    });
    const shown = ask(demo, { kind: 'share', position: 'leg-drag', read: 'he', value: 'ld-pulls', share: 0 })!;
    expect(shown.starts.every(({ before: was, after: is }) => is >= was - 1e-12)).toBe(true);
  });
  it('of what is not there is nothing', () => {
    expect(ask(demoTree(), { kind: 'move', transition: 'none', works: 1 })).toBeNull();
    expect(ask(demoTree(), { kind: 'share', position: 'none', read: 'he', value: 'x', share: 1 })).toBeNull();
  });
});
