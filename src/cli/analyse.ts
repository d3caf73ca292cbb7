import { unknownIn } from '@/core/lens';
import { findObserved, type Observation, type OddsQuestion } from '@/core/odds';
import { CONTEXTS, type TreeDocument } from '@/core/tree';
import { analysisOf } from './analysis';
import { parseArguments, type Arguments } from './analyseArguments';
import { readObservations } from './observations';
import { complain, readTree } from './readTree';

const FLAGS = { card: '--rule-set', level: '--level', school: '--school', person: '--profile' } as const;

/** What the arguments name and the tree does not have, as a sentence; null = all of it is there. */
export function notThere(tree: TreeDocument, { filter, starts }: Arguments): string | null {
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

/** The question, for the points of the rule set where they are asked for. */
function withPoints({ ruleSets = [] }: TreeDocument, { question, filter, isForPoints }: Arguments): OddsQuestion {
  const points = isForPoints ? ruleSets.find(({ id }) => id === filter.ruleSet)?.points : undefined;
  return points === undefined ? question : { ...question, points };
}

/** What is wrong with what was seen, as a sentence that names the place; null = nothing. */
function observationProblem(tree: TreeDocument, observations: readonly Observation[]): string | null {
  const found = findObserved(tree, observations);
  if (found.ok) return null;
  const { error } = found;
  return error.code === 'odds/no-such-place'
    ? `--observations: went[${error.at}]: there is no position "${error.id}" in this tree.`
    : `--observations: no round was seen to leave ${error.positions.join(', ')}: count where each went on, ended or ran out of time.`;
}

/** `npm run -s analyse -- FILE`: one JSON object on standard output (docs/tree-file.md). */
export async function main(args: readonly string[]): Promise<number> {
  const parsed = parseArguments(args);
  if (typeof parsed === 'string') return complain([parsed]);
  const tree = await readTree(parsed.file);
  if (!tree.ok) return complain(tree.error);
  const missing = notThere(tree.value, parsed);
  if (missing) return complain([missing]);
  const seen = parsed.observedIn === null ? null : await readObservations(parsed.observedIn);
  if (seen && !seen.ok) return complain(seen.error);
  const problem = seen && observationProblem(tree.value, seen.value);
  if (problem) return complain([problem]);
  const beside: TreeDocument[] = [];
  for (const file of parsed.besideIn) {
    const other = await readTree(file);
    if (!other.ok) return complain(other.error.map((problem) => `--beside: ${problem}`));
    beside.push(other.value);
  }
  const analysis = analysisOf(tree.value, {
    ...parsed,
    beside,
    question: withPoints(tree.value, parsed),
    observations: seen ? seen.value : null,
  });
  process.stdout.write(`${JSON.stringify(analysis, null, 2)}\n`);
  return 0;
}
