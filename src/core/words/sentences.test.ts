import { describe, expect, it } from 'vitest';
import { mine, his, position, reaction, tree } from '../../../tests/support/smallTree';
import { parseContact } from '../contacts';
import { blockingOf, gripsAlong } from '../grips';
import { findLadder } from '../structure';
import type { Contact } from '../tree';
import { sayDrawnAnswer, sayDrawnPlace, sayOpenCount, saySection } from './board';
import { sayHidden, sayRoutesLeft } from './filter';
import { sayHandsAlong, sayOutside, sayShut, sayShutByMine, sayToBreak } from './holds';
import {
  sayAnnounced,
  sayAnswer,
  sayBypass,
  sayFall,
  sayHub,
  sayLadderGap,
  sayLoop,
  sayRoleChange,
  saySuggestedLanding,
  sayTempoChange,
} from './ladder';
import { sayGameItem } from './people';
import { sayLanding } from './vocabulary';

const contact = (typed: string): Contact => {
  const parsed = parseContact(typed);
  if (!parsed.ok) throw new Error(parsed.error);
  return parsed.value;
};
const COLLAR = contact('his left hand collar');

const doc = tree(
  [
    position('a', { name: 'Knee shield', lines: ['feet', 'knees'], reads: reaction('frames') }),
    position('b', { name: 'Side pin', lines: ['feet', 'hips'] }),
    position('c', { name: 'Swept', ends: 'swept' }),
  ],
  [mine('cut', 'a', 'b', { name: 'cut across', when: { he: ['frames'] } }), his('sweep', 'a', 'c', { name: 'sweeps me' })],
);

describe('what a filter takes away, in words', () => {
  const count = (byPositions: number, status: 'exact' | 'budget' = 'exact') => ({ byPositions, byTransitions: byPositions, status });
  it('counts by reason, and says how many of the shortest ways are lost', () => {
    const hidden = [
      { transition: 'x', by: 'context' as const },
      { transition: 'y', by: 'ruleSet' as const },
    ];
    expect(sayHidden([])).toBe('Nothing is hidden.');
    expect(sayHidden(hidden)).toBe('2 moves hidden: 1 by the cloth, 1 by the rules.');
    const left = (after: ReturnType<typeof count>, lost: number) =>
      sayRoutesLeft({ routes: { before: count(9, 'budget'), after }, shortest: { checked: 5, lost } });
    expect(left(count(0), 5)).toBe('No way from a guard to a goal is left.');
    expect(left(count(4), 0)).toBe('Ways up: 4, without it more than 9. None of the 5 shortest is lost.');
    expect(left(count(8, 'budget'), 1)).toBe('More than 8 ways up are left. 1 of the 5 shortest ways is lost.');
    expect(left(count(4), 2)).toContain('2 of the 5 shortest ways are lost.');
  });
});

describe('the hands in words', () => {
  it('says what my grips shut and what they let him have', () => {
    const says = (['shut', 'whileKept', 'given', 'notYet'] as const).map((status) => sayShutByMine({ status, holds: [COLLAR] }));
    expect(says.map((item) => item.replace('his left hand collar', 'X'))).toEqual([
      'shut while I hold X',
      'shut only if I keep X',
      'he has it only because I hold X',
      'not unless I hold X',
    ]);
  });
  it('says why a move is shut or not there yet, and what to break', () => {
    const shut = (move: object, on: Contact[]) => sayShut(blockingOf(move, on), move);
    expect(shut({}, [COLLAR])).toBe('');
    expect(shut({ blockedBy: [[COLLAR]] }, [COLLAR])).toBe('shut: break his left hand collar');
    expect(shut({ enabledBy: [[COLLAR], [contact('his right hand belt')]] }, [])).toBe(
      'not yet: only when his left hand collar, or his right hand belt is on',
    );
    expect([sayToBreak([]), sayToBreak([COLLAR])]).toEqual(['Nothing of his that is on shuts it.', 'Break on it: his left hand collar.']);
  });
  it('says what trades and what survives, and nothing where nothing is written', () => {
    const steps = ['right hand far lapel', 'right hand far knee'].map((typed) => ({
      contacts: [contact('left hand far wrist'), contact(typed)],
    }));
    expect(sayHandsAlong(gripsAlong([{ id: 'cut', steps }]))).toBe('Trades: right hand 1. Survives longest: left hand far wrist, 2 steps.');
    expect(sayHandsAlong(gripsAlong([{ id: 'cut' }]))).toBe('');
    expect(sayOutside({ first: null, swaps: [] })).toBe('');
    expect(sayOutside({ first: 'owner', swaps: [{ step: 2, outside: 'opponent' }] })).toBe(
      'The outside hand is mine at first, his from step 2: 1 change.',
    );
  });
});

