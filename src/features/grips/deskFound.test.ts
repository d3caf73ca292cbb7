import { describe, expect, it } from 'vitest';
import { his, mine, position, tree } from '../../../tests/support/smallTree';
import { findOnDesk } from './deskFound';

const doc = tree(
  [position('a', { name: 'Knee shield' }), position('b', { name: 'Knee line' }), position('c', { name: 'Side pin' })],
  [
    mine('cut', 'a', 'c', { name: 'cut 1399' }),
    mine('fold', 'a', 'b', { name: 'fold the shin' }),
    mine('slide', 'b', 'c', { name: 'cut 1499' }),
    his('back', 'c', 'a', { name: 'regains the knee' }),
  ],
);
const shown = (typed: string) =>
  findOnDesk(doc, typed).groups.map((group) => [group.position.id, ...group.transitions.map((transition) => transition.id)]);

describe('what is found on the desk', () => {
  it('is everything while nothing is typed, and nothing is taken then', () => {
    expect(shown('')).toEqual([
      ['a', 'cut', 'fold'],
      ['b', 'slide'],
      ['c', 'back'],
    ]);
    expect([findOnDesk(doc, '  ').best, findOnDesk(doc, '%').best]).toEqual([null, null]);
    expect(shown('%')).toEqual([]);
  });
  it('what was typed is taken before what a forgiven letter makes fit, wherever it stands', () => {
    expect(shown('cut 1499')).toEqual([
      ['a', 'cut'],
      ['b', 'slide'],
    ]);
    expect(findOnDesk(doc, 'cut 1499').best).toEqual({ kind: 'transition', id: 'slide' });
    expect(findOnDesk(doc, 'cut 1399').best).toEqual({ kind: 'transition', id: 'cut' });
  });
  it('a place is taken before its moves, a move where only it is meant, with a letter wrong if nothing else is', () => {
    expect(findOnDesk(doc, 'knee shield').best).toEqual({ kind: 'position', id: 'a' });
    expect(findOnDesk(doc, 'shield fold').best).toEqual({ kind: 'transition', id: 'fold' });
    expect(findOnDesk(doc, 'sheild fold').best).toEqual({ kind: 'transition', id: 'fold' });
    expect(findOnDesk(doc, 'regains').best).toEqual({ kind: 'transition', id: 'back' });
  });
});
