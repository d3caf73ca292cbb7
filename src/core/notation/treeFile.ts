import type { TreeDocument } from '../tree';
import { normaliseTree } from './normalise';

export const TREE_FILE_FORMAT = 'red-ladder-tree';
/** Written; version 1 is read and upgraded. */
export const TREE_FILE_VERSION = 2;
export const TREE_FILE_MAX_BYTES = 20 * 1024 * 1024;
/** Deeper than any tree file can be: a contact's target lies ten levels down. */
export const TREE_FILE_MAX_DEPTH = 32;

/** The tree file: UTF-8 JSON, two-space indent, fields in fixed order, one line feed at the end (docs/tree-file.md). */
export function formatTreeFile(tree: TreeDocument): string {
  const { positions, transitions, ...header } = normaliseTree(tree);
  return `${JSON.stringify({ format: TREE_FILE_FORMAT, version: TREE_FILE_VERSION, tree: header, positions, transitions }, null, 2)}\n`;
}

/** Line and column (from 1) of the first bracket nested deeper than `limit`, or null. Linear, without recursion. */
export function findTooDeep(text: string, limit = TREE_FILE_MAX_DEPTH): { line: number; column: number } | null {
  let depth = 0;
  let inString = false;
  for (let i = 0; i < text.length; i++) {
    const c = text[i];
    if (inString) {
      if (c === '\\') i++;
      else if (c === '"') inString = false;
    } else if (c === '"') inString = true;
    else if (c === '[' || c === '{') {
      if (++depth > limit) return placeIn(text, i);
    } else if (c === ']' || c === '}') depth--;
  }
  return null;
}

/** Line and column, from 1, of an offset. */
export function placeIn(text: string, offset: number): { line: number; column: number } {
  const before = text.slice(0, offset).split('\n');
  return { line: before.length, column: (before.at(-1)?.length ?? 0) + 1 };
}
