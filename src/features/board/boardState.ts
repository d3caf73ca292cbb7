import type { WalkedRound } from '@/contracts/roundQuery';
import type { GymBook } from '@/core/people';
import type { Filter } from '@/core/lens';
import type { ClassBranches } from './subject';
import type { RouteEnds } from '@/core/structure';
import type { SpokenMove } from '@/core/dictation';
import type { Contact, PositionId, TreeDocument, When } from '@/core/tree';

/** Something he shows, with the other cues of a combination. */
export interface ShowRef {
  readonly position: PositionId;
  readonly read: string;
  readonly value: string;
  readonly also?: When;
}
export type BoardView = 'tree' | 'guard' | 'hub' | 'route';
/** A show as the board remembers it. */
export const showKey = (position: PositionId, value: string): string => `${position} ${value}`;

/** What the open caret is typing; each step of a branch follows from the one before. */
export type Caret =
  | { readonly kind: 'guard' }
  | { readonly kind: 'value'; readonly position: PositionId; readonly after?: ShowRef }
  | {
      readonly kind: 'answer';
      readonly position: PositionId;
      readonly read: string | null;
      readonly value: string | null;
      /** What the answer names besides: the other cues of a combination. */
      readonly also?: When;
      /** The show that was answered before, to come back to. */
      readonly after?: ShowRef;
    }
  | { readonly kind: 'fall'; readonly position: PositionId; readonly read: string; readonly value: string }
  | {
      readonly kind: 'landing';
      readonly actor: 'owner' | 'opponent';
      readonly position: PositionId;
      readonly read: string | null;
      readonly value: string | null;
      readonly move: SpokenMove;
      readonly also?: When;
      /** Set when an existing transition is re-linked. */
      readonly transition: string | null;
      /** The existing transition that leads elsewhere where this value is shown. */
      readonly outcomeOf?: string;
    };

/** What the board shows and where the coach is on it; the tree itself is kept, undone and stored by the client's store. */
export interface BoardState {
  readonly tree: TreeDocument;
  readonly selected: PositionId | null;
  /** What of the selected position was looked for: a show or a move, to be opened in the sheet; null = nothing of it. */
  readonly asked: string | null;
  /** Number of the section in focus on the selected rung. */
  readonly section: number;
  readonly view: BoardView;
  readonly guard: PositionId | null;
  /** Which routes are looked at, and which of them is shown. */
  readonly ends: RouteEnds;
  readonly route: number;
  readonly caret: Caret | null;
  /** Shows that were passed over with Tab (`showKey`): not offered again until one of them is asked for. */
  readonly skipped: ReadonlySet<string>;
  /** Sub-rows beyond the third are shown. */
  readonly unfolded: boolean;
  readonly sheet: 'rung' | 'findings' | 'outline' | 'route';
  /** What a narrow window shows: one rung at a time, the drawing over its sheet, or the sheet alone. */
  readonly narrow: 'walk' | 'drawing' | 'sheet';
  /** Lines that the outline was opened with; '' = none. */
  readonly pasted: string;
  /** For whom and under which rules the tree is looked at; changes nothing in it. */
  readonly filter: Filter;
  /** His grips that the coach says are on now; changes nothing in the tree. */
  readonly gripsOn: readonly Contact[];
  /** Seen by the owner's opponent: what is edited comes from the other side. */
  readonly swapped: boolean;
}
/** All of it but the tree. */
export type BoardLook = Omit<BoardState, 'tree'>;

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
  | {
      readonly type: 'select';
      readonly position: PositionId | null;
      readonly section?: number;
      readonly guard?: PositionId | null;
      readonly asked?: string | null;
    }
  | { readonly type: 'view'; readonly view: BoardView; readonly guard?: PositionId | null }
  | { readonly type: 'route'; readonly route: number }
  | { readonly type: 'ends'; readonly ends: RouteEnds }
  /** One rung at a time, in a narrow window. */
  | { readonly type: 'walk' }
  | { readonly type: 'fold' }
  | { readonly type: 'filter'; readonly filter: Filter }
  | { readonly type: 'gripsOn'; readonly grips: readonly Contact[] }
  | { readonly type: 'seen'; readonly swapped: boolean }
  | { readonly type: 'sheet'; readonly sheet: BoardState['sheet']; readonly pasted?: string }
  | { readonly type: 'caret'; readonly caret: Caret | null }
  /** The show that the caret is at is passed over. */
  | { readonly type: 'skip'; readonly show: string; readonly caret: Caret | null };

export interface OpenedBoard {
  readonly tree: TreeDocument;
  readonly revision: number;
  readonly view: BoardView;
  readonly selected: PositionId | null;
  /** What of it is to be opened; absent = nothing. */
  readonly asked?: string | null;
  readonly guard: PositionId | null;
  readonly filter: Filter;
  /** The gym's cards and people. */
  readonly book: GymBook;
  /** A told round that is walked; absent = none. */
  readonly round?: WalkedRound | null;
  /** The classes that are prepared from the tree; absent = none. */
  readonly classes?: readonly ClassBranches[];
}

