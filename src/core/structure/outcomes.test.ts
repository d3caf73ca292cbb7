import { describe, expect, it } from 'vitest';
import { his, mine, position, reaction, tree } from '../../../tests/support/smallTree';
import { findOdds, ODDS_QUESTION } from '../odds';
import { indexOf, landingAt, landingsOf, reachablePositions } from '../tree';
import { findOpenAttempts, lineClaimedAt } from './attempts';
import { compareTrees } from './compare';
import { findCycles } from './cycles';
import { findLadder } from './ladder';
import { findOpenMidway } from './midway';
import { findPrevented, preventionsAt } from './prevented';
import { countRoutes, findRoutes } from './routes';
import { findSameRelation } from './sameRelation';
import { findThreats } from './threats';
import { findBackTakes, findRoleChanges, findUsage } from './usage';

/** The upper ankle opens his legs; where he straightens the leg it finishes at once. */
const ankles = tree(
  [
    position('legs', { reads: reaction('straightens', 'turns') }),
    position('open', { lines: ['feet'] }),
    position('tap', { ends: 'submission' }),
    position('pin', { ends: 'settled', lines: ['feet', 'knees'] }),
  ],
  [
    mine('ankle', 'legs', 'open', { when: { he: ['straightens', 'turns'] }, outcomes: [{ ifShown: ['straightens'], to: 'tap' }] }),
    mine('on', 'open', 'pin'),
  ],
);

describe('two outcomes of one move', () => {
  it('the first that names what he shows, else where it usually leads', () => {
    const move = {
      to: 'x',
      outcomes: [
        { ifShown: ['a', 'b'], to: 'y' },
        { ifShown: ['b', 'c'], to: 'z' },
      ],
    };
    const at = (...shown: string[]): string => landingAt(move, new Set(shown));
    expect([at(), at('d'), at('a'), at('b'), at('c'), at('c', 'a')]).toEqual(['x', 'x', 'y', 'y', 'z', 'y']);
    expect(landingsOf({ to: 'x', outcomes: [{ ifShown: ['a'], to: 'x' }] })).toEqual(['x']);
  });
  it('are ways like any: reached, counted among the routes, used by the start, entered', () => {
    expect([...reachablePositions(ankles)]).toEqual(['legs', 'open', 'tap', 'pin']);
    expect(findRoutes(ankles)).toEqual({
      byPositions: [
        ['legs', 'open', 'pin'],
        ['legs', 'tap'],
      ],
      byTransitions: [['ankle', 'on'], ['ankle']],
      status: 'exact',
    });
    expect(countRoutes(ankles)).toEqual({ byPositions: 2, byTransitions: 2, status: 'exact' });
    expect(findUsage(ankles).transitions.get('ankle')).toEqual(['legs']);
    expect(
      indexOf(ankles)
        .to.get('tap')!
        .map(({ id }) => id),
    ).toEqual(['ankle']);
    expect(compareTrees(ankles, { ...ankles, transitions: [] }).transitions.onlyFirst).toContain('legs: ankle → tap');
  });
  it('decide the odds: the same chance of success, worth what it leads to', () => {
    const value = (outcomes: (typeof ankles.transitions)[0]['outcomes']): number =>
      findOdds(
        { ...ankles, transitions: [{ ...ankles.transitions[0]!, outcomes }, ankles.transitions[1]!] },
        { ...ODDS_QUESTION, roundSeconds: 60 },
      ).starts[0]!.value;
    const none = value(undefined);
    const one = value([{ ifShown: ['straightens'], to: 'tap' }]);
    const both = value([{ ifShown: ['straightens', 'turns'], to: 'tap' }]);
    expect(none).toBeLessThan(one);
    expect(one).toBeLessThan(both);
  });
  it('count on the ladder, in loops, as threats, as a change of who is on top and as a way to the back', () => {
    const doc = tree(
      [
        position('a', { lines: ['feet'], reads: reaction('v') }),
        position('low'),
        position('choke', { ends: 'submitted' }),
        position('under', { ownerRole: 'below', lines: ['feet'] }),
        position('back', { family: 'back', lines: ['feet'] }),
      ],
      [
        his('pull', 'a', 'a', { outcomes: [{ ifShown: ['v'], to: 'low' }] }),
        his('hug', 'a', 'a', { outcomes: [{ ifShown: ['v'], to: 'choke' }] }),
        mine('up', 'low', 'a'),
        mine('roll', 'a', 'a', { outcomes: [{ ifShown: ['v'], to: 'under' }] }),
        mine('spin', 'a', 'a', { outcomes: [{ ifShown: ['v'], to: 'back' }] }),
      ],
    );
    expect(findLadder(doc).moves).toContainEqual({ transition: 'pull', to: 'low', gained: 0, lost: 1 });
    expect(findCycles(doc).cycles).toContainEqual({ positions: ['a', 'low'], kind: 'costly' });
    expect(findThreats(doc).map(({ transition }) => transition)).toEqual(['hug']);
    expect(findRoleChanges(doc)).toContainEqual({ transition: 'roll', to: 'below' });
    expect(findBackTakes(doc).map(({ transition }) => transition)).toEqual(['spin']);
  });
});

