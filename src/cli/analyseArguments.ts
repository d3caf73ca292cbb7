import { parseContacts } from '@/core/contacts';
import type { Filter } from '@/core/lens';
import { ODDS_QUESTION } from '@/core/odds';
import type { Contact, Context } from '@/core/tree';
import type { AnalysisOptions } from './analysis';

export const USAGE =
  'Usage: npm run -s analyse -- FILE [--context gi|noGi|strikes] [--rule-set ID] [--age YEARS] [--level NAME] [--school NAME] [--profile ID]… [--their-grips "his left hand far collar, …"] [--mirror] [--start ID]… [--round SECONDS] [--list routes] [--routes N] [--cycles N]';

export type Arguments = AnalysisOptions & { readonly file: string };

/** What was said so far. */
interface Draft {
  readonly numbers: { roundSeconds: number; routes: number; cycles: number };
  readonly filter: { -readonly [K in keyof Filter]: Filter[K] };
  readonly profiles: string[];
  readonly starts: string[];
  listRoutes: boolean;
  theirGrips: readonly Contact[] | null;
}
/** Puts what follows a flag into the draft, or says what is wanted. */
type Take = (draft: Draft, given: string | undefined, flag: string) => string | null;

const wholeNumber =
  (most: number, put: (draft: Draft, number: number) => void): Take =>
  (draft, given, flag) => {
    const number = Number(given);
    if (!Number.isInteger(number) || number < 1 || number > most) return `${flag} needs a whole number from 1 to ${most}.`;
    put(draft, number);
    return null;
  };
const name =
  (put: (draft: Draft, given: string) => void): Take =>
  (draft, given, flag) => {
    if (given === undefined || given.startsWith('--')) return `${flag} needs a name after it. ${USAGE}`;
    put(draft, given);
    return null;
  };

const TAKES = new Map<string, Take>([
  ['--round', wholeNumber(3600, (draft, number) => (draft.numbers.roundSeconds = number))],
  ['--routes', wholeNumber(1_000_000, (draft, number) => (draft.numbers.routes = number))],
  ['--cycles', wholeNumber(1_000_000, (draft, number) => (draft.numbers.cycles = number))],
  ['--age', wholeNumber(120, (draft, age) => (draft.filter.age = age))],
  ['--context', name((draft, given) => (draft.filter.context = given as Context))],
  ['--rule-set', name((draft, given) => (draft.filter.ruleSet = given))],
  ['--school', name((draft, given) => (draft.filter.school = given))],
  ['--level', name((draft, given) => (draft.filter.level = given))],
  ['--profile', name((draft, given) => draft.profiles.push(given))],
  ['--start', name((draft, given) => draft.starts.push(given))],
  [
    '--their-grips',
    (draft, given, flag) => {
      const grips = parseContacts(given ?? '');
      if (grips.ok) draft.theirGrips = grips.value;
      return grips.ok ? null : `${flag}: ${grips.error.join(' ')}`;
    },
  ],
  [
    '--list',
    (draft, given, flag) => {
      draft.listRoutes = given === 'routes';
      return draft.listRoutes ? null : `${flag} needs the word routes after it.`;
    },
  ],
]);

/** The arguments of `analyse`, or the sentence that says what is wrong with them. */
export function parseArguments(args: readonly string[]): Arguments | string {
  const draft: Draft = {
    numbers: { ...ODDS_QUESTION, routes: 10_000, cycles: 10_000 },
    ...{ filter: {}, profiles: [], starts: [], listRoutes: false, theirGrips: null },
  };
  const files: string[] = [];
  let mirror = false;
  for (let i = 0; i < args.length; i++) {
    const arg = args[i]!;
    if (arg === '--mirror') mirror = true;
    else if (!arg.startsWith('--')) files.push(arg);
    else {
      const problem = TAKES.has(arg) ? TAKES.get(arg)!(draft, args[++i], arg) : `"${arg}" is not known. ${USAGE}`;
      if (problem !== null) return problem;
    }
  }
  const { numbers, filter, profiles, starts, listRoutes, theirGrips } = draft;
  const [file] = files;
  return file !== undefined && files.length === 1
    ? { file, ...numbers, filter: { ...filter, profiles }, starts, listRoutes, theirGrips, mirror }
    : USAGE;
}
