import { describe, expect, it } from 'vitest';
import { demoTree } from '../../../demo/demoTree';
import { checkTree, emptyTree, withPosition } from '../tree';
import { aliasesOfWords } from './aliases';
import { catalogueFor } from './fromBelow';
import { entriesFromTree, lacksForEntry, withGymEntries, type GymEntry } from './gymEntries';
import { findTaken, withEntry } from './take';
import { getCatalogue } from './catalogue';
import { searchCatalogue, searchTransitions } from './search';
import type { Catalogue } from './types';

const shipped = getCatalogue();
const at = (catalogue: Catalogue, id: string) => catalogue.positions.find((entry) => entry.position.id === id)!;
const asTree = (catalogue: Catalogue) => ({
  ...emptyTree('c', 'C'),
  positions: catalogue.positions.map((entry) => entry.position),
  transitions: catalogue.transitions.map((entry) => entry.transition),
});

describe('a gym’s own words', () => {
  const change: GymEntry = {
    kind: 'changedPosition',
    id: 'spider',
    change: { name: 'Two hooks', moreAliases: ['froggy'], values: { extends: { cue: 'one foot rides high' } } },
  };
  it('stand over the shipped entry, name, more names and cues; everything else is as it came', () => {
    const { catalogue, origin } = withGymEntries(shipped, [change]);
    const [now, was] = [at(catalogue, 'spider'), at(shipped, 'spider')];
    expect(now.position).toMatchObject({ name: 'Two hooks', tempoReason: was.position.tempoReason, hazards: was.position.hazards });
    expect(now.position.aliases).toEqual([...was.position.aliases!, 'froggy']);
    expect(origin.get('spider')).toBe('changed');
    expect(searchCatalogue(catalogue, 'frogy')[0]!.position.id).toBe('spider');
    expect(at(shipped, 'spider')).toBe(was);
  });
  it('outlive a later catalogue: its new names, reasons and reads come along, the gym’s words stay', () => {
    const later: Catalogue = {
      ...shipped,
      positions: shipped.positions.map((entry) =>
        entry.position.id === 'spider'
          ? { ...entry, feeder: 'new script', position: { ...entry.position, aliases: ['sit-up hooks'], tempoReason: 'New reason.' } }
          : entry,
      ),
    };
    const now = at(withGymEntries(later, [change]).catalogue, 'spider');
    expect(now).toMatchObject({
      feeder: 'new script',
      position: { name: 'Two hooks', tempoReason: 'New reason.', aliases: ['sit-up hooks', 'froggy'] },
    });
  });
  it('are kept and reported when a later catalogue has dropped what they speak of', () => {
    const later: Catalogue = { positions: shipped.positions.filter((entry) => entry.position.id !== 'spider'), transitions: [] };
    const { catalogue, leftOver } = withGymEntries(later, [change]);
    expect(leftOver).toEqual([change]);
    expect(catalogue.positions).toHaveLength(shipped.positions.length - 1);
  });
});

describe('a gym’s own places', () => {
  const demo = demoTree();
  const own = demo.positions.find(
    (position) => !shipped.positions.some((entry) => findTaken(demo, entry) === position.id) && !position.ends,
  )!;
  const said = {
    ...own,
    stance: 'kneeling' as const,
    distance: 'close' as const,
    legRelation: 'both knees under my hip',
    signs: ['legs-aside'],
  };
  const tree = withPosition(demo, said);
  it('say what they lack before they can be kept', () => {
    expect(lacksForEntry({ ...said, stance: undefined, signs: ['no such sign'] })).toEqual(['stance', 'signs']);
    expect(lacksForEntry(said)).toEqual([]);
  });
  it('come with their ways from and to what the catalogue knows, whole and checked, and can be taken into another tree', () => {
    const entries = entriesFromTree(tree, shipped, own.id);
    const { catalogue, origin, leftOver } = withGymEntries(shipped, entries);
    expect(leftOver).toEqual([]);
    expect(checkTree(asTree(catalogue)).ok).toBe(true);
    const id = entries[0]!.id;
    expect(origin.get(id)).toBe('own');
    expect(catalogue.transitions.length - shipped.transitions.length).toBe(entries.length - 1);
    const other = withEntry(emptyTree('o', 'Other'), at(catalogue, id));
    expect(other.tree.positions[0]).toMatchObject({ name: own.name, reads: own.reads, fromCatalogue: id });
    expect(findTaken(tree, at(catalogue, id))).toBe(own.id);
  });
  it('a way is left over when one of its ends goes', () => {
    const transitions = demo.positions
      .filter((position) => !shipped.positions.some((entry) => findTaken(demo, entry) === position.id))
      .flatMap((position) => entriesFromTree(demo, shipped, position.id).filter((entry) => entry.kind === 'transition'));
    expect(transitions.length).toBeGreaterThan(0);
    expect(withGymEntries(shipped, transitions).leftOver).toEqual(transitions);
  });
});

