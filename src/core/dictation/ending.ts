import { isGoal, landingOf, LINES, withPosition, type Ending, type OwnerRole, type Position, type TreeDocument } from '../tree';

/** What is said of a place in one word: how it ends, that it goes on, who is on top from here on, or that it is only an attempt. */
export type SaidOfPlace =
  { readonly ends: Ending } | { readonly ends: null } | { readonly role: OwnerRole } | { readonly unfinished: true };

const WORDS: ReadonlyMap<string, SaidOfPlace> = new Map<string, SaidOfPlace>([
  ['settled', { ends: 'settled' }],
  ['pin', { ends: 'settled' }],
  ['pinned', { ends: 'settled' }],
  ['back', { ends: 'back' }],
  ['back taken', { ends: 'back' }],
  ['submission', { ends: 'submission' }],
  ['finish', { ends: 'submission' }],
  ['swept', { ends: 'swept' }],
  ['submitted', { ends: 'submitted' }],
  ['escaped', { ends: 'escaped' }],
  ['away', { ends: 'escaped' }],
  ['goes on', { ends: null }],
  ['below', { role: 'below' }],
  ['i am below', { role: 'below' }],
  ['on top', { role: 'top' }],
  ['i am on top', { role: 'top' }],
  ['attempt', { unfinished: true }],
  ['an attempt', { unfinished: true }],
  ['not passed yet', { unfinished: true }],
]);
/** The words that are shown for it, one for each meaning. */
export const PLACE_WORDS = ['settled', 'back', 'submission', 'swept', 'submitted', 'away', 'below', 'on top', 'attempt'] as const;

/** The word for how a place ends. */
export const sayPlaceSaid = (ends: Ending): string => (ends === 'escaped' ? 'away' : ends);

export interface SpokenPlace {
  readonly name: string;
  /** What stands behind the mark; null = nothing. */
  readonly said: string | null;
  /** null = nothing is said, or in words that mean nothing here. */
  readonly means: SaidOfPlace | null;
}

/** "Side pin ! settled" or "Side pin (settled)": the name of a place and what is said of it. Other words in brackets belong to the name. */
export function spokenPlace(typed: string): SpokenPlace {
  const [, marked, word] = /^([^!]*)!\s*(.*)$/s.exec(typed.trim()) ?? [];
  if (marked !== undefined) return { name: marked.trim(), said: word!.trim(), means: WORDS.get(word!.trim().toLowerCase()) ?? null };
  const [, before, inside] = /^(.*\S)\s*\(\s*([^()]+?)\s*\)$/s.exec(typed.trim()) ?? [];
  const means = inside === undefined ? undefined : WORDS.get(inside.toLowerCase());
  if (means && before !== undefined) return { name: before, said: inside!, means };
  return { name: typed.trim(), said: null, means: null };
}

/** A place of which this is said. An ending that is good for the passer holds every line; what else it holds stays. */
export function asSaid(tree: TreeDocument, position: Position, said: SaidOfPlace): Position {
  if ('role' in said) return { ...position, ownerRole: said.role };
  if ('unfinished' in said) return { ...position, unfinished: true };
  if (said.ends === null) return { ...position, ends: undefined };
  const { family, lines } = landingOf(tree, position, said.ends);
  const isUp = isGoal({ owner: 'passer' }, said.ends);
  return {
    ...position,
    ends: said.ends,
    // A guard or a hub stays what it is called; a place on the way becomes what it ends in.
    family: position.family === 'transit' && family ? family : position.family,
    lines: isUp && position.lines.length === 0 ? [...LINES] : isUp ? position.lines : (lines ?? position.lines),
  };
}

/** Whether this is so of a place already. */
export const isSaidOf = (position: Position, said: SaidOfPlace): boolean =>
  'role' in said
    ? position.ownerRole === said.role
    : 'unfinished' in said
      ? position.unfinished === true
      : (said.ends ?? undefined) === position.ends;

export const withSaid = (tree: TreeDocument, position: Position, said: SaidOfPlace): TreeDocument =>
  withPosition(tree, asSaid(tree, position, said));
