import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkTree, type TreeDocument } from '../tree';
import { findCertainFacts, findGripFindings } from '../grips';
import { findVanishing, isCloth, bareTree, withoutUniform } from './withoutCloth';
import { filterTree } from './filter';
import { mirrorSteps, mirrorText, mirrorPart, mirrorTree, branchAt } from './mirror';
import { sayProblem } from '../words';
import { demoTree } from '../../../demo/demoTree';
import { randomWorld } from '../../../tests/support/randomWorld';
import { withRandomGrips } from '../../../tests/support/withRandomGrips';
import { held } from '../../../tests/support/held';
import { mine, position, tree } from '../../../tests/support/smallTree';

describe('the other side', () => {
  it.each([
    ['his hips left on the floor, my left knee in', 'his hips left on the floor, my right knee in'],
    ['arm left behind', 'arm left behind'],
    ['the leg I left the hook on', 'the leg I left the hook on'],
    ['knee right on the mat', 'knee right on the mat'],
    ['left on the collar, right on the belt', 'right on the collar, left on the belt'],
    ['he turns left on his hip', 'he turns right on his hip'],
    ['post on his left in front', 'post on his right in front'],
    ['push with the left to the right', 'push with the right to the left'],
  ])('a verb is no side: %s', (text, mirrored) => {
    expect(mirrorText(text)).toBe(mirrored);
    expect(mirrorText(mirrored)).toBe(text);
  });
  it('exchanges left and right in words, parts and sides, keeps capitals, and knows what is neither', () => {
    expect(mirrorText('Left hand, RIGHT foot; rightKnee')).toBe('Right hand, LEFT foot; leftKnee');
    expect(mirrorText('step right away at a right angle to his left')).toBe('step right away at a right angle to his right');
    expect(mirrorText('upright, lefty')).toBe('upright, lefty');
    const [step] = mirrorSteps([{ note: 'left first', contacts: held('right hand left knee outside, head mat') }]);
    expect(step).toEqual({ note: 'right first', contacts: held('left hand right knee outside, head mat') });
  });
  it('twice is the original, ids and links untouched, and a checked tree stays one', () => {
    const words = fc.stringMatching(/^(left |right |leftHand |away |angle |step ){0,6}$/);
    fc.assert(
      fc.property(words, words, fc.boolean(), (name, note, bound) => {
        const doc: TreeDocument = tree(
          [position('left', { name: `p ${name}` }), position('right', { notes: note, ends: 'settled' })],
          [
            mine('left-right', 'left', 'right', {
              name: `m ${name}`,
              tags: bound ? ['one side only'] : [],
              steps: [{ note, contacts: held('left hand right ankle') }],
            }),
          ],
        );
        const once = mirrorTree(doc);
        expect(mirrorTree(once.tree).tree).toEqual(doc);
        expect(once.tree.transitions[0]).toMatchObject({ id: 'left-right', from: 'left', to: 'right' });
        expect(once.skipped).toEqual(bound ? ['left-right'] : []);
        expect(checkTree(once.tree).ok).toBe(checkTree(doc).ok);
      }),
      { numRuns: 200, seed: 51 },
    );
    expect(mirrorTree(mirrorTree(demoTree()).tree).tree).toEqual(demoTree());
  });
  it('of random trees with grips too, the whole or a branch of them', () => {
    fc.assert(
      fc.property(fc.nat(1e5), fc.nat(19), (seed, at) => {
        const doc = withRandomGrips(randomWorld(seed, { positions: 20, transitions: 50 }), 200, seed);
        expect(mirrorTree(mirrorTree(doc).tree).tree).toEqual(doc);
        const part = branchAt(doc, `p${at}`);
        const once = mirrorPart(doc, part).tree;
        expect(mirrorPart(once, part).tree).toEqual(doc);
        expect(once).not.toEqual(mirrorTree(doc).tree);
      }),
      { numRuns: 40, seed: 52 },
    );
  });
});

describe('what hangs on the hands', () => {
  it('turns with them: a need that is a hold, what a start is given, what was set aside; a word of the coach’s own stays', () => {
    const doc = tree(
      [position('a', { holds: held('left hand far hip') }), position('b')],
      [
        mine('drive', 'a', 'b', {
          needs: ['left hand far hip', 'left side won'],
          steps: [{ contacts: held('left hand far hip, left hand far knee') }],
        }),
      ],
      { starts: [{ position: 'a', facts: ['right hand far lapel', 'left side won'] }] },
    );
    const [booked] = findGripFindings(doc);
    const { tree: turned } = mirrorTree({
      ...doc,
      dismissals: [
        { finding: booked!.key, reason: 'slides' },
        { finding: 'deadEnd/left', reason: 'later' },
      ],
    });
    expect(turned.transitions[0]!.needs).toEqual(['right hand far hip', 'left side won']);
    expect(turned.starts[0]!.facts).toEqual(['left hand far lapel', 'left side won']);
    expect(findCertainFacts(turned).missing).toEqual([]);
    expect(turned.dismissals!.map((item) => item.finding)).toEqual([findGripFindings(turned)[0]!.key, 'deadEnd/left']);
  });
  it('so the other side has the same findings, in the demo too', () => {
    const { tree: turned } = mirrorTree(demoTree());
    const said = (doc: TreeDocument): string[] => [
      ...findGripFindings(doc).map((item) => sayProblem(item.problem).what),
      ...findCertainFacts(doc).missing.map((item) => `${item.transition}: ${item.fact}`),
    ];
    expect(said(turned).length).toBeGreaterThan(3);
    expect(said(turned)).toEqual(said(demoTree()).map(mirrorText));
  });
});

