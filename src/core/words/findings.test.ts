import { describe, expect, it } from 'vitest';
import { FINDING_KINDS, findFindings, type Finding, type FindingKind, type FindingOf } from '../findings';
import { findingText, findingTitle } from './findings';
import { sayHis } from './tree';
import { demoTree } from '../../../demo/demoTree';
import { his, mine, position, reaction, tree as smallTree } from '../../../tests/support/smallTree';

const tree = smallTree(
  [
    position('a', {
      name: 'Knee shield',
      reads: [
        ...reaction('frames', 'hooks'),
        { id: 'knee', name: 'knee', kind: 'cue', values: [{ id: 'in', name: 'inside', kind: 'other' }] },
      ],
    }),
    position('b', { name: 'Side pin' }),
    position('c', { name: 'Swept' }),
  ],
  [
    mine('cut', 'a', 'b', { name: 'cut across' }),
    mine('drag', 'a', 'b', { name: 'I drag the leg' }),
    his('sweep', 'a', 'c', { name: 'sweeps me' }),
  ],
);
const at = { key: 'k', position: 'a' } as const;

/** One finding of each kind, and all that is said of it; a kind without a line here does not compile. */
const SAID: { readonly [K in FindingKind]: readonly [Omit<FindingOf<K>, 'kind' | 'key' | 'position'>, string, string, string?] } = {
  unanswered: [{ read: 'he', value: 'hooks', consequences: ['sweep'] }, 'he hooks', 'If it works he gets to: Swept.'],
  unstopped: [{ transition: 'sweep' }, 'he sweeps me', 'Nothing I show there stops it, and nothing of mine is drawn against it.'],
  uncovered: [
    { combination: { he: 'frames', knee: 'in' } },
    'he frames + knee: inside',
    'You have said these cues must all be answered, and nothing fits this combination.',
  ],
  ambiguous: [
    { values: ['frames'], answers: ['cut', 'drag'] },
    'he frames',
    'I cut across / I drag the leg: the same priority, so you would have to think.',
  ],
  missingFact: [
    { transition: 'cut', fact: 'hip freed', witness: ['drag'], neverMade: false },
    'I cut across: needs “hip freed”',
    'Not there after: I drag the leg.',
  ],
  needLoop: [
    { transitions: ['cut', 'drag'], facts: ['x', 'y'] },
    'I cut across (needs “x”) → I drag the leg (needs “y”)',
    'Each of these waits for the next, the last for the first: none can ever begin.',
  ],
  idleOption: [
    { transition: 'cut' },
    'I cut across: fits nothing he shows',
    'Every value of the cues here needs an answer, and this move names none of them.',
  ],
  provokesGap: [{ transition: 'cut', value: 'hooks' }, 'I cut across to make him: he hooks', 'You provoke what you have no answer to.'],
  preferredNever: [
    { transition: 'cut', parameter: 'outer hand', values: ['knee'] },
    'I cut across, outer hand: knee',
    'It is on the list of what you prefer and on the list of what never.',
  ],
  prevented: [
    { transition: 'cut', by: 'far' },
    'I cut across: not if “far”',
    'That is what you say of this place itself, so it can never be done from here.',
  ],
  openMidway: [
    { transition: 'cut', reaction: 'turns in', noSuchStep: false },
    'I cut across, and on the way: turns in',
    'You have seen it coming, and nothing is said against it.',
  ],
  openAttempt: [{}, 'Nothing of mine clears the next line from here', 'An attempt is only half a way: say how it is finished.'],
  grips: [
    { transition: 'cut', problem: { kind: 'nothingHeld', step: 2, contacts: [] } },
    'Step 2: nobody holds anything',
    'A step without a hold cannot be shown or checked.',
    'Knee shield, I cut across',
  ],
  closedGuard: [
    { transition: 'cut', risk: 'handOnMat', step: 2 },
    'A hand on the mat, step 2',
    'A posted hand is no posture: he sweeps over it or takes the arm.',
    'Knee shield, I cut across',
  ],
  lateBranch: [
    { missing: ['late', 'early'], values: [] },
    'No answer when I am late or early',
    'Here one must act at once, so the same move on time and late are two branches.',
  ],
  sameName: [{ others: ['b', 'c'] }, '3 places have this name', 'Branches may join the wrong one.'],
  emptyRead: [{ read: 'knee' }, '“knee” has nothing to see', 'A read without values decides nothing.'],
  deadEnd: [{}, 'Nothing leads on from here', 'No way up and no ending: the climb stops in the middle.'],
  unreachable: [{}, 'No guard leads here', 'Nobody will ever be taught this unless something climbs to it.'],
  necessaryHub: [
    { ends: ['settled', 'back'] },
    'Every way to settled and back taken goes through it',
    'If an opponent shuts this place, that ending is gone.',
  ],
  costlyCycle: [
    { to: 'b', positions: ['a', 'b'] },
    'he gets me back to Side pin',
    'Each lap loses lines you had cleared; the shortest: Knee shield → Side pin → back again.',
  ],
};

describe('findings in words', () => {
  it.each(FINDING_KINDS)('%s: where, what and what it costs', (kind) => {
    const [data, what, why, place = 'Knee shield'] = SAID[kind];
    const said = findingText(tree, { ...at, kind, ...data } as Finding);
    expect(said).toMatchObject({ place, what, why });
    expect(said.action).not.toBe('');
    expect(findingTitle(kind)).not.toBe('');
  });
  it('other forms: no price drawn, nothing that makes it, a start without it, no timing', () => {
    const why = (finding: object): string => findingText(tree, { ...at, ...finding } as Finding).why;
    expect(why({ kind: 'unanswered', read: 'he', value: 'hooks', consequences: [] })).toBe('What it costs you is not drawn either.');
    const missing = { kind: 'missingFact', transition: 'cut', fact: 'x', witness: [] };
    expect(why({ ...missing, neverMade: true })).toBe('Nothing in the tree does that.');
    expect(why({ ...missing, neverMade: false })).toBe('A round can start here without it.');
    expect(findingText(tree, { ...at, kind: 'lateBranch', missing: 'noTiming', values: [] }).what).toBe('Nothing says early or late');
  });
  it('seen by the other, what I called mine is quoted as I said it', () => {
    expect(sayHis('I strip the sleeve')).toBe('he does “strip the sleeve”');
    expect([sayHis('frames'), sayHis('he frames')]).toEqual(['he frames', 'he frames']);
  });
  it('of the demo are all whole sentences', () => {
    const doc = demoTree();
    for (const finding of findFindings(doc).list) {
      const { what, why } = findingText(doc, finding);
      expect(`${what} ${why}`).not.toMatch(/undefined|\[object|null/);
      expect(why).toMatch(/^[A-Z“].*[.]$/);
    }
  });
});
