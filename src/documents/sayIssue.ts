import type { z } from 'zod';

const MOST_OPTIONS = 5;
const KINDS: Record<string, string> = {
  string: 'a text',
  number: 'a number',
  boolean: 'true or false',
  array: 'a list',
  object: 'a record',
  record: 'a record',
  int: 'a whole number',
};
const kindWord = (word: string): string => KINDS[word] ?? word;

function sayValues(values: readonly unknown[]): string {
  const said = values.slice(0, MOST_OPTIONS).map((value) => `“${String(value)}”`);
  const more = values.length - said.length;
  return `${said.join(', ')}${more > 0 ? ` or one of ${more} more (the documents list them)` : ''}`;
}

/** What is missing where nothing was given. */
const isMissing = (issue: z.core.$ZodIssue): boolean =>
  'input' in issue ? issue.input === undefined : / received undefined$/.test(issue.message);

/** What is wrong with a value, for people: no words of the schema, no long lists, nothing of the value but a little. */
export function sayIssue(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'invalid_type':
      return isMissing(issue) ? 'is missing' : `must be ${kindWord(issue.expected)}`;
    case 'unrecognized_keys':
      return `Unrecognized key: ${issue.keys
        .slice(0, MOST_OPTIONS)
        .map((key) => `"${key.slice(0, 60)}"`)
        .join(', ')}${issue.keys.length > MOST_OPTIONS ? ` and ${issue.keys.length - MOST_OPTIONS} more` : ''}`;
    case 'invalid_value':
      return isMissing(issue) ? 'is missing' : `must be ${sayValues(issue.values)}`;
    case 'too_big':
      if (issue.origin === 'array') return `the list is too long; it may have at most ${issue.maximum} entries`;
      return issue.origin === 'string'
        ? `is too long; it may have at most ${issue.maximum} characters`
        : `is too large; at most ${issue.maximum}`;
    case 'too_small':
      if (issue.origin === 'array') return `the list is too short; it needs at least ${issue.minimum}`;
      return issue.origin === 'string' ? 'is empty' : `is too small; at least ${issue.minimum}`;
    case 'invalid_union':
      return isMissing(issue) ? 'is missing' : 'has a form that is not known here';
    default:
      return issue.message;
  }
}

const LAST_WORDS = new Set(['is missing', 'is empty']);
/** One sentence about a value: "the name is missing", or the place, a colon and what is wrong with it. */
export function sayProblem(place: string, path: readonly PropertyKey[], issue: z.core.$ZodIssue): string {
  const said = sayIssue(issue);
  const last = path.at(-1);
  if (LAST_WORDS.has(said) && typeof last === 'string') {
    const before = place.split(' › ').slice(0, -1).join(' › ');
    return `${before === '' ? '' : `${before}: `}the ${last.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase()} ${said}.`;
  }
  return `${place}: ${said}.`;
}

const MOST_SENTENCES = 20;
const MOST_LETTERS = 4000;
/** Not more than a person reads: at most twenty sentences, together under 4 kB, and how many were left out. */
export function fewSentences(sentences: readonly string[]): string[] {
  const kept: string[] = [];
  let letters = 0;
  for (const sentence of sentences.slice(0, MOST_SENTENCES)) {
    const short = sentence.length > 400 ? `${sentence.slice(0, 400)} …` : sentence;
    letters += short.length * 2;
    if (letters > MOST_LETTERS) break;
    kept.push(short);
  }
  const left = sentences.length - kept.length;
  return left > 0 ? [...kept, `And ${left} more like these.`] : kept;
}
