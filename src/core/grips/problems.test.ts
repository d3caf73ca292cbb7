import { describe, expect, it } from 'vitest';
import type { Step, Transition, TreeDocument } from '../tree';
import { findGripFindings } from './problems';
import { gripsAlong } from './along';
import { sayProblem } from '../words';
import { held } from '../../../tests/support/held';
import { his, mine, position, reaction, tree } from '../../../tests/support/smallTree';

const steps = (...lines: string[]): Step[] => lines.map((line) => ({ contacts: held(line) }));
const saidOf = (doc: TreeDocument): string[] => findGripFindings(doc).map(({ problem }) => sayProblem(problem).what);
const found = (transition: Partial<Transition>, extra: Partial<TreeDocument> = {}): string[] =>
  saidOf(tree([position('a'), position('b')], [mine('drag', 'a', 'b', transition)], extra));

describe('what does not add up', () => {
  it('a hand on two things, a step that nobody holds, a rule that is not kept: each with its step, limb and target', () => {
    expect(
      found({ steps: steps('left hand far ankle, left hand far knee, left hand far knee or far ankle', '', 'left hand far hip') }),
    ).toEqual(['Step 1: left hand holds far ankle and far knee at once', 'Step 2: nobody holds anything']);
    const contactRules = [{ kind: 'hold' as const, fromStep: 1, toStep: 3, contacts: held('left hand far ankle') }];
    expect(found({ steps: steps('left hand far ankle', 'left hand far hip', 'left hand far hip'), contactRules })).toEqual([
      'Step 2, 3: “from step 1 to 3: left hand far ankle” is not kept',
    ]);
  });
  it('a rule for certain values counts only where the move may meet one of them', () => {
    const contactRules = [{ kind: 'never' as const, first: held('left hand mat')[0]!, whenValues: ['frames'] }];
    const of = (extra: Partial<Transition>): number =>
      saidOf(
        tree(
          [position('a', { reads: reaction('frames', 'hooks') }), position('b')],
          [mine('drag', 'a', 'b', { steps: steps('left hand mat'), contactRules, ...extra })],
        ),
      ).length;
    expect([of({}), of({ when: { he: ['frames'] } }), of({ when: { he: ['hooks', 'frames'] } })]).toEqual([1, 1, 1]);
    expect(of({ when: { he: ['hooks'] } })).toBe(0);
  });
  it('spots, limbs and sides that are not', () => {
    const limb = { athlete: 'owner' as const, part: 'leftTail', target: { athlete: 'opponent' as const, part: 'knee' } };
    expect(
      found({
        steps: [
          {
            contacts: [
              ...held('right hand far feather, left hand far left knee, left knee own left knee, right hand own right wrist'),
              limb,
            ],
          },
        ],
      }),
    ).toEqual([
      'Step 1: right hand holds far feather and own right wrist at once',
      'Step 1: left hand holds far left knee: far and left are two sides',
      'Step 1: right hand holds own right wrist, on the same arm',
      'Step 1: “left tail” on knee: nobody has such a limb',
      'Step 1: right hand holds “feather”, which is no known spot',
    ]);
  });
  it('cloth where there is none, unless something stands in its place; two hundred steps', () => {
    const cloth = { steps: steps('right hand far lapel', 'right hand far lapel or back of the neck') };
    expect(found(cloth, { contexts: ['gi', 'noGi'] })).toEqual([]);
    expect(found(cloth, { contexts: ['noGi'] })).toEqual(['Step 1: right hand far lapel is cloth']);
    expect(found({ ...cloth, contexts: ['noGi'] }, { contexts: ['gi', 'noGi'] })).toHaveLength(1);
    expect(found({ steps: Array.from({ length: 200 }, () => ({ contacts: held('head chest') })) })).toEqual(['200 steps in one move']);
  });
  it('arrives without what the place says is held; a place books its own hands twice', () => {
    const doc = tree(
      [position('a'), position('b', { holds: held('left hand far hip, right hand far lapel: pin, right hand collar') })],
      [mine('drag', 'a', 'b', { steps: steps('right hand far lapel') }), mine('walk', 'a', 'b')],
    );
    expect(findGripFindings(doc).map((item) => [item.transition, sayProblem(item.problem).what])).toEqual([
      ['drag', 'Step 1: arrives without left hand on far hip'],
      ['drag', 'Step 1: arrives without right hand on collar'],
      [null, 'right hand holds far lapel and collar at once'],
    ]);
  });
  it('every key is one of its own, and stays when another move changes', () => {
    const rule = { kind: 'never' as const, first: held('head chest')[0]! };
    const doc = tree(
      [position('a'), position('b')],
      [
        mine('drag', 'a', 'b', { steps: steps('head chest'), contactRules: [rule, { ...rule, name: 'again' }] }),
        mine('two', 'a', 'b', { steps: steps('') }),
      ],
    );
    const keys = findGripFindings(doc).map((item) => item.key);
    expect(new Set(keys).size).toBe(3);
    const without = { ...doc, transitions: doc.transitions.slice(0, 1) };
    expect(keys).toEqual(expect.arrayContaining(findGripFindings(without).map((item) => item.key)));
  });
});

describe('a rule that is not kept', () => {
  it('says when it counts and what a breach lets in', () => {
    const reads = [{ id: 'he', name: 'he', kind: 'reaction' as const, values: [{ id: 'turns', name: 'turns in', kind: 'turn' as const }] }];
    const [first] = held('right hand far lapel');
    const rule = { kind: 'never' as const, first: first!, whenValues: ['turns'], letsIn: 'hook' };
    const doc = tree(
      [position('a', { reads }), position('b')],
      [mine('drag', 'a', 'b', { steps: steps('right hand far lapel'), contactRules: [rule] }), his('hook', 'a', 'b', { name: 're-hooks' })],
    );
    const [item] = findGripFindings(doc);
    expect(sayProblem(item!.problem, doc)).toEqual({
      what: 'Step 1: “never right hand far lapel” is not kept',
      why: 'You said this must hold if he turns in. It lets in: he re-hooks.',
    });
    expect(sayProblem(item!.problem).why).toBe('You said this must hold if turns. It lets in: hook.');
  });
});

describe('the hands along a way', () => {
  it('worked by hand: trades count between moves too, not over a move that is not written; what survives longest', () => {
    const route = [
      mine('one', 'a', 'b', { steps: steps('left hand far ankle, his left hand collar', 'left hand far hip, his left hand collar') }),
      mine('two', 'b', 'c', { steps: steps('left hand far knee, his left hand collar') }),
      mine('blank', 'c', 'd'),
      mine('three', 'd', 'e', { steps: steps('left hand far ankle', 'left hand far ankle') }),
    ];
    const { load, survivals, unwritten } = gripsAlong(route);
    expect(load).toEqual([{ athlete: 'owner', part: 'leftHand', trades: 2 }]);
    expect(unwritten).toEqual(['blank']);
    expect(survivals.map((item) => [item.contact.target.part, item.steps, item.from, item.to])).toEqual([
      ['neck', 3, { transition: 'one', step: 1 }, { transition: 'two', step: 1 }],
      ['ankle', 2, { transition: 'three', step: 1 }, { transition: 'three', step: 2 }],
      ['hip', 1, { transition: 'one', step: 2 }, { transition: 'one', step: 2 }],
      ['knee', 1, { transition: 'two', step: 1 }, { transition: 'two', step: 1 }],
    ]);
  });
});
