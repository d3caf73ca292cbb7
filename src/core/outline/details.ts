import { sameValue } from '../base';
import { parseContacts, sayContact } from '../contacts';
import {
  CONTEXTS,
  DISTANCES,
  ENDINGS,
  FAMILIES,
  LINES,
  OWNER_ROLES,
  STANCES,
  TEMPOS,
  TRANSITION_KINDS,
  type Contact,
  type Position,
  type PositionId,
  type SchoolVariant,
  type Transition,
  type TreeDocument,
  type Value,
  type ValueId,
} from '../tree';
import { atom, readAtom, readList, sayList, splitAt } from './atoms';
import { IF_IT_FAILS } from './parse';

/** How places and values are called in the outline, both ways. */
export interface Names {
  readonly place: (id: PositionId) => string;
  readonly placeCalled: (name: string) => PositionId | null;
  /** A value of where the move begins, or of where it lands. */
  readonly value: (id: ValueId) => string;
  readonly valueCalled: (name: string, where: 'here' | 'hereOrThere') => ValueId | null;
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

const text = <R>(key: string, field: Of<R, string>): Detail<R> => ({
  key,
  fields: [field],
  say: (record) => {
    const said = valueOf<string>(record, field);
    return said === undefined ? [] : [atom(said, () => true)];
  },
  read: (said) => patch(field, readAtom(said)),
});
const list = <R>(key: string, field: Of<R, readonly string[]>): Detail<R> => ({
  key,
  fields: [field],
  say: (record) => {
    const items = valueOf<readonly string[]>(record, field);
    return items === undefined ? [] : [sayList(items)];
  },
  read: (said) => patch(field, readList(said)),
});
/** A list of sentences, one a line. */
const each = <R>(key: string, field: Of<R, readonly string[]>): Detail<R> => ({
  key,
  fields: [field],
  say: (record) => {
    const items = valueOf<readonly string[]>(record, field);
    if (items === undefined) return [];
    return items.length === 0 ? [''] : items.map((item) => atom(item, () => true));
  },
  read: (said, so) => patch(field, [...(valueOf<readonly string[]>(so, field) ?? []), ...(said === '' ? [] : [readAtom(said)])]),
});
const number = <R>(key: string, field: Of<R, number>, isGood: (n: number) => boolean, wants: string): Detail<R> => ({
  key,
  fields: [field],
  say: (record) => {
    const n = valueOf<number>(record, field);
    return n === undefined ? [] : [String(n)];
  },
  read: (said) =>
    /^-?(?:\d+\.?\d*|\.\d+)(?:e-?\d+)?$/.test(said) && isGood(Number(said)) ? patch(field, Number(said)) : `“${key}” wants ${wants}.`,
});
const flag = <R>(key: string, field: Of<R, boolean>): Detail<R> => ({
  key,
  fields: [field],
  say: (record) => {
    const is = valueOf<boolean>(record, field);
    return is === undefined ? [] : [is ? '' : 'no'];
  },
  read: (said) => (said === '' || said === 'no' ? patch(field, said === '') : `“${key}” stands alone, or with “no”.`),
});
/** One of some words; `called`: where the outline says another. */
const one = <R>(key: string, field: Of<R, string>, words: readonly string[], called: Readonly<Record<string, string>> = {}): Detail<R> => ({
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
const CALLED = { actNow: 'act now', noGi: 'no-gi', top: 'on top' };

function readLines(said: string): Position['lines'] | null {
  if (said === 'nothing') return [];
  const names = said.split(/\s*,\s*/);
  return names.every((name) => (LINES as readonly string[]).includes(name)) ? LINES.filter((line) => names.includes(line)) : null;
}
const sayLines = (lines: readonly string[]): string => (lines.length === 0 ? 'nothing' : lines.join(', '));

/** Contacts that are read back as they are; null = words do not hold all of them. */
function sayContacts(contacts: readonly Contact[]): string | null {
  const said = contacts.map(sayContact).join(', ');
  const back = parseContacts(said);
  return back.ok && sameValue(back.value, contacts) ? said : null;
}
function readContacts(said: string): Contact[] | string {
  const read = parseContacts(said);
  return read.ok ? read.value : read.error.join(' ');
}
const contacts = <R>(key: string, field: Of<R, readonly Contact[]>): Detail<R> => ({
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
const contactSets = <R>(key: string, field: Of<R, readonly (readonly Contact[])[]>): Detail<R> => ({
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

const values = (key: string, field: Of<Transition, readonly string[]>, where: 'here' | 'hereOrThere'): Detail<Transition> => ({
  key,
  fields: [field],
  say: (record, names) => {
    const ids = valueOf<readonly string[]>(record, field);
    return ids === undefined ? [] : [ids.map(names.value).join('; ')];
  },
  read: (said, _, names) => {
    const items = splitAt(said, ';');
    const ids = items.map((item) => names.valueCalled(item, where));
    const unknown = ids.indexOf(null);
    return unknown >= 0 ? `“${items[unknown]}” is nothing that he shows there.` : patch(field, ids);
  },
});

const bySchool: Detail<Position> = {
  key: 'by school',
  fields: ['bySchool'],
  say: ({ bySchool: variants }) =>
    variants?.map(({ school, lines, ends }) =>
      [
        atom(school, (word) => !/[;"]/.test(word)),
        ...(lines ? [`cleared ${sayLines(lines)}`] : []),
        ...(ends ? [`ends ${ends === 'goesOn' ? 'goes on' : ends}`] : []),
      ].join('; '),
    ) ?? [],
  read: (said, so) => {
    const [school = '', ...rest] = splitAt(said, ';');
    let variant: SchoolVariant = { school: readAtom(school) };
    for (const item of rest) {
      const [word, ...words] = item.split(' ');
      const lines = word === 'cleared' ? readLines(words.join(' ')) : null;
      const ends =
        word !== 'ends' ? undefined : words.join(' ') === 'goes on' ? 'goesOn' : ENDINGS.find((ending) => ending === words.join(' '));
      if (lines) variant = { ...variant, lines };
      else if (ends) variant = { ...variant, ends };
      else return `“${item}” says nothing of a school: “cleared feet, knees”, “ends settled” or “ends goes on”.`;
    }
    return { bySchool: [...(so.bySchool ?? []), variant] };
  },
};
const tempoIn: Detail<Position> = {
  key: 'tempo in',
  fields: ['tempoByContext'],
  say: ({ tempoByContext }) => tempoByContext?.map(({ context, tempo }) => `${context} ${tempo}`) ?? [],
  read: (said, so) => {
    const [context, tempo] = [CONTEXTS.find((item) => said.startsWith(`${item} `)), TEMPOS.find((item) => said.endsWith(` ${item}`))];
    if (!context || !tempo) return `“tempo in” wants ${CONTEXTS.join(', ')} and a tempo.`;
    return { tempoByContext: [...(so.tempoByContext ?? []), { context, tempo }] };
  },
};
const continues: Detail<Position> = {
  key: 'continues in',
  fields: ['continuesIn'],
  say: ({ continuesIn: link }) => (link ? [sayList([link.tree, link.position])] : []),
  read: (said) => {
    const [tree, position, ...more] = readList(said);
    return tree && position && more.length === 0
      ? { continuesIn: { tree, position } }
      : '“continues in” wants a tree; and a position of it.';
  },
};

const tempo: Detail<Position> = one('tempo', 'tempo', TEMPOS, CALLED);

export const PLACE_DETAILS: readonly Detail<Position>[] = [
  list('also called', 'aliases'),
  one('family', 'family', FAMILIES),
  {
    key: 'cleared',
    fields: ['lines'],
    say: ({ lines }) => [sayLines(lines)],
    read: (said) => {
      const lines = readLines(said);
      return lines ? { lines } : `“cleared” wants ${LINES.join(', ')}, or nothing.`;
    },
  },
  // Neither safe nor hurried is what a place is while nothing is said.
  { ...tempo, say: (record, names) => (record.tempo === 'neutral' ? [] : tempo.say(record, names)) },
  text('because', 'tempoReason'),
  text('until', 'windowCloses'),
  tempoIn,
  text('legs', 'legRelation'),
  list('signs', 'signs'),
  one('stance', 'stance', STANCES),
  one('distance', 'distance', DISTANCES),
  contacts('I hold', 'holds'),
  contacts('he holds', 'theirHolds'),
  one('I am', 'ownerRole', OWNER_ROLES, CALLED),
  flag('he sees it first', 'heSeesItFirst'),
  bySchool,
  continues,
  text('why', 'reason'),
  each('checkpoint', 'checkpoints'),
  number('ways in all', 'waysInAll', (n) => Number.isInteger(n) && n >= 1 && n <= 200, 'a number from 1 to 200'),
  flag('wording unsure', 'wordingUnsure'),
  text('note', 'notes'),
  each('care', 'hazards'),
  text('source', 'source'),
  text('from the catalogue', 'fromCatalogue'),
];

export const VALUE_DETAILS: readonly Detail<Value>[] = [text('one sees', 'cue'), flag('unsure', 'unsure')];

const BETWEEN = '>';
const part = (said: string): string => atom(said, (word) => !word.includes(BETWEEN) && !word.includes('"'));
const mistakes: Detail<Transition> = {
  key: 'mistake',
  fields: ['mistakes'],
  say: ({ mistakes: made }) => {
    if (!made) return [];
    if (made.length === 0 || made.some(({ error, consequence }) => error === '' || consequence === '')) return null;
    return made.map(({ error, consequence, correction }) =>
      [
        part(error),
        ...(consequence === undefined ? (correction === undefined ? [] : ['?']) : [part(consequence)]),
        ...(correction === undefined ? [] : [part(correction)]),
      ].join(' > '),
    );
  },
  read: (said, so) => {
    const [error, consequence, correction, ...more] = splitAt(said, BETWEEN);
    if (error === undefined || more.length > 0) return 'A mistake is: what goes wrong > what comes of it > how it is put right.';
    const next = {
      error: readAtom(error),
      ...(consequence === undefined || consequence === '?' ? {} : { consequence: readAtom(consequence) }),
      ...(correction === undefined ? {} : { correction: readAtom(correction) }),
    };
    return { mistakes: [...(so.mistakes ?? []), next] };
  },
};
const NEVER = 'never ';
const choices: Detail<Transition> = {
  key: 'choice',
  fields: ['parameters'],
  say: ({ parameters }, names) =>
    parameters?.map(({ name, values: wanted, never }) => {
      const word = (said: string): string => atom(said, (item) => !/[;=>"]/.test(item) && !item.startsWith(NEVER));
      const barred = never?.map(
        ({ value, leadsTo }) => `${NEVER}${word(value)}${leadsTo === undefined ? '' : ` > ${names.place(leadsTo)}`}`,
      );
      return `${word(name)} = ${[...wanted.map(word), ...(barred ?? [])].join('; ')}`;
    }) ?? [],
  read: (said, so, names) => {
    const [name, ...rest] = splitAt(said, '=');
    if (name === undefined || rest.length > 1) return 'A choice is: what is chosen = first; second; never third > where that leads.';
    const wanted: string[] = [];
    const never: { value: string; leadsTo?: string }[] = [];
    for (const item of splitAt(rest[0] ?? '', ';')) {
      if (!item.startsWith(NEVER)) {
        wanted.push(readAtom(item));
        continue;
      }
      const [value = '', place] = splitAt(item.slice(NEVER.length), BETWEEN);
      const leadsTo = place === undefined ? undefined : names.placeCalled(place);
      if (leadsTo === null) return `“${place}” is no place of this tree.`;
      never.push({ value: readAtom(value), ...(leadsTo === undefined ? {} : { leadsTo }) });
    }
    const next = { name: readAtom(name), values: wanted, ...(never.length > 0 ? { never } : {}) };
    return { parameters: [...(so.parameters ?? []), next] };
  },
};
const steps: Detail<Transition> = {
  key: 'step',
  fields: ['steps'],
  say: ({ steps: taken }) => {
    if (!taken) return [];
    const said = taken.map((step) => {
      const held = step.contacts.length === 0 ? 'nothing held' : sayContacts(step.contacts);
      if (held === null || step.ownerRole !== undefined) return null;
      return step.note === undefined ? held : `${part(step.note)} > ${held}`;
    });
    return taken.length > 0 && said.every((item) => item !== null) ? said : null;
  },
  read: (said, so) => {
    const pieces = splitAt(said, BETWEEN);
    const held = pieces.at(-1) ?? '';
    const read = held === 'nothing held' ? [] : readContacts(held);
    if (typeof read === 'string') return read;
    const step = { ...(pieces.length > 1 ? { note: readAtom(pieces[0]!) } : {}), contacts: read };
    return { steps: [...(so.steps ?? []), step] };
  },
};
const fits = <K extends 'legRelations' | 'stances'>(key: string, field: K): Detail<Transition> => ({
  key,
  fields: ['fits'],
  say: ({ fits: where }) => (where?.[field] === undefined ? [] : [sayList(where[field])]),
  read: (said, so) => {
    const items = readList(said);
    const unknown = field === 'stances' ? items.find((item) => !(STANCES as readonly string[]).includes(item)) : undefined;
    return unknown === undefined ? { fits: { ...so.fits, [field]: items } } : `“${unknown}” is no stance: ${STANCES.join(', ')}.`;
  },
});
const onFail: Detail<Transition> = {
  key: IF_IT_FAILS,
  fields: ['onFail'],
  say: ({ onFail: to }, names) => (to === undefined ? [] : [names.place(to)]),
  read: (said, _, names) => {
    const to = names.placeCalled(said);
    return to === null ? `“${said}” is no place of this tree.` : { onFail: to };
  },
};
const contexts: Detail<Transition> = {
  key: 'only in',
  fields: ['contexts'],
  say: ({ contexts: where }) => (where ? [where.join(', ')] : []),
  read: (said) => {
    const words = said.split(/\s*,\s*/).filter((word) => word !== '');
    const known = CONTEXTS.filter((item) => words.includes(item));
    return known.length === words.length ? { contexts: words as typeof known } : `“only in” wants ${CONTEXTS.join(', ')}.`;
  },
};
const isChance = (n: number): boolean => n >= 0 && n <= 1;

export const MOVE_DETAILS: readonly Detail<Transition>[] = [
  one('kind', 'kind', TRANSITION_KINDS),
  values('stopped by', 'stoppedBy', 'here'),
  values('hopes for', 'provokes', 'hereOrThere'),
  text('why', 'reason'),
  number('priority', 'priority', Number.isInteger, 'a whole number'),
  number('works', 'works', isChance, 'a chance from 0 to 1'),
  number('off cue', 'offCue', isChance, 'a chance from 0 to 1'),
  number('when stopped', 'stopped', isChance, 'a chance from 0 to 1'),
  number('seconds', 'seconds', (n) => n >= 0 && n <= 3600, 'seconds from 0 to 3600'),
  onFail,
  list('needs', 'needs'),
  list('makes', 'makes'),
  list('undoes', 'undoes'),
  contactSets('shut by', 'blockedBy'),
  contactSets('open with', 'enabledBy'),
  steps,
  fits('also from legs', 'legRelations'),
  fits('also from stance', 'stances'),
  choices,
  each('checkpoint', 'checkpoints'),
  mistakes,
  each('care', 'hazards'),
  list('tags', 'tags'),
  list('schools', 'schools'),
  contexts,
  flag('announced', 'announced'),
  flag('unsure', 'unsure'),
  text('note', 'notes'),
  text('source', 'source'),
  text('from the catalogue', 'fromCatalogue'),
];

const schools: Detail<TreeDocument> = list('schools', 'schools');
export const TREE_DETAILS: readonly Detail<TreeDocument>[] = [
  one('for', 'owner', ['passer', 'guardPlayer'], { passer: 'the passer', guardPlayer: 'the guard player' }),
  { ...schools, say: (tree, names) => (tree.schools.length === 0 ? [] : schools.say(tree, names)) },
  text('note', 'notes'),
];

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
