import { groupBy, missOfNames } from '@/core/base';
import type { Position, Transition, TreeDocument } from '@/core/tree';
import { sayMove } from '@/core/words';
import type { SubjectId } from './subject';

export interface DeskFound {
  /** Positions in document order, each with those of its transitions that are meant. */
  readonly groups: readonly { readonly position: Position; readonly transitions: readonly Transition[] }[];
  /** What is meant most exactly, a position before its transitions; null = nothing is typed, or nothing is meant. */
  readonly best: SubjectId | null;
}

/** What the desk can lay out by what is typed: all words of it are words of the name, a wrong letter forgiven. */
export function findOnDesk(tree: TreeDocument, typed: string): DeskFound {
  const byPosition = groupBy(tree.transitions, (transition) => transition.from);
  let best: SubjectId | null = null;
  let least = Infinity;
  const isMeant = (subject: SubjectId, name: string): boolean => {
    const miss = missOfNames(typed, [name]);
    if (miss !== null && miss < least) [best, least] = [subject, miss];
    return miss !== null;
  };
  const groups = tree.positions.flatMap((position) => {
    const isPositionMeant = isMeant({ kind: 'position', id: position.id }, position.name);
    const transitions = (byPosition.get(position.id) ?? []).filter((transition) =>
      isMeant({ kind: 'transition', id: transition.id }, `${position.name} ${sayMove(transition)}`),
    );
    return isPositionMeant || transitions.length > 0 ? [{ position, transitions }] : [];
  });
  return { groups, best: typed.trim() === '' ? null : best };
}
