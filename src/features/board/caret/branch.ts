import { missOfNames } from '@/core/base';
import { familyTyped, valueKindTyped } from '@/core/words';
import {
  fitOf,
  landingOf,
  withFit,
  positionOf,
  indexOf,
  withLanding,
  withNewGuard,
  withNewPosition,
  withNewTransition,
  withNewValue,
  type Landing,
  type Transition,
  type TreeDocument,
} from '@/core/tree';
import { findUnanswered } from '@/core/structure';
import {
  findTransitionsFor,
  findTaken,
  searchCatalogue,
  withEntry,
  withCatalogueTransition,
  type Catalogue,
  type CataloguePosition,
} from '@/core/catalogue';
import type { BoardAction, Caret } from '../boardState';

/** What typing at the caret does: one edit and the caret that follows it. */
type Typed = Extract<BoardAction, { type: 'edit' }>;
export type LandingCaret = Extract<Caret, { kind: 'landing' }>;

export function typeGuard(tree: TreeDocument, name: string): Typed {
  const added = withNewGuard(tree, name, familyTyped(name));
  return { type: 'edit', label: `guard ${name}`, tree: added.tree, caret: { kind: 'value', position: added.id }, select: added.id };
}

/** A guard as the catalogue knows it, its reads along; the caret opens on the first thing he shows. */
export function takeGuard(tree: TreeDocument, entry: CataloguePosition): Typed {
  const added = withEntry(tree, entry, { start: true });
  return {
    type: 'edit',
    label: `guard ${entry.position.name} from the catalogue`,
    tree: added.tree,
    caret: firstGapAt(added.tree, added.id),
    select: added.id,
  };
}

const firstGapAt = (tree: TreeDocument, position: string): Caret => {
  const gap = findUnanswered(tree).find((item) => item.position === position);
  return gap ? { kind: 'answer', position, read: gap.read, value: gap.value } : { kind: 'value', position };
};

/** One value, or several with " / " between them; the caret opens on the first one's answer. */
export function typeValue(tree: TreeDocument, position: string, typed: string): Typed {
  const [, cue = '', list = typed] = /^([^:/]+:)\s*(\S.*)$/.exec(typed) ?? [];
  const names = list.split(/\s+\/\s+/).flatMap((name) => (name.trim() === '' ? [] : [`${cue} ${name.trim()}`.trim()]));
  let now = tree;
  let first: { readId: string; valueId: string } | null = null;
  for (const name of names) {
    const added = withNewValue(now, position, { name, kind: valueKindTyped(name) });
    now = added.tree;
    first ??= added;
  }
  if (!first) return { type: 'edit', label: '', tree };
  return {
    type: 'edit',
    label: cue === '' ? `he ${names.join(' / ')}` : typed,
    tree: now,
    caret: { kind: 'answer', position, read: first.readId, value: first.valueId },
  };
}

/** The caret for an answer to a combination of cues: the first is the one it is typed at, the others go with it. */
export function combinationCaret(position: string, combination: Readonly<Record<string, string>>): Caret {
  const [[read, value] = [null, null], ...others] = Object.entries(combination);
  const also = others.length > 0 ? Object.fromEntries(others.map(([id, item]) => [id, [item]])) : undefined;
  return { kind: 'answer', position, read, value, ...(also ? { also } : {}) };
}

/** The caret after "I …" or "he …": where does it land? */
export const landingCaret = (caret: Extract<Caret, { kind: 'answer' | 'fall' }>, name: string): LandingCaret => ({
  kind: 'landing',
  actor: caret.kind === 'answer' ? 'owner' : 'opponent',
  position: caret.position,
  read: caret.read,
  value: caret.value,
  name,
  ...(caret.kind === 'answer' && caret.also ? { also: caret.also } : {}),
  transition: null,
});

export interface AnswerOption {
  readonly key: string;
  readonly name: string;
  readonly note: string;
  /** An option that is drawn here already, to fit this value too. */
  readonly transition?: Transition;
  /** One that the catalogue knows. */
  readonly known?: Transition;
}
type SpokenCaret = Extract<Caret, { kind: 'answer' | 'fall' }>;
const actorOf = (caret: SpokenCaret): Transition['actor'] => (caret.kind === 'answer' ? 'owner' : 'opponent');

/** What is typed first, then what is drawn here and says nothing of this value yet, then what the catalogue knows for it. */
export function answerOptions(tree: TreeDocument, caret: SpokenCaret, typed: string, catalogue: Catalogue | null): AnswerOption[] {
  const actor = actorOf(caret);
  const { position, read, value } = caret;
  const matches = (name: string): boolean => missOfNames(typed, [name]) !== null;
  const nameOf = (id: string): string => positionOf(indexOf(tree), id).name;
  const here =
    value === null || read === null
      ? []
      : indexOf(tree)
          .from.get(position)!
          .filter((transition) => transition.actor === actor && fitOf(transition, read, value) === 'silent');
  const known = catalogue ? findTransitionsFor(tree, catalogue, { position, value, actor }) : [];
  const landing = (id: string): string => catalogue!.positions.find((entry) => entry.position.id === id)?.position.name ?? id;
  return [
    ...(typed.trim() === '' ? [] : [{ key: 'new', name: typed.trim(), note: '' }]),
    ...known
      .filter((transition) => matches(transition.name))
      .slice(0, OFFERED)
      .map((transition) => ({
        key: `catalogue ${transition.id}`,
        name: transition.name,
        note: `catalogue, to ${landing(transition.to)}`,
        known: transition,
      })),
    ...here
      .filter((transition) => typed.trim() !== '' && matches(transition.name))
      .slice(0, OFFERED)
      .map((transition) => ({
        key: transition.id,
        name: transition.name,
        note: `also here, to ${nameOf(transition.to)}`,
        move: transition,
      })),
  ];
}

