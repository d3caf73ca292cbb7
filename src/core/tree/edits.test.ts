import { describe, expect, it } from 'vitest';
import { his, mine, position, reaction, tree } from '../../../tests/support/smallTree';
import { checkTree } from './checkTree';
import type { Transition, TreeDocument } from './document';
import {
  asAttempt,
  fitOf,
  landingOf,
  withFit,
  withLanding,
  withNewGuard,
  withNewTransition,
  withNewValue,
  withOutcome,
  withSameMove,
  withoutPosition,
  withoutTransition,
  withoutValue,
  withValue,
} from './edits';
import { sayHis, sayMine, sayShown } from '../words';

const doc = tree(
  [position('a', { reads: reaction('v', 'w') }), position('b', { lines: ['feet'] }), position('c', { lines: ['feet', 'hips'] })],
  [
    mine('go', 'a', 'b', { when: { he: ['v', 'w'] }, stoppedBy: ['w'], onFail: 'c' }),
    mine('on', 'b', 'c', { parameters: [{ name: 'grip', values: ['wrist'], never: [{ value: 'sleeve', leadsTo: 'a' }] }] }),
    his('back', 'b', 'a'),
    mine('watched', 'b', 'c', {
      contactRules: [
        { kind: 'never', first: { athlete: 'owner', part: 'head', target: { athlete: 'mat' } }, letsIn: 'back', whenValues: [] },
      ],
    }),
  ],
  { profiles: [{ id: 'p', name: 'P', of: 'opponent', habits: [{ position: 'a', value: 'w', share: 0.4 }] }] },
);

describe('removing', () => {
  it('a position takes the ways to and from it along, and every mention of it', () => {
    const without = withoutPosition(doc, 'a');
    expect(without.positions.map((item) => item.id)).toEqual(['b', 'c']);
    expect(without.transitions.map((transition) => transition.id)).toEqual(['on', 'watched']);
    expect(without.starts).toEqual([]);
    expect(without.transitions[0]!.parameters![0]!.never).toEqual([{ value: 'sleeve' }]);
    // What is said of the gym's people stays with them, and is reported there.
    expect(without.profiles).toEqual(doc.profiles);
    expect(checkTree(without).ok).toBe(true);
  });
  it('where a failure led, the failure stays without a place', () => {
    const without = withoutPosition(doc, 'c');
    expect(without.transitions.find((transition) => transition.id === 'go')!.onFail).toBeUndefined();
    expect(checkTree(without).ok).toBe(true);
  });
  it('a value takes its mentions along, and its read when it was the last', () => {
    const without = withoutValue(doc, 'a', 'w');
    expect(without.transitions[0]).toMatchObject({ when: { he: ['v'] }, stoppedBy: [] });
    expect(without.profiles).toEqual(doc.profiles);
    const empty = withoutValue(without, 'a', 'v');
    expect(empty.positions[0]!.reads).toEqual([]);
    expect(empty.transitions[0]!.when).toBeUndefined();
    expect(checkTree(empty).ok).toBe(true);
  });
  it('where else a move led, and what led there, goes with the place or the value; what is left stays', () => {
    const move = (outcomes: Transition['outcomes'], more: Partial<Transition> = {}) =>
      tree(doc.positions, [mine('go', 'a', 'b', { outcomes, ...more })], { starts: [] });
    const both = [
      { ifShown: ['v', 'w'], to: 'c' },
      { ifShown: ['w'], to: 'b' },
    ];
    const at = (doc: TreeDocument) => doc.transitions[0]!;
    expect(at(withoutPosition(move(both, { midway: [{ reaction: 'turns', leadsTo: 'c' }] }), 'c'))).toMatchObject({
      outcomes: [{ ifShown: ['w'], to: 'b' }],
      midway: [{ reaction: 'turns' }],
    });
    expect(at(withoutValue(move(both), 'a', 'w')).outcomes).toEqual([{ ifShown: ['v'], to: 'c' }]);
    expect(at(withoutValue(move([both[1]!]), 'a', 'w')).outcomes).toBeUndefined();
    expect(checkTree(move([{ ifShown: ['nobody'], to: 'nowhere' }]))).toMatchObject({
      ok: false,
      error: [
        { code: 'tree/dangling-position', id: 'nowhere' },
        { code: 'tree/dangling-value', id: 'nobody' },
      ],
    });
  });
  it('a transition is forgotten by the rules that let it in', () => {
    const without = withoutTransition(doc, 'back');
    const rule = without.transitions.find((transition) => transition.id === 'watched')!.contactRules![0]!;
    expect(rule.kind !== 'hold' && rule.letsIn).toBeUndefined();
    expect(checkTree(without).ok).toBe(true);
  });
});

