import { z } from 'zod';
import { atOnce, err, ok, type InPieces, type Result } from '@/core/base';
import { normaliseTree, TREE_FILE_FORMAT, TREE_FILE_MAX_BYTES, TREE_FILE_VERSION } from '@/core/notation';
import { checkTree, type TreeDocument } from '@/core/tree';
import { describeTreeError } from '@/core/words';
import { letOthersIn } from '../letOthersIn';
import { fewSentences, sayProblem } from '../sayIssue';
import { carriedClassSchema } from '../class/carried';
import { carriedAthleteSchema, carriedOpponentSchema } from './carried';
import { formerHeaderSchema, upgradeTree } from './former';
import { findOversized, parseJson } from './json';
import { headerSchema, MAX_POSITIONS, MAX_TRANSITIONS, positionSchema, ruleSetSchema, transitionSchema } from './schema';

/** Sentences, each naming its place; never empty. */
export type FileProblems = readonly string[];

interface List {
  readonly name: string;
  readonly schema: z.ZodType;
  readonly most: number;
  /** Files without people or cards may leave the list out. */
  readonly isOptional?: boolean;
}
const ROWS: readonly List[] = [
  { name: 'positions', schema: positionSchema, most: MAX_POSITIONS },
  { name: 'transitions', schema: transitionSchema, most: MAX_TRANSITIONS },
];
const CARRIED: readonly List[] = [
  { name: 'ruleCards', schema: ruleSetSchema, most: 500, isOptional: true },
  { name: 'athletes', schema: carriedAthleteSchema, most: 500, isOptional: true },
  { name: 'opponents', schema: carriedOpponentSchema, most: 500, isOptional: true },
  { name: 'classes', schema: carriedClassSchema, most: 500, isOptional: true },
];

type Lists = Record<string, readonly object[]>;
interface Form {
  readonly tree: object;
  readonly lists: Lists;
}

/** "positions[3] ("knee-cut") › reads[0] › name": a path a person can follow in the file. */
function placeOf(path: readonly PropertyKey[], input: unknown): string {
  let at = input;
  const parts: string[] = [];
  for (const key of path) {
    at = typeof at === 'object' && at !== null && Object.hasOwn(at, key) ? (at as Record<PropertyKey, unknown>)[key] : undefined;
    if (typeof key !== 'number') parts.push(String(key).slice(0, 60));
    else {
      const id = (at as { id?: unknown } | null | undefined)?.id;
      parts[parts.length - 1] = `${parts.at(-1) ?? ''}[${key}]${typeof id === 'string' ? ` ("${id.slice(0, 60)}")` : ''}`;
    }
  }
  return parts.length > 0 ? parts.join(' › ') : 'the file';
}

const MOST_PROBLEMS = 20;
const ROWS_A_PIECE = 50;

/** The parts of a file, each in its form; or what is wrong, looked for only as far as a person reads on. */
function* parseForm(json: Record<string, unknown>, header: z.ZodType, lists: readonly List[]): InPieces<Result<Form, FileProblems>> {
  const problems: string[] = [];
  const known = new Set(['format', 'version', 'tree', ...lists.map((list) => list.name)]);
  const strange = Object.keys(json).filter((field) => !known.has(field));
  if (strange.length > 0) problems.push(...strange.map((field) => `the file: Unrecognized key: "${field.slice(0, 60)}".`));
  const add = (path: readonly PropertyKey[], issues: readonly z.core.$ZodIssue[]): void => {
    for (const issue of issues.slice(0, MOST_PROBLEMS))
      problems.push(sayProblem(placeOf([...path, ...issue.path], json), [...path, ...issue.path], issue));
  };
  const tree = header.safeParse(json.tree);
  if (!tree.success) add(['tree'], tree.error.issues);
  const read: Record<string, object[]> = {};
  for (const { name, schema, most, isOptional } of lists) {
    const list = json[name];
    if (list === undefined && isOptional) continue;
    if (!Array.isArray(list)) problems.push(list === undefined ? `the ${name} are missing.` : `${name}: must be a list.`);
    else if (list.length > most) problems.push(`${name}: the list is too long; it may have at most ${most} entries.`);
    else {
      read[name] = [];
      for (const [i, row] of list.entries()) {
        if (problems.length > MOST_PROBLEMS) return err(fewSentences(problems));
        const parsed = schema.safeParse(row);
        if (parsed.success) read[name].push(parsed.data as object);
        else add([name, i], parsed.error.issues);
        if (i % ROWS_A_PIECE === 0) yield;
      }
    }
  }
  return problems.length > 0 ? err(fewSentences(problems)) : ok({ tree: tree.data as object, lists: read });
}

