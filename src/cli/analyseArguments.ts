import { parseContacts } from '@/core/contacts';
import type { Filter } from '@/core/lens';
import { KNOWING_QUESTION, ODDS_QUESTION, type OddsQuestion } from '@/core/odds';
import type { Contact, Context } from '@/core/tree';
import { PARTS, type AnalysisOptions } from './analysis';

export const USAGE = [
  'Usage: npm run -s analyse -- FILE [--context gi|noGi|strikes] [--rule-set ID] [--age YEARS] [--level NAME]',
  '[--school NAME] [--profile ID]… [--their-grips "his left hand far collar, …"] [--mirror] [--start ID]… [--beside FILE]…',
  '[--question opponent|knowing|observed] [--observations FILE] [--read-skill CHANCE] [--free CHANCE]',
  '[--objective control|points] [--clock round|steady] [--round SECONDS] [--list routes] [--routes N]',
  '[--cycles N] [--only PART,…]',
].join(' ');

export type Arguments = Omit<AnalysisOptions, 'observations' | 'beside'> & {
  readonly file: string;
  /** Files of other trees in which it may go on. */
  readonly besideIn: readonly string[];
  /** What was seen, in a file; null = not asked. */
  readonly observedIn: string | null;
  /** The points of the rule set are asked for, not the chance of finishing. */
  readonly isForPoints: boolean;
};

/** What was said so far. */
interface Draft {
  readonly numbers: { routes: number; cycles: number };
  readonly odds: {
    ask: OddsQuestion['ask'] | 'observed';
    clock: 'round' | 'steady';
    isForPoints: boolean;
    observedIn: string | null;
    roundSeconds: number;
    readSkill: number | null;
    freely: number;
  };
  readonly filter: { -readonly [K in keyof Filter]: Filter[K] };
  readonly profiles: string[];
  readonly starts: string[];
  readonly besideIn: string[];
  listRoutes: boolean;
  only: readonly string[] | null;
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
const chance =
  (put: (draft: Draft, number: number) => void): Take =>
  (draft, given, flag) => {
    const number = Number(given);
    if (given === undefined || given.trim() === '' || !(number >= 0 && number <= 1)) return `${flag} needs a number from 0 to 1.`;
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
  ['--round', wholeNumber(3600, (draft, number) => (draft.odds.roundSeconds = number))],
  ['--read-skill', chance((draft, number) => (draft.odds.readSkill = number))],
  ['--free', chance((draft, number) => (draft.odds.freely = number))],
  [
    '--question',
    (draft, given, flag) => {
      if (given !== 'opponent' && given !== 'knowing' && given !== 'observed')
        return `${flag} needs the word opponent, knowing or observed after it.`;
      draft.odds.ask = given;
      return null;
    },
  ],
  [
    '--clock',
    (draft, given, flag) => {
      if (given !== 'round' && given !== 'steady') return `${flag} needs the word round or steady after it.`;
      draft.odds.clock = given;
      return null;
    },
  ],
  [
    '--objective',
    (draft, given, flag) => {
      if (given !== 'control' && given !== 'points') return `${flag} needs the word control or points after it.`;
      draft.odds.isForPoints = given === 'points';
      return null;
    },
  ],
  ['--observations', name((draft, given) => (draft.odds.observedIn = given))],
  [
    '--only',
    (draft, given, flag) => {
      const parts = (given ?? '').split(',').filter(Boolean);
      const unknown = parts.find((part) => !(PARTS as readonly string[]).includes(part));
      if (parts.length === 0 || unknown !== undefined)
        return `${flag} needs parts after it${unknown === undefined ? '' : `, and “${unknown}” is none`}: ${PARTS.join(', ')}.`;
      draft.only = parts;
      return null;
    },
  ],
  ['--routes', wholeNumber(1_000_000, (draft, number) => (draft.numbers.routes = number))],
  ['--cycles', wholeNumber(1_000_000, (draft, number) => (draft.numbers.cycles = number))],
  ['--age', wholeNumber(120, (draft, age) => (draft.filter.age = age))],
  ['--context', name((draft, given) => (draft.filter.context = given as Context))],
  ['--rule-set', name((draft, given) => (draft.filter.ruleSet = given))],
  ['--school', name((draft, given) => (draft.filter.school = given))],
  ['--level', name((draft, given) => (draft.filter.level = given))],
  ['--profile', name((draft, given) => draft.profiles.push(given))],
  ['--beside', name((draft, given) => draft.besideIn.push(given))],
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

/** Each question has its own reading skill where none is said. */
function questionOf({ ask, roundSeconds, readSkill, freely }: Draft['odds']): OddsQuestion {
  if (ask !== 'knowing') return { ask: 'opponent', roundSeconds, readSkill: readSkill ?? ODDS_QUESTION.readSkill };
  return { ask, roundSeconds, freely, readSkill: readSkill ?? KNOWING_QUESTION.readSkill };
}

/** The arguments of `analyse`, or the sentence that says what is wrong with them. */
export function parseArguments(args: readonly string[]): Arguments | string {
  const draft: Draft = {
    numbers: { routes: 10_000, cycles: 10_000 },
    odds: {
      ask: ODDS_QUESTION.ask,
      clock: 'round',
      isForPoints: false,
      observedIn: null,
      roundSeconds: ODDS_QUESTION.roundSeconds,
      readSkill: null,
      freely: KNOWING_QUESTION.freely,
    },
    ...{ filter: {}, profiles: [], starts: [], besideIn: [], listRoutes: false, only: null, theirGrips: null },
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
  const { numbers, odds, filter, profiles, starts, besideIn, listRoutes, only, theirGrips } = draft;
  const { clock, observedIn, isForPoints } = odds;
  if (isForPoints && filter.ruleSet === undefined) return '--objective points needs --rule-set ID beside it: its table is counted.';
  if (odds.ask === 'observed' && observedIn === null) return '--question observed needs --observations FILE beside it.';
  const [file] = files;
  return file !== undefined && files.length === 1
    ? {
        file,
        besideIn,
        ...numbers,
        question: questionOf(odds),
        clock,
        observedIn,
        isForPoints,
        filter: { ...filter, profiles },
        starts,
        listRoutes,
        only,
        theirGrips,
        mirror,
      }
    : USAGE;
}
