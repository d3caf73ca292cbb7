import { describe, expect, it } from 'vitest';
import { gameIn, type Athlete } from '@/core/people';
import { withForm, withPatch } from './patches';

const kim: Athlete = {
  id: 'kim',
  name: 'Kim',
  age: 17,
  games: [
    { tree: 'other', off: ['x'] },
    { tree: 'mine', off: ['a'], on: ['b'] },
  ],
};

describe('a person as one tree sees him', () => {
  it('what is said of moves is said in that tree alone, what is said of him everywhere', () => {
    const now = withPatch(kim, 'mine', { off: ['a', 'c'], physique: ['tall'] }, ['off', 'physique']);
    expect(now).toMatchObject({ name: 'Kim', age: 17, physique: ['tall'] });
    expect(gameIn(now, 'mine')).toEqual({ tree: 'mine', off: ['a', 'c'], on: ['b'] });
    expect(gameIn(now, 'other')).toEqual({ tree: 'other', off: ['x'] });
  });
  it('what is not said stays; what is said to be none is none', () => {
    expect(gameIn(withPatch(kim, 'mine', { name: 'Kim B.' }, ['name']), 'mine')).toEqual({ tree: 'mine', off: ['a'], on: ['b'] });
    expect(gameIn(withPatch(kim, 'mine', { off: undefined }, ['off']), 'mine').off).toBeUndefined();
  });
  it('a game of which nothing is left is taken out, and an id is never changed', () => {
    const empty = withPatch(kim, 'mine', { off: undefined, on: undefined, id: 'x', of: 'opponent' }, ['off', 'on', 'id', 'of']);
    expect(empty.id).toBe('kim');
    expect(empty.games!.map((game) => game.tree)).toEqual(['other']);
    expect(empty).not.toHaveProperty('of');
  });
});

describe('a card that was changed on a form', () => {
  it('takes what was changed there, and keeps what somebody else changed meanwhile', () => {
    const before = { name: 'League', date: '2026-01-01', tags: ['a'] };
    const form = { name: 'League', date: '2026-09-01', tags: ['a', 'b'] };
    expect(withForm({ ...before, name: 'League, juniors' }, before, form)).toEqual({
      name: 'League, juniors',
      date: '2026-09-01',
      tags: ['a', 'b'],
    });
  });
  it('a field that was emptied is emptied', () => {
    const before: { name: string; source?: string } = { name: 'League', source: 'a book' };
    expect(withForm(before, before, { name: 'League' })).toEqual({ name: 'League', source: undefined });
  });
});