describe('where else a move leads', () => {
  const at = (...outcomes: (readonly [string[], string])[]): Transition =>
    mine('go', 'a', 'b', outcomes.length > 0 ? { outcomes: outcomes.map(([ifShown, to]) => ({ ifShown, to })) } : {});
  const led = (move: Transition, value: string, to: string) =>
    withOutcome(tree(doc.positions, [move]), move, 'he', value, to).transitions[0]!;
  it('is said value by value; it answers what it names, and leads one way for each', () => {
    expect(led(at(), 'v', 'c')).toMatchObject({ when: { he: ['v'] }, outcomes: [{ ifShown: ['v'], to: 'c' }] });
    expect(led(at([['v'], 'c']), 'w', 'c').outcomes).toEqual([{ ifShown: ['v', 'w'], to: 'c' }]);
    expect(led(at([['v', 'w'], 'c']), 'w', 'a').outcomes).toEqual([
      { ifShown: ['v'], to: 'c' },
      { ifShown: ['w'], to: 'a' },
    ]);
    expect(led(at([['v'], 'c']), 'v', 'b').outcomes).toBeUndefined();
  });
  it('a place that claimed a line too early is an attempt at it', () => {
    expect(asAttempt(position('x', { lines: ['feet', 'chest'] }))).toMatchObject({ lines: ['feet'], unfinished: true });
    expect(landingOf(doc, position('x', { lines: ['feet'] }), 'attempt')).toMatchObject({ lines: ['feet'], unfinished: true });
  });
});

describe('adding and changing', () => {
  it('a guard becomes a start; its name makes a readable id, the second one numbered', () => {
    const one = withNewGuard(doc, 'Knee shield, high');
    const two = withNewGuard(one.tree, 'Knee shield: high', 'half');
    expect([one.id, two.id]).toEqual(['knee-shield-high', 'knee-shield-high-2']);
    expect(two.tree.starts.map((start) => start.position)).toEqual(['a', 'knee-shield-high', 'knee-shield-high-2']);
    expect(two.tree.positions.at(-1)).toMatchObject({ family: 'half', lines: [], tempo: 'neutral', reads: [] });
  });
  it('a value goes into the reaction read, which is made where there is none', () => {
    const first = withNewValue(doc, 'b', { name: 'frames', kind: 'frame' });
    expect(first.tree.positions[1]!.reads).toMatchObject([{ id: 'he', kind: 'reaction', values: [{ id: 'frames' }] }]);
    const second = withNewValue(first.tree, 'b', { name: 'Frames', kind: 'frame' });
    expect(second).toEqual({ tree: first.tree, readId: 'he', valueId: 'frames' });
  });
  it('typed as “cue: value” it goes into that cue, to be answered wholly; as “timing: …” into the timing', () => {
    const flat = withNewValue(doc, 'b', { name: 'his hips: flat', kind: 'other' });
    const turned = withNewValue(flat.tree, 'b', { name: 'His hips : turned in', kind: 'turn' });
    const late = withNewValue(turned.tree, 'b', { name: 'timing: late', kind: 'other' });
    expect(late.tree.positions[1]!.reads).toEqual([
      {
        id: 'his-hips',
        name: 'his hips',
        kind: 'cue',
        closed: true,
        values: [
          { id: 'flat', name: 'flat', kind: 'other' },
          { id: 'turned-in', name: 'turned in', kind: 'turn' },
        ],
      },
      { id: 'timing', name: 'timing', kind: 'timing', values: [{ id: 'late', name: 'late', kind: 'other' }] },
    ]);
    expect(withNewValue(doc, 'b', { name: 'says: ', kind: 'other' }).tree.positions[1]!.reads[0]).toMatchObject({ kind: 'reaction' });
  });
  it('an option answers a value, is stopped by it or says nothing of it, one at a time', () => {
    const transition = doc.transitions[0]!;
    expect([fitOf(transition, 'he', 'v'), fitOf(transition, 'he', 'w'), fitOf(doc.transitions[1]!, 'he', 'v')]).toEqual([
      'answers',
      'stopped',
      'silent',
    ]);
    const stopped = withFit(doc, transition, 'he', 'v', 'stopped').transitions[0]!;
    expect(stopped).toMatchObject({ when: { he: ['w'] }, stoppedBy: ['w', 'v'] });
    const silent = withFit(doc, withFit(doc, transition, 'he', 'w', 'silent').transitions[0]!, 'he', 'v', 'silent').transitions[0]!;
    expect([silent.when, silent.stoppedBy]).toEqual([undefined, undefined]);
    expect(withFit(doc, silent, 'he', 'v', 'answers').transitions[0]!.when).toEqual({ he: ['v'] });
  });
  it('what a helper provokes goes with the value, and with the place it led to', () => {
    const feint = { ...doc.transitions[0]!, provokes: ['v', 'x'] };
    const shown = position('b', { lines: ['feet'], reads: reaction('x') });
    const game = { ...doc, positions: [doc.positions[0]!, shown, doc.positions[2]!], transitions: [feint] };
    expect(checkTree(game).ok).toBe(true);
    expect(withoutValue(game, 'a', 'v').transitions[0]!.provokes).toEqual(['x']);
    expect(withoutValue(game, 'b', 'x').transitions[0]!.provokes).toEqual(['v']);
    expect(withLanding(game, 'go', 'c').transitions[0]!.provokes).toEqual(['v']);
    expect(checkTree({ ...game, transitions: [{ ...feint, provokes: ['nothing'] }] })).toMatchObject({
      error: [{ code: 'tree/dangling-value', id: 'nothing' }],
    });
  });
  it('renaming a value keeps its id, so its answers stay', () => {
    const renamed = withValue(doc, 'a', { id: 'v', name: 'posts', kind: 'frame' });
    expect(renamed.positions[0]!.reads[0]!.values[0]!.name).toBe('posts');
    expect(renamed.transitions[0]!.when).toEqual({ he: ['v', 'w'] });
  });
  it('re-linking changes the landing and nothing else', () => {
    const moved = withLanding(doc, 'go', 'c').transitions[0]!;
    expect(moved).toEqual({ ...doc.transitions[0], to: 'c' });
  });
  it('what the opponent does is retention until told otherwise', () => {
    const added = withNewTransition(doc, { from: 'b', to: 'a', actor: 'opponent', name: 'turns' });
    expect(added.tree.transitions.at(-1)).toMatchObject({ id: 'turns', kind: 'retention' });
  });
});

