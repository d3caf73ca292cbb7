import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../base';
import { indexOf, type Contact, type Fact, type PositionId, type Transition, type TreeDocument } from '../tree';
import { findCertainFacts } from './certainFacts';
import { findNeedLoops } from './needLoops';
import { missingHolds } from './facts';
import { mine, position, tree } from '../../../tests/support/smallTree';
import { held } from '../../../tests/support/held';

const HOLDS = ['right hand far lapel', 'left hand near ankle', 'his left hand collar'];

/** Moves that write their steps, write none, or only say what they make and undo, holds among it. */
function randomGame(seed: number): TreeDocument {
  const random = seededRandom(seed);
  const some = (p: number): string[] => HOLDS.filter(() => random() < p);
  const contacts = (p: number): Contact[] => held(some(p).join(', '));
  const pick = (): string => `p${Math.floor(random() * 5)}`;
  const transitions = Array.from({ length: 8 }, (_, i) =>
    random() < 0.6
      ? mine(`t${i}`, pick(), pick(), { needs: some(0.3), steps: [{ contacts: contacts(0.5) }, { contacts: contacts(0.6) }] })
      : mine(`t${i}`, pick(), pick(), { needs: some(0.3), makes: some(0.3), undoes: some(0.2) }),
  );
  return tree(
    Array.from({ length: 5 }, (_, i) => position(`p${i}`, { holds: contacts(0.4) })),
    transitions,
    { starts: [{ position: 'p0' }, { position: pick(), facts: some(0.2) }] },
  );
}

const text = (contact: Contact): string =>
  HOLDS.find((hold) => held(hold)[0]!.part === contact.part && held(hold)[0]!.athlete === contact.athlete)!;
const givenAt = (doc: TreeDocument): (readonly [PositionId, Set<Fact>])[] =>
  doc.starts.map((start) => [
    start.position,
    new Set([...(start.facts ?? []), ...(indexOf(doc).positions.get(start.position)!.holds ?? []).map(text)]),
  ]);
const afterTransition = (facts: ReadonlySet<Fact>, transition: Transition): Set<Fact> =>
  transition.steps
    ? new Set(transition.steps.at(-1)!.contacts.map(text))
    : new Set([...[...facts].filter((fact) => !transition.undoes?.includes(fact)), ...(transition.makes ?? [])]);

/** Every set of holds with which a place can be reached, by walking all ways, as the document says it. */
function routesTo(doc: TreeDocument): Map<PositionId, Set<Fact>[]> {
  const found = new Map<PositionId, Map<string, Set<Fact>>>();
  const open = givenAt(doc);
  for (let step = open.pop(); step; step = open.pop()) {
    const [at, facts] = step;
    const known = found.get(at) ?? new Map<string, Set<Fact>>();
    found.set(at, known);
    const key = [...facts].sort().join();
    if (known.has(key)) continue;
    known.set(key, facts);
    for (const transition of indexOf(doc).from.get(at)!) open.push([transition.to, afterTransition(facts, transition)]);
  }
  return new Map([...found].map(([id, sets]) => [id, [...sets.values()]]));
}

describe('holds as facts', () => {
  it('certain is what every way brings along: none claims what some way lacks, none that all have is left out', () => {
    fc.assert(
      fc.property(fc.nat(1e6), (seed) => {
        const doc = randomGame(seed);
        const { certain, witnessOf } = findCertainFacts(doc);
        const routes = routesTo(doc);
        expect(new Set(certain.keys())).toEqual(new Set(routes.keys()));
        for (const [id, sets] of routes) {
          expect([...certain.get(id)!].sort()).toEqual(HOLDS.filter((hold) => sets.every((set) => set.has(hold))).sort());
          for (const hold of HOLDS.filter((item) => !certain.get(id)!.has(item))) {
            const walk = witnessOf(id, hold).map((move) => indexOf(doc).transitions.get(move)!);
            walk.forEach((transition, i) => expect(transition.to).toBe(walk[i + 1]?.from ?? id));
            const begun = givenAt(doc).filter(([start]) => start === (walk[0]?.from ?? id));
            expect(begun.some(([, facts]) => !walk.reduce(afterTransition, facts).has(hold))).toBe(true);
          }
        }
      }),
      { numRuns: 300, seed: 61 },
    );
  });
  it('worked by hand: the drag lets the lapel go, so what needs it names the drag; a need that no way makes says so', () => {
    const doc = tree(
      [position('a', { holds: held('right hand far lapel: pin (thumb in)') }), position('b'), position('c')],
      [
        mine('step', 'a', 'b'),
        mine('drag', 'a', 'b', { steps: [{ contacts: held('right hand far ankle') }] }),
        mine('cut', 'b', 'c', { needs: ['right hand far lapel', 'left hand far feather'] }),
      ],
    );
    expect(findCertainFacts(doc).missing).toEqual([
      { transition: 'cut', fact: 'right hand far lapel', witness: ['drag'], neverMade: false },
      { transition: 'cut', fact: 'left hand far feather', witness: ['step'], neverMade: true },
    ]);
    expect(missingHolds(doc, doc.transitions[2]!, new Set())).toEqual(['right hand far lapel']);
    expect(missingHolds(doc, doc.transitions[2]!, new Set(['right hand far lapel']))).toEqual([]);
    expect(findNeedLoops(doc)).toEqual([]);
  });
});
