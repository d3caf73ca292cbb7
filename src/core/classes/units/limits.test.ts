import { describe, expect, it } from 'vitest';
import type { Athlete } from '../../people';
import { mine, position, reaction, tree } from '../../../../tests/support/smallTree';
import { limitedIn } from './limits';
import { unitOf } from './units';

const doc = tree(
  [position('g', { reads: reaction('frame'), hazards: ['Neck crank: tap early'] }), position('pin', { ends: 'settled' })],
  [mine('cut', 'g', 'pin', { when: { he: ['frame'] } }), mine('I invert under him', 'g', 'pin', { tags: ['inversion'] })],
);
const one = (id: string, ...limits: string[]): Athlete => ({ id, name: id, limits });
const how = (kind: 'move' | 'solo', of: string, ...athletes: Athlete[]) =>
  limitedIn(doc, unitOf(doc, { kind, of: [of] })!, athletes).map(({ athlete, how: what, word }) => `${athlete} ${what} ${word}`);

describe('who cannot do all of a unit', () => {
  it('is whose card bars what its risks, moves or places name, in one number or many', () => {
    expect(how('move', 'cut', one('ann', 'no neck'), one('bo'), one('cleo', 'no inversions'))).toEqual(['ann barred neck']);
    expect(how('move', 'I invert under him', one('cleo', 'No inversions'))).toEqual(['cleo barred inversion']);
  });
  it('feeds only, where there is a partner to feed', () => {
    expect(how('move', 'cut', one('dee', 'feeder only'))).toEqual(['dee feeds feeder only']);
    expect(how('solo', 'cut', one('dee', 'feeder only'))).toEqual([]);
    expect(how('move', 'cut', one('eve', 'likes cake'), one('constructor'))).toEqual([]);
  });
});
