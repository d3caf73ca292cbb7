import { nextPreference } from '../tree';
import { sayPreference } from './tree';
import { findBranches } from '../classes';
import { sayBranch } from './branch';
import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../demo/demoTree';
import { mine, position, tree } from '../../../tests/support/smallTree';

describe('saying a branch', () => {
  const doc = tree(
    [
      position('a', {
        name: 'Knee shield',
        tempoReason: 'his knee keeps me out',
        reads: [
          {
            id: 'r',
            name: 'he',
            kind: 'reaction',
            values: [{ id: 'v', name: 'frames on the neck', kind: 'frame', cue: 'elbow off the mat' }],
          },
          { id: 'k', name: 'top knee', kind: 'cue', values: [{ id: 'o', name: 'points out', kind: 'other' }] },
        ],
      }),
      position('b', { name: 'Shield folded', tempo: 'actNow', windowCloses: 'when he squares up', hazards: ['his knee can twist'] }),
      position('c', { name: 'Side pin', ends: 'settled' }),
    ],
    [
      mine('t', 'a', 'b', {
        name: 'fold the shield',
        when: { r: ['v'], k: ['o'] },
        stoppedBy: ['o'],
        mistakes: [{ error: 'hips stay behind', correction: 'hips over the knee' }],
      }),
      mine('u', 'b', 'c', { name: 'I settle' }),
    ],
  );
  it('says what you see, what you do, where you are, when it fails and what to watch', () => {
    expect(sayBranch(doc, ['t', 'u'])).toEqual([
      'Start in Knee shield: his knee keeps me out. If he frames on the neck and top knee points out (elbow off the mat), I fold the shield. Now it is Shield folded. Act at once, before he squares up. It fails if top knee points out. Watch: hips stay behind; instead hips over the knee. Take care: his knee can twist.',
      'I settle. That is Side pin: settled.',
    ]);
    expect(sayBranch(doc, [])).toEqual([]);
  });
  it('says what a helper hopes for, and the choices within a move', () => {
    const parameters = [{ name: 'outer hand', values: ['ankle', 'shin'], never: [{ value: 'the knee' }] }];
    const helper = { ...doc, transitions: [mine('t', 'a', 'b', { name: 'shake the leg', provokes: ['v', 'o'], parameters })] };
    expect(sayBranch(helper, ['t'])[0]).toContain(
      'Outer hand: ankle, else shin; never the knee. You want him to show: he frames on the neck or top knee points out.',
    );
  });
  it('says where else it leads, what prevents it, and what happens on the way', () => {
    const more = {
      name: 'fold the shield',
      outcomes: [{ ifShown: ['v', 'o'], to: 'c' }],
      preventedBy: ['far', 'his grip on my belt'],
      midway: [{ afterStep: 2, reaction: 'turns in', answer: 'ride him', leadsTo: 'c' }, { reaction: 'he sits up' }],
    };
    expect(sayBranch({ ...doc, transitions: [mine('t', 'a', 'b', more)] }, ['t'])[0]).toContain(
      'Now it is Shield folded. But if he frames on the neck or top knee points out: Side pin. Act at once, before he squares up. Not if: far; his grip on my belt. After step 2, if he turns in: I ride him, then Side pin. On the way, if he sits up: nothing is said yet.',
    );
  });
  it('every branch of the demo is whole sentences', () => {
    const demo = demoTree();
    for (const { branch } of findBranches(demo)) {
      const paragraphs = sayBranch(demo, branch);
      expect(paragraphs).toHaveLength(branch.length);
      for (const paragraph of paragraphs) expect(paragraph).toMatch(/^[A-Z].*\.$/);
      expect(paragraphs.join(' ')).not.toMatch(/undefined|\.\.|I I /);
    }
  });
  it('a choice says what a never leads to, and what comes next when the first is stopped', () => {
    const doc = tree([position('trap', { name: 'Triangle' })], []);
    const parameter = {
      name: 'outer hand',
      values: ['ankle', 'shin', 'hip'],
      never: [{ value: 'the knee', leadsTo: 'trap' }, { value: 'hip' }],
    };
    expect(sayPreference(doc, parameter)).toBe('outer hand: ankle, else shin, else hip; never hip; never the knee: that leads to Triangle');
    const next = (...stopped: string[]) => nextPreference(parameter, new Set(stopped));
    expect([next(), next('ankle'), next('ankle', 'shin')]).toEqual(['ankle', 'shin', null]);
  });
});
