import { err, ok, type Result } from '@/core/base';
import { applyOutline, formatOutline, type OutlineProblem } from '@/core/outline';
import { formatTreeFile, TREE_FILE_MAX_BYTES } from '@/core/notation';
import { emptyTree, freshId, type TreeDocument } from '@/core/tree';
import { parseTreeFile, type FileProblems } from '@/documents/tree/file';
import { complain, readText, readTree } from './readTree';

const USAGE = 'Usage: npm run -s outline -- FILE [--onto TREE_FILE [--rewrite]]';

const isJson = (text: string): boolean => text.trimStart().startsWith('{');
const sayProblem = (file: string, { line, says }: OutlineProblem): string => `${file}, line ${line}: ${says}`;

/** A new tree, named by the outline's title. */
const newTree = (title: string): TreeDocument => emptyTree(freshId(title, new Set()), title);
const titleOf = (text: string): string => /^#\s+(.*\S)\s*$/m.exec(text)?.[1] ?? 'My passing';

/** The tree that an outline makes, on its own or on to a tree; every problem is a sentence with its line. */
function treeOf(file: string, text: string, onto: TreeDocument | null, rewrite: boolean): Result<TreeDocument, FileProblems> {
  const { tree, problems } = applyOutline(onto ?? newTree(titleOf(text)), text, rewrite ? 'rewrite' : 'add');
  if (problems.length > 0) return err(problems.map((problem) => sayProblem(file, problem)));
  // As strictly as the file will be read again.
  const checked = parseTreeFile(formatTreeFile(tree));
  return checked.ok ? ok(tree) : err(checked.error.map((sentence) => `${file}: ${sentence}`));
}

/** `npm run -s outline -- FILE`: a tree file as an outline, an outline as a tree file. */
export async function main(args: readonly string[]): Promise<number> {
  const rewrite = args.includes('--rewrite');
  const at = args.indexOf('--onto');
  const onto = at < 0 ? undefined : args[at + 1];
  const files = args.filter((arg, i) => arg !== '--rewrite' && (at < 0 || (i !== at && i !== at + 1)));
  const [file] = files;
  if (file === undefined || files.length !== 1 || file.startsWith('--') || (at >= 0 && onto === undefined) || (rewrite && at < 0))
    return complain([USAGE]);
  const text = await readText(file);
  if (!text.ok) return complain(text.error);
  if (isJson(text.value)) {
    const tree = await readTree(file);
    if (!tree.ok) return complain(tree.error);
    if (at >= 0) return complain([`${file} is a tree file; what is put on to a tree is an outline.`, USAGE]);
    process.stdout.write(formatOutline(tree.value));
    return 0;
  }
  const base = onto === undefined ? ok(null) : await readTree(onto);
  if (!base.ok) return complain(base.error);
  const made = treeOf(file, text.value, base.value, rewrite);
  if (!made.ok) return complain(made.error);
  const written = formatTreeFile(made.value);
  if (written.length > TREE_FILE_MAX_BYTES) return complain([`${file}: the tree would be larger than 20 MB.`]);
  process.stdout.write(written);
  return 0;
}
