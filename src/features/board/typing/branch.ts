import { lieOf, spokenShows, withMove, withSaid, withShows, type SaidOfPlace, type SpokenMove } from '@/core/dictation';
import { familyTyped, sayMove, sayShowsTyped } from '@/core/words';
import {
  asAttempt,
  landingOf,
  positionOf,
  indexOf,
  withFit,
  withLanding,
  withNewGuard,
  withNewPosition,
  withOutcome,
  withPosition,
  type Landing,
  type Position,
  type Transition,
  type TreeDocument,
  type When,
} from '@/core/tree';
import { findUnanswered } from '@/core/structure';
import { withEntry, withCatalogueTransition, type Catalogue, type CataloguePosition } from '@/core/catalogue';
import { showKey, type BoardAction, type Caret, type ShowRef } from '../boardState';

/** What typing at the caret does: one edit and the caret that follows it. */
export type Typed = Extract<BoardAction, { type: 'edit' }>;
export type LandingCaret = Extract<Caret, { kind: 'landing' }>;
export type SpokenCaret = Extract<Caret, { kind: 'answer' | 'fall' }>;

const NONE: ReadonlySet<string> = new Set();

/** What was done, with where: "Headquarters: I cut the knee across". */
const at = (tree: TreeDocument, position: string, done: string): string => `${positionOf(indexOf(tree), position).name}: ${done}`;

const firstGapAt = (tree: TreeDocument, position: string, skipped = NONE): Caret => {
  const gap = findUnanswered(tree).find((item) => item.position === position && !skipped.has(showKey(position, item.value)));
  return gap ? { kind: 'answer', position, read: gap.read, value: gap.value } : { kind: 'value', position };
};

/** A new guard of the typed words; what the catalogue knows by that name says where the legs are. */
export function typeGuard(tree: TreeDocument, name: string, entry: CataloguePosition | null = null): Typed {
  const added = withNewGuard(tree, name, entry?.position.family ?? familyTyped(name));
  const position = positionOf(indexOf(added.tree), added.id);
  const placed = entry ? withPosition(added.tree, { ...position, ...lieOf(entry) }) : added.tree;
  return { type: 'edit', label: `${name}: a new guard`, tree: placed, caret: { kind: 'value', position: added.id }, select: added.id };
}

/** A guard that is drawn already: it is one of the tree's starts from now on, and the caret goes on there. */
export function openGuard(tree: TreeDocument, { id, name }: Position): BoardAction {
  const caret = firstGapAt(tree, id);
  if (tree.starts.some((start) => start.position === id)) return { type: 'caret', caret };
  return { type: 'edit', label: `${name}: a guard`, tree: { ...tree, starts: [...tree.starts, { position: id }] }, caret, select: id };
}

/** A guard as the catalogue knows it, its reads along; the caret opens on the first thing he shows. */
export function takeGuard(tree: TreeDocument, entry: CataloguePosition): Typed {
  const added = withEntry(tree, entry, { start: true });
  return {
    type: 'edit',
    label: `${entry.position.name}: a guard, from the catalogue`,
    tree: added.tree,
    caret: firstGapAt(added.tree, added.id),
    select: added.id,
  };
}

/** One value, or several; the caret opens on the first one that has no answer. */
export function typeValue(tree: TreeDocument, position: string, typed: string): Typed {
  const said = spokenShows(typed);
  const drawn = withShows(tree, position, said);
  const gaps = findUnanswered(drawn.tree).filter((gap) => gap.position === position);
  const first = drawn.at.find(({ value }) => gaps.some((gap) => gap.value === value));
  return {
    type: 'edit',
    label:
      drawn.at.length === 0
        ? ''
        : at(
            tree,
            position,
            sayShowsTyped(
              said.cue,
              said.shows.map(({ name }) => name),
            ),
          ),
    tree: drawn.tree,
    caret: first ? { kind: 'answer', position, ...first } : { kind: 'value', position },
  };
}

