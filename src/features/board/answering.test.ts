import { describe, expect, it } from 'vitest';
import { spokenMove } from '@/core/dictation';
import { findCoverage } from '@/core/structure';
import type { Read } from '@/core/tree';
import { demoTree } from '../../../demo/demoTree';
import { findOptions } from './find';
import { combinationCaret, landingCaret, landOn } from './typing/branch';
import { landingOptions } from './typing/options';
import { position, tree as smallTree } from '../../../tests/support/smallTree';

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
    const landing = landingCaret(caret as Parameters<typeof landingCaret>[0], spokenMove('cut'));
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
  it('with a letter wrong, too, but what was typed comes first', () => {
    expect(names('kne shield')[0]).toBe('Knee shield');
    const doc = smallTree([position('from', { name: 'Open' }), position('half', { name: 'Half guard' })], []);
    const offered = (typed: string) =>
      landingOptions(
        doc,
        { kind: 'landing', position: 'from', move: spokenMove('x'), actor: 'owner', read: null, value: null, transition: null },
        typed,
        null,
      ).map((option) => option.label);
    expect(offered('half gua')[0]).toBe('Half guard');
    expect(offered('Calf guard')).toEqual(expect.arrayContaining(['Calf guard', 'Half guard']));
  });
  it('offers something before anything is typed', () => {
    expect(names('').length).toBeGreaterThan(0);
  });
});
