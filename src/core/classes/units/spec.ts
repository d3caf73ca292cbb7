import type { PositionId, TransitionId, ValueId } from '../../tree';

/**
 * What a unit is made of. A move in two stages (cooperative, then the feeder shows what it answers) · a chain along moves that follow
 * one another · a read: the feeder picks · attack and his retention, back and forth · the grips of a move, held and broken · a round
 * from a place · a movement alone.
 */
export const UNIT_KINDS = ['move', 'chain', 'read', 'loop', 'fight', 'round', 'solo'] as const;
export type UnitKind = (typeof UNIT_KINDS)[number];

/** Names a unit by what it is made of, so that it follows the tree: moves; the place of a round; the place of a read, and its shows. */
export interface UnitSpec {
  readonly kind: UnitKind;
  readonly of: readonly (TransitionId | PositionId | ValueId)[];
  /** The same for the other side: what the tree says once, with left and right exchanged. */
  readonly mirrored?: true | undefined;
}
const OTHER_SIDE = 'other side';
/** Stable while what it is made of exists. */
export const unitKey = ({ kind, of, mirrored }: UnitSpec): string => JSON.stringify([...(mirrored ? [OTHER_SIDE] : []), kind, ...of]);
/** What a key names; null = it is none. */
export function specOf(key: string): UnitSpec | null {
  try {
    const named = JSON.parse(key) as unknown[];
    const isMirrored = named[0] === OTHER_SIDE;
    const [kind, ...of] = isMirrored ? named.slice(1) : named;
    const isSpec = (UNIT_KINDS as readonly unknown[]).includes(kind) && of.length > 0 && of.every((id) => typeof id === 'string');
    if (!isSpec) return null;
    return { kind: kind as UnitKind, of: of as string[], ...(isMirrored ? { mirrored: true } : {}) };
  } catch {
    return null;
  }
}

/** What the coach decided over what is derived; absent = as derived. */
export interface PlannedUnit extends UnitSpec {
  readonly demonstration?: number | undefined;
  readonly work?: number | undefined;
  readonly sides?: 1 | 2 | undefined;
  /** Range in [0, 100] of every stage. */
  readonly resistance?: readonly [number, number] | undefined;
  /** Keys of units that come first, too. */
  readonly needs?: readonly string[] | undefined;
  /** Of a chain: from its end, A+B+C after C and B+C. */
  readonly backward?: boolean | undefined;
}

export const PHASES = ['warmUp', 'parts', 'together', 'cue', 'rounds'] as const;
/** Where in a class a unit stands. */
export type Phase = (typeof PHASES)[number];

interface KindFacts {
  readonly phase: Phase;
  readonly demonstration: number;
  /** Minutes of one partner, in one role, on one side. */
  readonly work: number;
  /** Null = those of the class. */
  readonly sides: 1 | null;
}
/** Minutes in which what was shown on one side is shown on the other. */
export const SHOWN_AGAIN = 0.5;
/** What holds of a kind until the coach says otherwise (MODEL §5). */
export const KIND_FACTS: { readonly [K in UnitKind]: KindFacts } = {
  solo: { phase: 'warmUp', demonstration: 0.5, work: 1.5, sides: 1 },
  move: { phase: 'parts', demonstration: 3, work: 2, sides: null },
  fight: { phase: 'parts', demonstration: 2, work: 2, sides: 1 },
  chain: { phase: 'together', demonstration: 2, work: 2, sides: null },
  loop: { phase: 'together', demonstration: 2, work: 2, sides: 1 },
  read: { phase: 'cue', demonstration: 2, work: 2, sides: null },
  round: { phase: 'rounds', demonstration: 1, work: 4, sides: 1 },
};
