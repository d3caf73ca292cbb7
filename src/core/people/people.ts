import type { GymSettings } from './settings';
import type { Game as Said, Habit, Profile, RuleSet, TreeDocument } from '../tree';

/** What is said of a person in one tree. */
export interface Game extends Said {
  /** Id of the tree that the rest speaks of. */
  readonly tree: string;
}
/** What a game can say. */
export const GAME_FIELDS = Object.keys({
  off: 0,
  on: 0,
  habits: 0,
  guards: 0,
  strongAgainst: 0,
  knows: 0,
  varied: 0,
  knowsGame: 0,
} satisfies Record<keyof Said, 0>) as readonly (keyof Said)[];

/** Of a person or a profile, what is said of the game, and the rest. */
export function partedGame<T extends Said>(person: T): { game: Said; rest: Omit<T, keyof Said> } {
  const isGame = (key: string): boolean => (GAME_FIELDS as readonly string[]).includes(key);
  const entries = Object.entries(person).filter(([, value]) => value !== undefined);
  return {
    game: Object.fromEntries(entries.filter(([key]) => isGame(key))),
    rest: Object.fromEntries(entries.filter(([key]) => !isGame(key))) as Omit<T, keyof Said>,
  };
}
export interface Opponent {
  readonly id: string;
  readonly name: string;
  readonly physique?: readonly string[];
  readonly betterSide?: 'left' | 'right';
  readonly games?: readonly Game[];
}
/** An athlete of the gym. Age, limits and absences stay in the gym: no file carries them. */
export interface Athlete extends Opponent {
  readonly age?: number;
  readonly kilos?: number;
  readonly level?: string;
  /** What he must not do, in words: "no neck", "no inversions". */
  readonly limits?: readonly string[];
  /** An adult whom the gym has named to work with minors. */
  readonly withMinors?: boolean;
  /** First and last day away, 'YYYY-MM-DD'. */
  readonly absences?: readonly { readonly from: string; readonly to: string }[];
}
export interface Group {
  readonly id: string;
  readonly name: string;
  /** Ids of athletes. */
  readonly members: readonly string[];
}

/** A habit at one place; the others are of a family of places. */
export type PlaceHabit = Extract<Habit, { readonly position: string }>;
export const isOfPlace = (habit: Habit): habit is PlaceHabit => 'position' in habit;

/** What a gym keeps besides its trees and classes. */
export interface GymBook {
  readonly ruleCards: readonly RuleSet[];
  readonly athletes: readonly Athlete[];
  readonly opponents: readonly Opponent[];
  readonly groups?: readonly Group[];
  /** Absent = as usual. */
  readonly settings?: GymSettings;
}
export const EMPTY_BOOK: GymBook = { ruleCards: [], athletes: [], opponents: [] };

/** What is said of a person in a tree; nothing said = an empty game. */
export const gameIn = (person: Opponent, treeId: string): Game => person.games?.find((game) => game.tree === treeId) ?? { tree: treeId };

/** The person with this said of him in its tree; an empty game is taken out. */
export function withGame<P extends Opponent>(person: P, game: Game): P {
  const others = (person.games ?? []).filter((item) => item.tree !== game.tree);
  const says = GAME_FIELDS.some((field) => game[field] === true || (Array.isArray(game[field]) && game[field].length > 0));
  const at = (person.games ?? []).findIndex((item) => item.tree === game.tree);
  return { ...person, games: says ? others.toSpliced(at < 0 ? others.length : at, 0, game) : others };
}

/** The person as one tree sees him. */
export function profileOf(person: Opponent, of: Profile['of'], treeId: string): Profile {
  const { id, name, physique, betterSide } = person;
  const { game } = partedGame(gameIn(person, treeId));
  const said = Object.entries({ ...game, physique, betterSide }).filter(([, value]) => value !== undefined);
  return { id, name, of, ...Object.fromEntries(said) };
}

/** The person as the gym keeps him, from what a tree's file says of him. */
export function personOf(profile: Profile, treeId: string): Opponent {
  const { id, name, physique, betterSide } = profile;
  const kept = Object.entries({ physique, betterSide }).filter(([, value]) => value !== undefined);
  const game: Game = { tree: treeId, ...partedGame(profile).game };
  const person: Opponent = { id, name, ...Object.fromEntries(kept) };
  const known = withGame(person, game);
  return (known.games ?? []).length > 0 ? known : person;
}

/** The tree with the gym's cards and people beside it: all of them, or only those that it names, in its order (what a file carries). */
export function treeInGym(tree: TreeDocument, book: GymBook, who: 'all' | 'named' = 'all'): TreeDocument {
  const wanted = <T extends { readonly id: string }>(items: readonly T[], named: readonly string[] = []): readonly T[] =>
    who === 'all' ? items : named.flatMap((id) => items.find((item) => item.id === id) ?? []);
  return {
    ...tree,
    ruleSets: wanted(book.ruleCards, tree.ruleCards),
    profiles: [
      ...wanted(book.athletes, tree.athletes).map((item) => profileOf(item, 'athlete', tree.id)),
      ...wanted(book.opponents, tree.opponents).map((item) => profileOf(item, 'opponent', tree.id)),
    ],
  };
}

/** What a person's game speaks of that its tree no longer has, in document order of the game. */
export function danglingIn(
  tree: TreeDocument,
  game: Game,
): { readonly moves: readonly string[]; readonly habits: readonly PlaceHabit[]; readonly guards: readonly string[] } {
  const moves = new Set(tree.transitions.flatMap((transition) => [transition.id, ...(transition.tags ?? [])]));
  const shows = new Map(
    tree.positions.map((position) => [position.id, new Set(position.reads.flatMap((read) => read.values.map((value) => value.id)))]),
  );
  const { off = [], on = [], strongAgainst = [], knows = [], varied = [], habits = [], guards = [] } = game;
  const gone = [...off, ...on, ...strongAgainst, ...knows, ...varied].filter((item) => item !== '*' && !moves.has(item));
  return {
    moves: gone,
    habits: habits.filter(isOfPlace).filter(({ position, value }) => !shows.get(position)?.has(value)),
    guards: guards.filter((id) => !shows.has(id)),
  };
}
