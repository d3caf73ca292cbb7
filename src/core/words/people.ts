import { EVERYTHING } from '../lens';
import { indexOf, positionOf, type Family, type Habit, type Profile, type TreeDocument, type ValueKind } from '../tree';
import { plural } from './figures';
import { sayMove, sayValue } from './tree';
import { FAMILY_WORDS, VALUE_KIND_WORDS } from './vocabulary';

export const PROFILE_WORDS: { readonly [K in Profile['of']]: string } = { athlete: 'An athlete of ours.', opponent: 'An opponent.' };

/** What a person does or does not do: an id of a move, a tag, or everything. */
export function sayGameItem(tree: TreeDocument, item: string): string {
  if (item === EVERYTHING) return 'everything that is not named below';
  const index = indexOf(tree);
  const transition = index.transitions.get(item);
  if (transition) return `${positionOf(index, transition.from).name}: ${sayMove(transition)}`;
  const isTag = tree.transitions.some(({ tags }) => tags?.includes(item));
  return isTag ? `all that is tagged “${item}”` : `“${item}”, which nothing in this tree is called now`;
}

/** "Half guards: every frame" */
export const sayEvery = (family: Family, kind: ValueKind): string => `${FAMILY_WORDS[family].title}: every ${VALUE_KIND_WORDS[kind]}`;

/** What a habit is about. */
export function sayHabit(tree: TreeDocument, habit: Habit): string {
  if ('family' in habit) return sayEvery(habit.family, habit.kind);
  const position = indexOf(tree).positions.get(habit.position);
  return position ? `${position.name}: ${sayValue(position, habit.value)}` : `${habit.position}: ${habit.value}`;
}

type Brought = 'ruleCard' | 'athlete' | 'opponent';
const BROUGHT_WORDS: { readonly [K in Brought]: string } = { ruleCard: 'rule card', athlete: 'athlete', opponent: 'opponent' };
/** Of a tree that was taken in. */
export const sayMissingPictures = (count: number): string =>
  `${plural(count, 'picture')} of this tree ${count === 1 ? 'is' : 'are'} not here: ${count === 1 ? 'it comes' : 'they come'} with the zip that it was saved in with its pictures.`;
/** What came with a tree under an id that the gym has for something else. */
export const sayKeptAsCopy = (kind: Brought, name: string, id: string): string =>
  `The ${BROUGHT_WORDS[kind]} “${name}” is here already with something else in it; the one that came is kept as a copy, “${id}”.`;
