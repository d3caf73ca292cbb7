import { describe, expect, it } from 'vitest';
import { mine, position, tree } from '../../../tests/support/smallTree';
import { forksOf } from './forks';
import { layoutHub } from './layoutHub';

const reads = [
  { id: 'he', name: 'he', kind: 'reaction' as const, values: ['pulls', 'turns'].map((id) => ({ id, name: id, kind: 'turn' as const })) },
  {
    id: 'hips',
    name: 'hips',
    kind: 'cue' as const,
    closed: true,
    values: ['up', 'flat'].map((id) => ({ id, name: id, kind: 'other' as const })),
  },
];
const hub = position('hub', { family: 'hub', reads });

describe('where a move leads from a section of its rung', () => {
  const led = (outcomes: readonly (readonly [string[], string])[], value: string | null) =>
    forksOf(hub, mine('x', 'hub', 'usual', { outcomes: outcomes.map(([ifShown, to]) => ({ ifShown, to })) }), value).map(
      ({ to, ifShown }) => (ifShown.length === 0 ? to : `${to} if ${ifShown.join()}`),
    );
  it('is the outcome that names what is shown there, else its usual landing', () => {
    expect(led([[['turns'], 'back']], 'turns')).toEqual(['back']);
    expect(led([[['turns'], 'back']], 'pulls')).toEqual(['usual']);
    expect(led([[['turns'], 'back']], null)).toEqual(['usual']);
    expect(led([], 'pulls')).toEqual(['usual']);
  });
  it('and, where another read decides, both: with what has to be seen besides', () => {
    expect(led([[['up', 'turns'], 'back']], 'pulls')).toEqual(['usual', 'back if up']);
    expect(
      led(
        [
          [['up'], 'back'],
          [['pulls'], 'pin'],
        ],
        'pulls',
      ),
    ).toEqual(['back if up', 'pin']);
    expect(led([[['up'], 'back']], null)).toEqual(['usual', 'back if up']);
  });
  it('stands in the hub as an answer of its own for each place, with its condition', () => {
    const doc = tree(
      [hub, position('usual', { lines: ['feet'] }), position('back', { lines: ['feet'] })],
      [
        mine('x', 'hub', 'usual', {
          when: { he: ['pulls', 'turns'] },
          outcomes: [
            { ifShown: ['turns'], to: 'back' },
            { ifShown: ['up'], to: 'back' },
          ],
        }),
      ],
    );
    const { answers } = layoutHub(doc, 'hub', { width: 1000, height: 700 });
    expect(answers.map(({ position: to, reason }) => [to, reason.join(' ')])).toEqual([
      ['usual', ''],
      ['back', 'if: up'],
      ['back', ''],
    ]);
    const xs = answers.map(({ wordsX }) => wordsX);
    expect(new Set(xs).size).toBe(3);
  });
});
