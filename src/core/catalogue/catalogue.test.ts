import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findBranches } from '../classes';
import { findHandOvers, gripProblemsOf } from '../grips';
import { sayProblem } from '../words';
import { findUnreachable } from '../structure';
import { checkTree, containsMarkup, emptyTree, isGoal, LINES, type Context, type TreeDocument } from '../tree';
import { contradict, saySign, SIGNS, type Sign } from './signs';
import {
  findTransitionsFor,
  findTakeable,
  findTaken,
  findUnconfirmed,
  withConfirmed,
  withEntry,
  withCatalogueTransition,
  withTakenTransition,
} from './take';
import { findCandidates, placeOf, type Place, type Seen } from './finder';
import { getCatalogue } from './catalogue';
import { isOneLetterOff } from '../base';
import { searchCatalogue } from './search';

const catalogue = getCatalogue();
const entries = catalogue.positions;
const entry = (id: string) => entries.find((item) => item.position.id === id)!;
/** The whole catalogue as one tree. */
const whole: TreeDocument = {
  ...emptyTree('whole', 'Whole catalogue'),
  starts: entries
    .filter(({ position }) => position.lines.length === 0 && position.family !== 'lost')
    .map(({ position }) => ({ position: position.id })),
  positions: entries.map(({ position }) => position),
  transitions: catalogue.transitions.map(({ transition }) => transition),
};

