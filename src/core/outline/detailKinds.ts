import { sameValue } from '../base';
import { parseContacts, sayContact } from '../contacts';
import { LINES, type Contact, type Position, type PositionId, type Transition, type ValueId } from '../tree';
import { atom, readAtom, readList, sayList, splitAt } from './atoms';

/** How places and values are called in the outline, both ways. */
export interface Names {
  readonly place: (id: PositionId) => string;
  readonly placeCalled: (name: string) => PositionId | null;
  /** A value of where the move begins, or of a place that it leads to. */
  readonly value: (id: ValueId) => string;
  readonly valueCalled: (name: string, where: 'here' | readonly PositionId[]) => ValueId | null;
}

/** One thing that is said of a record on a line of its own, "- key: …". */
export interface Detail<R> {
  readonly key: string;
  readonly fields: readonly (keyof R)[];
  /** The lines, without the key; null = it cannot be said exactly and is kept as it is. */
  readonly say: (record: R, names: Names) => readonly string[] | null;
  /** What the text says, on top of what was said so far; a sentence if it says nothing. */
  readonly read: (text: string, so: Partial<R>, names: Names) => Partial<R> | string;
}

type Of<R, T> = { [K in keyof R]-?: NonNullable<R[K]> extends T ? K : never }[keyof R];
const patch = <R, T>(field: keyof R, value: T): Partial<R> => ({ [field]: value }) as unknown as Partial<R>;
const valueOf = <T>(record: unknown, field: PropertyKey): T | undefined => (record as Record<PropertyKey, T | undefined>)[field];

export const text = <R>(key: string, field: Of<R, string>): Detail<R> => ({
  key,
  fields: [field],
  say: (record) => {
    const said = valueOf<string>(record, field);
    return said === undefined ? [] : [atom(said, () => true)];
  },
  read: (said) => patch(field, readAtom(said)),
});
export const list = <R>(key: string, field: Of<R, readonly string[]>): Detail<R> => ({
  key,
  fields: [field],
  say: (record) => {
    const items = valueOf<readonly string[]>(record, field);
    return items === undefined ? [] : [sayList(items)];
  },
  read: (said) => patch(field, readList(said)),
});
/** A list of sentences, one a line. */
export const each = <R>(key: string, field: Of<R, readonly string[]>): Detail<R> => ({
  key,
  fields: [field],
  say: (record) => {
    const items = valueOf<readonly string[]>(record, field);
    if (items === undefined) return [];
    return items.length === 0 ? [''] : items.map((item) => atom(item, () => true));
  },
  read: (said, so) => patch(field, [...(valueOf<readonly string[]>(so, field) ?? []), ...(said === '' ? [] : [readAtom(said)])]),
});
export const isChance = (n: number): boolean => n >= 0 && n <= 1;
export const number = <R>(key: string, field: Of<R, number>, isGood: (n: number) => boolean, wants: string): Detail<R> => ({
  key,
  fields: [field],
  say: (record) => {
    const n = valueOf<number>(record, field);
    return n === undefined ? [] : [String(n)];
  },
  read: (said) =>
    /^-?(?:\d+\.?\d*|\.\d+)(?:e-?\d+)?$/.test(said) && isGood(Number(said)) ? patch(field, Number(said)) : `“${key}” wants ${wants}.`,
});
export const flag = <R>(key: string, field: Of<R, boolean>): Detail<R> => ({
  key,
  fields: [field],
  say: (record) => {
    const is = valueOf<boolean>(record, field);
    return is === undefined ? [] : [is ? '' : 'no'];
  },
  read: (said) => (said === '' || said === 'no' ? patch(field, said === '') : `“${key}” stands alone, or with “no”.`),
});
/** One of some words; `called`: where the outline says another. */
export const one = <R>(
  key: string,
  field: Of<R, string>,
  words: readonly string[],
  called: Readonly<Record<string, string>> = {},
): Detail<R> => ({
  key,
  fields: [field],
  say: (record) => {
    const is = valueOf<string>(record, field);
    return is === undefined ? [] : [called[is] ?? is];
  },
  read: (said) => {
    const word = words.find((item) => (called[item] ?? item) === said);
    return word === undefined ? `“${key}” wants one of ${words.map((item) => called[item] ?? item).join(', ')}.` : patch(field, word);
  },
});
export const CALLED = { actNow: 'act now', noGi: 'no-gi', top: 'on top' };

