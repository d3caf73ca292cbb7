import fc from 'fast-check';
import { held } from '../../../tests/support/held';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../base';
import type { Contact, Step } from '../tree';
import { blockingOf, transitionsOnRoute, toBreakAlong } from './blockers';
import { findBrokenRules, findDoubleBookings, findHandOvers, handLoad } from './account';
import { his as theirs, mine, position, tree } from '../../../tests/support/smallTree';

const on = (part: string, spot: string, more: Partial<Contact> = {}): Contact => ({
  athlete: 'owner',
  part,
  target: { athlete: 'opponent', part: spot },
  ...more,
});
const his = (part: string, spot: string): Contact => ({ athlete: 'opponent', part, target: { athlete: 'owner', part: spot } });
const steps = (...lists: Contact[][]): Step[] => lists.map((contacts) => ({ contacts }));
const PARTS = ['leftHand', 'rightHand', 'leftForearm', 'head'];
const SPOTS = ['hip', 'knee', 'ankle'];

describe('double bookings', () => {
  it('are one limb part on two targets; hand and forearm are two parts, a bundle is one target, said twice is once', () => {
    const found = findDoubleBookings(
      steps(
        [on('leftHand', 'hip'), on('leftForearm', 'knee'), on('rightHand', 'hip')],
        [on('leftHand', 'hip'), on('leftHand', 'knee')],
        [on('rightHand', 'left lapel', { bundle: 'lapels' }), on('rightHand', 'right lapel', { bundle: 'lapels' })],
        [on('head', 'chest'), on('head', 'chest', { at: 'to the side' })],
      ),
    );
    expect(found.map((item) => [item.step, item.contacts.map((contact) => contact.target.part)])).toEqual([[2, ['hip', 'knee']]]);
  });
});

describe('hand-overs', () => {
  it('worked by hand: the ankle is traded for the hip, the sleeve carried, the head taken, the knee let go', () => {
    const found = findHandOvers(
      steps(
        [on('leftHand', 'ankle'), on('rightHand', 'sleeve', { at: 'up' }), on('leftForearm', 'knee')],
        [on('leftHand', 'hip'), on('rightHand', 'sleeve', { at: 'across' }), on('head', 'chest')],
      ),
    );
    expect(found.map((item) => [item.kind, item.toStep, 'to' in item ? item.to.part : item.from.part])).toEqual([
      ['trade', 2, 'leftHand'],
      ['relocation', 2, 'rightHand'],
      ['released', 2, 'leftForearm'],
      ['taken', 2, 'head'],
    ]);
    expect(handLoad(steps([on('leftHand', 'ankle')], [on('leftHand', 'hip')], [on('leftHand', 'knee')]))).toEqual([
      { athlete: 'owner', part: 'leftHand', trades: 2 },
    ]);
  });
  it('of the steps backwards are the same ones, turned round', () => {
    fc.assert(
      fc.property(fc.nat(1e6), (seed) => {
        const random = seededRandom(seed);
        const one = (part: string): Contact[] =>
          random() < 0.3 ? [] : [on(part, SPOTS[Math.floor(random() * 3)]!, random() < 0.3 ? { at: 'up' } : {})];
        const doc = Array.from({ length: 5 }, () => ({ contacts: PARTS.flatMap(one) }));
        const say = (kind: string, part: string, from: Contact | null, to: Contact | null): string =>
          [kind, part, from?.target.part, from?.at, to?.target.part, to?.at].join();
        const OTHER = { trade: 'trade', relocation: 'relocation', taken: 'released', released: 'taken' } as const;
        const forth = findHandOvers(doc).map((item) => {
          const from = 'from' in item ? item.from : null;
          const to = 'to' in item ? item.to : null;
          return say(item.kind, (from ?? to)!.part, from, to);
        });
        const back = findHandOvers(doc.toReversed()).map((item) => {
          const from = 'from' in item ? item.from : null;
          const to = 'to' in item ? item.to : null;
          return say(OTHER[item.kind], (from ?? to)!.part, to, from);
        });
        expect(back.sort()).toEqual(forth.sort());
      }),
      { numRuns: 200, seed: 41 },
    );
  });
});

