/** A text as words without accents and capitals. */
export const wordsIn = (text: string): string[] =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .split(/[^a-z0-9]+/)
    .filter((word) => word !== '');

/** The letters of a name alone: spaces, hyphens, capitals and accents make no other name. A name of signs only is itself. */
export const lettersOf = (name: string): string => wordsIn(name).join('') || name.trim();

/** Whether one letter added, left out, changed or swapped with its neighbour makes `a` into `b`. O(length). */
export function isOneLetterOff(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1) return false;
  let i = 0;
  while (i < a.length && i < b.length && a[i] === b[i]) i++;
  const [restA, restB] = [a.slice(i), b.slice(i)];
  if (restA.slice(1) === restB.slice(1) || restA.slice(1) === restB || restA === restB.slice(1)) return true;
  return restA.length > 1 && restA[0] === restB[1] && restA[1] === restB[0] && restA.slice(2) === restB.slice(2);
}

/** How badly a typed word misses a word of a name: 0 the same, 1 its beginning, 2 one letter wrong, null = not at all. */
function missOf(typed: string, word: string): number | null {
  if (typed === word) return 0;
  if (word.startsWith(typed)) return 1;
  if (typed.length < 4) return null;
  const sameLength = [typed.length - 1, typed.length, typed.length + 1].some((length) => isOneLetterOff(typed, word.slice(0, length)));
  return sameLength ? 2 : null;
}

/** The least miss over some names, as words, every typed word found in one name: 0 = the same, below 2 = as typed, from 2 on a letter is wrong; null = not found. */
export function missIn(typed: readonly string[], names: readonly (readonly string[])[]): number | null {
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

/** How badly what is typed misses the best of some names; 0 where nothing is typed, null = none of them is meant. */
export function missOfNames(typed: string, names: readonly string[]): number | null {
  const words = wordsIn(typed);
  return words.length === 0 ? (typed.trim() === '' ? 0 : null) : missIn(words, names.map(wordsIn));
}
/** From here on a letter is forgiven: what is found so was not typed. */
export const FORGIVEN = 2;

/** What is meant by what is typed, the best first, otherwise in order: one letter of a word forgiven. */
export function findMatching<T>(
  items: readonly T[],
  typed: string,
  namesOf: (item: T) => readonly string[],
): { readonly item: T; readonly miss: number }[] {
  return items
    .flatMap((item) => {
      const miss = missOfNames(typed, namesOf(item));
      return miss === null ? [] : [{ item, miss }];
    })
    .sort((a, b) => a.miss - b.miss);
}
