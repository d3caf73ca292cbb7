import type { Picture } from './picture';
import type { Actor, ContactJob, OwnerRole, Side, Surface } from './vocabulary';

export interface ContactTarget {
  readonly athlete: Actor | 'mat';
  /** Part of the body (knee, wrist, far hip …); absent on the mat. */
  readonly part?: string;
  readonly side?: Side;
  /** Spot of the body or garment ("lapel", "trouser cuff"). */
  readonly spot?: string;
  readonly surface?: Surface;
}

/** One limb part of one athlete on one target (MODEL §3). */
export interface Contact {
  readonly athlete: Actor;
  /** leftHand, rightForearm, leftShin, head, chest … */
  readonly part: string;
  /** What is held; with `orElse` the one that is preferred. */
  readonly target: ContactTarget;
  /** What serves as well, best first. */
  readonly orElse?: readonly ContactTarget[];
  /** Where the held thing is carried. */
  readonly at?: string;
  readonly job?: ContactJob;
  readonly quality?: string;
  /** Contacts of one bundle count as one target ("both lapels"). */
  readonly bundle?: string;
  /** What serves in its place without the jacket. */
  readonly substitute?: ContactTarget;
}

export interface Step {
  readonly note?: string;
  readonly contacts: readonly Contact[];
  /** From this step on the owner is on top or below; absent = as before, at first as at the position the move begins in. */
  readonly ownerRole?: OwnerRole;
  readonly pictures?: readonly Picture[];
}

/** After how many changes of the outside hand a rule counts; absent = always. */
export const PARITIES = ['odd', 'even'] as const;
export type Parity = (typeof PARITIES)[number];

/** A condition over the steps of a transition; step numbers count from 1. */
export type ContactRule = { readonly afterSwaps?: Parity } & (
  | {
      readonly kind: 'hold';
      readonly name?: string;
      readonly fromStep: number;
      readonly toStep: number;
      readonly contacts: readonly Contact[];
      /** How many of `contacts` suffice; absent = all. */
      readonly atLeast?: number;
    }
  | {
      readonly kind: 'before' | 'together' | 'never';
      readonly name?: string;
      readonly first: Contact;
      readonly then?: Contact;
      readonly whenValues?: readonly string[];
      /** The opponent's transition that a breach lets in. */
      readonly letsIn?: string;
    }
);