/** A place ends here, goes on, or one of us is on top from here. */
export function typeSaid(tree: TreeDocument, position: Position, word: string, said: SaidOfPlace): Typed {
  const next = withSaid(tree, position, said);
  const ends = 'ends' in said && said.ends !== null;
  return {
    type: 'edit',
    label: `${position.name}: ${word}`,
    tree: next,
    caret: ends ? nextBroken(next, null) : { kind: 'value', position: position.id },
  };
}

/** The caret for an answer to a combination of cues: the first is the one it is typed at, the others go with it. */
export function combinationCaret(position: string, combination: Readonly<Record<string, string>>): Caret {
  const [[read, value] = [null, null], ...others] = Object.entries(combination);
  const also = others.length > 0 ? Object.fromEntries(others.map(([id, item]) => [id, [item]])) : undefined;
  return { kind: 'answer', position, read, value, ...(also ? { also } : {}) };
}

/** The caret after "I …" or "he …": where does it land? */
export const landingCaret = (caret: SpokenCaret, move: SpokenMove): LandingCaret => ({
  kind: 'landing',
  actor: caret.kind === 'answer' ? 'owner' : 'opponent',
  position: caret.position,
  read: caret.read,
  value: caret.value,
  move,
  ...(caret.kind === 'answer' && caret.also ? { also: caret.also } : {}),
  transition: null,
});

/** The caret for where a move that is drawn leads when he shows this. */
export const outcomeCaret = (caret: SpokenCaret, { id, name }: Transition): LandingCaret => ({
  ...landingCaret(caret, { name, whatever: false, toMakeHim: null }),
  outcomeOf: id,
});

/** What the sentence so far says: "I push the knee to make him frame". */
export const sayLine = ({ actor, move }: LandingCaret): string =>
  [sayMove({ actor, name: move.name }), ...(move.toMakeHim === null ? [] : [`so that he ${move.toMakeHim}`])].join(' ');

/** The show that a caret speaks of, to come back to with "+". */
const showOf = ({ position, read, value, also }: LandingCaret): ShowRef | undefined =>
  read === null || value === null ? undefined : { position, read, value, ...(also ? { also } : {}) };

/** An option that is drawn here already answers this value too. */
export function fitsToo(tree: TreeDocument, caret: SpokenCaret, transition: Transition, skipped = NONE): BoardAction {
  if (caret.read === null || caret.value === null) return { type: 'caret', caret };
  const fitted = withFit(tree, transition, caret.read, caret.value, 'answers');
  return {
    type: 'edit',
    label: at(tree, caret.position, `${transition.name} fits too`),
    tree: fitted,
    caret: nextFrom(fitted, caret.position, skipped),
  };
}

/** A move that the catalogue knows, with where it lands. */
export function takeMove(tree: TreeDocument, caret: SpokenCaret, known: Transition, catalogue: Catalogue, skipped = NONE): Typed {
  const added = withCatalogueTransition(tree, catalogue, known, caret.position);
  const goesOn = added.isNew && caret.kind === 'answer' && !positionOf(indexOf(added.tree), added.to).ends;
  const after =
    caret.kind === 'fall' ? null : goesOn ? firstGapAt(added.tree, added.to, skipped) : nextFrom(added.tree, caret.position, skipped);
  return { type: 'edit', label: at(tree, caret.position, `${known.name}, from the catalogue`), tree: added.tree, caret: after };
}

/** The next broken rung after a position in document order, beginning again at the first; those passed over are left out. */
export function nextBroken(tree: TreeDocument, after: { position: string; value: string } | null, skipped = NONE): Caret | null {
  const all = findUnanswered(tree);
  const gaps = all.filter((gap) => !skipped.has(showKey(gap.position, gap.value)));
  const order = new Map(tree.positions.map((position, i) => [position.id, i]));
  const at = after ? gaps.findIndex((gap) => gap.position === after.position && gap.value === after.value) : -1;
  const from = after ? (order.get(after.position) ?? -1) : -1;
  const next = at >= 0 ? gaps[(at + 1) % gaps.length] : (gaps.find((gap) => order.get(gap.position)! >= from) ?? gaps[0]);
  return next ? { kind: 'answer', position: next.position, read: next.read, value: next.value } : null;
}

