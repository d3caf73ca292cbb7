import type { ChangeNote, Edit, Stale } from '@/contracts/documents';
import { diffOf, invertDiff, rebaseAll, rebaseDiff, type Diff } from '@/core/document';
import { DOCUMENT_LISTS, type DocumentKind } from '@/documents/lists';
import { NORMAL_FORM } from '@/documents/normal';

/** What every document has. */
export interface Named {
  readonly id: string;
  readonly name: string;
}

/** A document in a window: what is shown, what of it the server has, and what is on its way. */
export interface DocumentState<D extends Named = Named> {
  readonly kind: DocumentKind;
  /** With all edits of this window. */
  readonly document: D;
  /** As the server has it at `revision`. */
  readonly base: D;
  /** Revision of the stored document that `pending` builds on; 0 = it was made here and is not stored yet. */
  readonly revision: number;
  readonly past: readonly Diff[];
  readonly future: readonly Diff[];
  /** Edits not yet stored, oldest first. */
  readonly pending: readonly Edit[];
  /** Somebody else's changes, waiting for the coach to choose. */
  readonly stale: (Omit<Stale, 'document'> & { readonly document: D }) | null;
  /** What was refused and why; says so until the next edit. */
  readonly refused: string | null;
  /** Why the pending edits are not stored yet; null = they are on their way. */
  readonly waiting: string | null;
  /** It was made here and could not be stored: there is no such document. */
  readonly gone: boolean;
  /** What happened that the coach should know: an undo that no longer fits, changes of others that were merged. */
  readonly notice: string | null;
}

export type DocumentAction<D extends Named = Named> =
  | { readonly type: 'edit'; readonly id: string; readonly label: string; readonly document: D }
  | { readonly type: 'undo' | 'redo'; readonly id: string }
  | { readonly type: 'saved'; readonly ids: readonly string[]; readonly revision: number }
  | { readonly type: 'stale'; readonly stale: Stale }
  | { readonly type: 'refused'; readonly edit: string; readonly problems: readonly string[] }
  | { readonly type: 'waiting'; readonly why: string | null }
  | { readonly type: 'takeTheirs' | 'mineOnTop' | 'read' }
  | { readonly type: 'opened'; readonly document: D; readonly revision: number }
  | { readonly type: 'recovered'; readonly revision: number; readonly edits: readonly Edit[] };

const MOST_UNDOS = 1000;

export const openDocument = <D extends Named>(kind: DocumentKind, document: D, revision: number): DocumentState<D> => ({
  kind,
  document,
  base: document,
  revision,
  past: [],
  future: [],
  pending: [],
  stale: null,
  refused: null,
  waiting: null,
  notice: null,
  gone: false,
});

const listsOf = (state: { readonly kind: DocumentKind }): readonly string[] => DOCUMENT_LISTS[state.kind];
const normal = <D extends Named>(kind: DocumentKind, document: D): D => NORMAL_FORM[kind](document as never) as unknown as D;

/** The pending edits put on another version of the document. */
export const mergedOnto = <D extends Named>(state: DocumentState<D>, document: D, pending = state.pending) =>
  rebaseAll(document, pending, listsOf(state));

function withEdit<D extends Named>(state: DocumentState<D>, id: string, label: string, next: D): DocumentState<D> {
  const document = normal(state.kind, next);
  const diff = diffOf<D>(state.document, document, label, listsOf(state));
  if (diff.changes.length === 0) return state;
  const past = [...state.past.slice(-MOST_UNDOS + 1), diff];
  return { ...state, document, past, future: [], pending: [...state.pending, { id, diff }], refused: null, notice: null };
}

/** One step back or forth. What others changed meanwhile stays: the step is merged, or says that it no longer fits. */
function withStep<D extends Named>(state: DocumentState<D>, id: string, from: 'past' | 'future'): DocumentState<D> {
  const taken = state[from].at(-1);
  if (!taken) return state;
  const step = from === 'past' ? invertDiff(taken) : taken;
  const piles = { past: state.past, future: state.future, [from]: state[from].slice(0, -1) };
  const made = rebaseDiff(state.document, step, listsOf(state));
  if (!made.ok)
    return {
      ...state,
      ...piles,
      notice: `“${taken.label}” no longer fits: it was changed since by somebody else. Nothing was ${from === 'past' ? 'undone' : 'done again'}.`,
    };
  const to = from === 'past' ? 'future' : 'past';
  const next = { ...state, ...piles, [to]: [...state[to], taken], refused: null, notice: null };
  const { document, diff } = made.value;
  return diff.changes.length === 0 ? next : { ...next, document, pending: [...state.pending, { id, diff }] };
}

const settledBase = <D extends Named>(state: DocumentState<D>, ids: readonly string[]): D =>
  mergedOnto(
    state,
    state.base,
    state.pending.filter((edit) => ids.includes(edit.id)),
  ).document;