/** The tree that a file of the present version holds, with what it carries along. */
function treeOfForm({ tree, lists }: Form): TreeDocument {
  const { positions = [], transitions = [], ruleCards = [], athletes = [], opponents = [], classes = [] } = lists;
  const people = [
    ...athletes.map((person) => ({ ...person, of: 'athlete' })),
    ...opponents.map((person) => ({ ...person, of: 'opponent' })),
  ];
  const beside = {
    ...(ruleCards.length > 0 ? { ruleSets: ruleCards } : {}),
    ...(people.length > 0 ? { profiles: people } : {}),
    ...(classes.length > 0 ? { classes } : {}),
  };
  return { ...tree, ...beside, positions, transitions } as unknown as TreeDocument;
}

/** From version 3 on a file names rule cards and people of the gym; what later ones know besides may be left out. */
const FIRST_OF_THIS_FORM = 3;
const VERSIONS = Array.from({ length: TREE_FILE_VERSION }, (_, i) => i + 1);
const TOO_LARGE = 'The file is larger than 20 MB; the largest tree takes less.';
/** Characters of text that are looked at at all. */
const MOST_TEXT = 2 * TREE_FILE_MAX_BYTES;

function* readTreeFile(text: string): InPieces<Result<TreeDocument, FileProblems>> {
  if (text.length > MOST_TEXT) return err([TOO_LARGE]);
  const json = yield* parseJson(text.replace(/^\uFEFF/, ''));
  if (!json.ok) return err([text.length > TREE_FILE_MAX_BYTES ? TOO_LARGE : json.error]);
  // The limit is on the normal form, however a file is spaced; without any space it is shorter still.
  if (text.length > TREE_FILE_MAX_BYTES && JSON.stringify(json.value).length > TREE_FILE_MAX_BYTES) return err([TOO_LARGE]);
  const file = json.value as Record<string, unknown> | null;
  if (typeof file !== 'object' || file === null || file.format !== TREE_FILE_FORMAT)
    return err([`The file: this is not a tree file; it should begin with "format": "${TREE_FILE_FORMAT}".`]);
  const { version } = file;
  if (typeof version !== 'number' || !VERSIONS.includes(version))
    return err([
      `version: this file has version ${JSON.stringify(version)?.slice(0, 40) ?? 'none'}; this program reads versions 1 to ${TREE_FILE_VERSION}.`,
    ]);
  const oversized = yield* findOversized(file);
  if (oversized !== null) return err([oversized]);
  const isPresent = version >= FIRST_OF_THIS_FORM;
  const form = yield* parseForm(file, isPresent ? headerSchema : formerHeaderSchema, isPresent ? [...CARRIED, ...ROWS] : ROWS);
  if (!form.ok) return form;
  yield;
  const checked = checkTree(upgradeTree(treeOfForm(form.value), version));
  if (!checked.ok) return err(fewSentences(checked.error.map(describeTreeError)));
  yield;
  return ok(normaliseTree(checked.value));
}

/** Reads a tree file. Never partly: the whole normalised tree, or what is wrong as sentences with their place. */
export const parseTreeFile = (text: string): Result<TreeDocument, FileProblems> => atOnce(readTreeFile(text));
/** The same for a server: a large file keeps nobody else waiting. */
export const parseTreeFileInPieces = (text: string): Promise<Result<TreeDocument, FileProblems>> => letOthersIn(readTreeFile(text));
