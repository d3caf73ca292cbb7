import { once } from '../base';
import { nouns, verbs } from './data/synonyms';

interface Swap {
  /** What the pattern cannot do without: most names do not have it. */
  readonly word: string;
  readonly pattern: RegExp;
  readonly others: readonly string[];
}

/** "push out" as "pushes out", "get up" as "gets up". */
export function thirdPerson(phrase: string): string {
  const [verb = '', ...rest] = phrase.split(' ');
  const ending = /(s|sh|ch|x|z|go|do)$/.test(verb) ? 'es' : /[^aeiou]y$/.test(verb) ? 'ies' : 's';
  const stem = ending === 'ies' ? verb.slice(0, -1) : verb;
  return [`${stem}${ending}`, ...rest].join(' ');
}

const linesOf = (text: string): (readonly [string, string[]])[] =>
  text
    .trim()
    .split('\n')
    .map((line) => {
      const [word, others] = line.split(' = ');
      return [word!, others!.split(', ')] as const;
    });

const swapOf = (before: string, word: string, others: readonly string[]): Swap => ({
  word: word.toLowerCase(),
  pattern: new RegExp(`${before}${word}(?![\\w-])`, 'i'),
  others,
});
/** Where a verb stands: at the front, after "he" or "I", after "and" or a comma. */
const VERB = '(?<=^|^he |^I |\\band |, )';
const ANYWHERE = '(?<![\\w-])';

/** Longer phrases first: "sit up" is not "sit" with something behind it. */
const swaps = once((): readonly Swap[] => {
  const phrases = linesOf(verbs).toSorted((a, b) => b[0].length - a[0].length);
  return [
    ...phrases.flatMap(([word, others]) => [swapOf(VERB, word, others), swapOf(VERB, thirdPerson(word), others.map(thirdPerson))]),
    ...linesOf(nouns).map(([word, others]) => swapOf(ANYWHERE, word, others)),
  ];
});

/** The same move or cue in other words, one word exchanged at a time; the name itself is not among them. */
export function aliasesOfWords(name: string): string[] {
  const found: string[] = [];
  const changed = new Set<number>();
  const lower = name.toLowerCase();
  for (const { word, pattern, others } of swaps()) {
    if (!lower.includes(word)) continue;
    const at = name.search(pattern);
    if (at < 0 || changed.has(at)) continue;
    changed.add(at);
    found.push(...others.map((other) => name.replace(pattern, other)));
  }
  return [...new Set(found)];
}