describe('where a new position lies', () => {
  const from = doc.positions[2]!;
  it('at the same height, or with the lowest line won that is missing', () => {
    expect(landingOf(doc, from, 'sameHeight')).toMatchObject({ lines: ['feet', 'hips'] });
    expect(landingOf(doc, from, 'nextLine')).toMatchObject({ lines: ['feet', 'knees', 'hips'] });
    expect(landingOf(doc, from, 'guard')).toMatchObject({ lines: [], family: 'open' });
  });
  it('an ending good for the passer holds all lines, one good for the guard player none', () => {
    expect(landingOf(doc, from, 'settled')).toMatchObject({
      lines: ['feet', 'knees', 'hips', 'chest', 'head'],
      family: 'pin',
      ends: 'settled',
    });
    expect(landingOf(doc, from, 'back')).toMatchObject({ family: 'back', ends: 'back' });
    expect(landingOf(doc, from, 'swept')).toMatchObject({ lines: [], family: 'lost', ends: 'swept' });
  });
});

describe('the same move elsewhere', () => {
  it('answers a value with what it says of itself, without what it says of the other place', () => {
    const there = tree(
      [position('a', { reads: reaction('v') }), position('b', { reads: reaction('w') }), position('c')],
      [
        mine('go', 'a', 'c', {
          when: { he: ['v'] },
          stoppedBy: ['v'],
          reason: 'it is near',
          works: 0.7,
          contexts: ['gi'],
          announced: true,
        }),
      ],
    );
    const next = withSameMove(there, 'go', 'b', 'he', 'w');
    expect(next.transitions.at(-1)).toEqual({
      id: 'go-2',
      from: 'b',
      to: 'c',
      actor: 'owner',
      name: 'go',
      kind: 'pass',
      reason: 'it is near',
      works: 0.7,
      contexts: ['gi'],
      announced: true,
      when: { he: ['w'] },
    });
    expect(checkTree(next)).toEqual({ ok: true, value: next });
  });
  it('drawn here already, answers the value, too', () => {
    const next = withSameMove(doc, 'go', 'a', 'he', 'v');
    expect(next.transitions).toHaveLength(doc.transitions.length);
    expect(next.transitions[0]!.when).toEqual({ he: ['w', 'v'] });
  });
});

describe('saying it', () => {
  it('adds "I" and "he" once, however it was typed', () => {
    expect([sayMine('cut the knee across'), sayMine('I cut the knee across'), sayMine('Inside trip')]).toEqual([
      'I cut the knee across',
      'I cut the knee across',
      'I Inside trip',
    ]);
    expect([sayHis('frames'), sayHis('he frames'), sayHis('heel hooks')]).toEqual(['he frames', 'he frames', 'he heel hooks']);
  });
  it('a cue is named by its read, a reaction is what he does', () => {
    expect(sayShown({ kind: 'cue', name: 'inside knee' }, 'points out')).toBe('inside knee: points out');
    expect(sayShown({ kind: 'reaction', name: 'he …' }, 'points out')).toBe('he points out');
  });
});
