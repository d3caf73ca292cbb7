import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../demo/demoTree';
import { indexOf, namedAt } from '../tree';
import { answersOf, consequencesOf } from './answers';
import { showsAt } from './shows';

describe('what he shows at a place', () => {
  const tree = demoTree();
  const index = indexOf(tree);
  it('is every value in the coach’s order with its answers and falls, each move under all that it names', () => {
    for (const position of tree.positions) {
      const moves = index.from.get(position.id) ?? [];
      const shows = showsAt(position, moves);
      const values = position.reads.flatMap((read) => read.values.map((value) => [read.id, value.id]));
      expect(shows.flatMap(({ read, value }) => (read && value ? [[read.id, value.id]] : []))).toEqual(values);
      for (const { read, value, answers, falls } of shows) {
        if (!read || !value) continue;
        expect(new Set(answers)).toEqual(new Set(answersOf(index, position.id, read.id, value.id)));
        expect(falls).toEqual(consequencesOf(index, position.id, read.id, value.id));
      }
      const told = new Set(shows.flatMap(({ answers, falls }) => [...answers, ...falls]));
      for (const move of moves) {
        const isTold = position.reads.some((read) => namedAt(move.when, read.id).length > 0) || Object.keys(move.when ?? {}).length === 0;
        expect(told.has(move)).toBe(isTold);
      }
    }
  });
  it('puts the preferred answer first', () => {
    const position = tree.positions.find(({ id }) => id === 'body-lock')!;
    for (const { answers } of showsAt(position, index.from.get('body-lock')!))
      expect(answers.map(({ priority = 0 }) => priority)).toEqual(answers.map(({ priority = 0 }) => priority).toSorted((a, b) => b - a));
  });
});