describe('the catalogue', () => {
  it('is as large as promised, over all families', () => {
    expect(entries.length).toBeGreaterThanOrEqual(75);
    expect(catalogue.transitions.length).toBeGreaterThanOrEqual(150);
    const values = entries.flatMap(({ position }) => position.reads.flatMap((read) => read.values));
    expect(values.length).toBeGreaterThanOrEqual(150);
    expect(values.every((value) => value.cue && value.cue.length > 3)).toBe(true);
    const families = new Set(entries.map(({ position }) => position.family));
    expect([...families].sort()).toEqual([
      'back',
      'closed',
      'entanglement',
      'half',
      'hub',
      'lost',
      'open',
      'pin',
      'standing',
      'submission',
      'transit',
      'turtle',
    ]);
  });
  it('writes the steps of at least forty moves, and in none of them do the hands not add up, with the jacket or without', () => {
    const written = catalogue.transitions.flatMap(({ transition }) => (transition.steps ? [transition] : []));
    expect(written.length).toBeGreaterThanOrEqual(40);
    for (const transition of written) {
      const says = [['gi'], ['noGi']].flatMap((contexts) =>
        gripProblemsOf(
          { contexts: contexts as Context[] },
          { ...transition, contexts: transition.contexts ?? [] },
          whole.positions.find((position) => position.id === transition.from)!,
        ).map((item) => `${transition.id}: ${sayProblem(item).what}`),
      );
      expect(says).toEqual([]);
      expect(transition.steps!.length, transition.id).toBeGreaterThanOrEqual(3);
      expect(findHandOvers(transition.steps!).length, transition.id).toBeGreaterThan(0);
    }
  });
  it('has no empty field, no unknown word, and every reference met', () => {
    expect(checkTree(whole)).toMatchObject({ ok: true });
    for (const { position, signs, feeder } of entries) {
      const texts = [
        position.name,
        position.tempoReason,
        position.windowCloses,
        position.legRelation,
        feeder,
        ...(position.aliases ?? []),
        ...(position.hazards ?? []),
      ];
      expect(
        texts.every((text) => text !== undefined && text.trim().length > 1 && !containsMarkup(text)),
        position.id,
      ).toBe(true);
      expect(position.aliases!.length, position.id).toBeGreaterThan(0);
      expect(signs.length, position.id).toBeGreaterThan(0);
      for (const sign of signs) for (const other of signs) expect(contradict(sign, other), `${position.id}: ${sign}, ${other}`).toBe(false);
      expect(position.ends !== undefined || position.reads.length > 0, position.id).toBe(true);
    }
    for (const { transition, feeder } of catalogue.transitions) {
      if (transition.actor === 'opponent') expect(feeder.length, transition.id).toBeGreaterThan(3);
      else
        for (const mistake of transition.mistakes!)
          expect(
            Object.values(mistake).every((text) => text.length > 3),
            transition.id,
          ).toBe(true);
    }
  });
  it('spells the sport’s terms as the glossary does, everywhere but in aliases', () => {
    const glossary = readFileSync('docs/GLOSSARY.md', 'utf8');
    const terms = /compares\): ([^]+?)\.\n/.exec(glossary)![1]!.replace(/\s+/g, ' ').split(' · ');
    expect(terms.length).toBeGreaterThan(15);
    const texts = JSON.stringify([
      entries.map(({ position: { aliases: _, id: _id, reads, ...rest }, feeder }) => [
        { ...rest, reads: reads.map((read) => read.values.map(({ id: _v, ...value }) => value)) },
        feeder,
      ]),
      catalogue.transitions.map(({ transition: { id: _t, from: _f, to: _to, when: _w, ...rest } }) => rest),
    ]);
    expect(terms.filter((term) => texts.includes(term)).length).toBeGreaterThan(12);
    for (const term of terms) {
      const loose = term.replace(/[-\s]/g, '[-\\s]?').replace(/^(under|over|back)(hook|step)$/, '$1[-\\s]?$2');
      const found = new Set((texts.match(new RegExp(`(?<!\\w)${loose}(?!\\w)`, 'gi')) ?? []).map((text) => text.toLowerCase()));
      expect(
        [...found].filter((text) => text !== term.toLowerCase()),
        term,
      ).toEqual([]);
    }
  });
  it('has no name or alias twice, and ids of its own', () => {
    const names = entries.flatMap(({ position }) => [position.name, ...(position.aliases ?? [])].map((name) => name.toLowerCase()));
    expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([]);
    const ids = catalogue.transitions.map(({ transition }) => transition.id);
    expect(new Set(ids).size).toBe(ids.length);
  });
  it('hangs together: every place is reached, every branch leads on, lines are a climb', () => {
    const unreached = new Set(findUnreachable(whole));
    expect(entries.filter(({ position }) => unreached.has(position.id)).map(({ position }) => position.id)).toEqual([]);
    const steps = findBranches(whole);
    expect(steps.length).toBeGreaterThan(50);
    for (const { position } of entries) {
      expect(position.lines).toEqual(LINES.filter((line) => position.lines.includes(line)));
      if (position.ends && isGoal(whole, position.ends)) expect(position.lines, position.id).toEqual([...LINES]);
    }
  });
  it('cautions wherever an action can hurt', () => {
    const dangerous = /lock|triangle|choke|strangle|heel|stack|inver|neck/i;
    for (const { position } of entries) expect(position.hazards![0]!.length, position.id).toBeGreaterThan(3);
    for (const { transition } of catalogue.transitions)
      if (transition.kind === 'submission' || transition.kind === 'submit' || transition.tags?.includes('stack'))
        expect(transition.hazards, transition.id).toBeDefined();
    expect(catalogue.transitions.some(({ transition }) => dangerous.test(transition.name))).toBe(true);
  });
});

