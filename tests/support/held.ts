import { parseContacts } from '@/core/contacts';
import type { Contact } from '@/core/tree';

/** Contacts as they are typed; what is not understood fails the test. */
export function held(typed: string): Contact[] {
  const parsed = parseContacts(typed);
  if (!parsed.ok) throw new Error(parsed.error.join(' '));
  return parsed.value;
}
