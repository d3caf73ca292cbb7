import type { SaveOutcome } from '@/contracts/changes';
import { swapAthletes } from '@/core/grips';
import type { Filter } from '@/core/structure';
import { applyDiff, diffOf, invertDiff, type Contact, type Diff, type PositionId, type TreeDocument, type When } from '@/core/tree';

export type BoardView = 'tree' | 'guard' | 'hub' | 'route';
/** What the open caret is typing; each step of a branch follows from the one before. */
export type Caret =
  | { readonly kind: 'guard' }
  | { readonly kind: 'value'; readonly position: PositionId }
  | {
      readonly kind: 'answer';
      readonly position: PositionId;
      readonly read: string | null;
      readonly value: string | null;
      /** What the answer names besides: the other cues of a combination. */
      readonly also?: When;
    }
  | { readonly kind: 'fall'; readonly position: PositionId; readonly read: string; readonly value: string }
  | {
      readonly kind: 'landing';
      readonly actor: 'owner' | 'opponent';
      readonly position: PositionId;
      readonly read: string | null;
      readonly value: string | null;
      readonly name: string;
      readonly also?: When;
      /** Set when an existing transition is re-linked. */
      readonly transition: string | null;
    };

type Stale = Extract<SaveOutcome, { saved: false }>;
export interface BoardState {
  readonly tree: TreeDocument;
  /** Revision of the stored tree that `pending` builds on. */
  readonly revision: number;
  readonly past: readonly Diff[];
  readonly future: readonly Diff[];
  /** Edits not yet stored, oldest first. */
  readonly pending: readonly Diff[];
  readonly selected: PositionId | null;
  /** Number of the section in focus on the selected rung. */
  readonly section: number;
  readonly view: BoardView;
  readonly guard: PositionId | null;
  /** Routes through the selected position, and which of them is shown. */
  readonly route: number;
  readonly caret: Caret | null;
  /** Sub-rows beyond the third are shown. */
  readonly unfolded: boolean;
  readonly sheet: 'rung' | 'findings';
  /** For whom and under which rules the tree is looked at; changes nothing in it. */
  readonly filter: Filter;
  /** His grips that the coach says are on now; changes nothing in the tree. */
  readonly gripsOn: readonly Contact[];
  /** Seen by the owner's opponent: what is edited comes from the other side. */
  readonly swapped: boolean;
  readonly stale: Stale | null;
  readonly problem: string | null;
}

export type BoardAction =
  | {
      readonly type: 'edit';
      readonly label: string;
      readonly tree: TreeDocument;
      readonly caret?: Caret | null;
      readonly select?: PositionId | null;
    }
  | { readonly type: 'undo' }
  | { readonly type: 'redo' }
  | { readonly type: 'saved'; readonly count: number; readonly revision: number }
  | { readonly type: 'stale'; readonly stale: Stale }
  | { readonly type: 'takeTheirs' }
  | { readonly type: 'mineOnTop' }
  | { readonly type: 'problem'; readonly problem: string | null }
  | { readonly type: 'select'; readonly position: PositionId | null; readonly section?: number; readonly guard?: PositionId | null }
  | { readonly type: 'view'; readonly view: BoardView; readonly guard?: PositionId | null }
  | { readonly type: 'route'; readonly route: number }
  | { readonly type: 'fold' }
  | { readonly type: 'filter'; readonly filter: Filter }
  | { readonly type: 'gripsOn'; readonly grips: readonly Contact[] }
  | { readonly type: 'seen'; readonly swapped: boolean }
  | { readonly type: 'sheet'; readonly sheet: BoardState['sheet'] }
  | { readonly type: 'caret'; readonly caret: Caret | null };

export interface OpenedBoard {
  readonly tree: TreeDocument;
  readonly revision: number;
  readonly view: BoardView;
  readonly selected: PositionId | null;
  readonly guard: PositionId | null;
  readonly filter: Filter;
}

export function openBoard(opened: OpenedBoard): BoardState {
  const caret: Caret | null = opened.tree.positions.length === 0 ? { kind: 'guard' } : null;
  return {
    ...opened,
    past: [],
    future: [],
    pending: [],
    section: 0,
    route: 0,
    unfolded: false,
    caret,
    sheet: opened.selected === null ? 'findings' : 'rung',
    swapped: false,
    gripsOn: [],
    stale: null,
    problem: null,
  };
}

