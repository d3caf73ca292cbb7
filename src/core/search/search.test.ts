import { describe, expect, it } from 'vitest';
import { getCatalogue } from '../catalogue';
import { emptyTree } from '../tree';
import { demoTree } from '../../../demo/demoTree';
import { mine, position, tree as smallTree } from '../../../tests/support/smallTree';
import { searchTree } from './searchTree';

const tree = {
  ...smallTree(
    [
      position('a', {
        name: 'Tide guard',
        aliases: ['wave guard'],
        notes: 'Only against longer legs',
        reads: [
          {
            id: 'he',
            name: 'he …',
            kind: 'reaction',
            values: [{ id: 'pummels', name: 'pummels in', kind: 'hook', cue: 'his heel leaves the mat' }],
          },
          { id: 'knee', name: 'inside knee', kind: 'cue', values: [{ id: 'out', name: 'points out', kind: 'other' }] },
        ],
      }),
      position('b', { name: 'Shore' }),
    ],
    [
      mine('t', 'a', 'b', {
        name: 'wade round',
        checkpoints: ['chin stays low'],
        mistakes: [{ error: 'elbow flies', correction: 'glue it to the ribs' }],
      }),
    ],
  ),
  profiles: [{ id: 'runa', name: 'Runa Falk', of: 'athlete' as const }],
};
const first = (typed: string) => searchTree(tree, null, typed)[0];

describe('finding again', () => {
  it('finds names, other words, shows, cues, moves, mistakes, checkpoints, notes and people, a letter forgiven', () => {
    expect(first('tide')).toEqual({ kind: 'place', text: 'Tide guard', of: '', position: 'a', at: null });
    expect(first('wave gaurd')).toMatchObject({ kind: 'place', position: 'a' });
    expect(first('pumels')).toMatchObject({ kind: 'show', text: 'he pummels in', of: 'Tide guard', at: 'pummels' });
    expect(first('heel leaves')).toMatchObject({ kind: 'show', at: 'pummels' });
    expect(first('inside knee out')).toMatchObject({ kind: 'show', text: 'inside knee: points out' });
    expect(first('wade')).toEqual({ kind: 'move', text: 'I wade round', of: 'Tide guard', position: 'a', at: 't' });
    expect(first('ribs')).toMatchObject({ kind: 'mistake', of: 'I wade round', at: 't' });
    expect(first('chin low')).toMatchObject({ kind: 'checkpoint', at: 't' });
    expect(first('longer')).toMatchObject({ kind: 'note', position: 'a', at: null });
    expect(first('Falk')).toEqual({ kind: 'person', text: 'Runa Falk', of: '', position: null, at: 'runa' });
    expect([first(''), first('…'), first('constructor')]).toEqual([undefined, undefined, undefined]);
  });
  it('looks in the own tree first, then in the catalogue', () => {
    const hits = searchTree(demoTree(), getCatalogue(), 'knee shield');
    const at = hits.findIndex((hit) => hit.kind === 'catalogue');
    expect(hits[0]).toMatchObject({ kind: 'place', text: 'Knee shield' });
    expect(at).toBeGreaterThan(0);
    expect(hits.slice(at).every((hit) => hit.kind === 'catalogue')).toBe(true);
    expect(searchTree(emptyTree('e', 'E'), getCatalogue(), 'saddle')[0]).toMatchObject({
      kind: 'catalogue',
      position: 'crossed-entanglement',
    });
  });
});
