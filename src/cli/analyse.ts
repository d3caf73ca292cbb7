import { unknownIn } from '@/core/lens';
import { CONTEXTS, type TreeDocument } from '@/core/tree';
import { analysisOf } from './analysis';
import { parseArguments, type Arguments } from './analyseArguments';
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
