import { ODDS_QUESTION } from '@/core/odds';
import { unknownIn } from '@/core/lens';
import { parseContacts } from '@/core/contacts';
import { CONTEXTS, type Contact, type Context, type TreeDocument } from '@/core/tree';
import { analysisOf, type AnalysisOptions } from './analysis';
import { complain, readTree } from './readTree';

const USAGE =
  'Usage: npm run -s analyse -- FILE [--context gi|noGi|strikes] [--rule-set ID] [--age YEARS] [--level NAME] [--school NAME] [--profile ID]… [--their-grips "his left hand far collar, …"] [--mirror] [--start ID]… [--round SECONDS] [--list routes] [--routes N] [--cycles N]';

type Arguments = AnalysisOptions & { readonly file: string };

const NUMBERS = { '--round': ['roundSeconds', 3600], '--routes': ['routes', 1_000_000], '--cycles': ['cycles', 1_000_000] } as const;
const WORDS = { '--context': 'context', '--rule-set': 'ruleSet', '--school': 'school', '--level': 'level' } as const;

/** The whole number from 1 to `most`, or the sentence that says what is wanted. */
function wholeNumber(flag: string, text: string | undefined, most: number): number | string {
  const given = Number(text);
  return Number.isInteger(given) && given >= 1 && given <= most ? given : `${flag} needs a whole number from 1 to ${most}.`;
}

function parseArguments(args: readonly string[]): Arguments | string {
  const numbers = { ...ODDS_QUESTION, routes: 10_000, cycles: 10_000 };
  const filter: { context?: Context; ruleSet?: string; school?: string; level?: string; age?: number } = {};
  const profiles: string[] = [];
  const starts: string[] = [];
  let listRoutes = false;
  let theirGrips: readonly Contact[] | null = null;
  let mirror = false;
  const files: string[] = [];
  for (let i = 0; i < args.length; i++) {
    const arg = args[i]!;
    if (!arg.startsWith('--')) {
      files.push(arg);
      continue;
    }
    if (arg === '--mirror') {
      mirror = true;
      continue;
    }
    const given = args[++i];
    if (Object.hasOwn(NUMBERS, arg)) {
      const [name, most] = NUMBERS[arg as keyof typeof NUMBERS];
      const number = wholeNumber(arg, given, most);
      if (typeof number === 'string') return number;
      numbers[name] = number;
    } else if (arg === '--age') {
      const age = wholeNumber(arg, given, 120);
      if (typeof age === 'string') return age;
      filter.age = age;
    } else if (arg === '--their-grips') {
      const grips = parseContacts(given ?? '');
      if (!grips.ok) return `--their-grips: ${grips.error.join(' ')}`;
      theirGrips = grips.value;
    } else if (arg === '--list') {
      if (given !== 'routes') return '--list needs the word routes after it.';
      listRoutes = true;
    } else if (arg !== '--profile' && arg !== '--start' && !Object.hasOwn(WORDS, arg)) return `"${arg}" is not known. ${USAGE}`;
    else if (given === undefined || given.startsWith('--')) return `${arg} needs a name after it. ${USAGE}`;
    else if (arg === '--profile') profiles.push(given);
    else if (arg === '--start') starts.push(given);
    else filter[WORDS[arg as keyof typeof WORDS]] = given as Context;
  }
  const [file] = files;
  return file !== undefined && files.length === 1
    ? { file, ...numbers, filter: { ...filter, profiles }, starts, listRoutes, theirGrips, mirror }
    : USAGE;
}

const FLAGS = { card: '--rule-set', level: '--level', school: '--school', person: '--profile' } as const;

/** What the arguments name and the tree does not have, as a sentence; null = all of it is there. */
function notThere(tree: TreeDocument, { filter, starts }: Arguments): string | null {
  const missing = (flag: string, given: string, known: readonly string[]): string =>
    `${flag}: there is no "${given}" in this tree. It has ${known.length > 0 ? known.join(', ') : 'none'}.`;
  const { context } = filter;
  if (context !== undefined && !CONTEXTS.includes(context)) return missing('--context', context, CONTEXTS);
  const [unknown] = unknownIn(tree, filter);
  if (unknown) return missing(FLAGS[unknown.what], unknown.id, unknown.known);
  const places = new Set(tree.positions.map((position) => position.id));
  const nowhere = starts.find((id) => !places.has(id));
  return nowhere === undefined ? null : `--start: there is no place "${nowhere}" in this tree.`;
}

/** `npm run -s analyse -- FILE`: one JSON object on standard output (docs/tree-file.md). */
export async function main(args: readonly string[]): Promise<number> {
  const parsed = parseArguments(args);
  if (typeof parsed === 'string') return complain([parsed]);
  const tree = await readTree(parsed.file);
  if (!tree.ok) return complain(tree.error);
  const missing = notThere(tree.value, parsed);
  if (missing) return complain([missing]);
  process.stdout.write(`${JSON.stringify(analysisOf(tree.value, parsed), null, 2)}\n`);
  return 0;
}
