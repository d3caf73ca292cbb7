import {
  athleteOf,
  indexOf,
  type Actor,
  type Contact,
  type Position,
  type PositionId,
  type TransitionId,
  type TreeDocument,
} from '../tree';

/** What usually gets a passer caught inside a closed guard. */
export const CLOSED_GUARD_RISKS = ['handOnMat', 'armAcross', 'chokeInside'] as const;
export type ClosedGuardRisk = (typeof CLOSED_GUARD_RISKS)[number];

export interface FoundRisk {
  readonly position: PositionId;
  /** null = held at the place itself. */
  readonly transition: TransitionId | null;
  readonly risk: ClosedGuardRisk;
  /** The step it is done in, from 1; 0 = at the place, or of the move as a whole. */
  readonly step: number;
}

const CHOKE = /\b(?:chok\w*|strangl\w*)\b/i;
const isHand = ({ part }: Contact): boolean => /hand|palm|fingers/i.test(part);
const isArm = (contact: Contact): boolean => isHand(contact) || /arm|elbow|wrist/i.test(contact.part);
const sideOf = (part: string): 'left' | 'right' | null => (/^left/i.test(part) ? 'left' : /^right/i.test(part) ? 'right' : null);

/** Facing him, my left hand lies on his right side: on the side of its own name, or on the far one, it is across. */
const isAcross = (contact: Contact): boolean => {
  const { side } = contact.target;
  return isArm(contact) && (side === 'far' || (side !== undefined && side === sideOf(contact.part)));
};

function risksOf(contacts: readonly Contact[], me: Actor): ClosedGuardRisk[] {
  const mine = contacts.filter(({ athlete }) => athlete === me);
  return [
    ...(mine.some((contact) => isHand(contact) && contact.target.athlete === 'mat') ? (['handOnMat'] as const) : []),
    ...(mine.some((contact) => contact.target.athlete !== me && contact.target.athlete !== 'mat' && isAcross(contact))
      ? (['armAcross'] as const)
      : []),
  ];
}

/** The legs are shut round the passer: a closed guard, not yet opened. */
export const isClosedGuard = ({ family, ends }: Position): boolean => family === 'closed' && ends === undefined;

/**
 * Where the passer, inside a closed guard, puts a hand on the mat, an arm across, or goes for a strangle: at the place and in the
 * steps of his moves out of it, in document order, each once a move with its first step.
 */
export function findClosedGuardRisks(tree: TreeDocument): FoundRisk[] {
  const me: Actor = athleteOf(tree, 'owner') === 'passer' ? 'owner' : 'opponent';
  const index = indexOf(tree);
  return tree.positions.filter(isClosedGuard).flatMap((position): FoundRisk[] => {
    const held = me === 'owner' ? (position.holds ?? []) : (position.theirHolds ?? []);
    const at = { position: position.id };
    const here = risksOf(held, me).map((risk) => ({ ...at, transition: null, risk, step: 0 }));
    const moves = index.from.get(position.id)!.filter(({ actor }) => actor === me);
    const inMoves = moves.flatMap(({ id, name, kind, steps = [] }) => {
      const found = new Map<ClosedGuardRisk, number>();
      steps.forEach(({ contacts }, i) => risksOf(contacts, me).forEach((risk) => found.has(risk) || found.set(risk, i + 1)));
      if (kind === 'submit' || CHOKE.test(name)) found.set('chokeInside', 0);
      return CLOSED_GUARD_RISKS.flatMap((risk) => (found.has(risk) ? [{ ...at, transition: id, risk, step: found.get(risk)! }] : []));
    });
    return [...here, ...inMoves];
  });
}
