import { headerOf, type Profile, type TreeDocument } from '../tree';
import { normaliseTree } from './normalise';

export const TREE_FILE_FORMAT = 'red-ladder-tree';
/** Written; versions 1 and 2 are read and upgraded, versions 3 to 7 have fewer fields. */
export const TREE_FILE_VERSION = 8;
export const TREE_FILE_MAX_BYTES = 20 * 1024 * 1024;
/** Deeper than any tree file can be: a contact's target lies ten levels down. */
export const TREE_FILE_MAX_DEPTH = 32;

/** A person as the file carries him: of an athlete never what is nobody else's business, nor his habits. */
function carried({ of, ...person }: Profile): Omit<Profile, 'of'> {
  if (of === 'opponent') return person;
  const { id, name, off, on, physique, betterSide } = person;
  return { id, name, off, on, physique, betterSide };
}
const without = <T extends object>(record: T): T =>
  Object.fromEntries(Object.entries(record).filter(([, value]) => value !== undefined)) as T;

/** The parts of the tree file, in their order; rule cards and people that the tree is looked at with, and classes made for it, go along. */
export function treeFileOf(tree: TreeDocument) {
  const { positions, transitions, ruleSets = [], profiles = [], classes = [], ...rest } = normaliseTree(tree);
  const people = (of: Profile['of']) => profiles.filter((person) => person.of === of).map((person) => without(carried(person)));
  return {
    format: TREE_FILE_FORMAT,
    version: TREE_FILE_VERSION,
    tree: headerOf({ ...rest, positions: [], transitions: [] }),
    ruleCards: ruleSets,
    athletes: people('athlete'),
    opponents: people('opponent'),
    ...(classes.length > 0 ? { classes } : {}),
    positions,
    transitions,
  };
}

/** The tree file: UTF-8 JSON, two-space indent, fields in fixed order, one line feed at the end (docs/tree-file.md). */
export const formatTreeFile = (tree: TreeDocument): string => `${JSON.stringify(treeFileOf(tree), null, 2)}\n`;

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
