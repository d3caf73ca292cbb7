import { findMatching, FORGIVEN, missOfNames } from '@/core/base';
import {
  aliasOf,
  cuesCalled,
  findTaken,
  findTransitionsFor,
  sayCue,
  searchCatalogue,
  type Catalogue,
  type CataloguePosition,
} from '@/core/catalogue';
import { PLACE_WORDS } from '@/core/dictation';
import { lineClaimedAt } from '@/core/structure';
import {
  fitOf,
  indexOf,
  LINES,
  positionOf,
  type Actor,
  type Landing,
  type Owner,
  type Position,
  type Transition,
  type TreeDocument,
} from '@/core/tree';
import { sayLanding } from '@/core/words';
import type { CaretOption } from '@/ui/Caret';
import { namesOf } from '../find';
import type { LandingCaret, SpokenCaret } from './branch';

/** A row below the caret, with what picking it takes. */
export type LineOption = CaretOption & {
  readonly takes:
    | { readonly kind: 'place'; readonly position: Position }
    | { readonly kind: 'entry'; readonly entry: CataloguePosition }
    | { readonly kind: 'new'; readonly landing: Landing }
    | { readonly kind: 'known'; readonly transition: Transition }
    | { readonly kind: 'same'; readonly transition: Transition }
    | { readonly kind: 'cue'; readonly line: string }
    | { readonly kind: 'elsewhere'; readonly transition: Transition }
    | { readonly kind: 'said'; readonly word: string };
};

const OFFERED = 3;
const LISTED = 6;
export const heightNote = (position: Position): string => position.ends ?? position.lines.at(-1) ?? 'facing';

/** Places of the catalogue that the tree does not have, by any of their names; the name that fits is told. */
export function entryOptions(tree: TreeDocument, catalogue: Catalogue | null, typed: string): LineOption[] {
  if (catalogue === null || typed.trim().length < 2) return [];
  return searchCatalogue(catalogue, typed)
    .filter((entry) => findTaken(tree, entry) === null)
    .slice(0, OFFERED)
    .map((entry) => {
      const alias = aliasOf(entry, typed);
      return {
        key: `catalogue ${entry.position.id}`,
        label: entry.position.name,
        note: `catalogue${alias === null ? '' : `: known as “${alias}”`}`,
        takes: { kind: 'entry', entry },
      };
    });
}

/** Places of the tree by what is typed, a wrong letter forgiven: best first, then by nearness of height. */
export function placeOptions(tree: TreeDocument, typed: string, from: Position | null = null): LineOption[] {
  if (typed.trim() === '') return [];
  const distance = ({ lines }: Position): number => (from === null ? 0 : Math.abs(lines.length - from.lines.length - 1));
  return findMatching(tree.positions, typed, namesOf)
    .toSorted((a, b) => a.miss - b.miss || distance(a.item) - distance(b.item))
    .slice(0, LISTED)
    .map(({ item }) => ({
      key: item.id,
      label: item.name,
      note: item.id === from?.id ? 'stays here' : heightNote(item),
      takes: { kind: 'place', position: item },
    }));
}

/** The rest of an own place's name whose beginning is typed; null = none begins so. */
export function completedName(tree: TreeDocument, typed: string): string | null {
  const [best] = findMatching(tree.positions, typed, namesOf);
  if (!best || best.miss >= FORGIVEN) return null;
  return namesOf(best.item).find((name) => (missOfNames(typed, [name]) ?? FORGIVEN) < FORGIVEN) ?? null;
}

/** Where a new place may lie at the end of a move that goes up, and of one that goes down. */
const NEW_UP: readonly Landing[] = ['nextLine', 'claimsAgain', 'settled', 'back', 'submission', 'sameHeight', 'attempt'];
const NEW_DOWN: { readonly [K in Owner]: readonly Landing[] } = {
  passer: ['guard', 'swept', 'submitted', 'escaped'],
  guardPlayer: ['guard', 'swept', 'submitted', 'escaped', 'sameHeight'],
};

