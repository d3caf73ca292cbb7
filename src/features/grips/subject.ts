import {
  indexOf,
  ownerRoleOf,
  positionOf,
  withPosition,
  withTransition,
  type OwnerRole,
  type Position,
  type Step,
  type Transition,
  type TreeDocument,
} from '@/core/tree';
import { sayMove } from '@/core/words';

/** What lies on the desk: a move with its steps, or a place with what is held there, as one step. */
export type SubjectId = { readonly kind: 'transition' | 'position'; readonly id: string };
export interface Subject extends SubjectId {
  readonly title: string;
  readonly where: string;
  /** Where it happens, or begins. */
  readonly position: Position;
  /** Null = the place itself. */
  readonly transition: Transition | null;
  readonly steps: readonly Step[];
}

const heldAt = ({ holds = [], theirHolds = [] }: Position): readonly Step[] =>
  holds.length + theirHolds.length > 0 ? [{ contacts: [...holds, ...theirHolds] }] : [];

export function subjectOf(tree: TreeDocument, { kind, id }: SubjectId): Subject | null {
  const index = indexOf(tree);
  if (kind === 'position') {
    const position = index.positions.get(id);
    return position
      ? { kind, id, title: position.name, where: 'what is held there', position, transition: null, steps: heldAt(position) }
      : null;
  }
  const transition = index.transitions.get(id);
  if (!transition) return null;
  const [from, to] = [positionOf(index, transition.from), positionOf(index, transition.to)];
  return {
    kind,
    id,
    title: sayMove(transition),
    where: `from ${from.name} to ${to.name}`,
    position: from,
    transition,
    steps: transition.steps ?? [],
  };
}

/** The tree with the steps of the subject changed; what is held at a place is told apart by who holds. */
export function withSubjectSteps(
  tree: TreeDocument,
  subject: SubjectId,
  change: (steps: readonly Step[]) => readonly Step[],
): TreeDocument {
  const now = subjectOf(tree, subject);
  if (!now) return tree;
  const steps = change(now.steps);
  if (now.transition) return withTransition(tree, { ...now.transition, steps: steps.length > 0 ? steps : undefined });
  const contacts = steps[0]?.contacts ?? [];
  const of = (athlete: 'owner' | 'opponent') => {
    const list = contacts.filter((contact) => contact.athlete === athlete);
    return list.length > 0 ? list : undefined;
  };
  return withPosition(tree, { ...now.position, holds: of('owner'), theirHolds: of('opponent') });
}

/** Whether I am on top or below at a step (from 1): as last said, at first as where the move begins. */
export const roleAt = (tree: TreeDocument, { position, steps }: Pick<Subject, 'position' | 'steps'>, step: number): OwnerRole =>
  steps.slice(0, step).findLast((item) => item.ownerRole !== undefined)?.ownerRole ?? ownerRoleOf(tree, position);
