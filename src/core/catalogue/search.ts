import { perObject } from '../base';
import { sayShown } from '../words';
import type { Actor } from '../tree';
import { aliasesOfWords } from './aliases';
import type { Catalogue, CataloguePosition } from './types';

const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .split(/[^a-z0-9]+/)
    .filter((word) => word !== '');

/** Whether one letter added, left out, changed or swapped with its neighbour makes `a` into `b`. O(length). */
export function isOneLetterOff(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1) return false;
  let i = 0;
  while (i < a.length && i < b.length && a[i] === b[i]) i++;
  const [restA, restB] = [a.slice(i), b.slice(i)];
  if (restA.slice(1) === restB.slice(1) || restA.slice(1) === restB || restA === restB.slice(1)) return true;
  return restA.length > 1 && restA[0] === restB[1] && restA[1] === restB[0] && restA.slice(2) === restB.slice(2);
}

/** How badly a typed word misses a word of the entry: 0 the same, 1 its beginning, 2 one letter wrong, null = not at all. */
function missOf(typed: string, word: string): number | null {
  if (typed === word) return 0;
  if (word.startsWith(typed)) return 1;
  if (typed.length < 4) return null;
  const sameLength = [typed.length - 1, typed.length, typed.length + 1].some((length) => isOneLetterOff(typed, word.slice(0, length)));
  return sameLength ? 2 : null;
}

/** The least miss over the names of an entry, as words, every typed word found in one name; null = not found. */
function missIn(typed: readonly string[], names: readonly (readonly string[])[]): number | null {
  let least: number | null = null;
  for (const words of names) {
    let sum = words.length > typed.length ? 0.5 : 0;
    for (const word of typed) {
      const misses = words.flatMap((known) => missOf(word, known) ?? []);
      sum += misses.length === 0 ? Infinity : Math.min(...misses);
    }
    if (sum < Infinity && (least === null || sum < least)) least = sum;
  }
  return least;
}

const namesOf = perObject(({ position }: CataloguePosition) => [position.name, ...(position.aliases ?? [])].map(wordsOf));

/** Entries whose name or alias holds all that is typed, one wrong letter a word forgiven; best first, catalogue order within. */
export function searchCatalogue(catalogue: Catalogue, typed: string, limit = 20): CataloguePosition[] {
  const words = wordsOf(typed);
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
    names: [name, ...aliasesOfWords(name)].map(wordsOf),
  });
  return [
    ...catalogue.transitions.map(({ transition }) => called(byId.get(transition.from)!, transition.actor, transition.name)),
    ...catalogue.positions.flatMap((entry) =>
      entry.position.reads.flatMap((read) => read.values.map((value) => called(entry, 'opponent', sayShown(read, value.name)))),
    ),
  ];
});

/** Moves, and values he shows, whose name or alias holds all that is typed; a wrong letter is forgiven as for positions. */
export function searchMoves(catalogue: Catalogue, typed: string, limit = 20): Found[] {
  const words = wordsOf(typed);
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
