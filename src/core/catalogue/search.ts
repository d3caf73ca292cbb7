import { missIn, perObject, wordsIn } from '../base';
import { sayShown } from '../words';
import type { Actor } from '../tree';
import { aliasesOfWords } from './aliases';
import type { Catalogue, CataloguePosition } from './types';

const namesOf = perObject(({ position }: CataloguePosition) => [position.name, ...(position.aliases ?? [])].map(wordsIn));

/** Entries whose name or alias holds all that is typed, one wrong letter a word forgiven; best first, catalogue order within. */
export function searchCatalogue(catalogue: Catalogue, typed: string, limit = 20): CataloguePosition[] {
  const words = wordsIn(typed);
  if (words.length === 0) return [];
  return catalogue.positions
    .flatMap((entry) => {
      const miss = missIn(words, namesOf(entry));
      return miss === null ? [] : [{ entry, miss }];
    })
    .sort((a, b) => a.miss - b.miss)
    .slice(0, limit)
    .map(({ entry }) => entry);
}

/** The other word of an entry by which it is found, where its name is not what was typed; null = it is the name. */
export function aliasOf({ position }: CataloguePosition, typed: string): string | null {
  const words = wordsIn(typed);
  const miss = (name: string): number => missIn(words, [wordsIn(name)]) ?? Infinity;
  const best = (position.aliases ?? []).toSorted((a, b) => miss(a) - miss(b))[0];
  return best !== undefined && miss(best) < miss(position.name) ? best : null;
}

/** A move or something he shows, found by what it is called or by other words for it. */
export interface Found {
  /** The catalogue position where it stands. */
  readonly position: CataloguePosition;
  readonly actor: Actor;
  /** As the catalogue calls it. */
  readonly name: string;
}

/** Every move and value of a catalogue with all it is called, made once per catalogue. */
const calledIn = perObject((catalogue: Catalogue): readonly (Found & { readonly names: readonly string[][] })[] => {
  const byId = new Map(catalogue.positions.map((entry) => [entry.position.id, entry]));
  const called = (position: CataloguePosition, actor: Actor, name: string) => ({
    position,
    actor,
    name,
    names: [name, ...aliasesOfWords(name)].map(wordsIn),
  });
  return [
    ...catalogue.transitions.map(({ transition }) => called(byId.get(transition.from)!, transition.actor, transition.name)),
    ...catalogue.positions.flatMap((entry) =>
      entry.position.reads.flatMap((read) => read.values.map((value) => called(entry, 'opponent', sayShown(read, value.name)))),
    ),
  ];
});

/** Moves, and values he shows, whose name or alias holds all that is typed; a wrong letter is forgiven as for positions. */
export function searchTransitions(catalogue: Catalogue, typed: string, limit = 20): Found[] {
  const words = wordsIn(typed);
  if (words.length === 0) return [];
  const listed = new Set<string>();
  return calledIn(catalogue)
    .flatMap((item) => {
      const miss = missIn(words, item.names);
      return miss === null ? [] : [{ item, miss }];
    })
    .sort((a, b) => a.miss - b.miss)
    .filter(({ item }) => {
      // What he does is often both a sign and a move of his: once is enough.
      const key = `${item.position.position.id} ${item.actor} ${item.name.replace(/^he /, '')}`;
      return !listed.has(key) && listed.add(key);
    })
    .slice(0, limit)
    .map(({ item: { position, actor, name } }) => ({ position, actor, name }));
}
