import { unitOf, type HeldClass } from '../../classes';
import { indexOf, type TreeDocument } from '../../tree';
import { sayUnit } from './drills';

const WENT_WORDS = { well: '', partly: ', only begun', not: '' };
const asList = (words: readonly string[]): string => words.join('; ');

/** What was done in a class, for those who missed it: the drills, what to look for, who was not there. */
export function sayHeld(tree: TreeDocument, { units, mistakes, came }: HeldClass, names: ReadonlyMap<string, string>): string[] {
  const { transitions } = indexOf(tree);
  const done = units.filter(({ went }) => went !== 'not');
  const drills = done.map(({ unit, went }) => {
    const now = unitOf(tree, unit);
    return `${now ? sayUnit(tree, now) : 'a drill that is no longer in the tree'}${WENT_WORDS[went]}`;
  });
  const look = [...new Set(done.flatMap(({ moves }) => moves).flatMap((id) => (transitions.get(id)?.checkpoints ?? []).slice(0, 1)))];
  const missed = came.length === 0 ? [] : [...names].filter(([id]) => !came.includes(id)).map(([, name]) => name);
  return [
    drills.length > 0 ? `We did ${asList(drills)}.` : 'Nothing of the plan was done.',
    ...(look.length > 0 ? [`Look for: ${asList(look)}.`] : []),
    ...(mistakes.length > 0 ? [`Went wrong: ${asList([...new Set(mistakes.map(({ error }) => error))])}.`] : []),
    ...(missed.length > 0 ? [`Not there: ${missed.join(', ')}.`] : []),
  ];
}
