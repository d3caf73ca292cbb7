import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../base';
import type { Fact, TreeDocument } from '../tree';
import { findNeedLoops } from './needLoops';
import { mine, position, tree } from '../../../tests/support/smallTree';

const FACTS = ['knee safe', 'foot stripped', 'hook dead', 'sleeve'];
const game = (needs: readonly (readonly [string, Fact[], Fact[]])[], facts: Fact[] = []): TreeDocument =>
  tree(
    [position('a'), position('b')],
    needs.map(([id, need, make]) => mine(id, 'a', 'b', { needs: need, makes: make })),
    { starts: [{ position: 'a', facts }] },
  );

describe('loops of “first this”', () => {
  it('are named in their order, with what each waits for', () => {
    const doc = game([
      ['strip', ['knee safe'], ['foot stripped']],
      ['kill', ['foot stripped'], ['hook dead']],
      ['turn', ['hook dead'], ['knee safe']],
    ]);
    expect(findNeedLoops(doc)).toEqual([{ transitions: ['strip', 'turn', 'kill'], facts: ['knee safe', 'hook dead', 'foot stripped'] }]);
  });
  it('are none where another way makes the fact, a start has it, or nothing makes it at all', () => {
    const loop = [
      ['strip', ['knee safe'], ['foot stripped']],
      ['turn', ['foot stripped'], ['knee safe']],
    ] as [string, Fact[], Fact[]][];
    expect(findNeedLoops(game(loop))).toHaveLength(1);
    expect(findNeedLoops(game([...loop, ['hide the heel', [], ['knee safe']]]))).toEqual([]);
    expect(findNeedLoops(game(loop, ['foot stripped']))).toEqual([]);
    expect(findNeedLoops(game([['strip', ['sleeve'], ['foot stripped']]]))).toEqual([]);
  });
  it('a transition that needs what it makes itself waits for itself; what waits for a loop is not in it', () => {
    const doc = game([
      ['last', ['foot stripped'], []],
      ['strip', ['foot stripped'], ['foot stripped']],
    ]);
    expect(findNeedLoops(doc)).toEqual([{ transitions: ['strip'], facts: ['foot stripped'] }]);
  });
  it('on random games: each is a true circle, and there is one exactly when some made fact can never come about', () => {
    fc.assert(
      fc.property(fc.nat(1e6), (seed) => {
        const random = seededRandom(seed);
        const some = (p: number): Fact[] => FACTS.filter(() => random() < p);
        const doc = game(Array.from({ length: 5 }, (_, i) => [`t${i}`, some(0.35), some(0.3)] as const));
        const byId = new Map(doc.transitions.map((transition) => [transition.id, transition]));
        const loops = findNeedLoops(doc);
        for (const { transitions, facts } of loops)
          transitions.forEach((id, i) => {
            expect(byId.get(id)!.needs).toContain(facts[i]);
            expect(byId.get(transitions[(i + 1) % transitions.length]!)!.makes).toContain(facts[i]);
          });
        // By definition: fire whatever can fire until nothing changes.
        const have = new Set<Fact>();
        for (let round = 0; round < 10; round++)
          for (const transition of doc.transitions)
            if (transition.needs!.every((fact) => have.has(fact))) transition.makes!.forEach((fact) => have.add(fact));
        const stuck = doc.transitions.filter((transition) => transition.makes!.some((fact) => !have.has(fact)));
        const waitsForUnmade = (transition: (typeof stuck)[number]): boolean =>
          transition.needs!.some((fact) => !have.has(fact) && !stuck.some((other) => other.makes!.includes(fact)));
        if (stuck.length === 0) expect(loops).toEqual([]);
        else if (!stuck.some(waitsForUnmade)) expect(loops.length).toBeGreaterThan(0);
      }),
      { numRuns: 300, seed: 12 },
    );
  });
});
