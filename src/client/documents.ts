import type { SaveOutcome } from '@/contracts/documents';
import type { Diff } from '@/core/document';
import { letOthersIn } from '@/documents/letOthersIn';
import { readLines } from '@/documents/lines';
import type { DocumentKind } from '@/documents/lists';
import { ask, type Answer } from './api';
import { documentAddress } from './store/session';

/** Makes a document; asked again under the same edit it is made once. A tree takes along what is said of people in it. */
export const createDocument = (
  kind: DocumentKind,
  document: { readonly id: string; readonly name: string },
  edit: string = crypto.randomUUID(),
): Promise<Answer<{ id: string }>> => ask(`/api/documents/${kind}`, { method: 'POST', body: { edit, document } });
export const copyDocument = (kind: DocumentKind, id: string, name: string): Promise<Answer<{ id: string }>> =>
  ask(`${documentAddress(kind, id)}/copy`, { method: 'POST', body: { name } });
/** Another name, as one edit of its own. */
export async function renameDocument(
  kind: DocumentKind,
  id: string,
  baseRevision: number,
  from: string,
  to: string,
): Promise<Answer<unknown>> {
  const diff: Diff = { label: `renamed: ${to}`, changes: [{ kind: 'field', field: 'name', from, to }] };
  const body = { baseRevision, edits: [{ id: crypto.randomUUID(), diff }] };
  const answer = await ask<SaveOutcome>(`${documentAddress(kind, id)}/changes`, { method: 'POST', body });
  if (!answer.ok) return answer;
  if (!answer.value.saved) return { ok: false, status: 409, problems: ['It was changed in another window meanwhile. Try again.'] };
  const { refused } = answer.value;
  return refused ? { ok: false, status: 422, problems: refused.problems } : answer;
}
export const deleteDocument = (kind: DocumentKind, id: string): Promise<Answer<unknown>> =>
  ask(documentAddress(kind, id), { method: 'DELETE' });
export const bringBackDocument = (kind: DocumentKind, id: string): Promise<Answer<unknown>> =>
  ask(`${documentAddress(kind, id)}/bring-back`, { method: 'POST' });
export const restoreDocument = (kind: DocumentKind, id: string, revision: number, baseRevision: number): Promise<Answer<unknown>> =>
  ask(`${documentAddress(kind, id)}/restore`, { method: 'POST', body: { revision, baseRevision } });

export interface TakenTree {
  readonly treeId: string;
  readonly notes: readonly string[];
}
/** Takes in a tree file; `replace` = as the next revision of the tree with the same id. */
export const importTree = (file: Blob | string, replace: boolean): Promise<Answer<TakenTree>> =>
  ask(`/api/trees${replace ? '?mode=replace' : ''}`, { method: 'POST', body: file });

/** Names of the gym's documents of a kind. */
export const listDocuments = (kind: DocumentKind): Promise<Answer<{ documents: readonly { id: string; name: string }[] }>> =>
  ask(`/api/documents/${kind}`);
/** A document, read in pieces; `at` = the revision that it is known to have, so that it is fetched once for screen and worker. */
export const readDocument = <D>(kind: DocumentKind, id: string, at?: number): Promise<Answer<{ document: D; revision: number }>> =>
  ask(`${documentAddress(kind, id)}${at === undefined ? '' : `?at=${at}`}`, { read: (text) => letOthersIn(readLines(text)) });