const throughOnly = (through: PositionId | null): RouteEnds => ({ from: null, to: null, through });

export function openBoard({ tree, view, selected, asked, guard, filter }: OpenedBoard): BoardLook {
  const caret: Caret | null = tree.positions.length === 0 ? { kind: 'guard' } : null;
  return {
    view,
    selected,
    guard,
    filter,
    asked: asked ?? null,
    section: 0,
    route: 0,
    unfolded: false,
    caret,
    skipped: new Set(),
    sheet: view === 'route' ? 'route' : selected === null ? 'findings' : 'rung',
    narrow: 'walk',
    ends: throughOnly(selected),
    pasted: '',
    swapped: false,
    gripsOn: [],
  };
}

/** The board on a tree: a position that was just deleted or undone away can no longer be selected. */
export function boardOn(look: BoardLook, tree: TreeDocument): BoardState {
  const state = { ...look, tree };
  const has = (id: PositionId | null): boolean => id === null || tree.positions.some((position) => position.id === id);
  const kept = (id: PositionId | null): PositionId | null => (has(id) ? id : null);
  const { from, to, through } = look.ends;
  const selected = kept(state.selected);
  const caretAt = state.caret && 'position' in state.caret ? state.caret.position : null;
  return {
    ...state,
    selected,
    ends: { from: kept(from), to: kept(to), through: kept(through) },
    guard: has(state.guard) ? state.guard : (state.tree.starts[0]?.position ?? null),
    caret: has(caretAt) ? state.caret : null,
  };
}

/** Where something is to be seen or typed on the climb a narrow window goes back to it from its sheet. */
const walking = ({ narrow }: BoardLook): BoardState['narrow'] => (narrow === 'drawing' ? 'drawing' : 'walk');

/** What an action changes in the look of the board; the edit itself goes to the store. */
export function reduceBoard(state: BoardLook, action: BoardAction): BoardLook {
  switch (action.type) {
    case 'edit': {
      const caret = action.caret === undefined ? state.caret : action.caret;
      // The sheet goes along with the caret; one hub stays the one hub that was asked for.
      const follows = action.caret && 'position' in action.caret && state.view !== 'hub' ? action.caret.position : state.selected;
      const selected = action.select === undefined ? follows : action.select;
      // A guard that was just drawn is the one that is looked at.
      const guard = state.caret?.kind === 'guard' && state.view === 'guard' && action.select ? action.select : state.guard;
      return { ...state, caret, selected, guard };
    }
    case 'undo':
    case 'redo':
      return state;
    case 'select':
      return {
        ...state,
        selected: action.position,
        asked: action.asked ?? null,
        section: action.section ?? 0,
        guard: action.guard === undefined ? state.guard : action.guard,
        sheet: action.position === null ? state.sheet : 'rung',
        route: state.view === 'route' ? state.route : 0,
        caret: null,
        narrow: walking(state),
      };
    case 'walk':
      return { ...state, narrow: 'walk' };
    case 'view':
      return {
        ...state,
        narrow: 'drawing',
        view: action.view,
        guard: action.guard === undefined ? state.guard : action.guard,
        route: 0,
        ...(action.view === 'route' && state.view !== 'route' ? { ends: throughOnly(state.selected), sheet: 'route' as const } : {}),
      };
    case 'route':
      return { ...state, route: action.route };
    case 'ends':
      return { ...state, ends: action.ends, route: 0 };
    case 'filter':
      return { ...state, filter: action.filter, sheet: 'findings', caret: null };
    case 'seen':
      // What was his is mine from the other side, and his goals are others.
      return { ...state, swapped: action.swapped, gripsOn: [], caret: null, ends: { ...state.ends, to: null } };
    case 'gripsOn':
      return { ...state, gripsOn: action.grips };
    case 'fold':
      return { ...state, unfolded: !state.unfolded };
    case 'sheet':
      return {
        ...state,
        sheet: action.sheet,
        pasted: action.pasted ?? '',
        caret: null,
        narrow: state.narrow === 'drawing' ? 'drawing' : 'sheet',
      };
    case 'skip':
    case 'caret':
      return {
        ...state,
        caret: action.caret,
        narrow: action.caret === null ? state.narrow : walking(state),
        skipped: skippedBy(state, action),
        ...(action.caret && 'position' in action.caret ? { selected: action.caret.position, sheet: 'rung' as const } : {}),
      };
  }
}

/** What is passed over: more by a skip, one less where its caret is asked for. */
function skippedBy({ skipped }: BoardLook, action: Extract<BoardAction, { type: 'skip' | 'caret' }>): ReadonlySet<string> {
  if (action.type === 'skip') return new Set([...skipped, action.show]);
  const at = action.caret?.kind === 'answer' && action.caret.value !== null ? showKey(action.caret.position, action.caret.value) : null;
  return at === null || !skipped.has(at) ? skipped : new Set([...skipped].filter((key) => key !== at));
}
