import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../base';
import { indexOf, type Fact, type PositionId, type TransitionId, type TreeDocument } from '../tree';
import { findCertainFacts } from './certainFacts';
import { mine, position, tree } from '../../../tests/support/smallTree';

const FACTS = ['foot stripped', 'sleeve', 'posture'];

function randomGame(seed: number): TreeDocument {
  const random = seededRandom(seed);
  const some = (p: number): Fact[] => FACTS.filter(() => random() < p);
  const ids = Array.from({ length: 5 }, (_, i) => `p${i}`);
  const pick = (): string => ids[Math.floor(random() * ids.length)]!;
  const transitions = Array.from({ length: 8 }, (_, i) =>
    mine(`t${i}`, pick(), pick(), {
      needs: some(0.3),
      makes: some(0.35),
      undoes: some(0.2),
      ...(random() < 0.2 ? { outcomes: [{ ifShown: ['v'], to: pick() }] } : {}),
    }),
  );
  return tree(
    ids.map((id) => position(id)),
    transitions,
    { starts: [{ position: 'p0', facts: some(0.5) }, { position: pick() }].slice(0, 1 + Math.floor(random() * 2)) },
  );
}

/** By definition: every set of facts with which a position can be reached, by exploring all of them. */
function bruteFacts(doc: TreeDocument): Map<PositionId, Set<string>[]> {
  const index = indexOf(doc);
  const found = new Map<PositionId, Map<string, Set<string>>>();
  const open: [PositionId, Set<string>][] = doc.starts.map((start) => [start.position, new Set(start.facts ?? [])]);
  while (open.length > 0) {
    const [at, facts] = open.pop()!;
    const key = [...facts].sort().join();
    const known = found.get(at) ?? new Map<string, Set<string>>();
    found.set(at, known);
    if (known.has(key)) continue;
    known.set(key, facts);
    for (const transition of index.from.get(at)!) {
      const after = new Set([...facts].filter((fact) => !transition.undoes?.includes(fact)));
      for (const fact of transition.makes ?? []) after.add(fact);
      for (const to of [transition.to, ...(transition.outcomes ?? []).map((outcome) => outcome.to)]) open.push([to, after]);
    }
  }
  return new Map([...found].map(([id, sets]) => [id, [...sets.values()]]));
}

/** The facts that hold after walking the transitions from a start that they begin at (all such starts tried). */
function factsAfter(doc: TreeDocument, walk: readonly TransitionId[], at: PositionId): Set<Fact>[] {
  const index = indexOf(doc);
  const first = walk[0] === undefined ? at : index.transitions.get(walk[0])!.from;
  return doc.starts
    .filter((start) => start.position === first)
    .map((start) => {
      let facts = new Set(start.facts ?? []);
      let here: readonly PositionId[] = [first];
      for (const id of walk) {
        const transition = index.transitions.get(id)!;
        expect(here).toContain(transition.from);
        facts = new Set([...facts].filter((fact) => !transition.undoes?.includes(fact)));
        for (const fact of transition.makes ?? []) facts.add(fact);
        here = [transition.to, ...(transition.outcomes ?? []).map((outcome) => outcome.to)];
      }
      expect(here).toContain(at);
      return facts;
    });
}

describe('certain facts', () => {
  it('are those that hold whichever way a position was reached, and no others', () => {
    fc.assert(
      fc.property(fc.nat(1e6), (seed) => {
        const doc = randomGame(seed);
        const { certain } = findCertainFacts(doc);
        const brute = bruteFacts(doc);
        expect(new Set(certain.keys())).toEqual(new Set(brute.keys()));
        for (const [id, sets] of brute)
          expect([...certain.get(id)!].sort()).toEqual(FACTS.filter((fact) => sets.every((set) => set.has(fact))).sort());
      }),
      { numRuns: 400, seed: 31 },
    );
  });
  it('a need that is not certain comes with a walk on which the fact is not there', () => {
    fc.assert(
      fc.property(fc.nat(1e6), (seed) => {
        const doc = randomGame(seed);
        for (const { transition, fact, witness } of findCertainFacts(doc).missing) {
          const place = indexOf(doc).transitions.get(transition)!.from;
          expect(factsAfter(doc, witness, place).some((facts) => !facts.has(fact))).toBe(true);
        }
      }),
      { numRuns: 400, seed: 32 },
    );
  });
  it('worked by hand: two ways to the stack, only one strips the foot', () => {
    const doc = tree(
      [position('slx'), position('stack'), position('side')],
      [
        mine('strip and sit', 'slx', 'stack', { makes: ['foot stripped'] }),
        mine('sit', 'slx', 'stack'),
        mine('walk round', 'stack', 'side', { needs: ['foot stripped', 'belt'] }),
      ],
    );
    expect(findCertainFacts(doc).missing).toEqual([
      { transition: 'walk round', fact: 'foot stripped', witness: ['sit'], neverMade: false },
      { transition: 'walk round', fact: 'belt', witness: expect.any(Array), neverMade: true },
    ]);
  });
  it('what is undone and made again in one step is there', () => {
    const doc = tree(
      [position('a'), position('b')],
      [mine('t', 'a', 'b', { undoes: ['f'], makes: ['f'] }), mine('u', 'b', 'a', { needs: ['f'] })],
    );
    expect(findCertainFacts(doc).missing).toEqual([]);
  });
  it('says nothing of places that no start leads to', () => {
    const doc = tree([position('a'), position('stray')], [mine('t', 'stray', 'a', { needs: ['f'] })]);
    const { certain, missing } = findCertainFacts(doc);
    expect([...certain.keys()]).toEqual(['a']);
    expect(missing).toEqual([]);
  });
});
