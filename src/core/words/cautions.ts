import { isClosedGuard, type ClosedGuardRisk } from '../grips';
import { indexOf, type Owner, type Position, type TreeDocument } from '../tree';

/** What usually gets a passer caught inside a closed guard, and by what. */
export const CLOSED_GUARD_WORDS: { readonly [K in ClosedGuardRisk]: { readonly what: string; readonly why: string } } = {
  handOnMat: { what: 'A hand on the mat', why: 'A posted hand is no posture: he sweeps over it or takes the arm.' },
  armAcross: { what: 'An arm across', why: 'An arm across his middle gives him the back or the arm lock.' },
  chokeInside: {
    what: 'A strangle from inside',
    why: 'Both arms forward inside his legs are what arm locks are made of: open the guard first.',
  },
};

/** The usual warnings of a kind of place, told without being asked; none where the passer is not the one who needs them. */
export const usualCautions = (owner: Owner, position: Position): readonly string[] =>
  owner === 'passer' && isClosedGuard(position)
    ? [
        'Inside a closed guard: no hand on the mat, no arm across his middle, no strangle from inside.',
        'Lifting and slamming is against most rules and breaks necks: never.',
      ]
    : [];

/** What is to be taken care of at a place: the usual, its own, and that of every move from it; each once. */
export const cautionsAt = (tree: TreeDocument, position: Position): string[] => [
  ...new Set([
    ...usualCautions(tree.owner, position),
    ...(position.hazards ?? []),
    ...(indexOf(tree).from.get(position.id) ?? []).flatMap(({ hazards = [] }) => hazards),
  ]),
];
