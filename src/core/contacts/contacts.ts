import type { Contact, ContactTarget } from '../tree';

/** A target as one word: equal when all but `at`, job and quality agree (MODEL §3). */
export const targetKey = ({ athlete, part, side, spot, surface }: ContactTarget): string => [athlete, part, side, spot, surface].join('|');

/** The limb part that holds, with whose it is. A hand and the forearm of the same arm are two. */
export const limbKey = ({ athlete, part }: Pick<Contact, 'athlete' | 'part'>): string => `${athlete}|${part}`;

/** Limb and target: what has to be the same for a hold to be the same hold. */
export const contactKey = (contact: Contact): string => `${limbKey(contact)}>${targetKey(contact.target)}`;

/** "hand" is either hand. */
const fitsLimb = (part: string, pattern: string): boolean =>
  part === pattern || ['left', 'right'].some((side) => part === `${side}${pattern.charAt(0).toUpperCase()}${pattern.slice(1)}`);

/** Whether a contact is what a rule or a grip set speaks of: what that leaves out may be anything, so a limb includes its spots. */
export function fitsPattern(contact: Contact, pattern: Contact): boolean {
  const { target } = contact;
  const wanted = pattern.target;
  return (
    contact.athlete === pattern.athlete &&
    fitsLimb(contact.part, pattern.part) &&
    target.athlete === wanted.athlete &&
    (['part', 'side', 'spot', 'surface'] as const).every((field) => wanted[field] === undefined || wanted[field] === target[field])
  );
}
