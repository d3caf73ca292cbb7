import type { PositionId, TransitionId } from '../../tree';
import type { Shape } from '../propose/model';
import type { DrillUnit } from '../units/units';
import { FORGETTING, type Forgetting } from '../records/staleness';

/** Something that counts once a class, for as long as none of these evenings has taught the move. */
export interface OnceAt {
  readonly key: string;
  readonly move: number;
  /** Points of V in [0, 1], by evening. */
  readonly worth: readonly number[];
  /** Teaching: worth nothing any more once it was taught. */
  readonly isTeaching: boolean;
}
/** A unit that may come on some of the evenings. */
export interface CourseUnit {
  readonly unit: DrillUnit;
  /** What its practice works at: numbers of moves, each with what it brings where all of it is forgotten. */
  readonly moves: readonly { readonly move: number; readonly worth: number }[];
  /** Numbers of all its own moves: it is known where they have been taught, and new where one has not. */
  readonly own: readonly number[];
  readonly once: readonly OnceAt[];
  /** What comes first: the number of the unit (−1 = it is none of these), and its moves. */
  readonly needs: readonly { readonly unit: number; readonly own: readonly number[] }[];
  readonly isHard: boolean;
  readonly isRound: boolean;
  /** Minutes of work for one partner, in one role, on one side: at the least, as usual, at the most. */
  readonly work: readonly [number, number, number];
}
/** One evening: planned, or standing as it was made by hand. */
export interface Evening {
  /** Days from any day on. */
  readonly day: number;
  /** For the units, without warm-up and close. */
  readonly minutes: number;
  /** By unit: minutes = before + turns × work. */
  readonly before: readonly number[];
  readonly turns: readonly number[];
  /** How much of each move is forgotten by then if no evening of these works at it, and to how many it has been taught; in [0, 1]. */
  readonly stale: readonly number[];
  readonly taught: readonly number[];
  /** Of those who come: good sessions so far of each move, with the share of people who had so many. */
  readonly sessions: readonly (readonly { readonly times: number; readonly share: number }[])[];
  /** Units that came too short a time ago, or stand too near by hand. */
  readonly barred: ReadonlySet<number>;
  /** Moves of a class that stands on it by hand; null = it is to be planned. */
  readonly stands: readonly number[] | null;
  /** That class is a hard one. */
  readonly isHard: boolean;
}
export interface CourseRules {
  readonly shape: Shape | null;
  readonly mostNew: number | null;
  /** Most hard units in a row in a class, and most hard classes in a row; null = any number. */
  readonly hardInARow: number | null;
  readonly hardClasses: number | null;
  /** Least days between two sessions of a unit. */
  readonly gapDays: number;
  /** A class is about one of these: the units that it may hold; null = about any number. */
  readonly places: ReadonlyMap<PositionId, ReadonlySet<number>> | null;
  /** Each with the least share of all work minutes that is to be of it. */
  readonly balance: readonly {
    readonly name: string;
    readonly least: number;
    /** How much of a unit's work is of it, in (0, 1]; the others have none. */
    readonly units: ReadonlyMap<number, number>;
  }[];
  /** What is to come by an evening, this one counted (−1 = none is early enough): a move, and the units that work at it. */
  readonly due?: readonly { readonly move: number; readonly units: ReadonlySet<number>; readonly by: number }[];
  readonly forgetting?: Forgetting;
}
export interface CourseWorld {
  readonly moves: readonly TransitionId[];
  readonly units: readonly CourseUnit[];
  /** In order of their days. */
  readonly evenings: readonly Evening[];
  readonly rules: CourseRules;
}
/** What is drilled on an evening: units, and the work of each. */
export interface Lesson {
  readonly about: PositionId | null;
  readonly units: readonly number[];
  readonly work: readonly number[];
}
/** By evening; null = nothing is planned on it. */
export type Course = readonly (Lesson | null)[];

export const forgettingIn = ({ rules }: CourseWorld): Forgetting => rules.forgetting ?? FORGETTING;
/** What more or less work brings, against the usual: half of it √½. */
export const lasting = (work: number, usual: number): number => Math.sqrt(work / usual);
export const minutesOf = ({ before, turns }: Evening, unit: number, work: number): number => before[unit]! + turns[unit]! * work;
