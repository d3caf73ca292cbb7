import type { TreeDocument } from './document';

/**
 * What a field holds: an id or several · a mark from a fixed list or of the coach's own (a tag, a school), which is compared and
 * never read · a side, or a part of the body that names one · words · facts · a number · yes or no · contacts or what they
 * hold · records, whose fields say it themselves.
 */
export type FieldContent = 'id' | 'mark' | 'side' | 'word' | 'fact' | 'number' | 'yes' | 'contact' | 'record';
interface Field {
  readonly holds: FieldContent;
}
/** A list that is written even when it is empty. */
interface KeptField extends Field {
  readonly isKept: true;
}

type KeysIn<T> = T extends readonly (infer Item)[]
  ? KeysIn<Item>
  : T extends object
    ? string extends keyof T
      ? never
      : { [K in keyof T & string]-?: K | KeysIn<NonNullable<T[K]>> }[keyof T & string]
    : never;
/** The lists that a record cannot be without. */
type ListsIn<T> = T extends readonly (infer Item)[]
  ? ListsIn<Item>
  : T extends object
    ? string extends keyof T
      ? never
      : { [K in keyof T & string]-?: (T[K] extends readonly unknown[] ? K : never) | ListsIn<NonNullable<T[K]>> }[keyof T & string]
    : never;

/** Of the file around the tree, and of the people and groups that the gym keeps. */
type BesideName = 'format' | 'version' | 'tree' | 'games' | 'members';
export type FieldName = Exclude<KeysIn<TreeDocument>, 'isSwapped' | 'isKnown'> | BesideName;
type KeptName = ListsIn<TreeDocument> | 'members';

const [id, mark, side, word, fact, number, yes, contact, record] = (
  ['id', 'mark', 'side', 'word', 'fact', 'number', 'yes', 'contact', 'record'] as const
).map((holds): Field => ({ holds })) as [Field, Field, Field, Field, Field, Field, Field, Field, Field];
const kept = (field: Field): KeptField => ({ ...field, isKept: true });

/**
 * Every field of a tree, wherever it stands, in the order in which a record is written. What reads or turns a document by the
 * kind of its fields (normal form, the other side, the other athlete's facts) asks here; a new field does not compile without
 * its line, and one name stands for one kind of content in every record (`values` are records of a read and words of a choice: a
 * string among records is words).
 */
const FIELDS: { readonly [K in FieldName]: K extends KeptName ? KeptField : Field } = {
  format: mark,
  version: number,
  tree: record,
  ruleCards: id,
  athletes: id,
  opponents: id,
  id,
  from: id,
  to: id,
  kind: mark,
  name: word,
  actor: mark,
  owner: mark,
  contexts: kept(mark),
  schools: kept(mark),
  starts: kept(record),
  position: id,
  facts: fact,
  aliases: word,
  family: mark,
  lines: kept(mark),
  tempo: mark,
  tempoReason: word,
  windowCloses: word,
  tempoByContext: record,
  context: mark,
  legRelation: word,
  signs: mark,
  stance: mark,
  distance: mark,
  ownerRole: mark,
  heSeesItFirst: yes,
  readSkill: number,
  ends: mark,
  unfinished: yes,
  bySchool: record,
  school: mark,
  continuesIn: id,
  closed: yes,
  complete: yes,
  cue: word,
  share: number,
  unsure: yes,
  tags: mark,
  when: id,
  stoppedBy: id,
  priority: number,
  works: number,
  offCue: number,
  stopped: number,
  onFail: id,
  outcomes: record,
  ifShown: kept(id),
  seconds: number,
  needs: fact,
  makes: fact,
  undoes: fact,
  athlete: mark,
  part: side,
  target: contact,
  side,
  spot: word,
  surface: mark,
  orElse: contact,
  at: word,
  job: mark,
  quality: word,
  bundle: word,
  substitute: contact,
  holds: contact,
  theirHolds: contact,
  blockedBy: contact,
  enabledBy: contact,
  preventedBy: word,
  midway: record,
  afterStep: number,
  reaction: word,
  answer: word,
  steps: record,
  note: word,
  contacts: kept(contact),
  contactRules: record,
  fromStep: number,
  toStep: number,
  atLeast: number,
  afterSwaps: mark,
  first: contact,
  then: contact,
  whenValues: id,
  letsIn: id,
  fits: record,
  legRelations: word,
  stances: mark,
  provokes: id,
  parameters: record,
  never: record,
  value: word,
  leadsTo: id,
  checkpoints: word,
  waysInAll: number,
  pictures: record,
  hash: mark,
  caption: word,
  quarterTurns: number,
  mirrored: yes,
  mistakes: record,
  error: word,
  consequence: word,
  correction: word,
  announced: yes,
  reads: kept(record),
  values: kept(record),
  wordingUnsure: yes,
  notes: word,
  hazards: word,
  source: word,
  fromCatalogue: id,
  of: mark,
  games: record,
  off: mark,
  on: mark,
  habits: record,
  guards: id,
  strongAgainst: mark,
  knows: mark,
  varied: id,
  knowsGame: yes,
  physique: word,
  betterSide: mark,
  levels: mark,
  forbidden: kept(record),
  tag: mark,
  underAge: number,
  belowLevel: mark,
  points: kept(number),
  for: mark,
  date: mark,
  ruleSets: record,
  profiles: record,
  classes: record,
  dismissals: record,
  finding: mark,
  reason: word,
  defaults: record,
  positions: kept(record),
  transitions: kept(record),
  members: kept(id),
};

const KNOWN: ReadonlyMap<string, Field & Partial<KeptField>> = new Map(Object.entries(FIELDS));
const RANK = new Map(Object.keys(FIELDS).map((name, i) => [name, i]));

/** Where a field stands in its record; one that no tree has stands behind, by its name. */
export const fieldRank = (name: string): number => RANK.get(name) ?? RANK.size;
/** What a field holds; null = none of a tree. */
export const fieldContent = (name: string): FieldContent | null => KNOWN.get(name)?.holds ?? null;
export const isKeptEmpty = (name: string): boolean => KNOWN.get(name)?.isKept ?? false;
