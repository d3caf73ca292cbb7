import { describe, expect, it } from 'vitest';
import { checkOrder, findCircle, inOrder, type Ordered } from './order';
import type { Phase } from '../units/spec';

const unit = (key: string, phase: Phase, prerequisites: string[], ...highs: number[]): Ordered => ({
  ...{ key, phase, prerequisites },
  stages: (highs.length > 0 ? highs : [0]).map((high) => ({ resistance: [0, high] as const })),
});

describe('the order of a class', () => {
  const [a, b, c] = [unit('a', 'parts', []), unit('b', 'parts', []), unit('c', 'together', ['a', 'b'])];
  it('is right when everything comes after what it builds on', () => {
    expect(checkOrder([a, b, c])).toEqual([]);
  });
  it('names what comes too early, and what is not there at all, unless it is known', () => {
    expect(checkOrder([a, c, b])).toContainEqual({ kind: 'brokenOrder', key: 'c', needs: 'b' });
    expect(checkOrder([a, c])).toEqual([{ kind: 'missingPrerequisite', key: 'c', needs: 'b' }]);
    expect(checkOrder([a, c], { known: new Set(['b']) })).toEqual([]);
    expect(checkOrder([c, a, b], { known: new Set(['a', 'b']) }).map(({ kind }) => kind)).toEqual(['brokenPhase', 'brokenPhase']);
  });
  it('finds a circle, and nothing beside it', () => {
    const round = [unit('x', 'parts', ['y']), unit('y', 'parts', ['x']), unit('z', 'parts', ['x']), a];
    expect(findCircle(round)).toEqual(['x', 'y']);
    expect(checkOrder(round)).toEqual([{ kind: 'circle', keys: ['x', 'y'] }]);
    expect(
      inOrder(round)
        .map(({ key }) => key)
        .sort(),
    ).toEqual(['a', 'x', 'y', 'z']);
  });
  it('puts units into phases, prerequisites first, else as they were', () => {
    expect(inOrder([c, b, a]).map(({ key }) => key)).toEqual(['b', 'a', 'c']);
    expect(inOrder([unit('q', 'parts', ['r']), unit('r', 'parts', [])]).map(({ key }) => key)).toEqual(['r', 'q']);
  });
});

describe('resistance', () => {
  it('may rise by the limit, not by more; a fall and a cap are named', () => {
    const from = unit('a', 'parts', [], 20);
    expect(checkOrder([from, unit('b', 'together', ['a'], 35)])).toEqual([]);
    expect(checkOrder([from, unit('b', 'together', ['a'], 36)])).toEqual([{ kind: 'jump', key: 'b', against: 'a', from: 20, to: 36 }]);
    expect(checkOrder([from, unit('b', 'together', ['a'], 10)])).toEqual([{ kind: 'fall', key: 'b', against: 'a', from: 20, to: 10 }]);
    expect(checkOrder([from], { cap: 20 })).toEqual([]);
    expect(checkOrder([from], { cap: 19 })).toEqual([{ kind: 'overCap', key: 'a', cap: 19, to: 20 }]);
    expect(checkOrder([from, unit('b', 'together', ['a'], 50)], { limit: 30 })).toEqual([]);
    expect(checkOrder([from, unit('b', 'rounds', ['a'], 100)])).toEqual([]);
  });
  it('is looked at between the stages of a unit, too', () => {
    expect(checkOrder([unit('a', 'parts', [], 0, 20)])).toEqual([{ kind: 'stageJump', key: 'a', from: 0, to: 20 }]);
    expect(checkOrder([unit('a', 'parts', [], 15, 10)])).toEqual([{ kind: 'stageFall', key: 'a', from: 15, to: 10 }]);
  });
});
