import { describe, expect, it } from 'vitest';
import { his, mine, position, reaction, tree } from '../../../tests/support/smallTree';
import { findNewAnswers, withoutMoves } from './newAnswers';

const doc = tree(
  [position('g', { reads: reaction('frames', 'hooks', 'grips') }), position('pin', { ends: 'settled' })],
  [
    mine('old', 'g', 'pin', { when: { he: ['frames'] } }),
    mine('new', 'g', 'pin', { when: { he: ['frames', 'hooks'] } }),
    mine('later', 'g', 'pin', { when: { he: ['grips'] }, announced: true }),
    his('sweeps', 'g', 'pin', { when: { he: ['grips'] } }),
  ],
);

describe('what was answered of late', () => {
  it('is what a move drawn of late names and no older one does; what is only announced answers nothing', () => {
    const drawn = new Set(['new', 'later', 'sweeps', 'constructor']);
    expect(findNewAnswers(doc, drawn)).toEqual([{ transition: 'new', position: 'g', read: 'he', value: 'hooks' }]);
    expect(findNewAnswers(doc, new Set(['old', 'new'])).map(({ value }) => value)).toEqual(['frames', 'frames', 'hooks']);
    expect(findNewAnswers(doc, new Set())).toEqual([]);
    expect(withoutMoves(doc, drawn).transitions.map(({ id }) => id)).toEqual(['old']);
  });
});
