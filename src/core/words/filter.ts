import type { Filter, HiddenBy } from '../lens';
import type { FilterDifference, RouteCount } from '../structure';
import type { TreeDocument } from '../tree';
import { plural } from './figures';
import { asSentence } from './tree';
import { CONTEXT_WORDS } from './vocabulary';

/** Why one move is not there. */
export const HIDDEN_WORDS: { readonly [K in HiddenBy]: string } = {
  context: 'not with this cloth',
  ruleSet: 'not under these rules',
  school: 'another school',
  profile: 'not for this person',
};
/** What hides several. */
const BY_WORDS: { readonly [K in HiddenBy]: string } = {
  context: 'by the cloth',
  ruleSet: 'by the rules',
  school: 'by the school',
  profile: 'by the person',
};

/** "12 moves hidden: 9 by the cloth, 3 by the rules." */
export function sayHidden(hidden: FilterDifference['hidden']): string {
  if (hidden.length === 0) return 'Nothing is hidden.';
  const reasons = (Object.keys(BY_WORDS) as HiddenBy[]).flatMap((by) => {
    const count = hidden.filter((item) => item.by === by).length;
    return count > 0 ? [`${count} ${BY_WORDS[by]}`] : [];
  });
  return `${plural(hidden.length, 'move')} hidden: ${reasons.join(', ')}.`;
}

const countOf = ({ byPositions, status }: RouteCount): string => (status === 'budget' ? `more than ${byPositions}` : String(byPositions));

/** How many ways up a filter leaves, and how many of the shortest it takes away. */
export function sayRoutesLeft({ routes: { before, after }, shortest }: Pick<FilterDifference, 'routes' | 'shortest'>): string {
  if (after.byPositions === 0) return 'No way from a guard to a goal is left.';
  const { checked, lost } = shortest;
  // Two counts that were not finished say nothing beside each other.
  const isBoth = before.status === 'budget' && after.status === 'budget';
  const routes = isBoth ? asSentence(`${countOf(after)} ways up are left`) : `Ways up: ${countOf(after)}, without it ${countOf(before)}.`;
  return `${routes} ${lost === 0 ? `None of the ${checked} shortest is lost.` : `${lost} of the ${checked} shortest ways ${lost === 1 ? 'is' : 'are'} lost.`}`;
}

/** For whom a tree is looked at, as one sentence. */
export function sayForWhom(tree: Pick<TreeDocument, 'ruleSets' | 'profiles'>, filter: Filter): string {
  const { context, ruleSet, age, level, school, profiles = [], against = [] } = filter;
  const nameOf = (id: string): string => tree.profiles?.find((person) => person.id === id)?.name ?? id;
  const parts = [
    ...(context === undefined ? [] : [CONTEXT_WORDS[context]]),
    ...(ruleSet === undefined ? [] : [`under “${tree.ruleSets?.find((card) => card.id === ruleSet)?.name ?? ruleSet}”`]),
    ...(age === undefined ? [] : [`aged ${age}`]),
    ...(level === undefined ? [] : [`level ${level}`]),
    ...(school === undefined ? [] : [`as the school “${school}” does it`]),
    ...profiles.map((id) => `for ${nameOf(id)}`),
    ...against.map((id) => `against ${nameOf(id)}`),
  ];
  return parts.length === 0 ? 'The whole tree.' : asSentence(parts.join(', '));
}
