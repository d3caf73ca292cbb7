import type { Contact, ContactTarget, Step, TransitionId, TreeDocument } from '../tree';
import { getTargets } from './contactText';

export interface Vanishing {
  readonly transition: TransitionId;
  /** From 1. */
  readonly step: number;
  readonly contact: Contact;
  /** What the coach declared in its place; null = no substitute. */
  readonly substitute: ContactTarget | null;
  /** What usually serves; null = nothing does. */
  readonly suggested: ContactTarget | null;
}

const garmentOf = ({ part, spot }: ContactTarget) => getTargets().garment.find((item) => item.spot === spot && item.part === part);
/** A spot of the jacket or the trousers: not there without them. */
export const isCloth = (target: ContactTarget): boolean => garmentOf(target) !== undefined;

function suggestedFor(target: ContactTarget): ContactTarget | null {
  const { part: _part, spot: _spot, ...rest } = target;
  const without = garmentOf(target)?.without;
  return without ? { ...rest, part: without } : null;
}

/** Contacts that vanish without the uniform, members of a bundle singly (MODEL §3, uniform). */
export const findVanishing = (tree: TreeDocument): Vanishing[] =>
  tree.transitions.flatMap((move) =>
    (move.steps ?? []).flatMap(({ contacts }, i) =>
      contacts
        .filter((contact) => isCloth(contact.target))
        .map((contact): Vanishing => ({
          transition: move.id,
          step: i + 1,
          contact,
          substitute: contact.substitute ?? null,
          suggested: suggestedFor(contact.target),
        })),
    ),
  );

/** The steps without the uniform: declared substitutes in place, the rest of the cloth let go. Derived, never stored. */
export const withoutUniform = (steps: readonly Step[]): Step[] =>
  steps.map((step) => ({
    ...step,
    contacts: step.contacts.flatMap((contact): Contact[] => {
      if (!isCloth(contact.target)) return [contact];
      const { substitute, bundle: _bundle, ...rest } = contact;
      return substitute ? [{ ...rest, target: substitute }] : [];
    }),
  }));
