import { isOneLetterOff, lettersOf, perObject, wordsIn } from '../base';
import { findTaken, type Catalogue, type CataloguePosition } from '../catalogue';
import type { Position, TreeDocument } from '../tree';

/** What a typed name of a place means where a move lands. */
export type PlaceMeant =
  /** The place of that very name, or of that other word for it. */
  | { readonly kind: 'known'; readonly position: Position }
  /** Places it may mean: to be asked, never taken. */
  | { readonly kind: 'ask'; readonly why: 'sameName' | 'letter' | 'otherWord'; readonly between: readonly Position[] }
  /** A new place of exactly these words; `entry`: the catalogue knows a place of that very name. */
  | { readonly kind: 'new'; readonly name: string; readonly entry: CataloguePosition | null };

interface Named {
  readonly words: readonly string[];
  readonly letters: string;
}
const named = (name: string): Named => ({ words: wordsIn(name), letters: lettersOf(name) });
const calledOf = perObject(({ name, aliases = [] }: Position): readonly Named[] => [name, ...aliases].map(named));

/** Shorter words differ by a letter as a matter of course ("leg", "peg"), and a figure is never a slip. */
const LONG_ENOUGH = 4;
const isSlip = (a: string, b: string): boolean =>
  a.length >= LONG_ENOUGH && b.length >= LONG_ENOUGH && a.replace(/\D/g, '') === b.replace(/\D/g, '') && isOneLetterOff(a, b);

/** One letter of one word, or a letter of the whole where it is parted otherwise, makes one name into the other. */
function isLetterAway(a: Named, b: Named): boolean {
  if (a.words.length !== b.words.length) return isSlip(a.letters, b.letters);
  const other = a.words.flatMap((word, i) => (word === b.words[i] ? [] : [i]));
  return other.length === 1 && isSlip(a.words[other[0]!]!, b.words[other[0]!]!);
}

/** Entries that are called so, word for word. */
export const entriesCalled = (catalogue: Catalogue | null, typed: string): readonly CataloguePosition[] => {
  const letters = lettersOf(typed);
  return (catalogue?.positions ?? []).filter(({ position }) => calledOf(position).some((item) => item.letters === letters));
};

/**
 * What a name means that is typed where a move lands. Only the very name (or alias) takes a place of the tree; one that is a
 * letter or a synonym away is asked about; everything else is a new place of these words. Pre: something is typed.
 */
export function placeMeant(tree: TreeDocument, typed: string, catalogue: Catalogue | null): PlaceMeant {
  const name = typed.trim();
  const said = named(name);
  const by = (fits: (item: Named) => boolean): Position[] => tree.positions.filter((position) => calledOf(position).some(fits));
  const same = by((item) => item.letters === said.letters);
  // A name comes before another place's other word.
  const [bearer, ...others] = same.filter((position) => lettersOf(position.name) === said.letters);
  if (bearer && others.length === 0) return { kind: 'known', position: bearer };
  if (bearer || same.length > 1) return { kind: 'ask', why: 'sameName', between: bearer ? [bearer, ...others] : same };
  if (same[0]) return { kind: 'known', position: same[0] };
  const entries = entriesCalled(catalogue, name);
  const standing = new Set(entries.flatMap((entry) => findTaken(tree, entry) ?? []));
  if (standing.size > 0) return { kind: 'ask', why: 'otherWord', between: tree.positions.filter((position) => standing.has(position.id)) };
  // What the catalogue knows by that very name is no slip of another's.
  const near = entries.length > 0 ? [] : by((item) => isLetterAway(said, item));
  if (near.length > 0) return { kind: 'ask', why: 'letter', between: near };
  return { kind: 'new', name, entry: entries[0] ?? null };
}
