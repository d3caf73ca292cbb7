import type { Contact, ContactTarget, Fact, Position, PositionId, Step, Transition, TransitionId, TreeDocument } from '../tree';
import { getTargets, type Garment, holdOfFact } from '../contacts';

export interface Vanishing {
  /** Where the transition begins, or where it is held. */
  readonly position: PositionId;
  /** Null = held at the position itself. */
  readonly transition: TransitionId | null;
  /** From 1; 0 = at the position. */
  readonly step: number;
  readonly contact: Contact;
  /** What the coach declared in its place; null = no substitute. */
  readonly substitute: ContactTarget | null;
  /** What usually serves; null = nothing does. */
  readonly suggested: ContactTarget | null;
}

/** A spot of the garment is cloth wherever it is said to be held: "wrist at the sleeve" too. */
function garmentOf({ part, spot }: ContactTarget): Garment | undefined {
  const there = getTargets().garment.filter((item) => item.spot === spot);
  return there.find((item) => item.part === part) ?? there[0];
}
/** A spot of the jacket or the trousers: not there without them. */
export const isCloth = (target: ContactTarget): boolean => target.spot !== undefined && garmentOf(target) !== undefined;

/** What was declared to serve without the cloth: the substitute, else the first alternative that is no cloth; null = none. */
export const servesInstead = ({ substitute, orElse = [] }: Contact): ContactTarget | null =>
  substitute ?? orElse.find((target) => !isCloth(target)) ?? null;

/** What usually serves in the place of a spot of the garment; null = nothing does, or it is no cloth. */
export function suggestedFor(target: ContactTarget): ContactTarget | null {
  const { part: _part, spot: _spot, ...rest } = target;
  const without = garmentOf(target)?.without;
  return without ? { ...rest, part: without } : null;
}

/** Contacts of some steps that vanish without the uniform, members of a bundle singly (MODEL §3, uniform). */
export const vanishingOf = (steps: readonly Step[]): Omit<Vanishing, 'position' | 'transition'>[] =>
  steps.flatMap(({ contacts }, i) =>
    contacts
      .filter((contact) => isCloth(contact.target))
      .map((contact) => ({ step: i + 1, contact, substitute: servesInstead(contact), suggested: suggestedFor(contact.target) })),
  );

/** Everything that vanishes: of the moves, then of what is held at the places, mine and his. */
export const findVanishing = (tree: TreeDocument): Vanishing[] => [
  ...tree.transitions.flatMap((transition) =>
    vanishingOf(transition.steps ?? []).map((item) => ({ position: transition.from, transition: transition.id, ...item })),
  ),
  ...tree.positions.flatMap(({ id, holds = [], theirHolds = [] }) =>
    vanishingOf([{ contacts: [...holds, ...theirHolds] }]).map((item) => ({ ...item, position: id, transition: null, step: 0 })),
  ),
];

/** Contacts without the uniform: what was declared stands in their place, the rest of the cloth is let go. */
const bareContacts = (contacts: readonly Contact[]): Contact[] =>
  contacts.flatMap((contact): Contact[] => {
    const { substitute: _substitute, orElse = [], bundle, target, ...rest } = contact;
    const others = orElse.filter((item) => !isCloth(item));
    if (!isCloth(target))
      return orElse.some(isCloth)
        ? [{ ...rest, target, ...(others.length > 0 ? { orElse: others } : {}), ...(bundle === undefined ? {} : { bundle }) }]
        : [contact];
    const instead = servesInstead(contact);
    return instead ? [{ ...rest, target: instead }] : [];
  });

/** The steps without the uniform. Derived, never stored. */
export const withoutUniform = (steps: readonly Step[]): Step[] => steps.map((step) => ({ ...step, contacts: bareContacts(step.contacts) }));

/** A set of his grips as it is without the uniform; null = it cannot be on. */
function bareSet(set: readonly Contact[]): readonly Contact[] | null {
  const bare = bareContacts(set);
  return bare.length === set.length ? bare : null;
}

/** A fact that is a hold on the cloth: without it nothing can be asked for there. */
const isClothFact = (fact: Fact): boolean => {
  const hold = holdOfFact(fact);
  return hold !== null && isCloth(hold.target);
};

/**
 * The tree's contacts without the uniform: steps, what positions hold, needs, and the grips that block. What only a grip on the
 * cloth would enable stays as it is: it is never enabled. Derived.
 */
export function bareTree(tree: TreeDocument): TreeDocument {
  const place = (position: Position): Position => {
    if (!position.holds && !position.theirHolds) return position;
    return {
      ...position,
      ...(position.holds ? { holds: bareContacts(position.holds) } : {}),
      ...(position.theirHolds ? { theirHolds: bareContacts(position.theirHolds) } : {}),
    };
  };
  const transition = (item: Transition): Transition => {
    if (!item.steps && !item.blockedBy && !item.enabledBy && !item.needs) return item;
    return {
      ...item,
      ...(item.needs ? { needs: item.needs.filter((fact) => !isClothFact(fact)) } : {}),
      ...(item.steps ? { steps: withoutUniform(item.steps) } : {}),
      ...(item.blockedBy ? { blockedBy: item.blockedBy.map(bareSet).filter((set) => set !== null) } : {}),
      ...(item.enabledBy ? { enabledBy: item.enabledBy.map((set) => bareSet(set) ?? set) } : {}),
    };
  };
  return { ...tree, positions: tree.positions.map(place), transitions: tree.transitions.map(transition) };
}
