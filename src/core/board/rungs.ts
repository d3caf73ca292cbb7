import {
  heightOf,
  indexOf,
  passerIsBelow,
  type Ending,
  type Line,
  type Position,
  type PositionId,
  type ReadId,
  type ReadKind,
  type Tempo,
  type Transition,
  type TransitionId,
  type TreeDocument,
  type TreeIndex,
  type ValueId,
  familyFacts,
  sharesOf,
} from '../tree';
import { answersOf, consequencesOf } from '../structure';

/** Where a rung hangs: on the ladder, on the back rail, under the guards, or on the ground. */
export type Zone = 'ladder' | 'back' | 'under' | 'ground';

/** One thing he shows on a rung; its answers leave upwards, its falls hang below. */
export interface Section {
  /** null = nothing special, or a position without reads. */
  readonly read: ReadId | null;
  readonly readKind: ReadKind | null;
  readonly value: ValueId | null;
  readonly name: string;
  /** Part of the rung, in [0, 1]. */
  readonly share: number;
  /** The chance of the value within its read, in [0, 1]. */
  readonly valueShare: number;
  /** No owner transition names the value. */
  readonly broken: boolean;
  readonly answers: readonly TransitionId[];
  readonly falls: readonly TransitionId[];
}

/** A position as the board sees it. */
export interface Rung {
  readonly id: PositionId;
  readonly name: string;
  readonly zone: Zone;
  /** 0 (no line held) … 5 (head). */
  readonly height: number;
  readonly lines: readonly Line[];
  readonly isGuard: boolean;
  readonly hub: boolean;
  readonly tempo: Tempo;
  readonly ends: Ending | null;
  readonly unsure: boolean;
  /** An attempt: the line above it is not cleared yet. */
  readonly unfinished: boolean;
  readonly sections: readonly Section[];
}

function zoneOf(tree: TreeDocument, position: Position): Zone {
  if (position.ends === 'swept' || position.ends === 'submitted' || position.ends === 'escaped') return 'ground';
  if (passerIsBelow(tree, position)) return 'under';
  return position.ends === 'back' ? 'back' : familyFacts(position.family).zone;
}

/** Owner transitions that name no read at all: they answer nothing special, and leave from the whole rung. */
const silentAnswers = (options: readonly Transition[]): TransitionId[] =>
  options.filter((t) => t.actor === 'owner' && Object.keys(t.when ?? {}).length === 0).map((t) => t.id);

function sectionsOf(index: TreeIndex, position: Position): Section[] {
  const transitions = index.from.get(position.id)!;
  const reads = position.reads.filter((read) => read.values.length > 0);
  const plain = { read: null, readKind: null, value: null, name: '', broken: false, answers: silentAnswers(transitions) };
  if (reads.length === 0)
    return [{ ...plain, share: 1, valueShare: 1, falls: transitions.filter((t) => t.actor === 'opponent').map((t) => t.id) }];
  return reads.flatMap((read): Section[] =>
    sharesOf(read).flatMap(({ value, share }): Section[] => {
      const part = { share: share / reads.length, valueShare: share };
      if (value === null) return share > 0.001 || plain.answers.length > 0 ? [{ ...plain, ...part, falls: [] }] : [];
      const answers = answersOf(index, position.id, read.id, value).map((t) => t.id);
      const falls = consequencesOf(index, position.id, read.id, value).map((t) => t.id);
      const name = read.values.find((item) => item.id === value)!.name;
      return [
        { ...part, read: read.id, readKind: read.kind, value, name, broken: answers.length === 0 && !index.tree.isSwapped, answers, falls },
      ];
    }),
  );
}

/** Positions as rungs, in document order: those of `only`, or all. */
export function rungsOf(tree: TreeDocument, only?: ReadonlySet<PositionId>): Rung[] {
  const index = indexOf(tree);
  const starts = new Set(tree.starts.map((start) => start.position));
  const shown = only ? tree.positions.filter((position) => only.has(position.id)) : tree.positions;
  return shown.map((position) => ({
    id: position.id,
    name: position.name,
    zone: zoneOf(tree, position),
    height: heightOf(position.lines),
    lines: position.lines,
    isGuard: starts.has(position.id) || (familyFacts(position.family).isGuard && position.lines.length === 0),
    hub: familyFacts(position.family).isHub,
    tempo: position.tempo,
    ends: position.ends ?? null,
    unsure: position.wordingUnsure ?? false,
    unfinished: position.unfinished ?? false,
    sections: sectionsOf(index, position),
  }));
}
