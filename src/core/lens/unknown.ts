import type { TreeDocument } from '../tree';
import type { Filter } from './filter';

/** What a filter names and the tree, looked at in its gym, does not have. */
export interface Unknown {
  readonly what: 'card' | 'level' | 'school' | 'person';
  readonly id: string;
  /** What there is of the kind. */
  readonly known: readonly string[];
}

export function unknownIn(tree: TreeDocument, { ruleSet, level, school, profiles = [], against = [] }: Filter): Unknown[] {
  const card = tree.ruleSets?.find((item) => item.id === ruleSet);
  const people = (tree.profiles ?? []).map((item) => item.id);
  const one = (what: Unknown['what'], id: string | undefined, known: readonly string[]): Unknown[] =>
    id === undefined || known.includes(id) ? [] : [{ what, id, known }];
  return [
    ...one(
      'card',
      ruleSet,
      (tree.ruleSets ?? []).map((item) => item.id),
    ),
    ...one('level', level, card?.levels ?? []),
    ...one('school', school, tree.schools),
    ...[...profiles, ...against].flatMap((id) => one('person', id, people)),
  ];
}
