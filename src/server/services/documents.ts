import { err, ok, type Result } from '@/core/base';
import { applyDiff, fieldsOf, invertDiff, rowsOf } from '@/core/document';
import { freshId } from '@/core/tree';
import { DOCUMENT_LISTS, kindOf, type AnyDocument, type DocumentKind } from '@/documents';
import { fewSentences, sayProblem } from '@/documents/sayIssue';
import { sizeOf } from '@/documents/size';
import type { SaveOutcome } from '@/contracts/documents';
import { inTransaction, type Db } from '../db/client';
import { manyDiffsSince, manyKnownEdits, manySummaries } from '../queries/documents';
import type { Context } from './context';
import { findDocument, saveEdits, tooLarge, type StoreError } from './store';
import { editBetween, insertNew, keyOf } from './writing';

type Problems = readonly string[];

/** The document that was given, checked and in normal form; or sentences why it cannot be. */
export function checkedDocument(kind: DocumentKind, given: object): Result<AnyDocument, StoreError> {
  const { body, rows, normalise, check, maxBytes, maxRows } = kindOf(kind);
  const lists: readonly string[] = DOCUMENT_LISTS[kind];
  const document = given as AnyDocument;
  const place = (path: readonly PropertyKey[]): string => path.map(String).join(' › ') || 'the document';
  const parsed = body.safeParse(Object.fromEntries(fieldsOf(document, lists).map((field) => [field, document[field]])));
  const wrong = parsed.success ? [] : parsed.error.issues.map((issue) => sayProblem(place(issue.path), issue.path, issue));
  for (const list of lists) {
    if (rowsOf(document, list).length > maxRows[list]!) wrong.push(`There would be more than ${maxRows[list]} ${list}.`);
    for (const row of rowsOf(document, list)) {
      const one = rows[list]!.safeParse(row);
      if (!one.success) wrong.push(...one.error.issues.map((issue) => sayProblem(`${list} › ${place(issue.path)}`, issue.path, issue)));
    }
  }
  if (wrong.length > 0) return err({ code: 'refused', problems: fewSentences(wrong) });
  const normal = normalise({ ...Object.fromEntries(lists.map((list) => [list, []])), ...document });
  const problems = check(normal, null);
  if (problems.length > 0) return err({ code: 'refused', problems: fewSentences(problems) });
  const bytes = sizeOf(normal, lists);
  return bytes > maxBytes ? err({ code: 'tooLarge', problems: [tooLarge(bytes, maxBytes)] }) : ok(normal);
}

/** Ids that a new document of this kind may not have: those of its kind, and of people in general. */
async function takenIds(tx: Db, context: Context, kind: DocumentKind): Promise<Set<string>> {
  const kinds: readonly DocumentKind[] = kind === 'athlete' || kind === 'opponent' ? ['athlete', 'opponent'] : [kind];
  const ids = new Set<string>();
  for (const item of kinds)
    for (const deleted of [false, true]) for (const { id } of await manySummaries(tx, context.gymId, item, '', deleted)) ids.add(id);
  return ids;
}

/** Stores a checked document under its own id, or a fresh one if that is taken, inside a transaction. Returns the id. */
export async function insertFresh(
  tx: Db,
  context: Context,
  kind: DocumentKind,
  document: AnyDocument,
  edit: string | null,
): Promise<string> {
  const taken = await takenIds(tx, context, kind);
  let id = taken.has(document.id) ? freshId(document.id, taken) : document.id;
  // Somebody may take it in between.
  while (!(await insertNew(tx, context, kind, { ...document, id }, edit))) {
    taken.add(id);
    id = freshId(document.id, taken);
  }
  return id;
}

/** Makes a document once, however often the edit is sent; `exactly` = under its own id or not at all. Returns its id. */
export async function createDocument(
  context: Context,
  kind: DocumentKind,
  given: object,
  edit: string | null,
  { exactly = false } = {},
): Promise<Result<string, StoreError>> {
  const checked = checkedDocument(kind, given);
  if (!checked.ok) return checked;
  const madeBefore = async (db: Db) => (edit === null ? undefined : (await manyKnownEdits(db, context.gymId, [edit]))[0]?.documentId);
  const known = await madeBefore(context.db);
  if (known !== undefined) return ok(known);
  const taken: StoreError = {
    code: 'refused',
    problems: [`The gym has something else under the id "${checked.value.id}". Make it again.`],
  };
  return inTransaction(context.db, async (tx) => {
    if (!exactly) return ok(await insertFresh(tx, context, kind, checked.value, edit));
    const isFree = !(await takenIds(tx, context, kind)).has(checked.value.id);
    if (isFree && (await insertNew(tx, context, kind, checked.value, edit))) return ok(checked.value.id);
    // The same edit may have been on its way twice.
    const meanwhile = await madeBefore(tx);
    return meanwhile === undefined ? err(taken) : ok(meanwhile);
  });
}

/**
 * The document as it was at a revision, rebuilt in the form of its time and then upgraded; or a sentence why it cannot be had.
 * What it held of the gym then is the gym's now and stays as it is.
 */
export async function documentAt(
  context: Context,
  kind: DocumentKind,
  id: string,
  revision: number,
): Promise<Result<AnyDocument, Problems>> {
  const current = await findDocument(context, kind, id);
  if (!current) return err(['There is no such document.']);
  if (revision < 1 || revision > current.revision)
    return err([`This has the revisions 1 to ${current.revision}; there is no ${revision}.`]);
  const { formerDiff, upgrade, normalise, form } = kindOf(kind);
  let document = current.document;
  let at = form;
  let reached = current.revision;
  for (const change of await manyDiffsSince(context.db, keyOf(context, kind, id), revision)) {
    reached = change.revision - 1;
    if (change.former) {
      [document, at] = [change.former, change.formerForm!];
      continue;
    }
    const diff = formerDiff ? formerDiff(change.diff, change.form) : change.diff;
    const undone = applyDiff(document, invertDiff(diff));
    if (!undone.ok) throw new Error(`change "${diff.label}" of ${kind} ${id} does not fit its own log`);
    document = undone.value;
  }
  if (reached > revision) return err([`What this was before revision ${reached} was not kept.`]);
  if (at === form) return ok(document);
  return ok(normalise(upgrade(document, at, { partners: new Set(), renamed: new Map() }).document));
}

/** Goes back to an earlier revision by one more change, so that going back can itself be undone. */
export async function restoreDocument(
  context: Context,
  kind: DocumentKind,
  id: string,
  { revision, baseRevision }: { revision: number; baseRevision: number },
): Promise<Result<SaveOutcome, StoreError>> {
  const earlier = await documentAt(context, kind, id, revision);
  if (!earlier.ok) return err({ code: 'refused', problems: earlier.error });
  const current = await findDocument(context, kind, id);
  if (!current) return err({ code: 'missing', problems: ['There is no such document.'] });
  const edit = editBetween(kind, current.document, earlier.value, `back to revision ${revision}`);
  if (edit.diff.changes.length === 0) return ok({ saved: true, revision: current.revision });
  return saveEdits(context, kind, id, { baseRevision, edits: [edit] });
}
