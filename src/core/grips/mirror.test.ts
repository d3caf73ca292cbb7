import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkTree, type TreeDocument } from '../tree';
import { demoTree } from '../../../demo/demoTree';
import { mine, position, tree } from '../../../tests/support/smallTree';
import { findVanishing, isCloth, mirrorSteps, mirrorText, mirrorTree, parseContacts, withoutUniform } from './index';

const held = (text: string) => {
  const parsed = parseContacts(text);
  if (!parsed.ok) throw new Error(parsed.error.join(' '));
  return parsed.value;
};

describe('the other side', () => {
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
          [mine('left-right', 'left', 'right', { name: `m ${name}`, tags: bound ? ['one side only'] : [], steps: [{ note, contacts: held('left hand right ankle') }] })],
        ); // prettier-ignore
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
});

describe('without the uniform', () => {
  const cloth = held('right hand far lapel, left hand far sleeve cuff to my hip [both], head chest');
  const steps = [{ contacts: [{ ...cloth[0]!, substitute: { athlete: 'opponent' as const, part: 'back of the neck' } }, ...cloth.slice(1)] }]; // prettier-ignore
  const doc = tree([position('a'), position('b')], [mine('drag', 'a', 'b', { steps })]);
  it('names what vanishes, with what was declared in its place and what usually serves', () => {
    expect(findVanishing(doc).map((item) => [item.step, item.contact.part, item.substitute?.part ?? null, item.suggested?.part ?? null])).toEqual([
      [1, 'rightHand', 'back of the neck', 'back of the neck'],
      [1, 'leftHand', null, 'wrist'],
    ]); // prettier-ignore
  });
  it('the steps are derived: declared substitutes stand, the rest is let go', () => {
    const [step] = withoutUniform(steps);
    expect(step!.contacts.map((contact) => [contact.part, contact.target.part])).toEqual([['rightHand', 'back of the neck'], ['head', 'chest']]); // prettier-ignore
    expect(step!.contacts.some((contact) => isCloth(contact.target))).toBe(false);
    expect(withoutUniform(withoutUniform(steps))).toEqual(withoutUniform(steps));
  });
});
