import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../demo/demoTree';
import { held } from '../../../tests/support/held';
import { mine, position, tree } from '../../../tests/support/smallTree';
import { findCertainFacts } from '../grips';
import { swapAthletes } from './swapAthletes';

describe('the defender’s view of the hands', () => {
  const doc = tree(
    [position('a', { holds: held('left hand far hip') }), position('b')],
    [mine('drive', 'a', 'b', { needs: ['left hand far hip', 'foot stripped'], makes: ['his right hand collar'] })],
    { starts: [{ position: 'a', facts: ['foot stripped'] }] },
  );
  it('turns a needed hold with the hands, so nothing is missing that was there', () => {
    const swapped = swapAthletes(doc);
    expect(swapped.transitions[0]).toMatchObject({
      actor: 'opponent',
      needs: ['his left hand far hip', 'foot stripped'],
      makes: ['right hand collar'],
    });
    expect([findCertainFacts(doc).missing, findCertainFacts(swapped).missing]).toEqual([[], []]);
  });
  it('twice is the original', () => {
    for (const item of [doc, demoTree()]) expect(swapAthletes(swapAthletes(item))).toEqual(item);
    const missing = (item: typeof doc) => findCertainFacts(item).missing.map(({ transition, witness }) => [transition, witness]);
    expect(missing(swapAthletes(demoTree()))).toEqual(missing(demoTree()));
  });
});
