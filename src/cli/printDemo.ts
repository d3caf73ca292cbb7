import { checkTree } from '@/core/tree';
import { describeTreeError } from '@/core/words';
import { formatTreeFile } from '@/core/notation';
import { demoTree } from '../../demo/demoTree';

/** Prints the demo tree as a tree file. */
export async function main(): Promise<number> {
  const checked = checkTree(demoTree());
  if (!checked.ok) {
    for (const error of checked.error) console.error(describeTreeError(error));
    return 1;
  }
  process.stdout.write(formatTreeFile(checked.value));
  return 0;
}
