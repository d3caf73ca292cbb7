import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { randomTree } from '../../../tests/support/randomTree';
import { mine, position, reaction, tree } from '../../../tests/support/smallTree';
import { checkTree } from './checkTree';
import { applyDiff, invertDiff } from '../document';
import { diffOf } from './diff';
import type { TreeDocument } from './document';
import {
  freshId,
  landingOf,
  withDismissal,
  withLanding,
  withNewGuard,
  withNewPosition,
  withNewTransition,
  withNewValue,
  withoutDismissal,
  withoutPosition,
  withoutTransition,
  withoutValue,
} from './edits';
import { describeTreeError } from '../words';
import { heightOf, isGoal, passerIsBelow } from './meaning';

const seeds = fc.integer({ min: 1, max: 1e6 });
const some = (seed: number): TreeDocument => randomTree(seed, { positions: 9, transitions: 18 });

/** A chain of random edits, as a coach would make them. */
function edited(doc: TreeDocument, choices: readonly number[]): TreeDocument {
  return choices.reduce((now, choice) => {
    const at = now.positions[choice % Math.max(1, now.positions.length)];
    const transition = now.transitions[choice % Math.max(1, now.transitions.length)];
    switch (choice % 7) {
      case 0:
        return withNewGuard(now, `guard ${choice}`).tree;
      case 1:
        return at ? withNewValue(now, at.id, { name: `value ${choice}`, kind: 'frame' }).tree : now;
      case 2:
        return at ? withoutPosition(now, at.id) : now;
      case 3:
        return transition ? withoutTransition(now, transition.id) : now;
      case 4:
        return transition && at ? withLanding(now, transition.id, at.id) : now;
      case 5:
        return at?.reads[0]?.values[0] ? withoutValue(now, at.id, at.reads[0].values[0].id) : now;
      default:
        return withDismissal(now, { finding: `f${choice}`, reason: 'because' });
    }
  }, doc);
}

describe('diffs', () => {
  it('turn one version into the other, and back, for any chain of edits', () => {
    fc.assert(
      fc.property(seeds, fc.array(fc.nat(500), { maxLength: 12 }), (seed, choices) => {
        const before = some(seed);
        const after = edited(before, choices);
        const diff = diffOf(before, after, 'edits');
        const there = applyDiff(before, diff);
        expect(there).toEqual({ ok: true, value: after });
        expect(applyDiff(after, invertDiff(diff))).toEqual({ ok: true, value: before });
      }),
      { numRuns: 200, seed: 1 },
    );
  });
  it('are refused where the record has changed meanwhile, naming it', () => {
    const doc = tree([position('a')], []);
    const diff = diffOf(doc, { ...doc, positions: [position('a', { name: 'mine' })] }, 'rename');
    expect(applyDiff({ ...doc, positions: [position('a', { name: 'theirs' })] }, diff)).toEqual({
      ok: false,
      error: { list: 'positions', id: 'a' },
    });
  });
});

