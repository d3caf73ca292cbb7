import type { Contact, ContactTarget } from '../tree';

/** A target as one word: equal when all but `at`, job and quality agree (MODEL §3). */
export const targetKey = ({ athlete, part, side, spot, surface }: ContactTarget): string => [athlete, part, side, spot, surface].join('|');

/** The limb part that holds, with whose it is. A hand and the forearm of the same arm are two. */
export const limbKey = ({ athlete, part }: Pick<Contact, 'athlete' | 'part'>): string => `${athlete}|${part}`;

/** Limb and target: what has to be the same for a hold to be the same hold. */
export const contactKey = (contact: Contact): string => `${limbKey(contact)}>${targetKey(contact.target)}`;

/** "hand" is either hand: "leftHand", "rightHand". */
function fitsLimb(part: string, pattern: string): boolean {
  if (part === pattern) return true;
  const side = part.length - pattern.length;
  if (side !== 4 && side !== 5) return false;
  return (
    part.startsWith(side === 4 ? 'left' : 'right') &&
    part.charAt(side).toLowerCase() === pattern.charAt(0) &&
    part.endsWith(pattern.slice(1))
  );
}

/** Whether a contact is what a rule or a grip set speaks of: what that leaves out may be anything, so a limb includes its spots. */
export function fitsPattern(contact: Contact, pattern: Contact): boolean {
  const { target } = contact;
  const wanted = pattern.target;
  return (
    contact.athlete === pattern.athlete &&
    fitsLimb(contact.part, pattern.part) &&
    target.athlete === wanted.athlete &&
    (wanted.part === undefined || wanted.part === target.part) &&
    (wanted.side === undefined || wanted.side === target.side) &&
    (wanted.spot === undefined || wanted.spot === target.spot) &&
    (wanted.surface === undefined || wanted.surface === target.surface)
  );
}
