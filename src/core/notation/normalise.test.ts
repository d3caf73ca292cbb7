import { describe, expect, it } from 'vitest';
import { canonical, normaliseTree } from './normalise';
import { mine, position, tree } from '../../../tests/support/smallTree';

describe('the normal form', () => {
  it('leaves out false, empty lists and records, and what is absent; lists that belong there stay', () => {
    expect(canonical({ unsure: false, announced: true, tags: [], when: {}, notes: undefined, lines: [], seconds: 0, name: '' })).toEqual({
      announced: true,
      lines: [],
      seconds: 0,
      name: '',
    });
    const doc = tree(
      [position('a', { heSeesItFirst: false, wordingUnsure: false })],
      [mine('t', 'a', 'a', { announced: false, unsure: false })],
    );
    expect(JSON.stringify(normaliseTree(doc))).not.toContain('false');
  });
  it('has the lines of a place and of each school from the feet up', () => {
    const doc = tree([position('a', { lines: ['head', 'feet'], bySchool: [{ school: 's', lines: ['chest', 'feet', 'hips'] }] })], [], {
      schools: ['s'],
    });
    expect(normaliseTree(doc).positions[0]).toMatchObject({ lines: ['feet', 'head'], bySchool: [{ lines: ['feet', 'hips', 'chest'] }] });
  });
  it('is its own normal form', () => {
    const doc = tree([position('a', { lines: ['head', 'feet'] })], [mine('t', 'a', 'a', { announced: false })]);
    expect(normaliseTree(normaliseTree(doc))).toEqual(normaliseTree(doc));
  });
});
