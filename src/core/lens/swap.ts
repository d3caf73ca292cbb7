import type { Contact, ContactRule, ContactTarget, Step, Position, Transition, TreeDocument, Actor, OwnerRole } from '../tree';

const otherActor = (actor: Actor): Actor => (actor === 'owner' ? 'opponent' : 'owner');
const otherTarget = (target: ContactTarget): ContactTarget =>
  target.athlete === 'mat' ? target : { ...target, athlete: otherActor(target.athlete) };

function otherContact(contact: Contact): Contact {
  const { athlete, target, orElse, substitute } = contact;
  return {
    ...contact,
    athlete: otherActor(athlete),
    target: otherTarget(target),
    ...(orElse ? { orElse: orElse.map(otherTarget) } : {}),
    ...(substitute ? { substitute: otherTarget(substitute) } : {}),
  };
}

function otherRule(rule: ContactRule): ContactRule {
  if (rule.kind === 'hold') return { ...rule, contacts: rule.contacts.map(otherContact) };
  return { ...rule, first: otherContact(rule.first), ...(rule.then ? { then: otherContact(rule.then) } : {}) };
}

const OTHER_ROLE: Record<OwnerRole, OwnerRole> = { top: 'below', below: 'top' };

/** A step with the athletes exchanged. */
export const swapStep = (step: Step): Step => ({
  ...step,
  contacts: step.contacts.map(otherContact),
  ...(step.ownerRole ? { ownerRole: OTHER_ROLE[step.ownerRole] } : {}),
});

/** A place with the athletes exchanged. */
export function otherPosition(position: Position): Position {
  const { holds, theirHolds, ownerRole, ...rest } = position;
  return {
    ...rest,
    ...(theirHolds ? { holds: theirHolds.map(otherContact) } : {}),
    ...(holds ? { theirHolds: holds.map(otherContact) } : {}),
    ...(ownerRole ? { ownerRole: OTHER_ROLE[ownerRole] } : {}),
  };
}

/** A move with the athletes exchanged. */
export function otherTransition(transition: Transition): Transition {
  const sets = (list: Transition['blockedBy']): Transition['blockedBy'] => list?.map((set) => set.map(otherContact));
  return {
    ...transition,
    actor: otherActor(transition.actor),
    ...(transition.blockedBy ? { blockedBy: sets(transition.blockedBy) } : {}),
    ...(transition.enabledBy ? { enabledBy: sets(transition.enabledBy) } : {}),
    ...(transition.steps ? { steps: transition.steps.map(swapStep) } : {}),
    ...(transition.contactRules ? { contactRules: transition.contactRules.map(otherRule) } : {}),
  };
}

/**
 * The defender's view (MODEL §3, swap): owner, actors, holds and roles exchanged; reads and `when` stay, so what the
 * other did to us is now ours to do. Swapping twice gives back the original.
 */
export const swapTree = (tree: TreeDocument): TreeDocument => swappedBy(tree, otherPosition, otherTransition);

/** The same with another way to exchange the athletes of a place and of a move. */
export function swappedBy(
  { isSwapped, ...tree }: TreeDocument,
  place: (position: Position) => Position,
  move: (transition: Transition) => Transition,
): TreeDocument {
  return {
    ...tree,
    ...(isSwapped ? {} : { isSwapped: true }),
    owner: tree.owner === 'passer' ? 'guardPlayer' : 'passer',
    positions: tree.positions.map(place),
    transitions: tree.transitions.map(move),
  };
}
