import { describe, expect, it } from 'vitest';
import { getCatalogue, withEntry } from '../catalogue';
import { findDilemmas } from '../structure';
import { emptyTree, splitCue, withNewGuard, withNewPosition, type TreeDocument } from '../tree';
import { position, tree as smallTree } from '../../../tests/support/smallTree';
import { spokenPlace, withSaid } from './ending';
import { spokenMove, withMove } from './moves';
import { placeMeant } from './place';
import { spokenShows, tooLong, withShows } from './shows';

const catalogue = getCatalogue();
const named = (...names: string[]): TreeDocument =>
  smallTree(
    names.map((name, i) => position(`p${i}`, { name })),
    [],
  );
const meant = (tree: TreeDocument, typed: string) => {
  const found = placeMeant(tree, typed, catalogue);
  if (found.kind === 'known') return `is ${found.position.name}`;
  return found.kind === 'ask' ? `${found.why}: ${found.between.map((item) => item.name).join(', ')}` : `new ${found.name}`;
};

describe('a name where a move lands', () => {
  it('takes the place of that very name only, however it is spaced or capitalised, the current one too', () => {
    const tree = named('Knee shield', 'Headquarters');
    expect(['knee shield', 'KNEE-SHIELD', ' kneeshield ', 'headquarters'].map((typed) => meant(tree, typed))).toEqual([
      'is Knee shield',
      'is Knee shield',
      'is Knee shield',
      'is Headquarters',
    ]);
    expect(['knee', 'knee sh', 'shield', 'quarters'].map((typed) => meant(tree, typed))).toEqual([
      'new knee',
      'new knee sh',
      'new shield',
      'new quarters',
    ]);
  });
  it('asks when a letter or a synonym is between, and when two places are called so; a name goes before another word', () => {
    expect(meant(named('Knee shield'), 'knee sheild')).toBe('letter: Knee shield');
    expect(meant(named('Guard 1'), 'guard 2')).toBe('new guard 2');
    expect(meant(named('North-south'), 'head to head pin')).toBe('otherWord: North-south');
    expect(meant(named('Walking to the head'), 'north-south')).toBe('new north-south');
    expect(meant(named('Pin', 'pin'), 'pin')).toBe('sameName: Pin, pin');
    const tree = smallTree(
      [
        position('a', { name: 'One', aliases: ['two'] }),
        position('b', { name: 'Two' }),
        position('c', { name: 'Three', aliases: ['one more'] }),
      ],
      [],
    );
    expect([meant(tree, 'two'), meant(tree, 'one more')]).toEqual(['is Two', 'is Three']);
  });
  it('the very name of the catalogue is no slip of another, and is known as such', () => {
    const found = placeMeant(named('Side pen'), 'side pin', catalogue);
    expect(found).toMatchObject({ kind: 'new', entry: { position: { id: 'side-pin' } } });
    expect(meant(named('*'), '*')).toBe('is *');
    expect(meant(named('*'), '…')).toBe('new …');
    expect(['constructor', '..', '50%', '__proto__'].map((typed) => meant(named('A'), typed))).toEqual([
      'new constructor',
      'new ..',
      'new 50%',
      'new __proto__',
    ]);
  });
  it('what is said behind a mark or in brackets is of the place; other brackets belong to the name', () => {
    expect(spokenPlace('Side pin ! settled')).toEqual({ name: 'Side pin', said: 'settled', means: { ends: 'settled' } });
    expect(spokenPlace('Turned (I am below)')).toMatchObject({ name: 'Turned', means: { role: 'below' } });
    expect(spokenPlace('Turning ! not passed yet')).toMatchObject({ name: 'Turning', means: { unfinished: true } });
    expect(spokenPlace('Half (the low one)')).toEqual({ name: 'Half (the low one)', said: null, means: null });
    expect(spokenPlace('Side ! nearly')).toEqual({ name: 'Side', said: 'nearly', means: null });
  });
  it('said of a place: it ends, goes on, and who is on top; what it holds stays', () => {
    const at = (tree: TreeDocument) => tree.positions[0]!;
    const tree = smallTree([position('a', { name: 'A', lines: ['chest'], family: 'transit' })], []);
    const pinned = withSaid(tree, at(tree), { ends: 'settled' });
    expect(at(pinned)).toMatchObject({ ends: 'settled', family: 'pin', lines: ['chest'] });
    expect(at(withSaid(pinned, at(pinned), { ends: null })).ends).toBeUndefined();
    expect(at(withSaid(tree, at(tree), { ends: 'swept' }))).toMatchObject({ ends: 'swept', lines: [] });
    expect(at(withSaid(tree, at(tree), { role: 'below' })).ownerRole).toBe('below');
  });
});