describe('rules over the steps', () => {
  const chain = steps(
    [on('leftHand', 'ankle')],
    [on('leftHand', 'hip'), on('head', 'chest')],
    [on('leftHand', 'hip'), on('rightHand', 'lapel')],
  );
  const rule = (kind: 'before' | 'together' | 'never', first: Contact, then?: Contact) => ({ kind, first, ...(then ? { then } : {}) });
  const broken = (...rules: Parameters<typeof findBrokenRules>[1]): number[][] =>
    findBrokenRules(chain, rules).map((item) => [...item.steps]);
  it('an invariant names every step that breaks it; at least k of several are enough', () => {
    const contacts = [on('leftHand', 'hip'), on('head', 'chest')];
    expect(broken({ kind: 'hold', fromStep: 1, toStep: 3, contacts })).toEqual([[1, 3]]);
    expect(broken({ kind: 'hold', fromStep: 2, toStep: 3, contacts, atLeast: 1 })).toEqual([]);
    expect(broken({ kind: 'hold', fromStep: 5, toStep: 9, contacts })).toEqual([]);
  });
  it('“before” is broken where the second comes first; the same step is fine', () => {
    expect(broken(rule('before', on('rightHand', 'lapel'), on('leftHand', 'hip')))).toEqual([[2]]);
    expect(broken(rule('before', on('head', 'chest'), on('leftHand', 'hip')))).toEqual([]);
    expect(broken(rule('before', on('leftHand', 'ankle'), on('rightHand', 'lapel')))).toEqual([]);
    expect(broken(rule('before', on('rightHand', 'belt'), on('leftHand', 'knee')))).toEqual([]);
  });
  it('“together” at the first step with only one, “never” at the first with it; a pattern includes the spots', () => {
    expect(broken(rule('together', on('head', 'chest'), on('leftHand', 'hip')))).toEqual([[3]]);
    expect(broken(rule('never', on('rightHand', 'lapel')))).toEqual([[3]]);
    const spot = steps([on('leftHand', 'wrist', { target: { athlete: 'opponent', part: 'wrist', spot: 'sleeve cuff', side: 'left' } })]);
    expect(findBrokenRules(spot, [rule('never', on('leftHand', 'wrist'))])).toHaveLength(1);
    expect(
      findBrokenRules(spot, [rule('never', on('leftHand', 'wrist', { target: { athlete: 'opponent', part: 'wrist', side: 'right' } }))]),
    ).toEqual([]);
  });
});

describe('what blocks', () => {
  const [collar, sleeve, foot] = [his('leftHand', 'collar'), his('rightHand', 'sleeve'), his('leftFoot', 'hip')];
  it('a set blocks while all of it is on; blocked beats enabled; without an enabling set it is not yet', () => {
    const move = { blockedBy: [[collar, sleeve], [foot]], enabledBy: [[collar]] };
    expect(blockingOf(move, [collar])).toEqual({ status: 'open', toBreak: [] });
    expect(blockingOf(move, [sleeve])).toEqual({ status: 'notYet', toBreak: [] });
    expect(blockingOf(move, [collar, sleeve])).toEqual({ status: 'blocked', toBreak: [collar] });
    expect(blockingOf(move, [collar, sleeve, foot])).toEqual({ status: 'blocked', toBreak: [collar, foot] });
    expect(toBreakAlong([{ blockedBy: [[collar, sleeve]] }, { blockedBy: [[sleeve, foot]] }], [collar, sleeve, foot])).toEqual([sleeve]);
  });
  it('on a way with two moves over one hop the one that is not blocked is taken, mine before his', () => {
    const way = tree(
      [position('a'), position('b'), position('c')],
      [
        theirs('he falls', 'a', 'b'),
        mine('first', 'a', 'b', { priority: 2, blockedBy: [[collar]] }),
        mine('second', 'a', 'b'),
        mine('on', 'b', 'c'),
      ],
    );
    expect(transitionsOnRoute(way, ['a', 'b', 'c'], []).map((transition) => transition.id)).toEqual(['first', 'on']);
    expect(transitionsOnRoute(way, ['a', 'b', 'c', 'a'], [collar]).map((transition) => transition.id)).toEqual(['second', 'on']);
  });
  it('one of the sets that enable a move is enough, and it has to be whole', () => {
    const [collar, sleeve, belt] = held('his left hand far collar, his right hand far sleeve, his left hand belt');
    const move = { enabledBy: [[collar!, sleeve!], [belt!]] };
    expect(blockingOf(move, [belt!]).status).toBe('open');
    expect(blockingOf(move, [collar!, sleeve!]).status).toBe('open');
    expect(blockingOf(move, [collar!]).status).toBe('notYet');
  });
  it('what a set leaves unsaid means any, and all that is it has to go', () => {
    const ankle = held('his left hand ankle')[0]!;
    const [right, left] = held('his left hand right ankle, his right hand left ankle');
    expect(blockingOf({ blockedBy: [[ankle]] }, [right!])).toEqual({ status: 'blocked', toBreak: [right] });
    expect(blockingOf({ blockedBy: [[right!]] }, [ankle])).toEqual({ status: 'open', toBreak: [] });
    const either = held('his either hand either side ankle')[0]!;
    expect(blockingOf({ blockedBy: [[either]] }, [right!, left!])).toEqual({ status: 'blocked', toBreak: [right, left] });
    expect(blockingOf({ enabledBy: [[either]] }, [left!]).status).toBe('open');
    expect(blockingOf({ enabledBy: [[either]] }, []).status).toBe('notYet');
  });
});
