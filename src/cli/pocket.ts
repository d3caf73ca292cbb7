import { pocketOf } from '@/core/pocket';
import { pocketPage, POCKET_MAX_BYTES } from '@/documents/pocket/page';
import { notThere } from './analyse';
import { parseArguments, USAGE as ANALYSE_USAGE } from './analyseArguments';
import { complain, readTree } from './readTree';
import { today } from '@/server/today';

const FLAGS = ['--context', '--rule-set', '--age', '--level', '--school', '--profile'];
const USAGE =
  'Usage: npm run -s pocket -- FILE [--context gi|noGi|strikes] [--rule-set ID] [--age YEARS] [--level NAME] [--school NAME] [--profile ID]…';

/** `npm run -s pocket -- FILE`: the tree as one HTML page for a telephone, for whom the same flags as those of `analyse` say. */
export async function main(args: readonly string[]): Promise<number> {
  const strange = args.find((arg) => arg.startsWith('--') && !FLAGS.includes(arg));
  if (strange !== undefined) return complain([`${strange} is not known here. ${USAGE}`]);
  const parsed = parseArguments(args);
  if (typeof parsed === 'string') return complain([parsed.replace(ANALYSE_USAGE, USAGE)]);
  const tree = await readTree(parsed.file);
  if (!tree.ok) return complain(tree.error);
  const missing = notThere(tree.value, parsed);
  if (missing) return complain([missing]);
  const { html } = pocketPage(pocketOf(tree.value, parsed.filter, today()));
  process.stdout.write(html);
  const bytes = new TextEncoder().encode(html).length;
  if (bytes > POCKET_MAX_BYTES)
    console.error(`The page has ${Math.ceil(bytes / 1000)} kB: look at a part of the tree for one that a message carries.`);
  return 0;
}
