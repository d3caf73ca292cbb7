import { readFile, stat } from 'node:fs/promises';
import { parseTreeFile, type FileProblems } from '@/documents/tree/file';
import { err, ok, type Result } from '@/core/base';
import { TREE_FILE_MAX_BYTES } from '@/core/notation';
import type { TreeDocument } from '@/core/tree';

/** A file from disk, no larger than a tree file may be. */
export async function readFileBytes(file: string): Promise<Result<Uint8Array, FileProblems>> {
  try {
    const { size } = await stat(file);
    if (size > 2 * TREE_FILE_MAX_BYTES) return err([`${file}: the file is larger than 20 MB; the largest tree takes less.`]);
    return ok(await readFile(file));
  } catch (error) {
    const code = (error as { code?: string }).code;
    return err([code === 'ENOENT' ? `${file}: there is no such file.` : `${file}: the file cannot be read (${code ?? 'unknown reason'}).`]);
  }
}

/** The same as text. */
export async function readText(file: string): Promise<Result<string, FileProblems>> {
  const bytes = await readFileBytes(file);
  if (!bytes.ok) return bytes;
  try {
    return ok(new TextDecoder('utf-8', { fatal: true }).decode(bytes.value));
  } catch {
    return err([`${file}: this is not UTF-8 text.`]);
  }
}

/** Reads and checks a tree file from disk; problems are sentences that name the place. */
export async function readTree(file: string): Promise<Result<TreeDocument, FileProblems>> {
  const text = await readText(file);
  return text.ok ? parseTreeFile(text.value) : text;
}

/** Prints each problem on standard error; the exit code for bad input. */
export function complain(problems: FileProblems): number {
  for (const problem of problems) console.error(problem);
  return 1;
}