describe('the climb in words', () => {
  it('says falls, gaps and loops by their places', () => {
    const ladder = findLadder(doc);
    const fall = ladder.moves.find((move) => move.lost > 0)!;
    expect(sayFall(doc, fall, fall.lost)).toMatch(/^\d lines? lost, the most at once: I cut across → Side pin$|sweeps me → Swept$/);
    expect(sayFall(doc, fall, 99)).not.toContain('the most');
    expect(sayLadderGap(doc, { position: 'b', missing: ['knees'] })).toBe('holds feet, hips without knees');
    expect(sayLoop(doc, ['a', 'b'])).toBe('→ Side pin → back again');
    expect(sayBypass(doc, { routes: [], status: 'exact' })).toBe('None: whoever shuts this place shuts every goal.');
    expect(sayBypass(doc, { routes: [['a', 'b']], status: 'budget' })).toBe('more than 1; the shortest: Knee shield → Side pin.');
  });
  it('says what was begun, what changes and what hangs on a hub', () => {
    expect(sayAnnounced(doc, { position: 'a', taught: 1, announced: 2, open: ['cut'] })).toBe('1 of 2 branches taught; open: I cut across');
    expect(sayAnswer(doc, 'cut')).toBe('he frames: I cut across');
    expect(sayRoleChange(doc, { transition: 'sweep', to: 'below' })).toBe('he sweeps me: then I am below');
    expect(sayTempoChange(doc, { transition: 'cut', from: 'safe', to: 'actNow' })).toBe(
      'I cut across. Before: Safe to wait. Then: Act now.',
    );
    const hub = { position: 'a', entries: 3, exits: 2, starts: 1, necessaryFor: 0 };
    expect(sayHub(hub)).toBe('1 start passes it, 3 ways in, 2 on');
    expect(sayHub({ ...hub, entries: 1, starts: 2, necessaryFor: 2 })).toBe('2 starts pass it, 1 way in, 2 on, 2 goals hang on it');
    expect(saySuggestedLanding('Side pin')).toBe('it could land on Side pin');
  });
});

describe('the board in words', () => {
  it('a drawn place, what is pressed on it, and the count in its head', () => {
    const place = { name: 'Knee shield', height: 'feet', shows: 1, unanswered: [], folded: 0 };
    expect(sayDrawnPlace(place)).toBe('Knee shield; feet; 1 thing he shows');
    expect(sayDrawnPlace({ ...place, shows: 2, unanswered: ['he frames'], folded: 3 })).toBe(
      'Knee shield; feet; 2 things he shows; no answer yet to: he frames; and 3 more positions folded here',
    );
    expect([saySection('he frames', true), saySection('', false)]).toEqual([
      'he frames: no answer yet, answer it',
      'nothing special: add another answer',
    ]);
    expect(sayDrawnAnswer('I cut', 'Side pin', '')).toBe('I cut, lands on Side pin');
    expect([sayOpenCount(false, null), sayOpenCount(false, 1), sayOpenCount(true, 4)]).toEqual([
      'broken rungs …',
      '1 broken rung',
      '4 unstopped',
    ]);
  });
  it('where a new place would lie, as the passer and as the guard player says it', () => {
    const lines = { next: 'hips', claimed: 'knees', from: 'Knee cut' } as const;
    expect([
      sayLanding('passer', 'swept', lines),
      sayLanding('guardPlayer', 'swept', lines),
      sayLanding('passer', 'nextLine', lines),
      sayLanding('passer', 'attempt', lines),
      sayLanding('passer', 'claimsAgain', lines),
    ]).toEqual([
      'I am swept',
      'I sweep him',
      'hips cleared',
      'an attempt: hips not cleared yet',
      'knees cleared only here: Knee cut was an attempt',
    ]);
  });
});

describe('people in words', () => {
  it('what a person does: a move, a tag, everything, or what is gone', () => {
    const tagged = { ...doc, transitions: doc.transitions.map((transition) => ({ ...transition, tags: ['knee'] })) };
    expect(['*', 'cut', 'knee', 'lost'].map((item) => sayGameItem(tagged, item))).toEqual([
      'everything that is not named below',
      'Knee shield: I cut across',
      'all that is tagged “knee”',
      '“lost”, which nothing in this tree is called now',
    ]);
  });
});
