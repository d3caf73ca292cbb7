import { err, ok, type Result } from '../base';
import { PARITIES, type Contact, type ContactRule } from '../tree';
import { parseContact, parseContacts, sayContact } from './contactText';

const list = (contacts: readonly Contact[]): string => contacts.map(sayContact).join(', ');

/**
 * A rule over the steps in words: "from step 2 to 4: left hand far wrist, right hand far wrist", "at least 1 of …",
 * "left shin near thigh before right hand far lapel", "… together with …", "never left hand mat".
 */
export function sayRule(rule: ContactRule): string {
  return `${sayAlways(rule)}${rule.afterSwaps ? `, after an ${rule.afterSwaps} number of changes` : ''}`;
}

function sayAlways(rule: ContactRule): string {
  if (rule.kind === 'hold') {
    const most = rule.atLeast === undefined ? '' : `at least ${rule.atLeast} of `;
    const span = rule.fromStep === rule.toStep ? `at step ${rule.fromStep}` : `from step ${rule.fromStep} to ${rule.toStep}`;
    return `${span}: ${most}${list(rule.contacts)}`;
  }
  if (rule.kind === 'never' || !rule.then) return `never ${sayContact(rule.first)}`;
  return `${sayContact(rule.first)} ${rule.kind === 'before' ? 'before' : 'together with'} ${sayContact(rule.then)}`;
}

const HINT =
  'a rule reads “from step 2 to 4: left hand far wrist”, “always: at least 1 of …”, “left shin near thigh before right hand far lapel”, “head chest together with left hand far hip” or “never left hand mat”; “, after an odd number of changes” may follow.';

function pairOf(kind: 'before' | 'together', one: string, other: string): Result<ContactRule, readonly string[]> {
  const [first, then] = [parseContact(one), parseContact(other)];
  if (first.ok && then.ok) return ok({ kind, first: first.value, then: then.value });
  return err([first, then].flatMap((item) => (item.ok ? [] : [item.error])));
}

/** A rule as typed; "always" is from the first step to the last of `steps`. The sentences say what is not understood. */
export function parseRule(typed: string, steps: number): Result<ContactRule, readonly string[]> {
  const text = typed.trim().replace(/\s+/g, ' ');
  const [, always = text, said] = /^(.+?),? after an (odd|even) number of changes$/.exec(text) ?? [];
  const rule = parseAlways(always, steps);
  const afterSwaps = PARITIES.find((parity) => parity === said);
  return rule.ok && afterSwaps ? ok({ ...rule.value, afterSwaps }) : rule;
}

function parseAlways(text: string, steps: number): Result<ContactRule, readonly string[]> {
  const [, from, to, least, held] =
    /^(?:always|(?:from|at) step (\d+)(?: to (?:step )?(\d+))?) ?: ?(?:at least (\d+) of )?(.+)$/.exec(text) ?? [];
  if (held !== undefined) {
    const contacts = parseContacts(held);
    if (!contacts.ok) return contacts;
    const fromStep = from === undefined ? 1 : Number(from);
    const toStep = from === undefined ? Math.max(1, steps) : Number(to ?? (text.startsWith('at ') ? from : steps));
    const atLeast = least === undefined ? undefined : Number(least);
    if (fromStep < 1 || toStep < fromStep || toStep > 200)
      return err([`“${text}”: the steps run from 1 to 200, the first before the last.`]);
    if (atLeast !== undefined && (atLeast < 1 || atLeast > contacts.value.length))
      return err([`“${text}”: at least ${atLeast} of ${contacts.value.length} cannot be.`]);
    return ok({ kind: 'hold', fromStep, toStep, contacts: contacts.value, ...(atLeast === undefined ? {} : { atLeast }) });
  }
  const [, never] = /^never (.+)$/.exec(text) ?? [];
  if (never !== undefined) {
    const first = parseContact(never);
    return first.ok ? ok({ kind: 'never', first: first.value }) : err([first.error]);
  }
  const [, one, kind, other] = /^(.+?) (before|together with) (.+)$/.exec(text) ?? [];
  return one !== undefined && other !== undefined
    ? pairOf(kind === 'before' ? 'before' : 'together', one, other)
    : err([`“${text}”: ${HINT}`]);
}
