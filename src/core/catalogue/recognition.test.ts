import { describe, expect, it } from 'vitest';
import { required } from '../base';
import { held } from '../../../tests/support/held';
import { position } from '../../../tests/support/smallTree';
import { spokenShows } from '../dictation';
import type { Position } from '../tree';
import { getCatalogue } from './catalogue';
import { cuesCalled, KNOWN_CUES, sayCue } from './cues';
import { guessSigns } from './guessSigns';
import { recognise } from './recognition';
import { contradict } from './signs';

const catalogue = getCatalogue();
const guess = (extra: Partial<Position>, of = catalogue): string[] => guessSigns(position('x', extra), of).map(({ sign }) => sign);
const his = (text: string) => held(text);

describe('signs that are guessed', () => {
  it('are the catalogue’s where the place has that very name, or another word for it', () => {
    const entry = required(
      catalogue.positions.find((item) => item.position.id === 'de-la-riva'),
      'an entry',
    );
    expect(new Set(guess({ name: entry.position.name.toUpperCase() }))).toEqual(new Set(entry.signs));
    expect(new Set(guess({ name: 'Mine', aliases: [entry.position.aliases![0]!] }))).toEqual(new Set(entry.signs));
  });
  it('come from the legs, the words, his holds and the kind of place', () => {
    expect(guess({ name: 'One', legRelation: 'his hook outside my lead leg' })).toEqual(['hook-outside']);
    expect(guess({ name: 'Two', legRelation: 'both feet on my hips' })).toEqual(['feet-on-hips']);
    expect(guess({ name: 'Three', legRelation: 'one of his between mine' })).toEqual(['his-leg-between']);
    expect(guess({ name: 'Four', family: 'closed' })).toEqual(['legs-locked']);
    expect(
      guess({
        name: 'Five',
        theirHolds: his('his left hand far lapel, his right hand near sleeve cuff, his left foot near hip'),
      }).toSorted(),
    ).toEqual(['collar', 'foot-on-hip', 'sleeve']);
    expect(guess({ name: 'Six', theirHolds: his('his left hand near wrist, his right hand far wrist') })).toEqual(['both-sleeves']);
    expect(guess({ name: 'Seven' })).toEqual([]);
  });
  it('never contradict one another or what is ticked, and never repeat it', () => {
    expect(guess({ name: 'Eight', family: 'half', signs: ['legs-locked'] })).toEqual([]);
    expect(guess({ name: 'Nine', family: 'half', signs: ['leg-between'] })).toEqual([]);
    for (const { position: entry } of catalogue.positions) {
      const signs = guessSigns({ ...entry, signs: [] }, catalogue).map(({ sign }) => sign);
      for (const a of signs) for (const b of signs) expect(contradict(a, b)).toBe(false);
    }
  });
  it('without the entry itself, of all places of the catalogue, are right more often than not', () => {
    let [right, all] = [0, 0];
    for (const entry of catalogue.positions) {
      const others = { ...catalogue, positions: catalogue.positions.filter((item) => item !== entry) };
      const signs = guessSigns({ ...entry.position, signs: [] }, others);
      right += signs.filter(({ sign }) => entry.signs.includes(sign)).length;
      all += signs.length;
    }
    expect(all).toBeGreaterThan(40);
    expect(right / all).toBeGreaterThan(0.7);
  });
});

describe('the recognition card', () => {
  it('says the legs, how one stands, what is seen and held, and what of that is cloth', () => {
    const card = recognise(
      position('x', {
        legRelation: 'hook outside',
        stance: 'standing',
        distance: 'middle',
        signs: ['hook-outside', 'nonsense'],
        theirHolds: his('his left hand near sleeve cuff, his right hand near ankle'),
      }),
    );
    expect(card).toMatchObject({ legs: 'hook outside', seen: ['his feet and knees: a hook outside my lead leg'] });
    expect(card.stands).toMatch(/, /);
    expect(card.holds).toHaveLength(2);
    expect(card.cloth).toHaveLength(1);
    expect(card.cloth[0]).toContain('his left hand near sleeve cuff: without the cloth');
  });
  it('has nothing on it that is not said', () => {
    expect(recognise(position('x'))).toEqual({ legs: null, stands: null, seen: [], holds: [], cloth: [] });
  });
});

describe('cues of the catalogue', () => {
  const names = (typed: string): string[] => cuesCalled(typed).map(({ name }) => name);
  it('are found by what a coach would type', () => {
    expect(names('aggressive')).toEqual(['his temper']);
    expect(names('he is aggressive')).toEqual(['his temper']);
    expect(names('speed')).toEqual(['his speed']);
    expect(names('pushes to the side')).toEqual(['he pushes']);
    expect(names('his hips')).toContain('his hips');
    expect(names('frames on the neck')).toEqual([]);
    expect([names('h'), names(''), names('his hips: flat')]).toEqual([[], [], []]);
  });
  it('are read back by the line as a cue with these values', () => {
    for (const cue of KNOWN_CUES) {
      const { cue: name, shows } = spokenShows(sayCue(cue));
      expect([name, ...shows.map((show) => show.name)]).toEqual([cue.name, ...cue.values]);
    }
  });
});
