import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../../demo/demoTree';
import { unitOf, type Chosen, type Proposal } from '../../classes';
import { sayGone, sayImpossible, sayLeftOut, sayNotMet, sayReasons, sayWeighed } from './proposals';

const tree = demoTree();
const unit = unitOf(tree, { kind: 'move', of: ['body-lock-i-step-over-to-the-flat-side'] })!;
const round = unitOf(tree, { kind: 'round', of: ['body-lock'] })!;
const chosen = (more: Partial<Chosen>): Chosen => ({
  ...{ unit, minutes: 11, benefit: 0.012, once: [], isNew: false, staleness: 0.4, isMust: false, neededBy: [] },
  ...more,
});
const reasons = (more: Partial<Chosen>, others: readonly Chosen[] = []) =>
  sayReasons(tree, chosen(more), [chosen(more), ...others]).join(' ');

describe('why a unit is in', () => {
  it('is what it brings, how stale it is, what is new, asked for, wrong, or builds on it', () => {
    expect(reasons({})).toBe('Its practice brings +1.2 in 100 rounds; 40 in 100 of it is forgotten.');
    expect(reasons({ staleness: 0 })).toBe('Its practice brings +1.2 in 100 rounds; fresh.');
    expect(reasons({ isNew: true, isMust: true })).toBe('You asked for it. Its practice brings +1.2 in 100 rounds. New to most of them.');
    const once = (kind: 'teach' | 'mistake', worth: number) => [{ key: kind, kind, transition: unit.transitions[0]!, worth }];
    expect(reasons({ once: once('mistake', 0) })).toContain('A mistake in “I step over to the flat side” was seen this week.');
    expect(reasons({ once: once('teach', 0.03) })).toContain('is announced and not taught yet: +3.0.');
    expect(reasons({ once: once('teach', 0) })).toContain('is announced and not taught yet.');
    expect(reasons({ neededBy: [round.key] }, [chosen({ unit: round })])).toContain('“round: Body lock” builds on it.');
  });
  it('is always said, however little it brings', () => {
    expect(reasons({ benefit: 0, isNew: true })).toBe('New to most of them.');
    expect(reasons({ unit: round, benefit: 0 })).toBe('A class ends with rounds from where its parts are.');
    expect(reasons({ benefit: 0, staleness: 0.02 })).toBe('Fresh.');
  });
});

describe('what is not in, or cannot be', () => {
  it('has a reason', () => {
    const left = { unit, benefit: 0.01, needs: ['a', 'b'], minutes: 11 };
    expect((['needs', 'room', 'new', 'phase', 'brings'] as const).map((why) => sayLeftOut({ ...left, why }))).toEqual([
      'builds on 2 parts that would have to come with it',
      'needs 11 minutes that are not left',
      'too much that is new in one class',
      'enough of its kind is in',
      'brings less for its minutes',
    ]);
  });
  it('is said with the slot that would do', () => {
    const proposal = { givenUp: ['place', 'musts'], without: ['x'], needs: 64.5 } as unknown as Proposal;
    expect(sayNotMet(() => 'part: I cut', proposal, 10)).toEqual([
      'No class about one place alone fits: its units are about several.',
      '“part: I cut”, which you asked for, has no room.',
      'With all that you asked for the slot would have to be 75 minutes.',
    ]);
    expect(sayImpossible({ impossible: 'time', needs: 7 }, 10, true, false)).toBe(
      'No unit fits: the shortest class that can be made needs a slot of 17 minutes.',
    );
    expect(sayImpossible({ impossible: 'nothing', needs: null }, 10, false, false)).toMatch(/^There is nothing to drill/);
    expect(sayImpossible({ impossible: 'nothing', needs: null }, 10, false, true)).toMatch(/^Nobody who comes may do any of these drills/);
    expect([sayGone(0), sayGone(1)[0], sayWeighed(5, 5), sayWeighed(300, 900)[0]]).toEqual([
      [],
      'One unit that you asked for is not in the tree as it is looked at here.',
      [],
      'Of 900 drills of this tree the 300 that bring most for their minutes were weighed.',
    ]);
  });
});
