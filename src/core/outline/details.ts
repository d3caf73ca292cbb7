import {
  CONTEXTS,
  DISTANCES,
  ENDINGS,
  FAMILIES,
  LINES,
  OWNER_ROLES,
  STANCES,
  TEMPOS,
  type Position,
  type SchoolVariant,
  type TreeDocument,
  type Value,
} from '../tree';
import { atom, readAtom, readList, sayList, splitAt } from './atoms';
import { CALLED, contacts, each, flag, isChance, list, number, one, readLines, sayLines, text, type Detail } from './detailKinds';

const bySchool: Detail<Position> = {
  key: 'by school',
  fields: ['bySchool'],
  say: ({ bySchool: variants }) =>
    variants?.map(({ school, lines, ends, reason }) =>
      [
        atom(school, (word) => !/[;"]/.test(word)),
        ...(lines ? [`cleared ${sayLines(lines)}`] : []),
        ...(ends ? [`ends ${ends === 'goesOn' ? 'goes on' : ends}`] : []),
        ...(reason === undefined ? [] : [`why ${atom(reason, (word) => !/[;"]/.test(word))}`]),
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
      else if (word === 'why' && words.length > 0) variant = { ...variant, reason: readAtom(words.join(' ')) };
      else return `“${item}” says nothing of a school: “cleared feet, knees”, “ends settled”, “ends goes on” or “why” and a reason.`;
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
  flag('attempt', 'unfinished'),
  flag('he sees it first', 'heSeesItFirst'),
  number('read in time', 'readSkill', isChance, 'a chance from 0 to 1'),
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

const schools: Detail<TreeDocument> = list('schools', 'schools');
export const TREE_DETAILS: readonly Detail<TreeDocument>[] = [
  one('for', 'owner', ['passer', 'guardPlayer'], { passer: 'the passer', guardPlayer: 'the guard player' }),
  { ...schools, say: (tree, names) => (tree.schools.length === 0 ? [] : schools.say(tree, names)) },
  text('note', 'notes'),
];
