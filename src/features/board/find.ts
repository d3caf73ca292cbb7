import type { TreeDocument } from '@/core/tree';
import type { CaretOption } from '@/ui/Caret';

const LIMIT = 12;

/** Positions whose name or alias contains what is typed, best first. */
export function findOptions(tree: TreeDocument, typed: string): CaretOption[] {
  const text = typed.trim().toLowerCase();
  const rank = (names: readonly string[]): number =>
    Math.min(...names.map((name) => (name.toLowerCase().startsWith(text) ? 0 : name.toLowerCase().includes(text) ? 1 : 2)));
  return tree.positions
    .map((position) => ({ position, rank: rank([position.name, ...(position.aliases ?? [])]) }))
    .filter((item) => item.rank < 2)
    .sort((a, b) => a.rank - b.rank)
    .slice(0, LIMIT)
    .map(({ position }) => ({ key: position.id, label: position.name, note: position.ends ?? position.lines.at(-1) ?? 'facing' }));
}
