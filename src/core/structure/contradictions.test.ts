import { describe, expect, it } from 'vitest';
import { mine, position, reaction, tree } from '../../../tests/support/smallTree';
import { findContradictoryPreferences, findIdleOptions } from './contradictions';
import { findFindings } from '../findings';
import { findProvoked } from './provoked';

const cue = (id: string, ...values: string[]) => ({
  id,
  name: id,
  kind: 'cue' as const,
  closed: true,
  values: values.map((value) => ({ id: value, name: value, kind: 'other' as const })),
});
const kindsOf = (doc: Parameters<typeof findFindings>[0]): string[] => findFindings(doc).list.map((finding) => finding.kind);

describe('options that answer nothing', () => {
  const transitions = [mine('step over', 'lock', 'pin', { when: { hips: ['flat'] } }), mine('push', 'lock', 'pin')];
  const at = (reads: ReturnType<typeof reaction>) =>
    tree([position('lock', { reads: [cue('hips', 'flat'), ...reads] }), position('pin', { ends: 'settled' })], transitions);
  it('are silent where every cue is closed: no “nothing special” is left for them', () => {
    expect(findIdleOptions(at([]))).toEqual(['push']);
    expect(kindsOf(at([]))).toContain('idleOption');
  });
  it('an open reaction leaves them “nothing special”; a place without reads “whatever he does”', () => {
    expect(findIdleOptions(at(reaction('frames')))).toEqual([]);
    expect(findIdleOptions(tree([position('a'), position('b')], [mine('go', 'a', 'b')]))).toEqual([]);
  });
});

describe('provoked reactions', () => {
  const doc = tree(
    [position('shield', { reads: reaction('extends', 'lifts') }), position('cut', { reads: reaction('underhooks') }), position('pin')],
    [
      mine('shake', 'shield', 'shield', { provokes: ['extends', 'lifts'] }),
      mine('slide', 'shield', 'cut', { when: { he: ['extends'] }, provokes: ['underhooks'] }),
    ],
  );
  it('name the options they serve, at the place led to or the place of the feint', () => {
    expect(findProvoked(doc)).toEqual([
      { transition: 'shake', position: 'shield', value: 'extends', serves: ['slide'] },
      { transition: 'shake', position: 'shield', value: 'lifts', serves: [] },
      { transition: 'slide', position: 'cut', value: 'underhooks', serves: [] },
    ]);
  });
  it('what is provoked and has no answer is found', () => {
    const found = findFindings(doc).list.filter((finding) => finding.kind === 'provokesGap');
    expect(found.map((finding) => [finding.position, finding.key])).toEqual([
      ['shield', 'provokesGap/shake/lifts'],
      ['cut', 'provokesGap/slide/underhooks'],
    ]);
  });
});

describe('preferences', () => {
  it('a value both preferred and never is a contradiction; the same word in two parameters is not', () => {
    const parameters = [
      { name: 'outer hand', values: ['ankle', 'shin'], never: [{ value: 'shin' }] },
      { name: 'inner hand', values: ['hip'], never: [{ value: 'ankle' }] },
    ];
    const doc = tree([position('a'), position('b')], [mine('drag', 'a', 'b', { parameters })]);
    expect(findContradictoryPreferences(doc)).toEqual([{ transition: 'drag', parameter: 'outer hand', values: ['shin'] }]);
    expect(kindsOf(doc)).toContain('preferredNever');
  });
});
