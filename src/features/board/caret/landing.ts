import { FORGIVEN, missOfNames } from '@/core/base';
import type { Catalogue, CataloguePosition } from '@/core/catalogue';
import { indexOf, LINES, positionOf, type Actor, type Landing, type Owner, type Position, type TreeDocument } from '@/core/tree';
import { sayLanding } from '@/core/words';
import { entriesFor, type LandingCaret } from './branch';

export interface LandingOption {
  readonly key: string;
  readonly name: string;
  /** Its height, or what kind of place a new one would be. */
  readonly note: string;
  readonly position: string | null;
  readonly landing: Landing | null;
  readonly entry?: CataloguePosition;
}

const heightNote = (position: Position): string => position.ends ?? position.lines.at(-1) ?? 'facing';

/** Where a new place may lie at the end of a move that goes up, and of one that goes down. */
const NEW_UP: readonly Landing[] = ['nextLine', 'settled', 'back', 'submission', 'sameHeight'];
const NEW_DOWN: { readonly [K in Owner]: readonly Landing[] } = {
  passer: ['guard', 'swept', 'submitted', 'escaped'],
  guardPlayer: ['guard', 'swept', 'submitted', 'escaped', 'sameHeight'],
};

const optionOf = (position: Position): LandingOption => ({
  key: position.id,
  name: position.name,
  note: heightNote(position),
  position: position.id,
  landing: null,
});

const entryOption = (entry: CataloguePosition): LandingOption => ({
  key: `catalogue ${entry.position.id}`,
  name: entry.position.name,
  note: `catalogue, ${heightNote(entry.position)}`,
  position: null,
  landing: null,
  entry,
});

const missOf = (typed: string, { name, aliases = [] }: Position): number | null => missOfNames(typed, [name, ...aliases]);

const LISTED = 6;
/** Positions of the tree that are meant by what is typed: best match first, then by nearness of height. */
function knownLandings(tree: TreeDocument, from: Position, typed: string): { option: LandingOption; miss: number }[] {
  const distance = ({ lines }: Position): number => Math.abs(lines.length - from.lines.length - 1);
  return tree.positions
    .flatMap((position) => {
      const miss = missOf(typed, position);
      return miss === null || position.id === from.id ? [] : [{ position, miss }];
    })
    .sort((a, b) => a.miss - b.miss || distance(a.position) - distance(b.position))
    .slice(0, LISTED)
    .map(({ position, miss }) => ({ option: optionOf(position), miss }));
}

/** A new position of exactly the typed name, by where it lies. */
function newLandings({ owner }: TreeDocument, actor: Actor, from: Position, typed: string): LandingOption[] {
  const next = LINES.find((line) => !from.lines.includes(line));
  const climbs = (actor === 'owner') === (owner === 'passer');
  return (climbs ? NEW_UP : NEW_DOWN[owner])
    .filter((landing) => landing !== 'nextLine' || next)
    .map((landing) => ({ key: `new ${landing}`, name: typed.trim(), note: sayLanding(owner, landing, next), position: null, landing }));
}

/** Existing positions first; then the catalogue's, a new one, the position itself. */
export function landingOptions(
  tree: TreeDocument,
  caret: LandingCaret,
  typed: string,
  catalogue: Catalogue | null = null,
): LandingOption[] {
  const from = positionOf(indexOf(tree), caret.position);
  const known = knownLandings(tree, from, typed);
  const isTyped = (miss: number | null): boolean => miss !== null && miss < FORGIVEN;
  const typedAs = known.filter(({ miss }) => isTyped(miss)).map(({ option }) => option);
  if (typed.trim() === '') return typedAs;
  const entries = entriesFor(tree, catalogue, typed).map((entry) => ({ option: entryOption(entry), miss: missOf(typed, entry.position) }));
  // A helper action ends where it began.
  const itself = missOfNames(typed, [from.name]) !== null ? [{ ...optionOf(from), note: 'stays here' }] : [];
  // What only a forgiven letter makes fit comes after the new one of exactly that name: Enter never takes a guess for what was typed.
  const guessed = [...known, ...entries].filter(({ miss }) => !isTyped(miss)).map(({ option }) => option);
  const found = entries.filter(({ miss }) => isTyped(miss)).map(({ option }) => option);
  return [...typedAs, ...found, ...newLandings(tree, caret.actor, from, typed), ...guessed, ...itself];
}
