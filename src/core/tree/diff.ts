import { err, ok, sameValue, type Result } from '../base';
import type { Position, Transition, TreeDocument, TreeHeader } from './document';

interface RecordChange<Kind extends string, T> {
  readonly kind: Kind;
  readonly id: string;
  /** Place in the document's list, for adding and removing. */
  readonly at: number;
  readonly from: T | null;
  readonly to: T | null;
}
export type PositionChange = RecordChange<'position', Position>;
export type TransitionChange = RecordChange<'transition', Transition>;
export interface HeaderChange {
  readonly kind: 'header';
  readonly from: TreeHeader;
  readonly to: TreeHeader;
}
export type Change = HeaderChange | PositionChange | TransitionChange;

/** One edit of the coach: what was and what is, whole records, in the order of application. */
export interface Diff {
  readonly label: string;
  readonly changes: readonly Change[];
}

/** Why a diff does not fit: the record is no longer as it was when the edit was made. */
export interface DiffConflict {
  readonly kind: Change['kind'];
  readonly id: string;
}

export function headerOf(tree: TreeDocument): TreeHeader {
  const { positions: _positions, transitions: _transitions, ...header } = tree;
  return header;
}

function withRecord<T extends { readonly id: string }>(
  list: readonly T[],
  change: { id: string; at: number; from: T | null; to: T | null },
): readonly T[] | null {
  const at = list.findIndex((item) => item.id === change.id);
  if (!sameValue(at < 0 ? null : list[at], change.from)) return null;
  if (change.to === null) return at < 0 ? list : list.toSpliced(at, 1);
  return at < 0 ? list.toSpliced(Math.min(change.at, list.length), 0, change.to) : list.with(at, change.to);
}

/** The tree after the edit, or the first record that has changed meanwhile. The input is untouched. */
export function applyDiff(tree: TreeDocument, diff: Diff): Result<TreeDocument, DiffConflict> {
  let next = tree;
  for (const change of diff.changes) {
    if (change.kind === 'header') {
      if (!sameValue(headerOf(next), change.from)) return err({ kind: 'header', id: tree.id });
      next = { ...change.to, positions: next.positions, transitions: next.transitions };
    } else if (change.kind === 'position') {
      const positions = withRecord(next.positions, change);
      if (!positions) return err({ kind: 'position', id: change.id });
      next = { ...next, positions };
    } else {
      const transitions = withRecord(next.transitions, change);
      if (!transitions) return err({ kind: 'transition', id: change.id });
      next = { ...next, transitions };
    }
  }
  return ok(next);
}

function invertChange(change: Change): Change {
  switch (change.kind) {
    case 'header': return { ...change, from: change.to, to: change.from }; // prettier-ignore
    case 'position': return { ...change, from: change.to, to: change.from }; // prettier-ignore
    case 'transition': return { ...change, from: change.to, to: change.from }; // prettier-ignore
  }
}

/** Undoes the diff: `applyDiff(applyDiff(tree, d), invertDiff(d))` is the tree again. */
export const invertDiff = (diff: Diff): Diff => ({ label: diff.label, changes: diff.changes.toReversed().map(invertChange) });

function recordChanges<T extends { readonly id: string }>(
  before: readonly T[],
  after: readonly T[],
): { id: string; at: number; from: T | null; to: T | null }[] {
  if (before === after) return [];
  const kept = new Map(after.map((item) => [item.id, item]));
  const was = new Map(before.map((item) => [item.id, item]));
  const removed = before.flatMap((item, at) => (kept.has(item.id) ? [] : [{ id: item.id, at, from: item, to: null }])).toReversed();
  const others = after.flatMap((item, at) => {
    const from = was.get(item.id) ?? null;
    return sameValue(from, item) ? [] : [{ id: item.id, at, from, to: item }];
  });
  return [...removed, ...others];
}

/** The diff between two versions of a tree whose surviving records keep their order. */
export function diffOf(before: TreeDocument, after: TreeDocument, label: string): Diff {
  const header = sameValue(headerOf(before), headerOf(after))
    ? []
    : [{ kind: 'header' as const, from: headerOf(before), to: headerOf(after) }];
  const positions = recordChanges(before.positions, after.positions).map((c) => ({ kind: 'position' as const, ...c }));
  const transitions = recordChanges(before.transitions, after.transitions).map((c) => ({ kind: 'transition' as const, ...c }));
  return { label, changes: [...header, ...positions, ...transitions] };
}