describe('other words for moves and signs', () => {
  it('every move and every value of the catalogue has some', () => {
    const names = [
      ...shipped.transitions.map((entry) => entry.transition.name),
      ...shipped.positions.flatMap((entry) => entry.position.reads.flatMap((read) => read.values.map((value) => value.name))),
    ];
    expect(names.filter((name) => aliasesOfWords(name).length === 0)).toEqual([]);
    expect(names.filter((name) => aliasesOfWords(name).includes(name))).toEqual([]);
  });
  it('exchange a verb where it stands as one, in its form, longer phrases first', () => {
    expect(aliasesOfWords('cut the knee across')).toEqual(['slice the knee across']);
    expect(aliasesOfWords('sits up to me')).toEqual(['comes up to me']);
    expect(aliasesOfWords('the drag grip')).toEqual([]);
  });
  it('find what they stand for, by name, alias and with a letter wrong', () => {
    for (const { transition } of shipped.transitions.filter((_, i) => i % 4 === 0)) {
      for (const name of [transition.name, ...aliasesOfWords(transition.name)])
        expect(
          searchTransitions(shipped, name, 60).some((found) => found.name === transition.name),
          name,
        ).toBe(true);
    }
    expect(searchTransitions(shipped, 'slise the knee across')[0]).toMatchObject({ actor: 'owner', name: 'cut the knee across' });
    expect(searchTransitions(shipped, 'hips: turned away')[0]).toMatchObject({ actor: 'opponent' });
    expect(searchTransitions(shipped, ' ')).toEqual([]);
  });
});

describe('the catalogue for the guard player', () => {
  const below = catalogueFor(shipped, 'guardPlayer');
  it('exchanges who moves and in which person, and asks its reads anew', () => {
    expect(catalogueFor(shipped, 'passer')).toBe(shipped);
    const move = (catalogue: Catalogue, id: string) => catalogue.transitions.find((entry) => entry.transition.id === id)!.transition;
    for (const { transition } of shipped.transitions) expect(move(below, transition.id).actor).not.toBe(transition.actor);
    const cut = shipped.transitions.find((entry) => entry.transition.name === 'cut the knee across')!.transition;
    expect(move(below, cut.id).name).toBe('cuts the knee across');
    const stands = shipped.transitions.find((entry) => entry.transition.name === 'stands and shakes me off')!.transition;
    expect(move(below, stands.id)).toMatchObject({ name: 'stand and shake me off', actor: 'owner', kind: stands.kind });
    expect(cut.steps![0]!.contacts[0]).toMatchObject({ athlete: 'owner', target: { athlete: 'opponent' } });
    expect(move(below, cut.id).steps![0]!.contacts[0]).toMatchObject({ athlete: 'opponent', target: { athlete: 'owner' } });
    expect(below.positions.every((entry) => entry.position.reads.length === 0)).toBe(true);
    expect(checkTree({ ...asTree(below), owner: 'guardPlayer' }).ok).toBe(true);
  });
});
