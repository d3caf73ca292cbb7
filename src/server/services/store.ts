import type { ChangeNote, RefusedEdit, SaveOutcome, SaveRequest, Stale } from '@/contracts/documents';
import { err, ok, type InPieces, type Result } from '@/core/base';
import { fieldsOf, rowsOf } from '@/core/document';
import { DOCUMENT_LISTS, kindOf, type AnyDocument, type DocumentKind } from '@/documents';
import { letOthersIn } from '@/documents/letOthersIn';
import { sizeOf } from '@/documents/size';
import { inTransaction, type Db } from '../db/client';
import {
  insertChanges,
  manyChangesSince,
  manyDocuments,
  manyKnownEdits,
  manySummaries,
  markDeleted,
  maybeOneDocument,
  maybeOneHead,
  type Key,
  type NewChange,
  type StoredChange,
  type StoredRow,
  type Summary,
} from '../queries/documents';
import { appliedEdit } from './appliedEdit';
import type { Context } from './context';
import { recall, remember, type StoredDocument } from './recent';
import { serially } from './serially';
import { upgradeGym } from './upgrade';
import { keyOf, writeBody, writeRows } from './writing';

export type { StoredChange, Summary } from '../queries/documents';
export type { StoredDocument } from './recent';

/** Why something was not stored; `edit` = the edit that cannot be. */
export interface StoreError {
  readonly code: 'missing' | 'tooLarge' | 'refused';
  readonly problems: readonly string[];
  readonly edit?: string;
}

const nameOf = ({ gymId, kind, id }: Key): string => `${gymId} ${kind} ${id}`;
const missing: StoreError = {
  code: 'missing',
  problems: ['This is no longer stored: it was deleted in another window. Bring it back under Files, or save your copy as a file.'],
};
export const megabytes = (bytes: number): string => `${Math.ceil(bytes / 104_857.6) / 10} MB`;

const ROWS_A_PIECE = 50;

/** A stored row, parsed by its kind's schemas, in pieces: what lies in the store is checked as what comes from outside. */
function* parsing(kind: DocumentKind, { document, revision, bytes }: StoredRow): InPieces<StoredDocument> {
  const { body, rows, normalise } = kindOf(kind);
  const lists: readonly string[] = DOCUMENT_LISTS[kind];
  const fields = body.parse(Object.fromEntries(fieldsOf(document, lists).map((field) => [field, document[field]]))) as object;
  const read: Record<string, unknown> = { ...fields };
  for (const list of lists) {
    const parsed: unknown[] = [];
    for (const [i, row] of rowsOf(document, list).entries()) {
      parsed.push(rows[list]!.parse(row));
      if (i % ROWS_A_PIECE === 0) yield;
    }
    read[list] = parsed;
  }
  yield;
  const normal = normalise(read as unknown as AnyDocument);
  return { document: normal, revision, bytes: bytes > 0 ? bytes : sizeOf(normal, lists) };
}
const parsed = (kind: DocumentKind, row: StoredRow): Promise<StoredDocument> => letOthersIn(parsing(kind, row));

async function readNow(db: Db, key: Key, revision: number): Promise<StoredDocument | null> {
  const known = recall(`${nameOf(key)} ${revision}`);
  if (known) return known;
  const row = await maybeOneDocument(db, key);
  if (!row) return null;
  const read = await parsed(key.kind, row);
  remember(`${nameOf(key)} ${read.revision}`, read);
  return read;
}

/** The document with its revision; null = there is none, or it was deleted. */
export async function findDocument(context: Context, kind: DocumentKind, id: string): Promise<StoredDocument | null> {
  const key = keyOf(context, kind, id);
  const head = await maybeOneHead(context.db, key, { lock: false });
  if (!head || head.deleted) return null;
  if (head.form < kindOf(kind).form) {
    await upgradeGym(context);
    return findDocument(context, kind, id);
  }
  return readNow(context.db, key, head.revision);
}

