import { formatOutline, type OutlineMode } from '@/core/outline';
import { indexOf, type PositionId, type TreeDocument } from '@/core/tree';

/** What the outline in the sheet is of. */
export type Scope = 'new' | 'place' | 'branch' | 'tree';
export const SCOPES: readonly (readonly [Scope, string])[] = [
  ['new', 'What I type or paste'],
  ['place', 'This place'],
  ['branch', 'All that it leads to'],
  ['tree', 'The whole tree'],
];
export const scopesFor = (selected: PositionId | null): typeof SCOPES =>
  SCOPES.filter(([scope]) => selected !== null || scope === 'new' || scope === 'tree');

/** What is typed comes on top of the tree; what was written out is written anew. */
export const modeOf = (scope: Scope): OutlineMode => (scope === 'new' ? 'add' : 'rewrite');

/** A place and all that is reached from it, through the first ending of each way. */
function branchOf(tree: TreeDocument, from: PositionId): ReadonlySet<PositionId> {
  const index = indexOf(tree);
  const found = new Set([from]);
  for (const id of found) {
    if (id !== from && index.positions.get(id)?.ends) continue;
    for (const { to } of index.from.get(id) ?? []) found.add(to);
  }
  return found;
}

/** The outline that the sheet opens with. */
export function textOf(tree: TreeDocument, scope: Scope, selected: PositionId | null): string {
  if (scope === 'tree') return formatOutline(tree);
  if (scope === 'new' || selected === null) return '';
  return formatOutline(tree, scope === 'place' ? new Set([selected]) : branchOf(tree, selected));
}

/** The line after this one begins as far in; under a place or what he shows two further. */
export function nextIndent(line: string): string {
  const [indent] = /^\s*/.exec(line)!;
  const said = line.trim();
  const isMove = /(?:→|->|lands on|he gets to|\(as above\))/.test(said);
  return said === '' || said.startsWith('- ') || isMove ? indent : `${indent}  `;
}