describe('what prevents a move altogether', () => {
  it('is a contradiction where the place itself is so, and such a move is not offered there', () => {
    const legs = 'his knee across my hip';
    const doc = tree(
      [
        position('near', { legRelation: legs, distance: 'close' }),
        position('far', { legRelation: legs, distance: 'far' }),
        position('end'),
      ],
      [mine('cut', 'near', 'end', { preventedBy: ['Far', 'his grip on my belt'] }), mine('jump', 'far', 'end', { preventedBy: [' far '] })],
    );
    expect(findPrevented(doc)).toEqual([{ transition: 'jump', by: ' far ' }]);
    expect(findSameRelation(doc, 'far').transitions).toEqual([]);
    expect(findSameRelation(doc, 'near').transitions).toEqual(['jump']);
    expect(preventionsAt({ ...position('x'), legRelation: 'HIS KNEE across my hip' }, { preventedBy: [legs] })).toEqual([legs]);
    expect(preventionsAt(position('x'), { preventedBy: ['far'] })).toEqual([]);
  });
});

describe('on the way', () => {
  it('a reaction without an answer is open, and so is one after a step that is not there', () => {
    const steps = [{ contacts: [] }, { contacts: [] }];
    const midway = [
      { reaction: 'turns in' },
      { reaction: 'sits up', answer: 'ride him down', afterStep: 2 },
      { reaction: 'rolls', answer: 'follow', afterStep: 3 },
    ];
    const doc = tree(
      [position('a'), position('b')],
      [mine('cut', 'a', 'b', { steps, midway }), his('out', 'a', 'b', { midway: [midway[0]!] })],
    );
    expect(findOpenMidway(doc)).toEqual([
      { transition: 'cut', reaction: 'turns in', noSuchStep: false },
      { transition: 'cut', reaction: 'rolls', noSuchStep: true },
    ]);
  });
  it('an attempt is open until a move of mine clears a line from it, or gets to a goal', () => {
    const attempt = position('half way', { lines: ['feet'], unfinished: true });
    const at = (...moves: Parameters<typeof tree>[1]) =>
      findOpenAttempts(
        tree(
          [
            attempt,
            position('higher', { lines: ['feet', 'knees'] }),
            position('same', { lines: ['feet'] }),
            position('tap', { ends: 'submission' }),
          ],
          moves,
        ),
      );
    expect(at()).toEqual(['half way']);
    expect(at(mine('x', 'half way', 'same'), his('y', 'half way', 'higher'))).toEqual(['half way']);
    expect(at(mine('x', 'half way', 'higher'))).toEqual([]);
    expect(at(mine('x', 'half way', 'tap'))).toEqual([]);
    expect(findOpenAttempts(tree([position('a')], []))).toEqual([]);
  });
  it('a line is claimed where a move of mine into the place clears it, and by no ending and no attempt', () => {
    const of = (extra: object, ...moves: Parameters<typeof tree>[1]) =>
      lineClaimedAt(tree([position('low', { lines: ['feet'] }), position('x', { lines: ['feet', 'knees'], ...extra })], moves), 'x');
    expect(of({}, mine('up', 'low', 'x'))).toBe('knees');
    expect(of({})).toBeNull();
    expect(of({}, his('up', 'low', 'x'))).toBeNull();
    expect(of({ lines: ['feet'] }, mine('up', 'low', 'x'))).toBeNull();
    expect(of({ unfinished: true }, mine('up', 'low', 'x'))).toBeNull();
    expect(of({ ends: 'settled' }, mine('up', 'low', 'x'))).toBeNull();
  });
});
