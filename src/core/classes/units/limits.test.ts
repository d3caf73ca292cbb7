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
  it('is barred from the part that a hazard touches, where it says whose', () => {
    const risky = (hazard: string) => ({
      ...doc,
      positions: doc.positions.map((item) => ({ ...item, hazards: item.id === 'g' ? [hazard] : [] })),
    });
    const who = (hazard: string, kind: 'move' | 'solo', ...limits: string[]) => {
      const risk = risky(hazard);
      return limitedIn(risk, unitOf(risk, { kind, of: ['cut'] })!, [one('ann', ...limits)]).map((item) => item.how);
    };
    expect(who('For him: the neck is cranked', 'move', 'no neck')).toEqual(['works']);
    expect(who('for me: my neck is under him', 'move', 'no neck')).toEqual(['feeds']);
    expect(who('the neck', 'move', 'no neck')).toEqual(['barred']);
    expect(who('for him: the neck', 'move', 'no neck', 'feeder only')).toEqual(['barred']);
    expect(who('for him: the neck', 'solo', 'no neck')).toEqual([]);
    expect(who('for me: the neck', 'solo', 'no neck')).toEqual(['barred']);
  });
  it('feeds only, where there is a partner to feed', () => {
    expect(how('move', 'cut', one('dee', 'feeder only'))).toEqual(['dee feeds ']);
    expect(how('solo', 'cut', one('dee', 'feeder only'))).toEqual([]);
    expect(how('move', 'cut', one('eve', 'likes cake'), one('constructor'))).toEqual([]);
  });
});
