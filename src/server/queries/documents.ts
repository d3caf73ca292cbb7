import type { Diff } from '@/core/document';
import type { AnyDocument, DocumentKind } from '@/documents';
import type { Db } from '../db/client';

/** Which document: its gym, kind and id. */
export interface Key {
  readonly gymId: string;
  readonly kind: DocumentKind;
  readonly id: string;
}
/** A document as it lies in the store, in the form of its time. */
export interface StoredRow {
  readonly form: number;
  readonly revision: number;
  readonly bytes: number;
  readonly document: AnyDocument;
}
export interface Summary {
  readonly id: string;
  readonly name: string;
  readonly revision: number;
  readonly updatedAt: Date;
  /** How many rows it has, all lists together, and in its first list. */
  readonly rows: number;
}

const whole = (db: Db) => db`
  d.document_id, d.form, d.revision, d.bytes, d.body,
  (select jsonb_object_agg(list, bodies) from (
    select r.list, jsonb_agg(r.body order by r.ordinal, r.row_id) as bodies from document_rows r
    where r.gym_id = d.gym_id and r.kind = d.kind and r.document_id = d.document_id group by r.list) as by_list) as lists`;
interface WholeRow {
  readonly form: number;
  readonly revision: number;
  readonly bytes: number;
  readonly body: object;
  readonly lists: Readonly<Record<string, readonly object[]>> | null;
}
const stored = ({ body, lists, form, revision, bytes }: WholeRow): StoredRow => ({
  form,
  revision,
  bytes,
  document: { ...body, ...lists } as unknown as AnyDocument,
});

/** The whole document in one statement, and so as of one moment; `deleted` = also when it was deleted. */
export async function maybeOneDocument(db: Db, { gymId, kind, id }: Key, { deleted = false } = {}): Promise<StoredRow | null> {
  const [row] = await db<WholeRow[]>`select ${whole(db)} from documents d
    where d.gym_id = ${gymId} and d.kind = ${kind} and d.document_id = ${id} and (d.deleted_at is null or ${deleted})`;
  return row ? stored(row) : null;
}
/** All documents of a kind in the order in which they were made. */
export async function manyDocuments(db: Db, gymId: string, kind: DocumentKind): Promise<StoredRow[]> {
  const rows = await db<WholeRow[]>`select ${whole(db)} from documents d
    where d.gym_id = ${gymId} and d.kind = ${kind} and d.deleted_at is null order by d.created_at, d.document_id`;
  return rows.map(stored);
}
/** Keys of the documents in a form older than `form`, deleted ones too. */
export const manyOlderIds = async (db: Db, gymId: string, kind: DocumentKind, form: number): Promise<string[]> =>
  (
    await db<
      { documentId: string }[]
    >`select document_id from documents where gym_id = ${gymId} and kind = ${kind} and form < ${form} order by touched, document_id`
  ).map((row) => row.documentId);

/** Last worked on first; `deleted` = those that were deleted. */
export const manySummaries = (db: Db, gymId: string, kind: DocumentKind, countedList: string, deleted: boolean): Promise<Summary[]> => db<
  Summary[]
>`
  select d.document_id as id, d.name, d.revision, d.updated_at,
    (select count(*)::int from document_rows r where r.gym_id = d.gym_id and r.kind = d.kind and r.document_id = d.document_id and r.list = ${countedList}) as rows
  from documents d where d.gym_id = ${gymId} and d.kind = ${kind} and (d.deleted_at is not null) = ${deleted}
  order by d.touched desc, d.document_id`;

/** Revision and form alone; `lock` holds the document until the transaction ends. */
export async function maybeOneHead(
  db: Db,
  { gymId, kind, id }: Key,
  { lock }: { lock: boolean },
): Promise<{ revision: number; form: number; deleted: boolean } | null> {
  const [row] = await db<
    { revision: number; form: number; deleted: boolean }[]
  >`select revision, form, deleted_at is not null as deleted from documents
    where gym_id = ${gymId} and kind = ${kind} and document_id = ${id} ${lock ? db`for update` : db``}`;
  return row ?? null;
}

interface Written {
  readonly form: number;
  readonly bytes: number;
  readonly name: string;
  readonly body: object;
}

/** False if the id is taken, also by a deleted document. */
export async function insertDocument(db: Db, { gymId, kind, id }: Key, { form, bytes, name, body }: Written): Promise<boolean> {
  const rows = await db`insert into documents (gym_id, kind, document_id, form, name, body, bytes)
    values (${gymId}, ${kind}, ${id}, ${form}, ${name}, ${db.json(body as never)}, ${bytes}) on conflict (gym_id, kind, document_id) do nothing returning 1 as made`;
  return rows.length === 1;
}
/** Puts the body of a later revision. Pre: the document is locked. */
export async function updateDocument(
  db: Db,
  { gymId, kind, id }: Key,
  revision: number,
  { form, bytes, name, body }: Written,
): Promise<void> {
  await db`update documents set revision = ${revision}, form = ${form}, bytes = ${bytes}, name = ${name}, body = ${db.json(body as never)},
    updated_at = now(), touched = nextval('document_touches') where gym_id = ${gymId} and kind = ${kind} and document_id = ${id}`;
}
export async function markDeleted(db: Db, { gymId, kind, id }: Key, revision: number, deleted: boolean): Promise<void> {
  await db`update documents set revision = ${revision}, deleted_at = case when ${deleted} then now() end,
    touched = nextval('document_touches') where gym_id = ${gymId} and kind = ${kind} and document_id = ${id}`;
}

