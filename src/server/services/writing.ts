import { diffOf, fieldsOf, rowsOf } from '@/core/document';
import { DOCUMENT_LISTS, kindOf, type AnyDocument, type DocumentKind } from '@/documents';
import { sizeOf } from '@/documents/size';
import type { Db } from '../db/client';
import {
  deleteRows,
  insertChanges,
  insertDocument,
  moveRows,
  putRows,
  updateDocument,
  type Key,
  type NewChange,
} from '../queries/documents';
import type { Context } from './context';

export const keyOf = ({ gymId }: Context, kind: DocumentKind, id: string): Key => ({ gymId, kind, id });

const writtenOf = (kind: DocumentKind, document: AnyDocument, bytes: number) => {
  const fields = fieldsOf(document, DOCUMENT_LISTS[kind]).map((field) => [field, document[field]]);
  return { form: kindOf(kind).form, bytes, name: document.name, body: Object.fromEntries(fields) as object };
};

/** Writes only the rows that differ between two versions; `before` null = all. Inside a transaction. */
export async function writeRows(tx: Db, key: Key, before: AnyDocument | null, after: AnyDocument): Promise<void> {
  for (const list of DOCUMENT_LISTS[key.kind]) {
    const was = new Map((before ? rowsOf(before, list) : []).map((row, ordinal) => [row.id, { row, ordinal }]));
    const now = rowsOf(after, list).map((row, ordinal) => ({ row, ordinal }));
    const kept = new Set(now.map(({ row }) => row.id));
    await deleteRows(
      tx,
      key,
      list,
      [...was.keys()].filter((id) => !kept.has(id)),
    );
    await putRows(
      tx,
      key,
      list,
      now.filter(({ row }) => was.get(row.id)?.row !== row),
    );
    const moved = now.filter(({ row, ordinal }) => was.get(row.id)?.row === row && was.get(row.id)?.ordinal !== ordinal);
    await moveRows(
      tx,
      key,
      list,
      moved.map(({ row, ordinal }) => ({ id: row.id, ordinal })),
    );
  }
}

export const writeBody = (tx: Db, key: Key, revision: number, document: AnyDocument): Promise<void> =>
  updateDocument(tx, key, revision, writtenOf(key.kind, document, sizeOf(document, DOCUMENT_LISTS[key.kind])));

/** Inserts a new document inside a transaction; false if its id is taken. Pre: checked and normal. */
export async function insertNew(
  tx: Db,
  context: Context,
  kind: DocumentKind,
  document: AnyDocument,
  edit: string | null,
): Promise<boolean> {
  const key = keyOf(context, kind, document.id);
  const bytes = sizeOf(document, DOCUMENT_LISTS[kind]);
  if (!(await insertDocument(tx, key, writtenOf(kind, document, bytes)))) return false;
  const made: NewChange = {
    revision: 1,
    form: kindOf(kind).form,
    editId: edit,
    diff: { label: 'made', changes: [] },
    madeBy: context.member,
  };
  await insertChanges(tx, key, [made]);
  await writeRows(tx, key, null, document);
  return true;
}

/** The diff from one stored version to another, as an edit of this program's own making. */
export const editBetween = (kind: DocumentKind, before: AnyDocument, after: AnyDocument, label: string) => ({
  id: crypto.randomUUID() as string,
  diff: diffOf<AnyDocument>(before, after, label, DOCUMENT_LISTS[kind]),
});