describe('searching it', () => {
  it('finds every name and every alias, first or as good as the first', () => {
    for (const { position } of entries)
      for (const name of [position.name, ...position.aliases!]) {
        const found = searchCatalogue(catalogue, name, 3).map((item) => item.position.id);
        expect(found, name).toContain(position.id);
      }
  });
  it('forgives one wrong letter anywhere in a word of four or more', () => {
    fc.assert(
      fc.property(
        fc.nat(entries.length - 1),
        fc.nat(99),
        fc.nat(99),
        fc.constantFrom('change', 'drop', 'double', 'swap'),
        (which, w, l, how) => {
          const { position } = entries[which]!;
          const words = position.name
            .toLowerCase()
            .split(/[^a-z]+/)
            .filter((word) => word.length >= 4);
          if (words.length === 0) return;
          const word = words[w % words.length]!;
          const at = 1 + (l % (word.length - 1));
          const wrong = {
            change: `${word.slice(0, at)}q${word.slice(at + 1)}`,
            drop: word.slice(0, at) + word.slice(at + 1),
            double: word.slice(0, at) + word[at] + word.slice(at),
            swap: word.slice(0, at - 1) + word[at] + word[at - 1] + word.slice(at + 1),
          }[how];
          if (wrong.length < 4) return;
          expect(
            searchCatalogue(catalogue, wrong, 84).map((item) => item.position.id),
            `${word} as ${wrong}`,
          ).toContain(position.id);
        },
      ),
      { numRuns: 500, seed: 17 },
    );
  });
  it('knows what one letter is, and finds nothing for nothing', () => {
    expect(isOneLetterOff('spider', 'spidar')).toBe(true);
    expect(isOneLetterOff('spider', 'spdier')).toBe(true);
    expect(isOneLetterOff('spider', 'spiderr')).toBe(true);
    expect(isOneLetterOff('spider', 'sider')).toBe(true);
    expect(isOneLetterOff('spider', 'spodar')).toBe(false);
    expect(searchCatalogue(catalogue, '')).toEqual([]);
    expect(searchCatalogue(catalogue, 'xyzzy')).toEqual([]);
    expect(searchCatalogue(catalogue, 'KNEE sh')[0]!.position.id).toMatch(/^knee-shield/);
  });
});

describe('taking from it', () => {
  it('brings reads and cautions along, marked until confirmed, and never a second time', () => {
    const first = withEntry(emptyTree('t', 'T'), entry('closed-low'), { start: true });
    expect(first.tree.starts).toEqual([{ position: 'closed-low' }]);
    expect(first.tree.positions[0]).toMatchObject({
      fromCatalogue: 'closed-low',
      source: 'catalogue',
      reads: [{ values: [{ id: 'breaks' }, {}, {}] }],
      hazards: [expect.any(String)],
    });
    expect(withEntry(first.tree, entry('closed-low')).tree).toBe(first.tree);
    expect(findUnconfirmed(first.tree)).toEqual({ positions: ['closed-low'], transitions: [] });
    expect(checkTree(first.tree).ok).toBe(true);
  });
  it('offers the moves that answer what he shows, takes one with its landing, and confirms both', () => {
    const { tree } = withEntry(emptyTree('t', 'T'), entry('closed-low'), { start: true });
    const at = { position: 'closed-low', value: 'breaks', actor: 'owner' as const };
    const offered = findTransitionsFor(tree, catalogue, at);
    expect(offered[0]!.when).toMatchObject({ he: expect.arrayContaining(['breaks']) });
    expect(offered.every((transition) => transition.from === 'closed-low' && transition.actor === 'owner')).toBe(true);
    const taken = withCatalogueTransition(tree, catalogue, offered[0]!, 'closed-low');
    expect([taken.isNew, taken.to]).toEqual([true, offered[0]!.to]);
    expect(checkTree(taken.tree).ok).toBe(true);
    expect(findTransitionsFor(taken.tree, catalogue, at).map((transition) => transition.id)).not.toContain(offered[0]!.id);
    const confirmed = withConfirmed(taken.tree, 'closed-low');
    expect(findUnconfirmed(confirmed)).toEqual({ positions: [taken.to], transitions: [] });
  });
  it('knows a place by its name, however the coach made it', () => {
    const tree = { ...emptyTree('t', 'T'), positions: [{ ...entry('lasso').position, id: 'mine', name: 'LASSO' }] };
    expect(findTaken(tree, entry('lasso'))).toBe('mine');
    expect(withEntry(tree, entry('lasso'))).toEqual({ tree, id: 'mine' });
  });
  it('offers the ways between what is there, and links them to the values of the place', () => {
    let tree = emptyTree('t', 'T');
    for (const id of ['closed-low', 'closed-standing', 'guard-opened']) ({ tree } = withEntry(tree, entry(id)));
    const offered = findTakeable(tree, catalogue);
    expect(offered.map((item) => item.transition.id)).toContain('closed-low-i-stand-up-with-one-sleeve-pinned');
    for (const item of offered) tree = withTakenTransition(tree, catalogue, item);
    expect(checkTree(tree).ok).toBe(true);
    expect(findTakeable(tree, catalogue)).toEqual([]);
    expect(tree.transitions.find((transition) => transition.name.startsWith('stand up with'))).toMatchObject({
      when: { he: ['angles'] },
      mistakes: [{ error: 'stands square' }],
      hazards: ['Never slam.'],
    });
  });
  it('leaves out what the place of the coach does not show', () => {
    const bare = { ...entry('closed-low').position, reads: [] };
    const tree = { ...withEntry(emptyTree('t', 'T'), entry('closed-standing')).tree };
    const both = { ...tree, positions: [...tree.positions, bare] };
    const item = findTakeable(both, catalogue).find((offer) => offer.transition.id.includes('stand-up-with'))!;
    expect(withTakenTransition(both, catalogue, item).transitions[0]!.when).toBeUndefined();
  });
});