describe('a line of what he shows', () => {
  const names = (typed: string) => spokenShows(typed).shows.map(({ name, share }) => (share === undefined ? name : `${name} ${share}`));
  it('is parted by slashes with or without spaces, a cue by commas too; a figure is left whole', () => {
    expect(names('frames/turns away / hugs the head')).toEqual(['frames', 'turns away', 'hugs the head']);
    expect(names('frames, then turns away')).toEqual(['frames, then turns away']);
    expect(spokenShows('inside knee: out, middle,across')).toMatchObject({
      cue: 'inside knee',
      shows: [{ name: 'out' }, { name: 'middle' }, { name: 'across' }],
    });
    expect(names('holds a 1/2 grip / lets go')).toEqual(['holds a 1/2 grip', 'lets go']);
    expect([splitCue('in the last 0:30'), splitCue('timing:late')]).toEqual([
      { cue: null, rest: 'in the last 0:30' },
      { cue: 'timing', rest: 'late' },
    ]);
    expect(names(' / ')).toEqual([]);
    const seven = Array.from({ length: 7 }, (_, i) => `does the ${i}th thing with both of his hands at once`).join(' / ');
    expect(names(seven)).toHaveLength(7);
    expect(tooLong([...names(seven), 'x'.repeat(161)])).toEqual(['x'.repeat(161)]);
  });
  it('says how often, and of which kind it is', () => {
    expect(names('frames the hip, often / turns, mostly')).toEqual(['frames the hip 0.35', 'turns 0.6']);
    expect(names('his hips: flat, often, turned in, rarely')).toEqual(['flat 0.35', 'turned in 0.05']);
    expect(spokenShows('hides the arm (turn), sometimes').shows).toEqual([{ name: 'hides the arm', kind: 'turn', share: 0.15 }]);
    expect(spokenShows('hides the arm, sometimes (turn)').shows).toEqual([{ name: 'hides the arm', kind: 'turn', share: 0.15 }]);
    expect(spokenShows('hides (the arm)').shows).toEqual([{ name: 'hides (the arm)', kind: 'other' }]);
  });
  it('nothing special is one value, in whichever words', () => {
    const { tree, id } = withNewGuard(emptyTree('t', 'T'), 'G');
    const once = withShows(tree, id, spokenShows('nothing special / frames'));
    const again = withShows(once.tree, id, spokenShows('no reaction / does nothing / doesn’t react'));
    expect(again.tree.positions[0]!.reads[0]!.values).toMatchObject([{ name: 'nothing special', kind: 'none' }, { name: 'frames' }]);
    expect(new Set(again.at.map(({ value }) => value)).size).toBe(1);
    expect(withShows(once.tree, id, spokenShows('frames, often')).tree.positions[0]!.reads[0]!.values[1]).toMatchObject({
      name: 'frames',
      share: 0.35,
    });
  });
});

describe('a move as it is typed', () => {
  it('may be for whatever he does, and may hope for something', () => {
    expect(spokenMove('* stand up')).toEqual({ name: 'stand up', whatever: true, toMakeHim: null });
    expect(spokenMove('push the knee to make him frame the hip')).toEqual({
      name: 'push the knee',
      whatever: false,
      toMakeHim: 'frames the hip',
    });
    expect(spokenMove('push the knee so that he turns away')).toEqual({ name: 'push the knee', whatever: false, toMakeHim: 'turns away' });
    expect(spokenMove('make him frame')).toMatchObject({ name: 'make him frame', toMakeHim: null });
  });
  const start = () => {
    const guard = withNewGuard(emptyTree('t', 'T'), 'G');
    const shown = withShows(guard.tree, guard.id, spokenShows('frames / turns in'));
    const pin = withNewPosition(shown.tree, { name: 'Pin', ends: 'settled' });
    const at = (i: number) => ({ position: guard.id, actor: 'owner' as const, read: 'he', when: { he: [shown.at[i]!.value] } });
    return { tree: pin.tree, pin: pin.id, guard: guard.id, at };
  };
  it('whatever he does names all of it', () => {
    const { tree, pin, at } = start();
    const done = withMove(tree, at(0), spokenMove('* stand'), pin);
    expect(done.tree.transitions[0]!.when).toEqual({ he: ['frames', 'turns-in'] });
  });
  it('two moves that hope for each other’s cue are a dilemma', () => {
    const { tree, pin, at } = start();
    const one = withMove(tree, at(0), spokenMove('cut the knee to make him turn in'), pin);
    const two = withMove(one.tree, at(1), spokenMove('drag the leg so that he frames'), pin);
    expect(findDilemmas(two.tree).dilemmas[0]).toMatchObject({ a: one.id, b: two.id });
  });
  it('what is not drawn is drawn where the move lands, or where it begins if it ends there', () => {
    const { tree, pin, guard, at } = start();
    const here = withMove(tree, at(0), spokenMove('push to make him pull'), pin);
    expect(here.tree.transitions[0]).toMatchObject({ provokes: ['pulls'], stoppedBy: ['pulls'] });
    const hub = withNewPosition(tree, { name: 'Hub' });
    const there = withMove(hub.tree, at(0), spokenMove('push to make him pull'), hub.id);
    expect(there.tree.transitions[0]).toMatchObject({ provokes: ['pulls'] });
    expect(there.tree.transitions[0]!.stoppedBy).toBeUndefined();
    expect(there.tree.positions.find((item) => item.id === hub.id)!.reads[0]!.values[0]!.name).toBe('pulls');
    expect(there.tree.positions.find((item) => item.id === guard)!.reads[0]!.values).toHaveLength(2);
  });
  it('a place of the catalogue that is taken is found by its other words', () => {
    const entry = catalogue.positions.find((item) => item.position.id === 'north-south')!;
    const taken = withEntry(emptyTree('t', 'T'), entry);
    expect(placeMeant(taken.tree, 'over the head', catalogue).kind).toBe('known');
  });
});
