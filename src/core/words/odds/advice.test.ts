import { describe, expect, it } from 'vitest';
import { mine, position, reaction, tree } from '../../../../tests/support/smallTree';
import { adviceLine, sayPoints } from './advice';

describe('what to work on, in words', () => {
  const doc = tree(
    [position('hub', { name: 'Hub', reads: reaction('frames', 'turns') }), position('pin')],
    [mine('cut', 'hub', 'pin', { name: 'cut through' })],
  );
  it('says what to do, where, and what it adds to a hundred rounds', () => {
    expect(adviceLine(doc, { kind: 'gap', position: 'hub', read: 'he', value: 'frames', worth: 0.0314 })).toEqual({
      todo: 'Answer',
      what: 'he frames',
      place: 'Hub',
      position: 'hub',
      of: 'frames',
      worth: '+3.1',
    });
    const gaps = ['frames', 'turns'].map((value) => ({ position: 'hub', read: 'he', value }));
    expect(adviceLine(doc, { kind: 'gaps', position: 'hub', values: gaps, worth: 0.05 })).toMatchObject({
      what: 'all of 2 open shows together',
      of: null,
    });
    expect(adviceLine(doc, { kind: 'teach', transition: 'cut', worth: 0 })).toMatchObject({
      todo: 'Teach',
      what: 'I cut through',
      of: 'cut',
    });
    expect(adviceLine(doc, { kind: 'practise', transition: 'cut', worth: 0.2 })).toMatchObject({
      todo: 'Practise',
      place: 'Hub',
      worth: '+20.0',
    });
    expect(sayPoints(-0.0125)).toBe('−1.3');
  });
});