describe('the read finder', () => {
  const places = entries.map(({ position, signs }): Place => ({ position, signs }));
  const top = (seen: Seen): string[] =>
    findCandidates(places, seen)
      .filter((match) => match.rank === 1)
      .map((match) => match.place.position.id);
  it('every place is found first, or tied for it, by all that it declares', () => {
    for (const { position, signs } of entries)
      expect(top({ signs, stance: position.stance, distance: position.distance }), position.id).toContain(position.id);
  });
  it('three ticks name a guard', () => {
    expect(top({ signs: ['leg-round-arm', 'sleeve'], stance: 'standing' })).toContain('lasso');
    expect(top({ signs: ['hook-outside', 'ankle-grip'], distance: 'middle' })).toContain('de-la-riva');
    expect(top({ signs: ['legs-locked', 'ankles-open'] })).toContain('closed-open-ankles');
    expect(top({ signs: ['two-hooks', 'underhook'], stance: 'kneeling' })).toContain('butterfly-staggered');
  });
  it('contradictions subtract, ties share a rank, and no tick finds nothing', () => {
    const place = (id: string, signs: Sign[]): Place => ({
      signs,
      position: { ...entry('lasso').position, id, stance: 'standing', distance: 'far' },
    });
    const found = findCandidates([place('a', ['ankles-crossed']), place('b', ['ankles-open']), place('c', ['ankles-open', 'collar'])], {
      signs: ['ankles-open'],
      stance: 'standing',
    });
    expect(found.map((match) => [match.place.position.id, match.matches, match.contradictions, match.rank])).toEqual([
      ['b', 2, 0, 1],
      ['c', 2, 0, 2],
    ]);
    const fuller = findCandidates([place('bare', ['collar']), place('full', ['collar', 'sleeve', 'legs-open', 'foot-on-hip'])], {
      signs: ['collar', 'sleeve'],
    });
    expect(fuller.map((match) => match.place.position.id)).toEqual(['full', 'bare']);
    const tied = findCandidates([place('b', ['ankles-open']), place('d', ['ankles-open'])], { signs: ['ankles-open'] });
    expect(tied.map((match) => match.rank)).toEqual([1, 1]);
    expect(findCandidates(places, { signs: [] })).toEqual([]);
    expect(placeOf({ ...entry('lasso').position, signs: ['collar', 'nonsense'] }).signs).toEqual(['collar']);
  });
  it('says every sign in words', () => {
    expect(SIGNS.map(saySign).every((words) => /^(?:his|my|I|one|both) .{6,}/.test(words))).toBe(true);
  });
});
