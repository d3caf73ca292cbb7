import { perObject } from '../base';
import type { Contact, Fact } from '../tree';
import { findUnknownSpots, parseContact, sayLimb, sayTarget } from './contactText';

/** A hold as a fact: limb and target in words, without where it is carried, job and quality (MODEL §3). */
export const holdFact = perObject((contact: Contact): Fact => `${sayLimb(contact)} ${sayTarget(contact)}`);

/** The hold that a typed fact speaks of ("right hand far lapel"), of known spots only; null = a word of the coach's own. */
export function holdOfFact(typed: Fact): Contact | null {
  const parsed = parseContact(typed);
  return parsed.ok && findUnknownSpots([parsed.value]).length === 0 ? parsed.value : null;
}
