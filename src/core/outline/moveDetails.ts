import { CONTEXTS, STANCES, TRANSITION_KINDS, type Transition } from '../tree';
import { atom, readAtom, readList, sayList, splitAt } from './atoms';
import { contactSets, each, flag, isChance, list, number, one, readContacts, sayContacts, text, values, type Detail } from './detailKinds';
import { IF_IT_FAILS, OR_IF } from './parse';

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
      if (held === null || step.ownerRole !== undefined || step.pictures) return null;
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
const outcomes: Detail<Transition> = {
  key: OR_IF,
  fields: ['outcomes'],
  say: ({ outcomes: list }, names) => list?.map(({ ifShown, to }) => `${ifShown.map(names.value).join('; ')} > ${names.place(to)}`) ?? [],
  read: (said, so, names) => {
    const [shows = '', place, ...more] = splitAt(said, BETWEEN);
    const items = splitAt(shows, ';');
    if (place === undefined || more.length > 0 || items.length === 0) return `“${OR_IF}” wants what he shows > where it lands then.`;
    const ifShown = items.map((item) => names.valueCalled(item, 'here'));
    const unknown = ifShown.indexOf(null);
    if (unknown >= 0) return `“${items[unknown]}” is nothing that he shows there.`;
    const to = names.placeCalled(place);
    return to === null
      ? `“${place}” is no place of this tree.`
      : { outcomes: [...(so.outcomes ?? []), { ifShown: ifShown as string[], to }] };
  },
};
const AFTER = /^after (\d{1,3})$/;
const midway: Detail<Transition> = {
  key: 'midway',
  fields: ['midway'],
  say: ({ midway: list }, names) => {
    const word = (said: string): string => atom(said, (text) => !/[>"]/.test(text) && text !== '?' && !AFTER.test(text));
    return (
      list?.map(({ afterStep, reaction, answer, leadsTo }) =>
        [
          ...(afterStep === undefined ? [] : [`after ${afterStep}`]),
          word(reaction),
          ...(answer === undefined ? (leadsTo === undefined ? [] : ['?']) : [word(answer)]),
          ...(leadsTo === undefined ? [] : [names.place(leadsTo)]),
        ].join(' > '),
      ) ?? []
    );
  },
  read: (said, so, names) => {
    const pieces = splitAt(said, BETWEEN);
    const [, step] = AFTER.exec(pieces[0] ?? '') ?? [];
    const [reaction, answer, place, ...more] = step === undefined ? pieces : pieces.slice(1);
    if (reaction === undefined || more.length > 0 || Number(step ?? 1) < 1)
      return '“midway” wants: after 2 > what he does on the way > what I do then > where that leads; only what he does is needed.';
    const leadsTo = place === undefined ? undefined : names.placeCalled(place);
    if (leadsTo === null) return `“${place}” is no place of this tree.`;
    const next = {
      ...(step === undefined ? {} : { afterStep: Number(step) }),
      reaction: readAtom(reaction),
      ...(answer === undefined || answer === '?' ? {} : { answer: readAtom(answer) }),
      ...(leadsTo === undefined ? {} : { leadsTo }),
    };
    return { midway: [...(so.midway ?? []), next] };
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

export const MOVE_DETAILS: readonly Detail<Transition>[] = [
  one('kind', 'kind', TRANSITION_KINDS),
  outcomes,
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
  each('not if', 'preventedBy'),
  steps,
  midway,
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
