import { findMatching } from '@/core/base';
import type { Position, TreeDocument } from '@/core/tree';
import type { CaretOption } from '@/ui/Caret';

const LIMIT = 12;
export const namesOf = ({ name, aliases = [] }: Position): readonly string[] => [name, ...aliases];

/** Positions whose name or alias is typed, a wrong letter a word forgiven; best first. */
export const findOptions = (tree: TreeDocument, typed: string): CaretOption[] =>
  findMatching(tree.positions, typed, namesOf)
    .slice(0, LIMIT)
    .map(({ item }) => ({ key: item.id, label: item.name, note: item.ends ?? item.lines.at(-1) ?? 'facing' }));
