import { describe, expect, it } from 'vitest';
import { findCoverage, findFindings } from '@/core/structure';
import type { Read, TreeDocument } from '@/core/tree';
import { findingText, plankText, SHARE_CHOICES, shareText } from '@/core/words';
import { demoTree } from '../../../demo/demoTree';
import { findOptions } from './find';
import { combinationCaret, landingCaret, landOn } from './caret/branch';
import { mine, position, tree as smallTree } from '../../../tests/support/smallTree';

const read = (kind: Read['kind'], shares: readonly (number | undefined)[]): Read => ({
  id: 'r',
  name: 'inside knee',
  kind,
  values: shares.map((share, i) => ({ id: `v${i}`, name: `v${i}`, kind: 'other' as const, ...(share === undefined ? {} : { share }) })),
});

describe('shares in words', () => {
  it('every word the coach can choose is the word that is shown', () => {
    for (const [word, share] of SHARE_CHOICES) expect(shareText(read('reaction', [share]), 'v0')).toMatch(new RegExp(`^${word}, `));
  });
  it('a share that was not typed says that it is an equal part', () => {
    expect(shareText(read('reaction', [undefined, undefined]), 'v0')).toBe('33 in 100, an equal part');
    expect(shareText(read('cue', [undefined, undefined]), 'v1')).toBe('50 in 100, an equal part');
  });
  it('beside other reads a cue says whose it is', () => {
    expect(plankText(read('cue', [0.5, 0.5]), 'v0')).toBe('inside knee, 50 in 100');
    expect(plankText(read('reaction', [0.5]), 'v0')).toBe('mostly, 50 in 100');
  });
});

describe('the newer findings in words', () => {
  const doc: TreeDocument = smallTree(
    [
      position('a', { name: 'Stack', tempo: 'actNow', reads: [{ id: 'empty', name: 'knee', kind: 'cue', values: [] }] }),
      position('b', { name: 'stack' }),
    ],
    [mine('walk', 'a', 'b', { needs: ['foot off'] }), mine('back', 'b', 'a', { undoes: ['grip'], makes: ['foot on'] })],
  );
  it('names the place, what is missing and the way that leads there', () => {
    const texts = new Map(findFindings(doc).list.map((finding) => [finding.kind, findingText(doc, finding)]));
    expect(texts.get('sameName')).toMatchObject({ place: 'Stack', what: '2 places have this name' });
    expect(texts.get('emptyRead')).toMatchObject({ what: '“knee” has nothing to see' });
    expect(texts.get('lateBranch')).toMatchObject({ what: 'Nothing says early or late' });
    expect(texts.get('missingFact')).toMatchObject({ what: 'I walk: needs “foot off”', why: 'Nothing in the tree does that.' });
  });
});

describe('answering a combination of cues', () => {
  const cue = (id: string, ...values: string[]): Read => ({
    id,
    name: id,
    kind: 'cue',
    closed: true,
    values: values.map((value) => ({ id: value, name: value, kind: 'other' })),
  });
  const doc = smallTree([position('a', { reads: [cue('knee', 'in', 'out'), cue('arm', 'under', 'over')] }), position('b')], []);
  it('names every cue of it, so that the combination is covered', () => {
    const caret = combinationCaret('a', { knee: 'in', arm: 'over' });
    const landing = landingCaret(caret as Parameters<typeof landingCaret>[0], 'cut');
    const { tree: after } = landOn(doc, landing, 'b');
    expect(after.transitions[0]!.when).toEqual({ knee: ['in'], arm: ['over'] });
    expect(findCoverage(after)[0]!.cells.filter((cell) => cell.covered === 'once')).toHaveLength(1);
  });
});

describe('finding a position', () => {
  const tree = demoTree();
  const names = (typed: string): string[] => findOptions(tree, typed).map((option) => option.label);
  it('by any part of its name, the best match first', () => {
    expect(names('knee sh')[0]).toBe('Knee shield');
    expect(names('LOCK')).toContain('Body lock');
    expect(names('no such place')).toEqual([]);
  });
  it('offers something before anything is typed', () => {
    expect(names('').length).toBeGreaterThan(0);
  });
});
