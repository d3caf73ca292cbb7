import { describe, expect, it } from 'vitest';
import { demoPlan } from '../../../../demo/demoPlan';
import { demoAthletes, demoHeld } from '../../../../demo/demoPeople';
import { demoTree } from '../../../../demo/demoTree';
import { expectedOf, planPairs, traineeOf, unitsOf } from '../../classes';
import { callsOf, feederCardsOf } from './cards';
import { sayHeld } from './held';

const tree = demoTree();
const { units } = unitsOf(tree, demoPlan().units);
const athletes = demoAthletes('2026-11-27');
const names = new Map(athletes.map(({ id, name }) => [id, name]));

describe('feeder cards', () => {
  const { rounds } = planPairs(
    athletes.map((athlete) => traineeOf(expectedOf(athlete))),
    { rounds: units.length, seed: 1 },
  );
  const cards = feederCardsOf(tree, units, rounds, names, 1);
  it('are one for each who comes, with the partner of every unit', () => {
    expect(cards.map(({ name }) => name)).toEqual([...names.values()]);
    for (const { lines } of cards)
      expect(lines.map((line) => line.with)).toEqual(units.map(() => expect.stringMatching(/^with \S.+/) as string));
    expect(feederCardsOf(tree, units, null, new Map(), 1)).toHaveLength(1);
  });
  it('do not say what the one who works is to do', () => {
    const moves = tree.transitions.filter(({ actor }) => actor === 'owner').map(({ name }) => name.replace(/^I /, ''));
    for (const { lines } of cards)
      for (const { unit, feeder, calls } of lines)
        for (const words of [unit, ...feeder, ...calls]) for (const move of moves) expect(words).not.toContain(move);
  });
  it('carry calls for what is chosen by cue, the same for the same seed, of its shows alone', () => {
    const read = units.find(({ kind }) => kind === 'read')!;
    const calls = callsOf(tree, read, 5);
    expect(calls).toHaveLength(12);
    expect(callsOf(tree, read, 5)).toEqual(calls);
    expect(new Set(calls)).toEqual(new Set(['flat', 'turned in']));
    expect(callsOf(tree, units[0]!, 5)).toEqual([]);
  });
});

describe('what we did', () => {
  it('is said for those who missed it, by name', () => {
    const [held] = demoHeld(tree, '2026-11-27');
    const said = sayHeld(tree, held!, names).join(' ');
    expect(said).toMatch(/^We did part: I .+\. .*Not there: .+\.$/);
    expect(sayHeld(tree, { ...held!, units: [] }, new Map())[0]).toBe('Nothing of the plan was done.');
  });
});