export function readLines(said: string): Position['lines'] | null {
  if (said === 'nothing') return [];
  const names = said.split(/\s*,\s*/);
  return names.every((name) => (LINES as readonly string[]).includes(name)) ? LINES.filter((line) => names.includes(line)) : null;
}
export const sayLines = (lines: readonly string[]): string => (lines.length === 0 ? 'nothing' : lines.join(', '));

/** Contacts that are read back as they are; null = words do not hold all of them. */
export function sayContacts(contacts: readonly Contact[]): string | null {
  const said = contacts.map(sayContact).join(', ');
  const back = parseContacts(said);
  return back.ok && sameValue(back.value, contacts) ? said : null;
}
export function readContacts(said: string): Contact[] | string {
  const read = parseContacts(said);
  return read.ok ? read.value : read.error.join(' ');
}
export const contacts = <R>(key: string, field: Of<R, readonly Contact[]>): Detail<R> => ({
  key,
  fields: [field],
  say: (record) => {
    const held = valueOf<readonly Contact[]>(record, field);
    if (held === undefined) return [];
    const said = sayContacts(held);
    return said === null ? null : [said];
  },
  read: (said) => {
    const read = readContacts(said);
    return typeof read === 'string' ? read : patch(field, read);
  },
});
export const contactSets = <R>(key: string, field: Of<R, readonly (readonly Contact[])[]>): Detail<R> => ({
  key,
  fields: [field],
  say: (record) => {
    const sets = valueOf<readonly (readonly Contact[])[]>(record, field);
    if (sets === undefined) return [];
    const said = sets.map(sayContacts);
    return sets.length > 0 && said.every((item) => item !== null) ? said : null;
  },
  read: (said, so) => {
    const read = readContacts(said);
    return typeof read === 'string' ? read : patch(field, [...(valueOf<readonly Contact[][]>(so, field) ?? []), read]);
  },
});

export const values = (key: string, field: Of<Transition, readonly string[]>, where: 'here' | 'hereOrThere'): Detail<Transition> => ({
  key,
  fields: [field],
  say: (record, names) => {
    const ids = valueOf<readonly string[]>(record, field);
    return ids === undefined ? [] : [ids.map(names.value).join('; ')];
  },
  read: (said, { outcomes = [] }, names) => {
    const items = splitAt(said, ';');
    const at = where === 'here' ? where : outcomes.map((outcome) => outcome.to);
    const ids = items.map((item) => names.valueCalled(item, at));
    const unknown = ids.indexOf(null);
    return unknown >= 0 ? `“${items[unknown]}” is nothing that he shows there.` : patch(field, ids);
  },
});

/** The lines of all that can be said of a record, each "- key: …". */
export function sayDetails<R>(details: readonly Detail<R>[], record: R, names: Names): string[] {
  return details.flatMap(({ key, say }) => (say(record, names) ?? []).map((said) => (said === '' ? `- ${key}` : `- ${key}: ${said}`)));
}

/** A line's key and the rest; the longest key that fits. */
export function detailOf<R>(details: readonly Detail<R>[], line: string): { readonly detail: Detail<R>; readonly rest: string } | null {
  const [, key = '', rest = ''] = /^([^:]*?)\s*(?::\s*(.*))?$/s.exec(line) ?? [];
  const detail = details.find((item) => item.key === key.trim());
  return detail ? { detail, rest: rest.trim() } : null;
}

export const NO_NAMES: Names = { place: String, value: String, placeCalled: () => null, valueCalled: () => null };