export interface PlacedRow {
  readonly ordinal: number;
  readonly row: { readonly id: string };
}
export async function putRows(db: Db, { gymId, kind, id }: Key, list: string, placed: readonly PlacedRow[]): Promise<void> {
  const rows = placed.map(({ ordinal, row }) => ({
    gym_id: gymId,
    kind,
    document_id: id,
    list,
    row_id: row.id,
    ordinal,
    body: db.json(row as never),
  }));
  for (let i = 0; i < rows.length; i += 1000) {
    await db`insert into document_rows ${db(rows.slice(i, i + 1000) as never)}
      on conflict (gym_id, kind, document_id, list, row_id) do update set ordinal = excluded.ordinal, body = excluded.body`;
  }
}
/** Places of rows that only moved. */
export async function moveRows(
  db: Db,
  { gymId, kind, id }: Key,
  list: string,
  placed: readonly { id: string; ordinal: number }[],
): Promise<void> {
  if (placed.length === 0) return;
  await db`update document_rows r set ordinal = m.ordinal
    from unnest(${placed.map((row) => row.id)}::text[], ${placed.map((row) => row.ordinal)}::int[]) as m (row_id, ordinal)
    where r.gym_id = ${gymId} and r.kind = ${kind} and r.document_id = ${id} and r.list = ${list} and r.row_id = m.row_id`;
}
export async function deleteRows(db: Db, { gymId, kind, id }: Key, list: string, rowIds: readonly string[]): Promise<void> {
  if (rowIds.length === 0) return;
  await db`delete from document_rows where gym_id = ${gymId} and kind = ${kind} and document_id = ${id} and list = ${list} and row_id = any(${rowIds as string[]}::text[])`;
}

export interface NewChange {
  readonly revision: number;
  readonly form: number;
  readonly editId: string | null;
  readonly diff: Diff;
  /** Of an upgrade: the whole document before it, and its form. */
  readonly former?: { readonly form: number; readonly document: object };
  readonly madeBy: string | null;
}
export async function insertChanges(db: Db, { gymId, kind, id }: Key, changes: readonly NewChange[]): Promise<void> {
  const rows = changes.map(({ revision, form, editId, diff, former, madeBy }) => ({
    gym_id: gymId,
    kind,
    document_id: id,
    revision,
    form,
    edit_id: editId,
    label: diff.label,
    diff: db.json(diff as never),
    former: former ? db.json(former as never) : null,
    made_by: madeBy,
  }));
  await db`insert into document_changes ${db(rows as never)}`;
}

export interface StoredChange {
  readonly revision: number;
  readonly label: string;
  readonly madeAt: Date;
  /** Null = the window did not say. */
  readonly madeBy: string | null;
}
/** Changes later than a revision, oldest first; its making is not a change. */
export const manyChangesSince = (db: Db, { gymId, kind, id }: Key, revision: number): Promise<StoredChange[]> => db<StoredChange[]>`
  select revision, label, made_at, made_by from document_changes
  where gym_id = ${gymId} and kind = ${kind} and document_id = ${id} and revision > greatest(${revision}, 1) order by revision`;

/** Of these edits, those that are stored already, with their revision and document. */
export const manyKnownEdits = (db: Db, gymId: string, editIds: readonly string[]) => db<
  { editId: string; revision: number; documentId: string }[]
>`
  select edit_id, revision, document_id from document_changes where gym_id = ${gymId} and edit_id = any(${editIds as string[]}::uuid[]) order by revision`;

export interface StoredDiff {
  readonly revision: number;
  /** Form in which the change was made. */
  readonly form: number;
  readonly diff: Diff;
  /** Of an upgrade: the whole document before it, and its form. */
  readonly former: AnyDocument | null;
  readonly formerForm: number | null;
}
/** Whole changes later than a revision, latest first: what has to be undone to get back to it. */
export const manyDiffsSince = (db: Db, { gymId, kind, id }: Key, revision: number): Promise<StoredDiff[]> => db<StoredDiff[]>`
  select revision, form, diff, former -> 'document' as former, (former ->> 'form')::int as former_form
  from document_changes where gym_id = ${gymId} and kind = ${kind} and document_id = ${id} and revision > ${revision} order by revision desc`;

export interface RecentChange extends StoredChange {
  /** The first of what it changed: enough to say where. */
  readonly changes: Diff['changes'];
}
/** The latest changes, latest first. */
export const manyRecentChanges = (db: Db, { gymId, kind, id }: Key, limit: number): Promise<RecentChange[]> => db<RecentChange[]>`
  select revision, label, made_at, made_by, coalesce(jsonb_path_query_array(diff, '$.changes[0 to 3]'), '[]') as changes
  from document_changes where gym_id = ${gymId} and kind = ${kind} and document_id = ${id} and revision > 1 order by revision desc limit ${limit}`;

/** Ids of the rows of a list that edits of the last days added. */
export async function manyAddedRows(db: Db, { gymId, kind, id }: Key, list: string, days: number): Promise<string[]> {
  const rows = await db<{ id: string }[]>`
    select distinct change ->> 'id' as id
    from document_changes, jsonb_array_elements(diff -> 'changes') as change
    where gym_id = ${gymId} and kind = ${kind} and document_id = ${id} and revision > 1 and made_at > now() - make_interval(days => ${days})
      and change ->> 'kind' = 'row' and change ->> 'list' = ${list} and jsonb_typeof(change -> 'from') = 'null'`;
  return rows.map((row) => row.id);
}

/** The rows that the last change touched, in its order. */
export async function manyLastTouched(db: Db, { gymId, kind, id }: Key): Promise<Diff | null> {
  const [row] = await db<{ diff: Diff }[]>`select diff from document_changes
    where gym_id = ${gymId} and kind = ${kind} and document_id = ${id} and revision > 1 and former is null order by revision desc limit 1`;
  return row?.diff ?? null;
}