/** After an answer: what else he shows at the same place, then the first broken rung of the tree. */
function nextFrom(tree: TreeDocument, position: string, skipped: ReadonlySet<string>, after?: ShowRef): Caret | null {
  const here = firstGapAt(tree, position, skipped);
  const next = here.kind === 'answer' ? here : nextBroken(tree, null, skipped);
  return next && 'position' in next && next.kind === 'answer' && after ? { ...next, after } : next;
}

/** Where the caret goes when a move has landed. */
interface Then {
  /** One more answer to the same show. */
  readonly again: boolean;
  readonly skipped: ReadonlySet<string>;
}
const ONCE: Then = { again: false, skipped: NONE };

/** What the move names: the show it answers and the other cues of a combination. */
function whenNamed({ read, value, also }: LandingCaret): When | undefined {
  const named = read !== null && value !== null ? { [read]: [value] } : {};
  return also || value !== null ? { ...also, ...named } : undefined;
}

function finish(tree: TreeDocument, caret: LandingCaret, to: string, isNew: boolean, { again, skipped }: Then): Typed {
  const { transition, position, actor, move, read } = caret;
  if (transition !== null)
    return {
      type: 'edit',
      label: at(tree, position, `${move.name} leads elsewhere`),
      tree: withLanding(tree, transition, to),
      caret: null,
    };
  const drawn = caret.outcomeOf === undefined ? undefined : indexOf(tree).transitions.get(caret.outcomeOf);
  const added =
    drawn && read !== null && caret.value !== null
      ? { tree: withOutcome(tree, drawn, read, caret.value, to) }
      : withMove(tree, { position, actor, read, when: whenNamed(caret) }, move, to);
  const after = showOf(caret);
  const goesOn = isNew && !positionOf(indexOf(added.tree), to).ends && actor === 'owner';
  const next: Caret | null =
    again && after
      ? { kind: actor === 'owner' ? 'answer' : 'fall', ...after }
      : goesOn
        ? { kind: 'value', position: to, ...(after ? { after } : {}) }
        : actor === 'opponent'
          ? null
          : nextFrom(added.tree, position, skipped, after);
  return { type: 'edit', label: at(tree, position, sayMove({ actor, name: move.name })), tree: added.tree, caret: next };
}

export const landOn = (tree: TreeDocument, caret: LandingCaret, position: string, then = ONCE): Typed =>
  finish(tree, caret, position, false, then);

/** How a new place starts out: as it is said to lie, or as the catalogue knows the place of that name. */
export type NewLie = Landing | CataloguePosition;

export function landOnNew(tree: TreeDocument, caret: LandingCaret, name: string, lie: NewLie, then = ONCE): Typed {
  const from = positionOf(indexOf(tree), caret.position);
  const added = withNewPosition(tree, { name, ...(typeof lie === 'string' ? landingOf(tree, from, lie) : lieOf(lie)) });
  const claimed = lie === 'claimsAgain' ? withPosition(added.tree, asAttempt(from)) : added.tree;
  return finish(claimed, caret, added.id, true, then);
}

/** A new place of which something is said at once: how it ends, or who is on top. */
export function landOnSaid(tree: TreeDocument, caret: LandingCaret, name: string, said: SaidOfPlace, lie: NewLie, then = ONCE): Typed {
  if ('ends' in said) return landOnNew(tree, caret, name, said.ends ?? lie, then);
  if ('unfinished' in said) return landOnNew(tree, caret, name, 'attempt', then);
  const from = positionOf(indexOf(tree), caret.position);
  const where = typeof lie === 'string' ? landingOf(tree, from, lie) : lieOf(lie);
  const added = withNewPosition(tree, { name, ...where, ownerRole: said.role });
  return finish(added.tree, caret, added.id, true, then);
}

/** Lands on a place of the catalogue, which is copied into the tree. */
export function landOnEntry(tree: TreeDocument, caret: LandingCaret, entry: CataloguePosition, then = ONCE): Typed {
  const added = withEntry(tree, entry);
  const done = finish(added.tree, caret, added.id, true, then);
  if (entry.position.ends || then.again || caret.actor !== 'owner') return done;
  return { ...done, caret: firstGapAt(done.tree, added.id, then.skipped) };
}
