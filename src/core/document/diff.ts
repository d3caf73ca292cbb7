import { err, ok, sameValue, type Result } from '../base';

/** An entry of a list that is stored and changed on its own. */
export interface Row {
  readonly id: string;
}
/** One field of the document's body; null = it is not there. */
export interface FieldChange {
  readonly kind: 'field';
  readonly field: string;
  readonly from: unknown;
  readonly to: unknown;
}
/** One row of a list: added (`from` null), removed (`to` null) or changed. */
export interface RowChange {
  readonly kind: 'row';
  readonly list: string;
  readonly id: string;
  /** Place in the list, for adding and removing. */
  readonly at: number;
  readonly from: Row | null;
  readonly to: Row | null;
}
/** The rows of a list in another order, by id. */
export interface OrderChange {
  readonly kind: 'order';
  readonly list: string;
  readonly from: readonly string[];
  readonly to: readonly string[];
}
export type Change = FieldChange | RowChange | OrderChange;

/** One edit of the coach: what was and what is, in the order of application. */
export interface Diff {
  readonly label: string;
  readonly changes: readonly Change[];
}

/** Where a diff does not fit: what is there is no longer as it was when the edit was made. `list` null = a field of the body. */
export interface DiffConflict {
  readonly list: string | null;
  readonly id: string;
}

export type Body = Readonly<Record<string, unknown>>;
export const bodyOf = (document: object): Body => document as Body;
export const rowsOf = (document: object, list: string): readonly Row[] => (bodyOf(document)[list] as readonly Row[] | undefined) ?? [];

/** The document's fields that are not lists of rows. */
export const fieldsOf = (document: object, lists: readonly string[]): string[] =>
  Object.keys(document).filter((field) => !lists.includes(field));

/** A document while it is being changed: fields and lists are copied at their first change. */
class Draft {
  private readonly fields: Record<string, unknown>;
  private readonly known = new Map<string, { list: Row[]; byId: Map<string, Row> }>();
  constructor(document: object) {
    this.fields = { ...document };
  }
  field(name: string): unknown {
    return Object.hasOwn(this.fields, name) ? this.fields[name] : undefined;
  }
  setField(name: string, value: unknown): void {
    if (value === null || value === undefined) delete this.fields[name];
    else Object.defineProperty(this.fields, name, { value, enumerable: true, configurable: true, writable: true });
  }
  rows(list: string): { list: Row[]; byId: Map<string, Row> } {
    const there = this.known.get(list);
    if (there) return there;
    const rows = [...((this.field(list) as readonly Row[] | undefined) ?? [])];
    const made = { list: rows, byId: new Map(rows.map((row) => [row.id, row])) };
    this.known.set(list, made);
    this.setField(list, rows);
    return made;
  }
  setRow(list: string, id: string, at: number, to: Row | null): void {
    const { list: rows, byId } = this.rows(list);
    const place = byId.has(id) ? rows.findIndex((row) => row.id === id) : -1;
    if (to === null) {
      if (place >= 0) rows.splice(place, 1);
      byId.delete(id);
      return;
    }
    if (place >= 0) rows[place] = to;
    else rows.splice(Math.min(at, rows.length), 0, to);
    byId.set(id, to);
  }
  setOrder(list: string, ids: readonly string[]): void {
    const { list: rows, byId } = this.rows(list);
    rows.splice(0, rows.length, ...ids.flatMap((id) => byId.get(id) ?? []));
  }
  done<D>(): D {
    return this.fields as D;
  }
}
export const draftOf = (document: object): Draft => new Draft(document);

function fits(draft: Draft, change: Change): boolean {
  if (change.kind === 'field') return sameValue(draft.field(change.field) ?? null, change.from ?? null);
  const { list, byId } = draft.rows(change.list);
  if (change.kind === 'row') return sameValue(byId.get(change.id) ?? null, change.from);
  return list.length === change.from.length && list.every((row, i) => row.id === change.from[i]);
}

function put(draft: Draft, change: Change): void {
  if (change.kind === 'field') draft.setField(change.field, change.to);
  else if (change.kind === 'row') draft.setRow(change.list, change.id, change.at, change.to);
  else draft.setOrder(change.list, change.to);
}

export const conflictOf = (change: Change): DiffConflict =>
  change.kind === 'field' ? { list: null, id: change.field } : { list: change.list, id: change.kind === 'row' ? change.id : '' };

/** The document after the edit, or the first place that has changed meanwhile. The input is untouched. O(document + changes × list). */
export function applyDiff<D extends object>(document: D, diff: Diff): Result<D, DiffConflict> {
  if (diff.changes.length === 0) return ok(document);
  const draft = draftOf(document);
  for (const change of diff.changes) {
    if (!fits(draft, change)) return err(conflictOf(change));
    put(draft, change);
  }
  return ok(draft.done<D>());
}

/** Undoes the diff: `applyDiff(applyDiff(document, d), invertDiff(d))` is the document again. */
export const invertDiff = (diff: Diff): Diff => ({
  label: diff.label,
  changes: diff.changes.toReversed().map((change) => ({ ...change, from: change.to, to: change.from }) as Change),
});

function rowChanges(list: string, before: readonly Row[], after: readonly Row[]): Change[] {
  if (before === after) return [];
  const kept = new Set(after.map((row) => row.id));
  const was = new Map(before.map((row) => [row.id, row]));
  const removed = before.flatMap((row, at): RowChange[] =>
    kept.has(row.id) ? [] : [{ kind: 'row', list, id: row.id, at, from: row, to: null }],
  );
  const others = after.flatMap((row, at): RowChange[] => {
    const from = was.get(row.id) ?? null;
    return sameValue(from, row) ? [] : [{ kind: 'row', list, id: row.id, at, from, to: row }];
  });
  const changes = [...removed.toReversed(), ...others];
  const order = before.filter((row) => kept.has(row.id)).map((row) => row.id);
  for (const { from, id, at } of others) if (from === null) order.splice(Math.min(at, order.length), 0, id);
  const wanted = after.map((row) => row.id);
  return order.every((id, i) => id === wanted[i]) ? changes : [...changes, { kind: 'order', list, from: order, to: wanted }];
}

/** What leads from one version of a document to another: `applyDiff(before, diffOf(…))` is `after`, its fields and rows in any order. */
export function diffOf<D extends object>(before: D, after: D, label: string, lists: readonly string[]): Diff {
  const [was, is] = [bodyOf(before), bodyOf(after)];
  const fields = [...new Set([...fieldsOf(before, lists), ...fieldsOf(after, lists)])].filter((field) => !sameValue(was[field], is[field]));
  return {
    label,
    changes: [
      ...fields.map((field): FieldChange => ({ kind: 'field', field, from: was[field] ?? null, to: is[field] ?? null })),
      ...lists.flatMap((list) => rowChanges(list, rowsOf(before, list), rowsOf(after, list))),
    ],
  };
}