function withSaved<D extends Named>(state: DocumentState<D>, ids: readonly string[], revision: number): DocumentState<D> {
  const pending = state.pending.filter((edit) => !ids.includes(edit.id));
  // With nothing on its way what is shown is what is stored.
  const base = pending.length === 0 ? state.document : settledBase(state, ids);
  return { ...state, base, revision, pending, waiting: null };
}

const quoted = (edits: readonly Edit[]): string => edits.map(({ diff }) => `“${diff.label}”`).join(', ');

/** Takes back an edit that cannot be stored, with those that build on it. */
function withRefused<D extends Named>(state: DocumentState<D>, id: string, problems: readonly string[]): DocumentState<D> {
  const refused = state.pending.find((edit) => edit.id === id);
  if (!refused) return state;
  if (state.revision === 0)
    return {
      ...state,
      pending: [],
      past: [],
      future: [],
      gone: true,
      waiting: null,
      refused: `“${state.document.name}” was taken back: ${problems.join(' ')}`,
    };
  const { document, fitting, clashing } = mergedOnto(
    state,
    state.base,
    state.pending.filter((edit) => edit.id !== id),
  );
  const along = clashing.length > 0 ? ` Taken back with it: ${quoted(clashing)}.` : '';
  const gone = new Set([refused, ...clashing].map((edit) => edit.diff));
  return {
    ...state,
    document,
    pending: fitting,
    past: state.past.filter((diff) => !gone.has(diff)),
    refused: `“${refused.diff.label}” was taken back: ${problems.join(' ')}${along}`,
    waiting: null,
  };
}

function withStale<D extends Named>(state: DocumentState<D>, stale: Stale): DocumentState<D> {
  const pending = state.pending.filter((edit) => !stale.stored.includes(edit.id));
  return { ...state, pending, stale: stale as DocumentState<D>['stale'], waiting: null };
}

function withTheirs<D extends Named>(state: DocumentState<D>): DocumentState<D> {
  if (!state.stale) return state;
  const { document, revision } = state.stale;
  const piles = state.pending.length > 0 ? { past: [], future: [] } : {};
  return { ...state, ...piles, document, base: document, revision, pending: [], stale: null };
}

function withMineOnTop<D extends Named>(state: DocumentState<D>): DocumentState<D> {
  if (!state.stale) return state;
  const { document: base, revision } = state.stale;
  const { document, fitting } = mergedOnto(state, base);
  return { ...state, document, base, revision, pending: fitting, stale: null };
}

export function reduceDocument<D extends Named>(state: DocumentState<D>, action: DocumentAction<D>): DocumentState<D> {
  switch (action.type) {
    case 'edit':
      return withEdit(state, action.id, action.label, action.document);
    case 'undo':
      return withStep(state, action.id, 'past');
    case 'redo':
      return withStep(state, action.id, 'future');
    case 'saved':
      return withSaved(state, action.ids, action.revision);
    case 'stale':
      return withStale(state, action.stale);
    case 'refused':
      return withRefused(state, action.edit, action.problems);
    case 'waiting':
      return { ...state, waiting: action.why };
    case 'takeTheirs':
      return withTheirs(state);
    case 'mineOnTop':
      return withMineOnTop(state);
    case 'read':
      return { ...state, refused: null, notice: null };
    case 'opened':
      // Read anew while nothing is on its way; what is on its way learns of it from the server's answer.
      if (state.pending.length > 0 || state.stale || action.revision <= state.revision) return state;
      return { ...state, document: action.document, base: action.document, revision: action.revision };
    case 'recovered': {
      const { document } = mergedOnto(state, state.document, action.edits);
      return { ...state, document, revision: action.revision, pending: action.edits };
    }
  }
}

/** Others' changes were merged with this window's own: said in one line. */
export const mergedNotice = (since: readonly ChangeNote[]): string => {
  const told = since.slice(-3).map(({ label, madeBy }) => `“${label}”${madeBy ? ` (${madeBy})` : ''}`);
  return `Changed in another window: ${told.join(', ')}. Both are kept.`;
};

/** The worst of several: what a strip over all of them says. */
export const worstOf = (words: readonly StoredWord[]): StoredWord => {
  const first = (wanted: StoredWord['word']) => words.find(({ word }) => word === wanted);
  return (
    first('refused') ??
    first('not stored yet') ??
    first('storing …') ??
    words.find(({ why }) => why !== null) ?? { word: 'stored', why: null }
  );
};

/** The one word of the strip, and what is to be said with it. */
export interface StoredWord {
  readonly word: 'stored' | 'storing …' | 'not stored yet' | 'refused';
  readonly why: string | null;
}
export function storedWord({ refused, waiting, pending, stale, notice }: DocumentState): StoredWord {
  if (refused) return { word: 'refused', why: refused };
  if (stale && pending.length > 0) return { word: 'not stored yet', why: 'It was changed in another window.' };
  if (waiting && pending.length > 0) return { word: 'not stored yet', why: waiting };
  return { word: pending.length > 0 ? 'storing …' : 'stored', why: notice };
}
