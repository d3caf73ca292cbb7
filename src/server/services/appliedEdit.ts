import { diffSchema } from '@/contracts/documents';
import { err, ok, type Result } from '@/core/base';
import { applyDiff, diffOf, fieldsOf, rowsOf, type Diff } from '@/core/document';
import { DOCUMENT_LISTS, kindOf, type AnyDocument, type DocumentKind } from '@/documents';
import { fewSentences, sayProblem } from '@/documents/sayIssue';

/** The form of what the diff puts, a sentence for each thing wrong. */
function problemsOf(kind: DocumentKind, before: AnyDocument, next: AnyDocument, diff: Diff): string[] {
  const { body, rows, maxRows } = kindOf(kind);
  const lists: readonly string[] = DOCUMENT_LISTS[kind];
  const place = (path: readonly PropertyKey[]): string => path.map(String).join(' › ') || 'the document';
  const wrong = diff.changes.flatMap((change): string[] => {
    if (change.kind !== 'field' && !lists.includes(change.list)) return [`There is no list “${change.list}” in it.`];
    if (change.kind === 'field' && lists.includes(change.field)) return [`“${change.field}” is changed row by row.`];
    if (change.kind !== 'row' || change.to === null) return [];
    const parsed = rows[change.list]!.safeParse(change.to);
    return parsed.success
      ? []
      : parsed.error.issues.map((issue) =>
          sayProblem(
            `“${String((change.to as { name?: unknown }).name ?? change.id).slice(0, 60)}” › ${place(issue.path)}`,
            issue.path,
            issue,
          ),
        );
  });
  if (wrong.length > 0) return wrong;
  if (next.id !== before.id) return ['The id cannot be changed by an edit.'];
  if (diff.changes.some((change) => change.kind === 'field')) {
    const parsed = body.safeParse(Object.fromEntries(fieldsOf(next, lists).map((field) => [field, next[field]])));
    if (!parsed.success) return parsed.error.issues.map((issue) => sayProblem(place(issue.path), issue.path, issue));
  }
  return lists
    .filter((list) => rowsOf(next, list).length > maxRows[list]! && rowsOf(next, list).length > rowsOf(before, list).length)
    .map((list) => `There would be more than ${maxRows[list]} ${list}.`);
}

/** The document after one edit as a window sent it, in normal form, with the diff between the two; or sentences why not. */
export function appliedEdit(
  kind: DocumentKind,
  document: AnyDocument,
  sent: unknown,
): Result<{ document: AnyDocument; diff: Diff }, string[]> {
  const form = diffSchema.safeParse(sent);
  if (!form.success)
    return err(
      fewSentences(form.error.issues.map((issue) => sayProblem(issue.path.map(String).join(' › ') || 'the edit', issue.path, issue))),
    );
  const diff = form.data as Diff;
  const applied = applyDiff(document, diff);
  if (!applied.ok) {
    const { list, id } = applied.error;
    return err([
      `“${diff.label}” does not fit what is stored: ${list === null ? id : `${list.replace(/s$/, '')} “${id}”`} is different there.`,
    ]);
  }
  const problems = problemsOf(kind, document, applied.value, diff);
  if (problems.length > 0) return err(fewSentences(problems));
  const next = kindOf(kind).normalise(applied.value);
  return ok({ document: next, diff: diffOf<AnyDocument>(document, next, diff.label, DOCUMENT_LISTS[kind]) });
}
