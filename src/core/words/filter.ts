import type { HiddenBy } from '../lens';
import type { FilterDifference, RouteCount } from '../structure';
import { plural } from './figures';

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
  const routes = `Ways up: ${countOf(after)}, without it ${countOf(before)}.`;
  return `${routes} ${lost === 0 ? `None of the ${checked} shortest is lost.` : `Of the ${checked} shortest, ${lost} are lost.`}`;
}
