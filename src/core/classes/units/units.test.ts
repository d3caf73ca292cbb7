import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../../demo/demoTree';
import { his, mine, position, reaction, tree } from '../../../../tests/support/smallTree';
import { ONE_SIDE_TAG } from '../../lens';
import { withoutTransition } from '../../tree';
import { findBranches } from './branches';
import { checkOrder, inOrder } from '../clock/order';
import { specOf, UNIT_KINDS, unitKey, type PlannedUnit } from './spec';
import { feederOf, loopsAfter, resistanceOf, unitOf, unitsOf, unitsOfBranch } from './units';

const doc = tree(
  [
    position('g', { reads: reaction('frame', 'hook') }),
    position('hub', { family: 'hub', reads: reaction('turns', 'rests') }),
    position('pin', { ends: 'settled' }),
    position('back', { ends: 'back' }),
  ],
  [
    mine('in', 'g', 'hub', { when: { he: ['frame'] } }),
    mine('over', 'g', 'hub', { when: { he: ['hook'] } }),
    mine('settle', 'hub', 'pin', { when: { he: ['rests'] }, stoppedBy: ['turns'] }),
    mine('take', 'hub', 'back', { when: { he: ['turns'] } }),
    his('squares', 'hub', 'g'),
  ],
);
const unit = (kind: PlannedUnit['kind'], ...of: string[]) => unitOf(doc, { kind, of })!;