/** How a new place may lie at the end of this actor's move, the usual first, each with its words. */
export function newLies(tree: TreeDocument, actor: Actor, from: Position): { readonly landing: Landing; readonly says: string }[] {
  const { owner } = tree;
  const next = LINES.find((line) => !from.lines.includes(line));
  const climbs = (actor === 'owner') === (owner === 'passer');
  const claimed = climbs && actor === 'owner' ? lineClaimedAt(tree, from.id) : null;
  const needs: Partial<Record<Landing, unknown>> = { nextLine: next, attempt: next, claimsAgain: claimed };
  return (climbs ? NEW_UP : NEW_DOWN[owner])
    .filter((landing) => !(landing in needs) || needs[landing])
    .map((landing) => ({ landing, says: sayLanding(owner, landing, { next, claimed, from: from.name }) }));
}

/** A new one of exactly the typed words. */
export const freshOption = (typed: string, landing: Landing, note = ''): LineOption => ({
  key: `new ${landing}`,
  label: typed.trim(),
  note,
  isNew: true,
  takes: { kind: 'new', landing },
});

/** Below where it lands: own places, then the catalogue's, then a new one by how it lies. */
export function landingOptions(tree: TreeDocument, caret: LandingCaret, name: string, catalogue: Catalogue | null): LineOption[] {
  if (name.trim() === '') return [];
  const from = positionOf(indexOf(tree), caret.position);
  const fresh = newLies(tree, caret.actor, from).map(({ landing, says }) => freshOption(name, landing, says));
  return [...placeOptions(tree, name, from), ...entryOptions(tree, catalogue, name), ...fresh];
}

/** Moves of this athlete that are drawn here and say nothing of the show yet. */
export function drawnHere(tree: TreeDocument, { kind, position, read, value }: SpokenCaret): Transition[] {
  const actor = kind === 'answer' ? 'owner' : 'opponent';
  if (value === null || read === null) return [];
  return indexOf(tree)
    .from.get(position)!
    .filter((transition) => transition.actor === actor && fitOf(transition, read, value) === 'silent');
}

/** The same move, which leads elsewhere where he shows this. */
export const elsewhereOption = (transition: Transition): LineOption => ({
  key: `elsewhere ${transition.id}`,
  label: transition.name,
  note: 'the same, but here it leads elsewhere',
  takes: { kind: 'elsewhere', transition },
});

export const sameOption = (tree: TreeDocument, transition: Transition): LineOption => ({
  key: transition.id,
  label: transition.name,
  note: `the same, to ${positionOf(indexOf(tree), transition.to).name}`,
  takes: { kind: 'same', transition },
});

/** Below "I …": what the catalogue knows for the show, then what is drawn here; after "=" only that. */
export function moveOptions(tree: TreeDocument, caret: SpokenCaret, typed: string, catalogue: Catalogue | null): LineOption[] {
  const isSame = typed.startsWith('=');
  const name = typed.replace(/^[=*]\s*/, '');
  const fits = (transition: Transition): boolean => name.trim() === '' || missOfNames(name, [transition.name]) !== null;
  const here = drawnHere(tree, caret).filter(fits);
  if (isSame) return here.map((transition) => sameOption(tree, transition));
  const actor = caret.kind === 'answer' ? 'owner' : 'opponent';
  const known = catalogue
    ? findTransitionsFor(tree, catalogue, { ...caret, actor })
        .filter(fits)
        .slice(0, OFFERED)
    : [];
  const landing = (id: string): string => catalogue!.positions.find((entry) => entry.position.id === id)?.position.name ?? id;
  return [
    ...known.map((transition): LineOption => ({
      key: `catalogue ${transition.id}`,
      label: transition.name,
      note: `catalogue, to ${landing(transition.to)}`,
      takes: { kind: 'known', transition },
    })),
    ...(typed.trim() === '' ? [] : here.slice(0, OFFERED).map((transition) => sameOption(tree, transition))),
  ];
}

/** Cues of the catalogue that the words speak of, each a whole line. */
export const cueOptions = (typed: string): LineOption[] =>
  cuesCalled(typed)
    .slice(0, OFFERED)
    .map((cue) => ({ key: `cue ${cue.name}`, label: sayCue(cue), note: 'a cue', takes: { kind: 'cue', line: sayCue(cue) } }));

/** After "!": what can be said of a place in one word. */
export const saidOptions = (typed: string): LineOption[] => {
  const word = typed.replace(/^.*!\s*/s, '').toLowerCase();
  return PLACE_WORDS.filter((item) => item.startsWith(word)).map((item) => ({
    key: item,
    label: item,
    takes: { kind: 'said', word: item },
  }));
};
