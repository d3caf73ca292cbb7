import { moveAgainst } from './against';
import { withHabits } from './habits';
import { bareTree } from './withoutCloth';
import type { Context, Profile, RuleSet, Transition, TransitionId, TreeDocument } from '../tree';

/** What the tree is looked at for; an absent part hides nothing. */
export interface Filter {
  readonly context?: Context;
  /** Id of one of the tree's rule sets. */
  readonly ruleSet?: string;
  /** Age in years and level of the athlete, for the rule set's limits; a limit on what is not given does not apply. */
  readonly age?: number;
  readonly level?: string;
  readonly school?: string;
  /** Ids of profiles; all of them apply: an athlete as the one whose game it is, an opponent as the other one. */
  readonly profiles?: readonly string[];
  /** Athletes taken as the other one, in the gym. */
  readonly against?: readonly string[];
}

/** Why a transition is hidden; the first reason found. */
export type HiddenBy = 'context' | 'ruleSet' | 'school' | 'profile';
export interface Filtered {
  /** The reduced tree: hidden transitions left out, lines, ends, tempo and shares as they are under the filter. */
  readonly tree: TreeDocument;
  readonly hidden: ReadonlyMap<TransitionId, HiddenBy>;
}

/** Tags that the rule set forbids to an athlete of this age and level. */
export function forbiddenTags(ruleSet: RuleSet, { age, level }: Pick<Filter, 'age' | 'level'>): ReadonlySet<string> {
  const levels = ruleSet.levels ?? [];
  const rank = level === undefined ? -1 : levels.indexOf(level);
  const applies = ({ underAge, belowLevel }: RuleSet['forbidden'][number]): boolean => {
    if (underAge === undefined && belowLevel === undefined) return true;
    const tooYoung = underAge !== undefined && age !== undefined && age < underAge;
    const tooEarly = belowLevel !== undefined && rank >= 0 && rank < levels.indexOf(belowLevel);
    return tooYoung || tooEarly;
  };
  return new Set(ruleSet.forbidden.filter(applies).map((item) => item.tag));
}

/** In a profile's `off`: everything of the owner that is not `on`, for an athlete with a game of his own. */
export const EVERYTHING = '*';

/** Tags with which a move says whom it does not suit: "not short legs", "not against heavy". */
const unsuited = ({ physique = [], of }: Profile): string[] =>
  physique.map((like) => (of === 'athlete' ? `not ${like}` : `not against ${like}`));

/** An athlete's profile speaks of the owner's moves only; `on` wins over `off`, an id over a tag, a tag over everything. */
function isOff(profile: Profile, transition: Transition): boolean {
  if (profile.of === 'athlete' && transition.actor !== 'owner') return false;
  const says = (list: readonly string[] | undefined, what: readonly string[]): boolean => what.some((item) => list?.includes(item));
  const tags = transition.tags ?? [];
  if (says(profile.on, [transition.id])) return false;
  if (says(profile.off, [transition.id])) return true;
  if (says(profile.on, tags)) return false;
  if (says(profile.off, tags) || says(unsuited(profile), tags)) return true;
  return transition.actor === 'owner' && says(profile.off, [EVERYTHING]);
}

/** Those who are looked at: whoever is taken as the other one counts as an opponent. */
function whoOf(tree: TreeDocument, { profiles = [], against = [] }: Filter): Profile[] {
  return (tree.profiles ?? []).flatMap((profile) => [
    ...(profiles.includes(profile.id) ? [profile] : []),
    ...(against.includes(profile.id) ? [{ ...profile, of: 'opponent' as const }] : []),
  ]);
}

/** Those who are the other one under a filter. */
export const opponentsIn = (tree: TreeDocument, filter: Filter): readonly Profile[] =>
  whoOf(tree, filter).filter(({ of }) => of === 'opponent');

/** The filter with this one as the other one, an opponent or one of the gym; undefined = nobody. */
export function withOpponent({ profiles: people = [] }: Pick<TreeDocument, 'profiles'>, filter: Filter, id: string | undefined): Filter {
  const isOpponent = (one: string): boolean => people.some((person) => person.id === one && person.of === 'opponent');
  const others = (filter.profiles ?? []).filter((one) => !isOpponent(one));
  return id !== undefined && isOpponent(id)
    ? { ...filter, profiles: [...others, id], against: undefined }
    : { ...filter, profiles: others, against: id === undefined ? undefined : [id] };
}

/** The tree under a filter (MODEL §2). Never deletes: the full tree is untouched, and everything hidden says why. */
export function filterTree(tree: TreeDocument, filter: Filter): Filtered {
  const { context, school } = filter;
  const ruleSet = tree.ruleSets?.find((item) => item.id === filter.ruleSet);
  const profiles = whoOf(tree, filter);
  const forbidden = ruleSet ? forbiddenTags(ruleSet, filter) : new Set<string>();
  const allowed = ruleSet && ruleSet.contexts.length > 0 ? ruleSet.contexts : null;
  const reasonFor = (transition: Transition): HiddenBy | null => {
    const contexts = transition.contexts ?? [];
    if (context !== undefined && contexts.length > 0 && !contexts.includes(context)) return 'context';
    if (allowed && contexts.length > 0 && !contexts.some((item) => allowed.includes(item))) return 'ruleSet';
    if (transition.tags?.some((tag) => forbidden.has(tag))) return 'ruleSet';
    if (school !== undefined && transition.schools && transition.schools.length > 0 && !transition.schools.includes(school))
      return 'school';
    return profiles.some((profile) => isOff(profile, transition)) ? 'profile' : null;
  };
  const hidden = new Map<TransitionId, HiddenBy>();
  for (const transition of tree.transitions) {
    const reason = reasonFor(transition);
    if (reason) hidden.set(transition.id, reason);
  }
  // An athlete of ours has habits as soon as he is the other one.
  const opponents = opponentsIn(tree, filter);
  const habits = opponents.flatMap((profile) => profile.habits ?? []);
  const positions = tree.positions.map((position) => {
    const variant = school === undefined ? undefined : position.bySchool?.find((item) => item.school === school);
    const tempo = position.tempoByContext?.find((item) => item.context === context)?.tempo ?? position.tempo;
    const { reads } = withHabits(position, habits);
    const said = variant?.ends ?? position.ends;
    const ends = said === 'goesOn' ? undefined : said;
    return { ...position, tempo, lines: variant?.lines ?? position.lines, ends, reads };
  });
  const transitions = tree.transitions.filter((transition) => !hidden.has(transition.id));
  const seen = { ...tree, positions, transitions: transitions.map((transition) => moveAgainst(tree, transition, opponents)) };
  return { tree: context === undefined || context === 'gi' ? seen : bareTree(seen), hidden };
}

export const isFiltering = (filter: Filter): boolean =>
  filter.context !== undefined ||
  filter.ruleSet !== undefined ||
  filter.school !== undefined ||
  (filter.profiles ?? []).length + (filter.against ?? []).length > 0;