/** All documents of a kind, in the order in which they were made. */
export async function findDocuments(context: Context, kind: DocumentKind): Promise<StoredDocument[]> {
  const rows = await manyDocuments(context.db, context.gymId, kind);
  if (rows.some((row) => row.form < kindOf(kind).form)) {
    await upgradeGym(context);
    return findDocuments(context, kind);
  }
  return Promise.all(
    rows.map(async (row) => {
      const name = `${nameOf(keyOf(context, kind, row.document.id))} ${row.revision}`;
      const read = recall(name) ?? (await parsed(kind, row));
      remember(name, read);
      return read;
    }),
  );
}

/** Names and revisions, last worked on first. */
export const findSummaries = (context: Context, kind: DocumentKind, { deleted = false } = {}): Promise<Summary[]> =>
  manySummaries(context.db, context.gymId, kind, DOCUMENT_LISTS[kind][0] ?? '', deleted);

/** What was changed after a revision, oldest first. */
export const findChanges = (context: Context, kind: DocumentKind, id: string, since: number): Promise<StoredChange[]> =>
  manyChangesSince(context.db, keyOf(context, kind, id), since);

const noteOf = ({ revision, label, madeAt, madeBy }: StoredChange): ChangeNote => ({
  revision,
  label,
  madeAt: madeAt.toISOString(),
  madeBy,
});

async function staleOf(db: Db, key: Key, current: StoredDocument, base: number, stored: readonly string[]): Promise<Stale> {
  const since = (await manyChangesSince(db, key, base)).map(noteOf);
  return { saved: false, revision: current.revision, document: current.document, since, stored };
}

/** Nothing new (`saved`), or the document as it is now and what was changed since `baseRevision`; null = there is none. */
export async function changesSince(context: Context, kind: DocumentKind, id: string, baseRevision: number): Promise<SaveOutcome | null> {
  const current = await findDocument(context, kind, id);
  if (!current || current.revision === baseRevision) return current && { saved: true, revision: baseRevision };
  return staleOf(context.db, keyOf(context, kind, id), current, baseRevision, []);
}

interface Made {
  readonly document: AnyDocument;
  readonly changes: readonly NewChange[];
  readonly refused: RefusedEdit | null;
}
/** The edits one after the other, as far as they can be; the first that cannot ends it. */
function madeOf(context: Context, kind: DocumentKind, current: StoredDocument, base: number, edits: SaveRequest['edits']): Made {
  let document = current.document;
  const changes: NewChange[] = [];
  for (const { id, diff } of edits) {
    const made = appliedEdit(kind, document, diff);
    if (!made.ok) return { document, changes, refused: { edit: id, problems: made.error } };
    const revision = base + changes.length + 1;
    if (made.value.diff.changes.length > 0)
      changes.push({ revision, form: kindOf(kind).form, editId: id, diff: made.value.diff, madeBy: context.member });
    document = made.value.document;
  }
  return { document, changes, refused: null };
}

/** Why the outcome cannot be stored: meaning, or size. */
function problemWith(kind: DocumentKind, document: AnyDocument, before: StoredDocument): StoreError | null {
  const { check, maxBytes } = kindOf(kind);
  const problems = check(document, before.document);
  if (problems.length > 0) return { code: 'refused', problems };
  const bytes = sizeOf(document, DOCUMENT_LISTS[kind]);
  // What is too large from earlier days may be opened and made smaller.
  return bytes > maxBytes && bytes >= before.bytes ? { code: 'tooLarge', problems: [tooLarge(bytes, maxBytes)] } : null;
}
export const tooLarge = (bytes: number, most: number): string =>
  `As a file this would be ${megabytes(bytes)}; the most that is kept is ${megabytes(most)}. Nothing was stored.`;

/** As many of the edits as can be stored: all of them, or those before the first that breaks the document. */
function longestGood(
  context: Context,
  kind: DocumentKind,
  current: StoredDocument,
  edits: SaveRequest['edits'],
): Made & { readonly error: StoreError | null } {
  const whole = madeOf(context, kind, current, current.revision, edits);
  const refusedBy = (refused: RefusedEdit | null): StoreError | null => refused && { code: 'refused', ...refused };
  const problem = problemWith(kind, whole.document, current);
  if (!problem) return { ...whole, error: refusedBy(whole.refused) };
  let good: Made = { document: current.document, changes: [], refused: null };
  for (let count = 1; count <= edits.length; count++) {
    const next = madeOf(context, kind, current, current.revision, edits.slice(0, count));
    const error = next.refused ? refusedBy(next.refused) : problemWith(kind, next.document, current);
    if (error)
      return {
        ...good,
        refused: { edit: edits[count - 1]!.id, problems: error.problems },
        error: { ...error, edit: edits[count - 1]!.id },
      };
    good = next;
  }
  return { ...good, error: null };
}

