import { err, ok, type Result } from '../base';
import type { Step } from '../tree';
import { limbKey, parseContact, parseLimb } from '../contacts';

/** One more step after `at` (from 1; 0 = at the front), with what is held there copied forward, so that only changes are typed. */
export const withNewStep = (steps: readonly Step[], at: number): Step[] => {
  const before = steps[at - 1];
  return [...steps.slice(0, at), { contacts: before ? before.contacts : [] }, ...steps.slice(at)];
};

export const withoutStep = (steps: readonly Step[], step: number): Step[] => steps.filter((_, i) => i !== step - 1);

/**
 * What is typed at a step (from 1): a hold takes the place of what that limb held there; "left hand free" lets go;
 * "left hand also …" holds a second thing, for the account to find. Several with commas; all of it or nothing.
 */
export function withTyped(steps: readonly Step[], step: number, typed: string): Result<Step[], readonly string[]> {
  const items = typed
    .split(',')
    .map((item) => item.trim())
    .filter((item) => item !== '');
  let contacts = steps[step - 1]!.contacts;
  const problems: string[] = [];
  for (const item of items) {
    const [, limb] = /^(.+) free$/.exec(item) ?? [];
    if (limb !== undefined) {
      const known = parseLimb(limb);
      if (known.ok) contacts = contacts.filter((contact) => limbKey(contact) !== limbKey(known.value));
      else problems.push(known.error);
      continue;
    }
    const also = / also /.test(item);
    const parsed = parseContact(item.replace(' also ', ' '));
    if (!parsed.ok) problems.push(parsed.error);
    else contacts = [...(also ? contacts : contacts.filter((contact) => limbKey(contact) !== limbKey(parsed.value))), parsed.value];
  }
  if (problems.length > 0) return err(problems);
  return ok(steps.map((item, i) => (i === step - 1 ? { ...item, contacts } : item)));
}

/** Steps as lines, each saying what changes from the one before; the first sentence of what is not understood. */
export function typedSteps(lines: readonly string[]): Result<Step[], readonly string[]> {
  let steps: Step[] = [];
  for (const line of lines) {
    const typed = withTyped(withNewStep(steps, steps.length), steps.length + 1, line);
    if (!typed.ok) return typed;
    steps = typed.value;
  }
  return ok(steps);
}