describe('a unit', () => {
  it('of a move is one unit in two stages: cooperative, then the feeder shows what it answers, and what stops it', () => {
    const settle = unit('move', 'settle');
    expect(settle.stages.map(({ resistance }) => resistance[1])).toEqual([0, 15]);
    expect(settle.stages[0]!.feeder).toEqual([{ position: 'hub', show: null, then: 'settle', leaveOut: ['turns', 'rests'] }]);
    expect(settle.stages[1]!.feeder).toEqual([
      { position: 'hub', show: 'rests', then: 'settle', leaveOut: ['turns'] },
      { position: 'hub', show: 'turns', then: 'take', leaveOut: ['turns', 'rests'].filter((id) => id !== 'turns') },
    ]);
    expect(settle).toMatchObject({ phase: 'parts', demonstrationMinutes: 3, workMinutes: 2, sides: null, accepted: ['pin'] });
  });
  it('of a chain adds one move at a time, or comes from its end, after its moves', () => {
    const chain = unit('chain', 'in', 'settle');
    expect(chain.stages.map(({ transitions }) => transitions)).toEqual([['in', 'settle']]);
    expect(chain.prerequisites).toEqual([unit('move', 'in').key, unit('move', 'settle').key]);
    const long = tree([...doc.positions, position('first')], [...doc.transitions, mine('step', 'first', 'g')]);
    const spec = { kind: 'chain', of: ['step', 'in', 'settle'] } as const;
    expect(unitOf(long, spec)!.stages.map(({ transitions }) => transitions.join())).toEqual(['step,in', 'step,in,settle']);
    expect(unitOf(long, { ...spec, backward: true })!.stages.map(({ transitions }) => transitions.join())).toEqual([
      'in,settle',
      'step,in,settle',
    ]);
  });
  it('of a read lets the feeder pick among what is answered in different ways', () => {
    const read = unit('read', 'hub');
    expect(read.stages[0]!.feeder.map(({ show, then }) => [show, then])).toEqual([
      ['turns', null],
      ['rests', null],
    ]);
    expect([...read.prerequisites].sort()).toEqual([unit('move', 'settle').key, unit('move', 'take').key].sort());
    expect(unitOf(doc, { kind: 'read', of: ['pin'] })).toBeNull();
    expect(unit('read', 'hub', 'turns', 'rests').stages).toEqual(read.stages);
    expect(unitOf(doc, { kind: 'read', of: ['hub', 'turns', 'gone'] })).toBeNull();
    expect(unitOf(doc, { kind: 'read', of: ['hub', 'turns'] })).toBeNull();
  });
  it('of an attack and his retention, of a round, of a movement alone', () => {
    expect(unit('loop', 'in', 'squares')).toMatchObject({ phase: 'together', sides: 1, transitions: ['in', 'squares'] });
    expect(loopsAfter(doc, doc.transitions[0]!)).toEqual([{ kind: 'loop', of: ['in', 'squares'] }]);
    expect(unit('round', 'hub')).toMatchObject({ phase: 'rounds', accepted: ['pin', 'back'], workMinutes: 4, sides: 1 });
    expect(unit('solo', 'in')).toMatchObject({ phase: 'warmUp', stages: [{ feeder: [] }] });
    // A move without steps has no grips to fight for.
    expect(unitOf(doc, { kind: 'fight', of: ['in'] })).toBeNull();
  });
  it('follows the tree: what is deleted is reported, what the coach decided stays', () => {
    const planned: PlannedUnit[] = [
      { kind: 'move', of: ['in'], work: 1.25, sides: 1, resistance: [5, 15] },
      { kind: 'chain', of: ['in', 'settle'], needs: [unit('move', 'take').key] },
    ];
    const { units } = unitsOf(doc, planned);
    expect(units[0]).toMatchObject({ workMinutes: 1.25, sides: 1 });
    expect(resistanceOf(units[0]!)).toEqual([5, 15]);
    expect(units[1]!.prerequisites).toContain(unit('move', 'take').key);
    const cut = unitsOf(withoutTransition(doc, 'settle'), planned);
    expect(cut.units).toHaveLength(1);
    expect(cut.lost).toEqual([planned[1]]);
    for (const kind of UNIT_KINDS)
      for (const of of [[], ['constructor'], ['in', 'nothing']])
        expect(unitOf(doc, { kind, of })?.kind ?? null).toSatisfy((found: unknown) => found === null || kind === 'move' || kind === 'solo');
  });
  it('for the other side is made, not typed: its words turned, on one side, after the first; what has no other side has none', () => {
    const turned = {
      ...doc,
      transitions: doc.transitions.map((move) => {
        if (move.id === 'take') return { ...move, tags: [ONE_SIDE_TAG] };
        return move.id === 'in' ? { ...move, checkpoints: ['my left knee is in'], mistakes: [{ error: 'the right hand posts' }] } : move;
      }),
    };
    const other = unitOf(turned, { kind: 'move', of: ['in'], sides: 2, mirrored: true })!;
    expect(other).toMatchObject({ sides: 1, checkpoints: ['my right knee is in'], mistakes: [{ error: 'the left hand posts' }] });
    expect(other.prerequisites).toEqual([unitKey({ kind: 'move', of: ['in'] })]);
    expect(other.key).not.toBe(unit('move', 'in').key);
    expect(specOf(other.key)).toEqual(other.spec);
    const none: PlannedUnit[] = [
      { kind: 'round', of: ['hub'], mirrored: true },
      { kind: 'move', of: ['take'], mirrored: true },
      { kind: 'move', of: ['constructor'], mirrored: true },
    ];
    expect(none.map((item) => unitOf(turned, item))).toEqual([null, null, null]);
    expect(specOf('["other side"]')).toBeNull();
  });
  it('is named by a key that says what it is made of', () => {
    for (const of of [['in'], ['a "b", c', '[1]', 'constructor']])
      expect(specOf(unitKey({ kind: 'chain', of }))).toEqual({ kind: 'chain', of });
    for (const key of ['', '{}', '[]', '["move"]', '["dance","in"]', '["move",1]', 'null']) expect(specOf(key)).toBeNull();
  });
  it('every one of the demo’s branches is a class in order, each line of the feeder at a place of its moves', () => {
    const demo = demoTree();
    for (const { branch } of findBranches(demo)) {
      const { units, lost } = unitsOf(demo, unitsOfBranch(demo, branch));
      expect(lost).toEqual([]);
      expect(checkOrder(inOrder(units))).toEqual([]);
      for (const item of units) for (const line of feederOf(item)) expect(line.leaveOut).not.toContain(line.show);
    }
  });
});
