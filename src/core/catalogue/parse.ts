import { InvariantError, required } from '../base';
import { typedSteps } from '../grips';
import { asSentence } from '../words';
import {
  DISTANCES,
  ENDINGS,
  FAMILIES,
  LINES,
  READ_KINDS,
  STANCES,
  TEMPOS,
  TRANSITION_KINDS,
  VALUE_KINDS,
  type Position,
  type Read,
  type Step,
  type Transition,
} from '../tree';
import { isSign, type Sign } from './signs';
import type { CataloguePosition, CatalogueTransition } from './types';

const cells = (line: string): string[] => line.split('|').map((cell) => cell.trim());
const list = (cell: string, mark: string): string[] => (cell === '-' ? [] : cell.split(mark).map((item) => item.trim()));
/** The word, checked against the vocabulary: the data ship with the program, so a wrong one is a bug. */
function oneOf<T extends string>(words: readonly T[], word: string | undefined, place: string): T {
  const known = words.find((item) => item === word);
  if (known === undefined) throw new InvariantError(`catalogue, ${place}: "${word}" is not known`);
  return known;
}

/** Ways of passing that a gym may make its schools of. */
const SCHOOL_TAGS: readonly string[] = ['pressure', 'speed'];
const READ_NAMES = { he: 'he …', timing: 'timing' } as const;

function withValue(reads: readonly Read[], line: string, place: string): Read[] {
  const [what, name, kind, cue] = cells(line);
  const [prefix, valueId] = required(what, place).split(' ');
  const [word, readName] = required(prefix, place).split(':');
  const readKind = word === 'he' ? 'reaction' : oneOf(READ_KINDS, word, place);
  const id = readName ?? (word === 'he' ? 'he' : 'timing');
  const value = {
    id: required(valueId, place),
    name: required(name, place),
    kind: oneOf(VALUE_KINDS, kind, place),
    cue: required(cue, place),
  };
  const known = reads.find((read) => read.id === id);
  if (known) return reads.map((read) => (read === known ? { ...read, values: [...read.values, value] } : read));
  const title = readName?.replace('-', ' ') ?? READ_NAMES[word as keyof typeof READ_NAMES];
  return [...reads, { id, name: title, kind: readKind, ...(readKind === 'cue' ? { closed: true } : {}), values: [value] }];
}

function parsePosition(block: string): CataloguePosition {
  const [head, ...rest] = block.split('\n');
  const [id, name, aliases, family, lines, tempo] = cells(required(head, 'an entry'));
  const place = required(id, 'an entry');
  const field = (key: string): string =>
    required(rest.find((line) => line.startsWith(`  ${key}: `))?.slice(key.length + 4), `${place}, ${key}`);
  const [where, legRelation] = cells(field('at'));
  const [distance, stance] = required(where, place).split(' ');
  const ends = rest.find((line) => line.startsWith('  ends: '))?.slice(8);
  const reads = rest
    .filter((line) => /^ {2}(he|cue:\S+|timing) /.test(line))
    .reduce<Read[]>((made, line) => withValue(made, line.trim(), place), []);
  const position: CataloguePosition['position'] = {
    id: place,
    name: required(name, place),
    aliases: list(required(aliases, place), ';'),
    family: oneOf(FAMILIES, family, place),
    lines: list(required(lines, place), ',').map((line) => oneOf(LINES, line, place)),
    tempo: oneOf(TEMPOS, tempo, place),
    tempoReason: asSentence(field('why')),
    windowCloses: field('closes'),
    distance: oneOf(DISTANCES, distance, place),
    stance: oneOf(STANCES, stance, place),
    legRelation: required(legRelation, place),
    reads,
    hazards: [asSentence(field('care'))],
    ...(ends ? { ends: oneOf(ENDINGS, ends, place) } : {}),
    ...(place.endsWith('-below') ? { ownerRole: 'below' as const } : {}),
  };
  const signs = field('seen')
    .split(' ')
    .map((word): Sign => {
      if (!isSign(word)) throw new InvariantError(`catalogue, ${place}: "${word}" is no sign`);
      return word;
    });
  return { position, signs, feeder: field('feeder') };
}

export const parsePositions = (text: string): CataloguePosition[] =>
  text
    .trim()
    .split(/\n(?=\S)/)
    .map(parsePosition);

function parseTransition(line: string, positions: ReadonlyMap<string, Position>): CatalogueTransition {
  const [path, kind, name, when, note, care, tags] = cells(line);
  const [, who, from, to] = /^(I|he) (\S+) > (\S+)$/.exec(required(path, line)) ?? [];
  const place = required(from, line);
  const start = required(positions.get(place), `catalogue position ${place}`);
  required(positions.get(required(to, line)), `catalogue position ${to}`);
  const named = list(required(when, line), ',');
  const reads = start.reads.flatMap((read) => {
    const values = read.values.filter((value) => named.includes(value.id)).map((value) => value.id);
    return values.length > 0 ? [[read.id, values] as const] : [];
  });
  if (reads.flatMap(([, values]) => values).length !== named.length)
    throw new InvariantError(`catalogue, ${line}: a value is not known at ${place}`);
  const mine = who === 'I';
  const [error, consequence, correction] = list(required(note, line), '>');
  const marks = list(required(tags, line), ',');
  const schools = marks.filter((tag) => SCHOOL_TAGS.includes(tag));
  const others = marks.filter((tag) => tag !== 'gi' && !schools.includes(tag)).map((tag) => tag.replace('-', ' '));
  const transition: Transition = {
    id: `${place}-${mine ? 'i' : 'he'}-${required(name, line)
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')}`,
    from: place,
    to: to!,
    actor: mine ? 'owner' : 'opponent',
    name: name!,
    kind: oneOf(TRANSITION_KINDS, kind, place),
    ...(reads.length > 0 ? { when: Object.fromEntries(reads) } : {}),
    ...(mine
      ? { mistakes: [{ error: required(error, line), consequence: required(consequence, line), correction: required(correction, line) }] }
      : {}),
    ...(care === '-' ? {} : { hazards: [asSentence(required(care, line))] }),
    ...(marks.includes('gi') ? { contexts: ['gi' as const] } : {}),
    ...(others.length > 0 || schools.length > 0 ? { tags: [...others, ...schools] } : {}),
  };
  return { transition, feeder: mine ? '' : note! };
}

/** Steps of moves by their ids ("move: step / step"). */
export function parseGrips(text: string): ReadonlyMap<string, readonly Step[]> {
  return new Map(
    text
      .trim()
      .split('\n')
      .map((line) => {
        const [, id, written] = /^(\S+): (.+)$/.exec(line) ?? [];
        const steps = typedSteps(required(written, line).split(' / '));
        if (!steps.ok) throw new InvariantError(`catalogue, grips of ${id}: ${steps.error.join(' ')}`);
        return [required(id, line), steps.value] as const;
      }),
  );
}

export const parseTransitions = (text: string, positions: readonly CataloguePosition[]): CatalogueTransition[] => {
  const byId = new Map(positions.map(({ position }) => [position.id, position]));
  return text
    .trim()
    .split('\n')
    .map((line) => parseTransition(line, byId));
};
