import { lettersOf } from '../base';
import type { Contact, Family, Position } from '../tree';
import { contradict, isSign, SIGNS, type Sign } from './signs';
import type { Catalogue } from './types';

/** Where a guess comes from: the catalogue's place of that very name, or of these legs; the words; his holds; the kind of place. */
export type GuessedFrom = 'name' | 'legs' | 'words' | 'holds' | 'kind';
export interface GuessedSign {
  readonly sign: Sign;
  readonly from: GuessedFrom;
}

/** What words of the legs, or of the name, mean at a glance. */
const BY_WORDS: readonly (readonly [RegExp, Sign])[] = [
  [/\bhooks?\b.*\boutside\b|\boutside hook\b/, 'hook-outside'],
  [/\bhooks?\b.*\b(?:inside|behind)\b|\binside hook\b/, 'hook-behind'],
  [/\b(?:two|both|double) hooks\b/, 'two-hooks'],
  [/\b(?:one|single) hook\b/, 'one-hook'],
  [/\bknee across (?:my |the )?(?:chest|body)\b|\bknee shield\b/, 'knee-across'],
  [/\bknee across (?:my |the )?hips?\b|\blow shield\b/, 'knee-low'],
  [/\bshin\b.*\b(?:on|against|to) (?:my |his )?shin\b/, 'shin-on-shin'],
  [/\b(?:both feet|feet) on (?:my |the )?hips\b/, 'feet-on-hips'],
  [/\b(?:one|a|his) foot on (?:my |the )?hip\b/, 'foot-on-hip'],
  [/\bfoot on (?:my |the )?biceps\b/, 'foot-on-biceps'],
  [/\b(?:leg|foot)\b.*\b(?:round|around)\b.*\barm\b/, 'leg-round-arm'],
  [/\blocked (?:round|around) (?:my |the )?(?:body|waist|hips)\b/, 'legs-locked'],
  [/\bankles (?:are )?(?:crossed|locked)\b/, 'ankles-crossed'],
  [/\bankles (?:are )?(?:open|not crossed)\b/, 'ankles-open'],
  [/\bleg (?:is )?caught\b|\bleg between his\b|\bmy leg between\b/, 'leg-between'],
  [/\bhis leg (?:is )?between (?:mine|my)\b|\bone of his (?:legs )?between mine\b/, 'his-leg-between'],
  [/\blegs (?:wound|wrapped) (?:round|around)\b/, 'leg-wrapped'],
  [/\bleg (?:is )?dragged\b|\bleg drag\b/, 'leg-dragged'],
  [/\bon his (?:hands and )?knees\b|\bboth knees (?:are )?down\b/, 'knees-down'],
];
const BY_KIND: { readonly [K in Family]?: Sign } = {
  closed: 'legs-locked',
  half: 'leg-between',
  entanglement: 'leg-wrapped',
  turtle: 'knees-down',
  pin: 'legs-past',
  back: 'chest-on-back',
};

const names = (text: string | undefined, ...words: readonly string[]): boolean =>
  text !== undefined && words.some((word) => text.toLowerCase().includes(word));

/** What his usual holds look like. */
function byHolds(holds: readonly Contact[]): Sign[] {
  const his = holds.filter(({ athlete, target }) => athlete === 'opponent' && target.athlete === 'owner');
  const hands = his.filter(({ part }) => names(part, 'hand'));
  const feet = his.filter(({ part }) => names(part, 'foot'));
  const on = (list: readonly Contact[], ...words: readonly string[]): readonly Contact[] =>
    list.filter(({ target }) => names(target.part, ...words) || names(target.spot, ...words));
  const sleeves = on(hands, 'sleeve', 'wrist');
  const hips = on(feet, 'hip');
  const seen: readonly (readonly [boolean, Sign])[] = [
    [on(hands, 'collar', 'lapel').length > 0, 'collar'],
    [sleeves.length > 1, 'both-sleeves'],
    [sleeves.length === 1, 'sleeve'],
    [on(hands, 'ankle', 'trouser cuff', 'heel').length > 0, 'ankle-grip'],
    [his.some(({ job }) => job === 'underhook'), 'underhook'],
    [his.some(({ job }) => job === 'overhook'), 'overhook'],
    [on(his, 'head', 'neck').some(({ part }) => names(part, 'hand', 'arm')), 'arms-round-head'],
    [his.some(({ job, part }) => job === 'frame' && names(part, 'arm', 'elbow', 'hand')), 'frames'],
    [hips.length > 1, 'feet-on-hips'],
    [hips.length === 1, 'foot-on-hip'],
    [on(feet, 'biceps').length > 0, 'foot-on-biceps'],
  ];
  return seen.flatMap(([is, sign]) => (is ? [sign] : []));
}

const sameLetters = (a: string | undefined, b: string | undefined): boolean =>
  a !== undefined && b !== undefined && a !== '' && lettersOf(a) === lettersOf(b);

/** The signs that all places of the catalogue with this leg relation share. */
function byLegs({ positions }: Catalogue, legRelation: string | undefined): Sign[] {
  const [first, ...others] = positions.filter(({ position }) => sameLetters(position.legRelation, legRelation));
  return first ? first.signs.filter((sign) => others.every(({ signs }) => signs.includes(sign))) : [];
}

/**
 * What is probably seen at a place, for the read finder: as the catalogue has it under that very name; else from its legs, its
 * words, his usual holds and its kind. The surer guess first; one that contradicts a surer one, or what is ticked, is left out.
 */
export function guessSigns(position: Position, catalogue: Catalogue): GuessedSign[] {
  const ticked = (position.signs ?? []).filter(isSign);
  const names = [position.name, ...(position.aliases ?? [])];
  const entry = catalogue.positions.find((item) =>
    [item.position.name, ...(item.position.aliases ?? [])].some((known) => names.some((name) => sameLetters(known, name))),
  );
  const said = [position.legRelation ?? '', position.name].join('. ').toLowerCase();
  const kind = BY_KIND[position.family];
  const all: readonly (readonly [GuessedFrom, readonly Sign[]])[] = [
    ['name', entry?.signs ?? []],
    ['holds', byHolds(position.theirHolds ?? [])],
    ['legs', byLegs(catalogue, position.legRelation)],
    ['words', BY_WORDS.flatMap(([fits, sign]) => (fits.test(said) ? [sign] : []))],
    ['kind', kind ? [kind] : []],
  ];
  const guessed: GuessedSign[] = [];
  for (const [from, signs] of all)
    for (const sign of signs) {
      const known = [...ticked, ...guessed.map((item) => item.sign)];
      if (!known.includes(sign) && !known.some((other) => contradict(sign, other))) guessed.push({ sign, from });
    }
  return guessed.toSorted((a, b) => SIGNS.indexOf(a.sign) - SIGNS.indexOf(b.sign));
}
