import { err, ok, ownField, sameValue, type Result } from '../base';
import { conflictOf, diffOf, draftOf, type Change, type Diff, type DiffConflict, type Row } from './diff';

/** Told apart from any value: both changed the same thing, differently. */
const CLASH = Symbol('clash');
type Merged = unknown;

const isRecord = (value: unknown): value is Record<string, unknown> => typeof value === 'object' && value !== null && !Array.isArray(value);

/** What an entry is told by, where it has all of these; the first that fits. */
const KEYS = [['id'], ['tree'], ['finding'], ['position', 'value'], ['position'], ['context'], ['school'], ['for']] as const;

/** What makes two entries of a list the same one: what they are told by, or else all that they say. */
function entryKey(entry: unknown): string {
  const fields = isRecord(entry) ? KEYS.find((names) => names.every((name) => typeof entry[name] === 'string')) : undefined;
  return fields
    ? `of ${fields.map((name) => JSON.stringify((entry as Record<string, unknown>)[name])).join()}`
    : `is ${JSON.stringify(entry)}`;
}

/**
 * Lists are merged entry by entry: what I added is put in, what I took out goes, and what both changed is a clash. Entries
 * without an id are what they say, so a changed one is one taken out and one put in: if theirs took the same one out and put
 * another in, both meant to change it.
 */
function mergeLists(base: readonly unknown[], mine: readonly unknown[], theirs: readonly unknown[]): Merged {
  const keyed = (list: readonly unknown[]) => new Map(list.map((entry) => [entryKey(entry), entry]));
  const [was, my, their] = [keyed(base), keyed(mine), keyed(theirs)];
  if (was.size !== base.length || my.size !== mine.length || their.size !== theirs.length) return CLASH;
  const added = (list: Map<string, unknown>) => [...list.keys()].filter((key) => !was.has(key));
  const bothTookOut = [...was.keys()].some((key) => !my.has(key) && !their.has(key));
  const plain = (key: string) => key.startsWith('is ');
  if (bothTookOut && added(my).some(plain) && added(their).some(plain)) return CLASH;
  const result: unknown[] = [];
  for (const [key, entry] of their) {
    if (was.has(key) && !my.has(key)) {
      if (!sameValue(was.get(key), entry)) return CLASH;
      continue;
    }
    const merged = my.has(key) ? mergeValue(was.get(key), my.get(key), entry) : entry;
    if (merged === CLASH) return CLASH;
    result.push(merged);
  }
  for (const [key, entry] of my) {
    if (their.has(key)) continue;
    if (!was.has(key)) result.push(entry);
    else if (!sameValue(was.get(key), entry)) return CLASH;
  }
  return inMyOrder(base, mine, theirs) ? ordered(result, mine) : result;
}

/** I moved entries and they did not: then my order counts. */
function inMyOrder(base: readonly unknown[], mine: readonly unknown[], theirs: readonly unknown[]): boolean {
  const common = (list: readonly unknown[], other: readonly unknown[]): string[] => {
    const there = new Set(other.map(entryKey));
    return list.map(entryKey).filter((key) => there.has(key));
  };
  return (
    common(base, mine).join('\n') !== common(mine, base).join('\n') && common(base, theirs).join('\n') === common(theirs, base).join('\n')
  );
}

function ordered(list: readonly unknown[], by: readonly unknown[]): unknown[] {
  const rank = new Map(by.map((entry, i) => [entryKey(entry), i]));
  return list
    .map((entry, i) => ({ entry, at: rank.get(entryKey(entry)) ?? by.length + i }))
    .sort((a, b) => a.at - b.at)
    .map(({ entry }) => entry);
}

/** Field by field: what only one of the two changed is as that one has it. Undefined and null are "not there". */
function mergeValue(base: unknown, mine: unknown, theirs: unknown): Merged {
  if (sameValue(mine ?? null, theirs ?? null) || sameValue(base ?? null, mine ?? null)) return theirs;
  if (sameValue(base ?? null, theirs ?? null)) return mine;
  if (isRecord(mine) && isRecord(theirs)) return mergeRecords(isRecord(base) ? base : {}, mine, theirs);
  if (Array.isArray(mine) && Array.isArray(theirs)) return mergeLists(Array.isArray(base) ? base : [], mine, theirs);
  return CLASH;
}

function mergeRecords(base: Record<string, unknown>, mine: Record<string, unknown>, theirs: Record<string, unknown>): Merged {
  const entries: [string, unknown][] = [];
  for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
    const merged = mergeValue(ownField(base, key), ownField(mine, key), ownField(theirs, key));
    if (merged === CLASH) return CLASH;
    if (merged !== undefined && merged !== null) entries.push([key, merged]);
  }
  return Object.fromEntries(entries);
}

/** What a change makes of what is there now; CLASH where both changed the same. */
function mergedWith(now: unknown, change: Exclude<Change, { kind: 'order' }>): Merged {
  if (change.kind === 'row' && isRecord(change.to) && isRecord(now) && change.from === null) return sameValue(change.to, now) ? now : CLASH;
  return mergeValue(change.from, change.to, now);
}

/** Rows that the order names stand in its order, where they stood; others keep their place. */
function reordered(rows: readonly Row[], ids: readonly string[]): string[] {
  const here = new Set(rows.map((row) => row.id));
  const named = new Set(ids);
  const next = ids.filter((id) => here.has(id));
  return rows.map(({ id }) => (named.has(id) ? next.shift()! : id));
}

/**
 * The edit as it is on a document that others have changed since, merged field by field, or the first place that both
 * changed. What is already as the edit wants it, is left.
 */
export function rebaseDiff<D extends object>(
  document: D,
  diff: Diff,
  lists: readonly string[],
): Result<{ document: D; diff: Diff }, DiffConflict> {
  const draft = draftOf(document);
  for (const change of diff.changes) {
    if (change.kind === 'order') {
      draft.setOrder(change.list, reordered(draft.rows(change.list).list, change.to));
      continue;
    }
    const now = change.kind === 'field' ? draft.field(change.field) : draft.rows(change.list).byId.get(change.id);
    const merged = mergedWith(now, change);
    if (merged === CLASH) return err(conflictOf(change));
    if (change.kind === 'field') draft.setField(change.field, merged);
    else draft.setRow(change.list, change.id, change.at, (merged as Row | null | undefined) ?? null);
  }
  const next = draft.done<D>();
  return ok({ document: next, diff: diffOf(document, next, diff.label, lists) });
}

/** Edits put on another version one after the other; those that clash are left out and named. */
export function rebaseAll<D extends object, E extends { readonly diff: Diff }>(
  document: D,
  edits: readonly E[],
  lists: readonly string[],
): { readonly document: D; readonly fitting: readonly E[]; readonly clashing: readonly E[] } {
  const fitting: E[] = [];
  const clashing: E[] = [];
  let next = document;
  for (const edit of edits) {
    const rebased = rebaseDiff(next, edit.diff, lists);
    if (!rebased.ok) clashing.push(edit);
    else if (rebased.value.diff.changes.length > 0) {
      fitting.push({ ...edit, diff: rebased.value.diff });
      next = rebased.value.document;
    }
  }
  return { document: next, fitting, clashing };
}
