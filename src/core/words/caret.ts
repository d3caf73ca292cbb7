import { NAME_LENGTH } from '../tree';

/** What each line wants, said where Enter is pressed on an empty one. */
export const WANTED = {
  guard: 'Type the name of the guard.',
  value: 'Type what he does or shows.',
  answer: 'Type what you do then.',
  fall: 'Type what he does if you fail.',
  landing: 'Type where it lands, or “.” if you stay here.',
} as const;

const inQuotes = (names: readonly string[]): string => names.map((name) => `“${name}”`).join(' or ');

/** A typed name may mean a place that is there: the question, in one line. */
export function sayPlaceAsked(why: 'sameName' | 'letter' | 'otherWord', typed: string, names: readonly string[]): string {
  if (why === 'sameName') return `${names.length} places are called “${typed}”: choose one with ↓.`;
  const there = `${inQuotes(names)} is there already`;
  if (names.length > 1) return `${there}: join one with ↓, or make a new place?`;
  return why === 'otherWord' ? `${there}, and “${typed}” is another word for it: join it?` : `${there}: join it?`;
}

export const sayNameTooLong = (name: string): string =>
  `“${name.slice(0, 24)}…” has ${name.length} letters; a name has ${NAME_LENGTH} at most.`;

/** A word behind "!" that says nothing of a place. */
export const sayUnknownPlaceWord = (word: string, known: readonly string[]): string =>
  word === '' ? `After “!” comes ${known.join(', ')}.` : `“${word}” says nothing of a place. Say ${known.join(', ')}.`;

/** A name that is there already, with something said of it: that is the place's own to say. */
export const saySaidOfDrawn = (name: string): string => `“${name}” is there already: what it is, its own sheet says.`;
export const sayNewPlace = (how: string): string => `Enter: a new place, ${how}.`;
export const sayJoins = (name: string): string => `Enter: joins ${name}.`;
export const AS_KNOWN = 'as the catalogue knows it';
export const sayDrawnAlready = (name: string, to: string): string => `“${name}” is drawn here, to ${to}: is it the same?`;
export const NOT_DRAWN_HERE = 'No answer of that name is drawn here.';
export const NONE_TO_REPEAT = 'No show was answered just before.';

/** A line of shows as an edit is named. */
export const sayShowsTyped = (cue: string | null, names: readonly string[]): string =>
  cue === null ? `he ${names.join(' / ')}` : `${cue}: ${names.join(' / ')}`;