/** A position that was just deleted or undone away can no longer be selected. */
function withValidSelection(state: BoardState): BoardState {
  const has = (id: PositionId | null): boolean => id === null || state.tree.positions.some((position) => position.id === id);
  const selected = has(state.selected) ? state.selected : null;
  const caretAt = state.caret && 'position' in state.caret ? state.caret.position : null;
  return {
    ...state,
    selected,
    guard: has(state.guard) ? state.guard : (state.tree.starts[0]?.position ?? null),
    caret: has(caretAt) ? state.caret : null,
  };
}

function withDiff(state: BoardState, diff: Diff, history: Pick<BoardState, 'past' | 'future'>): BoardState {
  const applied = applyDiff(state.tree, diff);
  if (!applied.ok)
    return { ...state, problem: `"${diff.label}" no longer fits: ${applied.error.kind} "${applied.error.id}" was changed since.` };
  return withValidSelection({ ...state, ...history, tree: applied.value, pending: [...state.pending, diff], problem: null });
}

/** The edits of this window that still fit on the stored tree, and those that do not. */
export function mergeOnto(
  tree: TreeDocument,
  pending: readonly Diff[],
): { tree: TreeDocument; fitting: readonly Diff[]; clashing: readonly Diff[] } {
  const fitting: Diff[] = [];
  const clashing: Diff[] = [];
  let next = tree;
  for (const diff of pending) {
    const applied = applyDiff(next, diff);
    if (applied.ok) {
      next = applied.value;
      fitting.push(diff);
    } else clashing.push(diff);
  }
  return { tree: next, fitting, clashing };
}

export function reduceBoard(state: BoardState, action: BoardAction): BoardState {
  switch (action.type) {
    case 'edit': {
      const diff = diffOf(state.tree, state.swapped ? swapAthletes(action.tree) : action.tree, action.label);
      const caret = action.caret === undefined ? state.caret : action.caret;
      // The sheet goes along with the caret; one hub stays the one hub that was asked for.
      const follows = action.caret && 'position' in action.caret && state.view !== 'hub' ? action.caret.position : state.selected;
      const moved = { ...state, caret, selected: action.select === undefined ? follows : action.select };
      return diff.changes.length === 0 ? moved : withDiff(moved, diff, { past: [...state.past, diff], future: [] });
    }
    case 'undo': {
      const last = state.past.at(-1);
      return last ? withDiff(state, invertDiff(last), { past: state.past.slice(0, -1), future: [...state.future, last] }) : state;
    }
    case 'redo': {
      const next = state.future.at(-1);
      return next ? withDiff(state, next, { past: [...state.past, next], future: state.future.slice(0, -1) }) : state;
    }
    case 'saved':
      return { ...state, revision: action.revision, pending: state.pending.slice(action.count), problem: null };
    case 'stale':
      return { ...state, stale: action.stale };
    case 'takeTheirs':
      return state.stale
        ? withValidSelection({
            ...state,
            tree: state.stale.tree,
            revision: state.stale.revision,
            pending: [],
            past: [],
            future: [],
            stale: null,
          })
        : state;
    case 'mineOnTop': {
      if (!state.stale) return state;
      const merged = mergeOnto(state.stale.tree, state.pending);
      return withValidSelection({ ...state, tree: merged.tree, revision: state.stale.revision, pending: merged.fitting, stale: null });
    }
    case 'problem':
      return { ...state, problem: action.problem };
    case 'select':
      return {
        ...state,
        selected: action.position,
        section: action.section ?? 0,
        guard: action.guard === undefined ? state.guard : action.guard,
        sheet: action.position === null ? state.sheet : 'rung',
        route: 0,
        caret: null,
      };
    case 'view':
      return { ...state, view: action.view, guard: action.guard === undefined ? state.guard : action.guard, route: 0 };
    case 'route':
      return { ...state, route: action.route };
    case 'filter':
      return { ...state, filter: action.filter, sheet: 'findings', caret: null };
    case 'seen':
      // What was his is mine from the other side.
      return { ...state, swapped: action.swapped, gripsOn: [], caret: null };
    case 'gripsOn':
      return { ...state, gripsOn: action.grips };
    case 'fold':
      return { ...state, unfolded: !state.unfolded };
    case 'sheet':
      return { ...state, sheet: action.sheet, caret: null };
    case 'caret':
      return {
        ...state,
        caret: action.caret,
        ...(action.caret && 'position' in action.caret ? { selected: action.caret.position, sheet: 'rung' as const } : {}),
      };
  }
}