describe('edits', () => {
  it('keep every tree checked', () => {
    fc.assert(
      fc.property(seeds, fc.array(fc.nat(500), { maxLength: 20 }), (seed, choices) => {
        expect(checkTree(edited(some(seed), choices)).ok).toBe(true);
      }),
      { numRuns: 200, seed: 4 },
    );
  });
  it('removing a value makes its answers silent rather than dangling', () => {
    const doc = tree(
      [position('a', { reads: reaction('x', 'y') }), position('b')],
      [mine('m', 'a', 'b', { when: { he: ['x'] }, stoppedBy: ['x', 'y'] })],
    );
    const [transition] = withoutValue(doc, 'a', 'x').transitions;
    expect(transition).toMatchObject({ stoppedBy: ['y'] });
    expect(transition!.when).toBeUndefined();
  });
  it('give readable ids that are free', () => {
    expect(freshId('De La Riva!', new Set())).toBe('de-la-riva');
    expect(freshId('Über-Lock', new Set(['uber-lock']))).toBe('uber-lock-2');
    expect(freshId('…', new Set())).toBe('item');
  });
  it('put a new position where it was said to lie', () => {
    const from = position('a', { lines: ['feet'] });
    const doc = tree([from], []);
    expect(landingOf(doc, from, 'nextLine').lines).toEqual(['feet', 'knees']);
    expect(landingOf(doc, from, 'settled')).toMatchObject({ ends: 'settled', lines: { length: 5 } });
    expect(landingOf(doc, from, 'swept')).toMatchObject({ ends: 'swept', lines: [] });
    expect(withNewPosition(doc, { name: 'A' }).id).toBe('a-2');
    expect(withNewTransition(doc, { from: 'a', to: 'a', actor: 'opponent', name: 'back' }).tree.transitions[0]!.kind).toBe('retention');
  });
  it('put a dismissal aside and take it back', () => {
    const doc = withDismissal(tree([], []), { finding: 'f', reason: 'later' });
    expect(doc.dismissals).toEqual([{ finding: 'f', reason: 'later' }]);
    expect(withoutDismissal(doc, 'f').dismissals).toEqual([]);
  });
});

describe('meaning', () => {
  it('refuses what is impossible, in a sentence that names the place', () => {
    const say = (doc: TreeDocument): string[] => {
      const checked = checkTree(doc);
      return checked.ok ? [] : checked.error.map(describeTreeError);
    };
    expect(say(tree([position('a'), position('a')], []))).toEqual(['position "a" (a): the position id "a" is used twice.']);
    expect(say(tree([position('a')], [mine('m', 'a', 'nowhere')]))).toEqual(['transition "m" (m): there is no position "nowhere".']);
    expect(say(tree([position('a', { reads: reaction('x') })], [mine('m', 'a', 'a', { when: { he: ['z'] } })]))).toEqual([
      'transition "m" (m): there is no value "z" at that position.',
    ]);
    expect(say(tree([position('a', { reads: reaction('x') })], [mine('m', 'a', 'a', { when: { she: ['x'] } })]))[0]).toContain(
      'no read "she"',
    );
    expect(say(tree([position('a', { reads: reaction('x') })], [mine('m', 'a', 'a', { when: { he: [] } })]))[0]).toContain(
      'without any value',
    );
    expect(say(tree([position('a', { reads: [...reaction('x'), { ...reaction('y')[0]!, id: 'second' }] })], []))[0]).toContain(
      'at most one',
    );
    expect(say(tree([position('a', { reads: [...reaction('x'), { ...reaction('x')[0]!, id: 'c', kind: 'cue' }] })], []))[0]).toContain(
      'value id "x"',
    );
    expect(say(tree([position('a', { name: '<script>alert(1)</script>' })], []))[0]).toContain('markup');
    expect(say(tree([position('a', { notes: 'weight < hips > head' })], []))).toEqual([]);
    expect(say(tree([position('a')], [mine('m', 'a', 'a'), mine('m', 'a', 'a')]))[0]).toContain('used twice');
    expect(say(tree([position('a')], [], { starts: [{ position: 'a' }, { position: 'a' }] }))[0]).toContain('a start twice');
  });
  it('knows heights, goals and who is below', () => {
    expect([heightOf([]), heightOf(['feet', 'knees']), heightOf(['chest'])]).toEqual([0, 2, 4]);
    expect(isGoal({ owner: 'passer' }, 'settled')).toBe(true);
    expect(isGoal({ owner: 'guardPlayer' }, 'settled')).toBe(false);
    expect(isGoal({ owner: 'guardPlayer' }, 'swept')).toBe(true);
    expect(passerIsBelow({ owner: 'passer' }, position('a'))).toBe(false);
    expect(passerIsBelow({ owner: 'passer' }, position('a', { ownerRole: 'below' }))).toBe(true);
    expect(passerIsBelow({ owner: 'guardPlayer' }, position('a', { ownerRole: 'top' }))).toBe(true);
  });
});