/** What picking such an option does: the landing caret, or the whole answer at once. */
export function pickAnswer(tree: TreeDocument, caret: SpokenCaret, option: AnswerOption, catalogue: Catalogue | null): BoardAction {
  if (option.transition && caret.read !== null && caret.value !== null) {
    const fitted = withFit(tree, option.transition, caret.read, caret.value, 'answers');
    return { type: 'edit', label: `${option.name} fits too`, tree: fitted, caret: nextFrom(fitted, caret.position) };
  }
  if (!option.known || !catalogue) return { type: 'caret', caret: landingCaret(caret, option.name) };
  const added = withCatalogueTransition(tree, catalogue, option.known, caret.position);
  const goesOn = added.isNew && caret.kind === 'answer' && !positionOf(indexOf(added.tree), added.to).ends;
  const after = caret.kind === 'fall' ? null : goesOn ? firstGapAt(added.tree, added.to) : nextFrom(added.tree, caret.position);
  return { type: 'edit', label: `${option.name}, from the catalogue`, tree: added.tree, caret: after };
}

/** The next broken rung after a position in document order, beginning again at the first. */
export function nextBroken(tree: TreeDocument, after: { position: string; value: string } | null): Caret | null {
  const gaps = findUnanswered(tree);
  const order = new Map(tree.positions.map((position, i) => [position.id, i]));
  const at = after ? gaps.findIndex((gap) => gap.position === after.position && gap.value === after.value) : -1;
  const from = after ? (order.get(after.position) ?? -1) : -1;
  const next = at >= 0 ? gaps[(at + 1) % gaps.length] : (gaps.find((gap) => order.get(gap.position)! >= from) ?? gaps[0]);
  return next ? { kind: 'answer', position: next.position, read: next.read, value: next.value } : null;
}

/** After an answer: what else he shows at the same place, then the first broken rung of the tree. */
function nextFrom(tree: TreeDocument, position: string): Caret | null {
  const at = firstGapAt(tree, position);
  return at.kind === 'answer' ? at : nextBroken(tree, null);
}

function finish(tree: TreeDocument, caret: LandingCaret, to: string, isNew: boolean): Typed {
  if (caret.transition !== null)
    return { type: 'edit', label: `re-link ${caret.name}`, tree: withLanding(tree, caret.transition, to), caret: null };
  const named = caret.read !== null && caret.value !== null ? { [caret.read]: [caret.value] } : {};
  const when = caret.also || caret.value !== null ? { ...caret.also, ...named } : undefined;
  const added = withNewTransition(tree, { from: caret.position, to, actor: caret.actor, name: caret.name, when });
  const landing = positionOf(indexOf(added.tree), to);
  const goesOn = isNew && !landing.ends && caret.actor === 'owner';
  const next: Caret | null = goesOn
    ? { kind: 'value', position: to }
    : caret.actor === 'opponent'
      ? null
      : nextFrom(added.tree, caret.position);
  return { type: 'edit', label: caret.actor === 'owner' ? `I ${caret.name}` : `he ${caret.name}`, tree: added.tree, caret: next };
}

export const landOn = (tree: TreeDocument, caret: LandingCaret, position: string): Typed => finish(tree, caret, position, false);

export function landOnNew(tree: TreeDocument, caret: LandingCaret, name: string, landing: Landing): Typed {
  const from = positionOf(indexOf(tree), caret.position);
  const added = withNewPosition(tree, { name, ...landingOf(tree, from, landing) });
  return finish(added.tree, caret, added.id, true);
}

/** Lands on a place of the catalogue, which is copied into the tree. */
export function landOnEntry(tree: TreeDocument, caret: LandingCaret, entry: CataloguePosition): Typed {
  const added = withEntry(tree, entry);
  const done = finish(added.tree, caret, added.id, true);
  return entry.position.ends ? done : { ...done, caret: caret.actor === 'owner' ? firstGapAt(done.tree, added.id) : null };
}

const OFFERED = 3;

/** Places of the catalogue that the tree does not have, by any of their names. */
export const entriesFor = (tree: TreeDocument, catalogue: Catalogue | null, typed: string): CataloguePosition[] =>
  catalogue === null || typed.trim().length < 2
    ? []
    : searchCatalogue(catalogue, typed)
        .filter((entry) => findTaken(tree, entry) === null)
        .slice(0, OFFERED);
