import { parse as parseTolerant, printParseErrorCode, type ParseError } from 'jsonc-parser';
import { z } from 'zod';
import { err, ok, type Result } from '@/core/base';
import {
  findTooDeep,
  normaliseTree,
  placeIn,
  TREE_FILE_FORMAT,
  TREE_FILE_MAX_BYTES,
  TREE_FILE_MAX_DEPTH,
  TREE_FILE_VERSION,
} from '@/core/notation';
import { checkTree, describeTreeError, type TreeDocument } from '@/core/tree';
import { headerSchema, positionSchema, transitionSchema } from './treeDocument';
import { upgradeTree } from './upgradeTree';

const MAX_POSITIONS = 5000;
const MAX_TRANSITIONS = 20_000;

const fileSchema = z.strictObject({
  format: z.literal(TREE_FILE_FORMAT),
  version: z.union([z.literal(1), z.literal(TREE_FILE_VERSION)]),
  tree: headerSchema,
  positions: z.array(positionSchema).max(MAX_POSITIONS),
  transitions: z.array(transitionSchema).max(MAX_TRANSITIONS),
});

/** Sentences, each naming its place; never empty. */
export type FileProblems = readonly string[];

/** "positions[3] (knee-cut) › reads[0] › name": a path a person can follow in the file. */
function placeOf(path: readonly PropertyKey[], input: unknown): string {
  let at = input;
  const parts: string[] = [];
  for (const key of path) {
    at = (at as Record<PropertyKey, unknown> | undefined)?.[key];
    if (typeof key !== 'number') parts.push(String(key));
    else {
      const id = (at as { id?: unknown } | undefined)?.id;
      parts[parts.length - 1] = `${parts.at(-1) ?? ''}[${key}]${typeof id === 'string' ? ` ("${id.slice(0, 60)}")` : ''}`;
    }
  }
  return parts.length > 0 ? parts.join(' › ') : 'the file';
}

/** What is wrong, in words; too long a list says how long it may be. */
const sayIssue = (issue: z.core.$ZodIssue): string =>
  issue.code === 'too_big' && issue.origin === 'array' ? `the list is too long; it may have at most ${issue.maximum} entries` : issue.message; // prettier-ignore

function parseJson(text: string): Result<unknown, FileProblems> {
  const deep = findTooDeep(text);
  if (deep)
    return err([
      `Line ${deep.line}, column ${deep.column}: brackets are nested more than ${TREE_FILE_MAX_DEPTH} deep; a tree file never is.`,
    ]);
  try {
    return ok(JSON.parse(text));
  } catch {
    // The built-in parser does not always say where; the tolerant one does.
    const errors: ParseError[] = [];
    parseTolerant(text, errors);
    const place = placeIn(text, errors[0]?.offset ?? text.length);
    const reason = errors[0]
      ? printParseErrorCode(errors[0].error)
          .replace(/([a-z])([A-Z])/g, '$1 $2')
          .toLowerCase()
      : 'unexpected end';
    return err([`Line ${place.line}, column ${place.column}: this is not JSON (${reason}).`]);
  }
}

/** Reads a tree file. Never partly: the whole normalised tree, or every problem (at most 20) as a sentence with its place. */
export function parseTreeFile(text: string): Result<TreeDocument, FileProblems> {
  if (text.length > TREE_FILE_MAX_BYTES || new TextEncoder().encode(text).length > TREE_FILE_MAX_BYTES)
    return err(['The file is larger than 20 MB; the largest tree takes less.']);
  const json = parseJson(text.replace(/^\uFEFF/, ''));
  if (!json.ok) return json;
  const head = json.value as { format?: unknown; version?: unknown } | null;
  if (typeof head !== 'object' || head === null || head.format !== TREE_FILE_FORMAT) {
    return err([`The file: this is not a tree file; it should begin with "format": "${TREE_FILE_FORMAT}".`]);
  }
  if (head.version !== 1 && head.version !== TREE_FILE_VERSION) {
    return err([
      `version: this file has version ${JSON.stringify(head.version) ?? 'none'}; this program reads versions 1 and ${TREE_FILE_VERSION}.`,
    ]);
  }
  const form = fileSchema.safeParse(json.value);
  if (!form.success) return err(form.error.issues.slice(0, 20).map((issue) => `${placeOf(issue.path, json.value)}: ${sayIssue(issue)}.`));
  const { version, tree, positions, transitions } = form.data;
  const checked = checkTree(upgradeTree({ ...tree, positions, transitions }, version));
  if (!checked.ok) return err(checked.error.slice(0, 20).map(describeTreeError));
  return ok(normaliseTree(checked.value));
}
