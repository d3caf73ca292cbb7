import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { normaliseTree } from '../notation';
import { checkTree, indexOf, ownerOptions, passerIsBelow } from '../tree';
import { swapTree } from './swap';
import { wholeTree } from '../../../tests/fixtures/wholeTree';
import { randomTree } from '../../../tests/support/randomTree';
import { randomWorld } from '../../../tests/support/randomWorld';

describe('the defender’s view', () => {
  it('twice is the original, with every field of the model', () => {
    expect(normaliseTree(swapTree(swapTree(wholeTree)))).toEqual(wholeTree);
    fc.assert(
      fc.property(fc.nat(5000), (seed) => {
        const doc = randomWorld(seed, { positions: 10, transitions: 25 });
        expect(swapTree(swapTree(doc))).toEqual(doc);
        expect(checkTree(swapTree(doc)).ok).toBe(true);
      }),
      { numRuns: 40, seed: 6 },
    );
  });
  it('makes his moves mine, and leaves the bodies where they are', () => {
    const doc = randomTree(3, { positions: 10, transitions: 25 });
    const swapped = swapTree(doc);
    for (const position of doc.positions) {
      const his = indexOf(doc)
        .from.get(position.id)!
        .filter((transition) => transition.actor === 'opponent');
      expect(ownerOptions(indexOf(swapped), position.id).map((transition) => transition.id)).toEqual(
        his.map((transition) => transition.id),
      );
      expect(passerIsBelow(swapped, position)).toBe(passerIsBelow(doc, position));
    }
    for (const [i, position] of wholeTree.positions.entries())
      expect(passerIsBelow(swapTree(wholeTree), swapTree(wholeTree).positions[i]!)).toBe(passerIsBelow(wholeTree, position));
  });
  it('exchanges who holds what', () => {
    const [before, after] = [wholeTree.positions[0]!, swapTree(wholeTree).positions[0]!];
    expect(after.holds).toEqual(
      before.theirHolds!.map((contact) => ({ ...contact, athlete: 'owner', target: { ...contact.target, athlete: 'opponent' } })),
    );
    expect(after.theirHolds).toHaveLength(before.holds!.length);
  });
});
