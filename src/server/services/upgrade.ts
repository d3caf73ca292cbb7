import { DOCUMENT_KINDS, DOCUMENT_LISTS, kindOf, type DocumentKind, type Moved } from '@/documents';
import { inTransaction, type Db } from '../db/client';
import { deleteRows, insertChanges, manyOlderIds, maybeOneDocument, type StoredRow } from '../queries/documents';
import { rowsOf } from '@/core/document';
import { takeBeside } from './files/beside';
import type { Context } from './context';
import { serially } from './serially';
import { keyOf, writeBody, writeRows } from './writing';

const LABEL = 'brought to the present form';

async function upgradeDocument(tx: Db, context: Context, kind: DocumentKind, row: StoredRow, moved: Moved): Promise<void> {
  const key = keyOf(context, kind, row.document.id);
  const { upgrade, withRenamed, normalise, form } = kindOf(kind);
  const upgraded = upgrade(row.document, row.form, moved);
  const { renamed } = await takeBeside(tx, context, row.document.id, upgraded.beside);
  for (const [given, id] of renamed) moved.renamed.set(`${row.document.id}\n${given}`, id);
  const next = normalise(withRenamed ? withRenamed(upgraded.document, moved) : upgraded.document);
  for (const list of DOCUMENT_LISTS[kind])
    await deleteRows(
      tx,
      key,
      list,
      rowsOf(row.document, list).map((item) => item.id),
    );
  await writeBody(tx, key, row.revision + 1, next);
  await writeRows(tx, key, null, next);
  const former = { form: row.form, document: row.document };
  await insertChanges(tx, key, [
    { revision: row.revision + 1, form, editId: null, diff: { label: LABEL, changes: [] }, former, madeBy: null },
  ]);
}

/**
 * Brings everything that the gym has stored in an older form to the present one, all of it or nothing. Each upgrade is a
 * revision that keeps the whole former document. Trees come first: what they held of the gym is what others refer to.
 */
export function upgradeGym(context: Context): Promise<void> {
  return serially(`${context.gymId} upgrade`, () =>
    inTransaction(context.db, async (tx) => {
      // Another program on the same database may be at it; whoever comes second finds nothing to do.
      await tx`select pg_advisory_xact_lock(hashtext('red-ladder upgrade'), hashtext(${context.gymId}))`;
      await tx`set local statement_timeout = 0`;
      const moved: Moved = { partners: new Set(), renamed: new Map() };
      for (const kind of DOCUMENT_KINDS) {
        for (const id of await manyOlderIds(tx, context.gymId, kind, kindOf(kind).form)) {
          const row = await maybeOneDocument(tx, keyOf(context, kind, id), { deleted: true });
          if (row) await upgradeDocument(tx, context, kind, row, moved);
        }
      }
    }),
  );
}