const OLD_FORM = 'This was stored by an older program and is being brought to the present form. Try again.';

/** The document as it is now, its head locked until the transaction ends. */
async function lockedNow(tx: Db, key: Key): Promise<Result<StoredDocument, StoreError>> {
  const head = await maybeOneHead(tx, key, { lock: true });
  if (!head || head.deleted) return err(missing);
  const current = head.form < kindOf(key.kind).form ? null : await readNow(tx, key, head.revision);
  return current ? ok(current) : err({ code: 'refused', problems: [OLD_FORM] });
}

/** Which of the edits are stored already, and the last revision that one of them made. */
async function storedAmong(tx: Db, { gymId, id }: Key, edits: SaveRequest['edits'], baseRevision: number) {
  const ids = edits.map((edit) => edit.id);
  const known = (await manyKnownEdits(tx, gymId, ids)).filter((edit) => edit.documentId === id);
  return { stored: known.map((edit) => edit.editId), base: Math.max(baseRevision, ...known.map((edit) => edit.revision)) };
}

async function write(tx: Db, key: Key, before: StoredDocument, { document, changes }: Made): Promise<StoredDocument> {
  const revision = before.revision + changes.length;
  await writeBody(tx, key, revision, document);
  await writeRows(tx, key, before.document, document);
  await insertChanges(tx, key, changes);
  return { document, revision, bytes: sizeOf(document, DOCUMENT_LISTS[key.kind]) };
}

/**
 * Saves edits made on `baseRevision`, each once, however often it is sent. A stale base changes nothing and is told what
 * happened since; an edit that cannot be ends the row: those before it are stored, it is named.
 */
export function saveEdits(
  context: Context,
  kind: DocumentKind,
  id: string,
  { baseRevision, edits }: SaveRequest,
): Promise<Result<SaveOutcome, StoreError>> {
  const key = keyOf(context, kind, id);
  return serially(nameOf(key), async () => {
    let written: StoredDocument | null = null;
    const outcome = await inTransaction(context.db, async (tx): Promise<Result<SaveOutcome, StoreError>> => {
      const now = await lockedNow(tx, key);
      if (!now.ok) return now;
      const current = now.value;
      const { stored, base } = await storedAmong(tx, key, edits, baseRevision);
      const fresh = edits.filter((edit) => !stored.includes(edit.id));
      if (fresh.length === 0) return ok({ saved: true, revision: base });
      if (current.revision !== base) return ok(await staleOf(tx, key, current, base, stored));
      const { error, ...made } = longestGood(context, kind, current, fresh);
      if (error && made.changes.length === 0 && stored.length === 0) return err(error);
      if (made.changes.length > 0) written = await write(tx, key, current, made);
      return ok({ saved: true, revision: base + made.changes.length, ...(made.refused ? { refused: made.refused } : {}) });
    });
    if (written) remember(`${nameOf(key)} ${(written as StoredDocument).revision}`, written);
    return outcome;
  });
}

/** Deletes a document, or brings a deleted one back. What refers to it keeps its reference. False = there is none such. */
export function setDeleted(context: Context, kind: DocumentKind, id: string, deleted: boolean): Promise<boolean> {
  const key = keyOf(context, kind, id);
  return serially(nameOf(key), () =>
    inTransaction(context.db, async (tx) => {
      const head = await maybeOneHead(tx, key, { lock: true });
      if (!head || head.deleted === deleted) return head !== null;
      const diff = { label: deleted ? 'deleted' : 'brought back', changes: [] };
      await markDeleted(tx, key, head.revision + 1, deleted);
      await insertChanges(tx, key, [{ revision: head.revision + 1, form: head.form, editId: null, diff, madeBy: context.member }]);
      return true;
    }),
  );
}
