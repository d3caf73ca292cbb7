import { missOfNames } from '@/core/base';
import type { TreeDocument } from '@/core/tree';
import type { CaretOption } from '@/ui/Caret';

const LIMIT = 12;

/** Positions whose name or alias is typed, a wrong letter a word forgiven; best first. */
export function findOptions(tree: TreeDocument, typed: string): CaretOption[] {
  return tree.positions
    .flatMap((position) => {
      const miss = missOfNames(typed, [position.name, ...(position.aliases ?? [])]);
      return miss === null ? [] : [{ position, miss }];
    })
    .sort((a, b) => a.miss - b.miss)
    .slice(0, LIMIT)
    .map(({ position }) => ({ key: position.id, label: position.name, note: position.ends ?? position.lines.at(-1) ?? 'facing' }));
}