describe('a branch for the other side', () => {
  const ways = tree(
    [position('left guard'), position('other'), position('left hub'), position('pin'), position('shared')],
    [
      mine('left in', 'left guard', 'left hub'),
      mine('left on', 'left hub', 'pin'),
      mine('left round', 'left hub', 'shared'),
      mine('left along', 'other', 'shared'),
    ],
    { starts: [{ position: 'left guard' }, { position: 'other' }] },
  );
  it('is what hangs on a place alone; where others come too stays, and twice is the original', () => {
    const part = branchAt(ways, 'left hub');
    expect([[...part.positions], [...part.transitions]]).toEqual([
      ['left hub', 'pin'],
      ['left on', 'left round'],
    ]);
    const { tree: once } = mirrorPart(ways, part);
    expect(once.positions.map((item) => item.name)).toEqual(['left guard', 'other', 'right hub', 'pin', 'shared']);
    expect(once.transitions.map((item) => item.name)).toEqual(['left in', 'right on', 'right round', 'left along']);
    expect(mirrorPart(once, part).tree).toEqual(ways);
  });
});

describe('what names other things', () => {
  it('is not turned: ids, tags, schools, signs', () => {
    const named = { tags: ['left heel', 'not short left legs'], schools: ['left side first'], provokes: ['left'] };
    const doc = tree(
      [
        position('left', {
          name: 'on the left',
          signs: ['left-knee-up'],
          reads: [{ id: 'left', name: 'left knee', kind: 'cue', values: [{ id: 'left', name: 'left', kind: 'other' }] }],
        }),
      ],
      [
        mine('left', 'left', 'left', {
          ...named,
          when: { left: ['left'] },
          stoppedBy: ['left'],
          name: 'step left',
          needs: ['left side won', 'left hand far hip'],
        }),
      ],
      { schools: ['left side first'] },
    );
    const { tree: turned } = mirrorTree(doc);
    expect(turned.transitions[0]).toMatchObject({
      ...named,
      id: 'left',
      when: { left: ['left'] },
      stoppedBy: ['left'],
      name: 'step right',
      needs: ['left side won', 'right hand far hip'],
    });
    expect(turned.positions[0]).toMatchObject({
      id: 'left',
      name: 'on the right',
      signs: ['left-knee-up'],
      reads: [{ id: 'left', name: 'right knee', values: [{ id: 'left', name: 'right' }] }],
    });
  });
});

describe('without the uniform', () => {
  const cloth = held('right hand far lapel, left hand far sleeve cuff to my hip [both], head chest');
  const steps = [
    { contacts: [{ ...cloth[0]!, substitute: { athlete: 'opponent' as const, part: 'back of the neck' } }, ...cloth.slice(1)] },
  ];
  const doc = tree([position('a'), position('b')], [mine('drag', 'a', 'b', { steps })]);
  it('names what vanishes, with what was declared in its place and what usually serves', () => {
    expect(
      findVanishing(doc).map((item) => [item.step, item.contact.part, item.substitute?.part ?? null, item.suggested?.part ?? null]),
    ).toEqual([
      [1, 'rightHand', 'back of the neck', 'back of the neck'],
      [1, 'leftHand', null, 'wrist'],
    ]);
  });
  it('holds of places too, mine and his, and cloth that is said of another part', () => {
    const places = tree([position('a', { holds: held('left hand belt'), theirHolds: held('his left hand wrist at the sleeve') })], []);
    expect(
      findVanishing(places).map(({ position: at, transition, step, contact, suggested }) => [
        at,
        transition,
        step,
        contact.part,
        suggested?.part,
      ]),
    ).toEqual([
      ['a', null, 0, 'leftHand', 'hips'],
      ['a', null, 0, 'leftHand', 'wrist'],
    ]);
    expect(filterTree(places, { context: 'noGi' }).tree.positions[0]).toMatchObject({ holds: [], theirHolds: [] });
  });
  it('the steps are derived: declared substitutes stand, the rest is let go', () => {
    const [step] = withoutUniform(steps);
    expect(step!.contacts.map((contact) => [contact.part, contact.target.part])).toEqual([
      ['rightHand', 'back of the neck'],
      ['head', 'chest'],
    ]);
    expect(step!.contacts.some((contact) => isCloth(contact.target))).toBe(false);
    expect(withoutUniform(withoutUniform(steps))).toEqual(withoutUniform(steps));
  });
  it('an alternative that is no cloth serves as declared; his cloth grips cannot block, and what only they enable never is', () => {
    const either = held('right hand far lapel or back of the neck');
    expect(withoutUniform([{ contacts: either }])[0]!.contacts).toEqual(held('right hand back of the neck'));
    const [collar, wrist] = [held('his left hand collar'), held('his right hand near wrist')];
    const transition = mine('drag', 'a', 'b', {
      blockedBy: [collar, wrist, [...collar, ...wrist]],
      enabledBy: [collar],
      needs: ['right hand far lapel', 'left hand far hip', 'lapel won'],
    });
    const bare = bareTree(tree([position('a', { holds: either }), position('b')], [transition]));
    expect(bare.transitions[0]).toMatchObject({ blockedBy: [wrist], enabledBy: [collar], needs: ['left hand far hip', 'lapel won'] });
    expect(bare.positions[0]!.holds).toEqual(held('right hand back of the neck'));
  });
});
