import type { Contact, ContactRule, Step } from './contact';
import type {
  Actor,
  Context,
  Distance,
  Ending,
  Line,
  Owner,
  OwnerRole,
  ReadKind,
  Stance,
  Tempo,
  TransitionKind,
  ValueKind,
} from './vocabulary';
import type { Family } from './families';
import type { Picture } from './picture';

/** Ids are the author's own strings; each kind is unique within its tree, values within their position. */
export type PositionId = string;
export type TransitionId = string;
export type ReadId = string;
export type ValueId = string;
export type Fact = string;

export interface Value {
  readonly id: ValueId;
  readonly name: string;
  readonly cue?: string;
  /** Absolute chance in [0, 1]; absent = an equal part. */
  readonly share?: number;
  readonly kind: ValueKind;
  readonly unsure?: boolean;
}

export interface Read {
  readonly id: ReadId;
  readonly name: string;
  readonly kind: ReadKind;
  /** Its values must all be answered. */
  readonly closed?: boolean;
  /** The coach has drawn all there is. */
  readonly complete?: boolean;
  readonly values: readonly Value[];
}

export interface TempoIn {
  readonly context: Context;
  readonly tempo: Tempo;
}
export interface SchoolVariant {
  readonly school: string;
  readonly lines?: readonly Line[];
  /** `goesOn`: what is an ending for others is none for this school. */
  readonly ends?: Ending | 'goesOn';
  /** Why this school does it so; one line. */
  readonly reason?: string;
}

export interface Position {
  readonly id: PositionId;
  readonly name: string;
  readonly aliases?: readonly string[];
  readonly family: Family;
  /** A set: the upper body can be won first. */
  readonly lines: readonly Line[];
  readonly tempo: Tempo;
  readonly tempoReason?: string;
  readonly windowCloses?: string;
  readonly tempoByContext?: readonly TempoIn[];
  readonly legRelation?: string;
  /** What is seen at a glance; ids of the read finder's signs. */
  readonly signs?: readonly string[];
  readonly stance?: Stance;
  readonly distance?: Distance;
  readonly holds?: readonly Contact[];
  readonly theirHolds?: readonly Contact[];
  /** Absent = the role of the tree's owner: top for the passer, below for the guard player. */
  readonly ownerRole?: OwnerRole;
  readonly heSeesItFirst?: boolean;
  /** ρ, the chance in [0, 1] that the owner sees here what is shown before he chooses; absent = as the question has it. */
  readonly readSkill?: number;
  readonly ends?: Ending;
  /** An attempt: the next line is under attack and not cleared yet. */
  readonly unfinished?: boolean;
  readonly bySchool?: readonly SchoolVariant[];
  readonly continuesIn?: { readonly tree: string; readonly position: PositionId };
  readonly reads: readonly Read[];
  readonly wordingUnsure?: boolean;
  /** Why here and not elsewhere: why this pin, why a school does it so. One line. */
  readonly reason?: string;
  /** What has to be so before it counts, to be ticked at the mat: of an ending the settling list. */
  readonly checkpoints?: readonly string[];
  /** How many ways on there are in all, as the coach says ("about ten, I teach three"). */
  readonly waysInAll?: number;
  readonly pictures?: readonly Picture[];
  readonly notes?: string;
  readonly hazards?: readonly string[];
  readonly source?: string;
  /** The catalogue's entry that it was copied from, until the coach confirms it. */
  readonly fromCatalogue?: string;
}

/** For some reads the admitted values; a silent read admits all of its values and answers none. */
export type When = Readonly<Record<ReadId, readonly ValueId[]>>;

export interface Mistake {
  readonly error: string;
  readonly consequence?: string;
  readonly correction?: string;
}
export interface Parameter {
  readonly name: string;
  /** In order of preference. */
  readonly values: readonly string[];
  readonly never?: readonly { readonly value: string; readonly leadsTo?: PositionId }[];
}

/** What he does with it decides where it leads: where one of these is shown, success leads here. */
export interface Outcome {
  readonly ifShown: readonly ValueId[];
  readonly to: PositionId;
}
/** What he does while the move is under way. */
export interface Midway {
  /** After which of its steps, counted from 1; absent = somewhere on the way. */
  readonly afterStep?: number;
  readonly reaction: string;
  /** What I do about it. */
  readonly answer?: string;
  readonly leadsTo?: PositionId;
}

export interface Transition {
  readonly id: TransitionId;
  readonly from: PositionId;
  readonly to: PositionId;
  readonly actor: Actor;
  readonly name: string;
  readonly kind: TransitionKind;
  readonly tags?: readonly string[];
  readonly when?: When;
  readonly stoppedBy?: readonly ValueId[];
  readonly priority?: number;
  /** Chances in [0, 1] of success: on cue, off cue, into a value that defeats it. */
  readonly works?: number;
  readonly offCue?: number;
  readonly stopped?: number;
  readonly onFail?: PositionId;
  /** In order; the first that fits what he shows comes before `to`. */
  readonly outcomes?: readonly Outcome[];
  readonly seconds?: number;
  readonly needs?: readonly Fact[];
  readonly makes?: readonly Fact[];
  readonly undoes?: readonly Fact[];
  readonly blockedBy?: readonly (readonly Contact[])[];
  readonly enabledBy?: readonly (readonly Contact[])[];
  /** What makes it impossible from the beginning and is no reaction of his: a distance, a leg, a grip; in words. */
  readonly preventedBy?: readonly string[];
  readonly midway?: readonly Midway[];
  readonly steps?: readonly Step[];
  readonly contactRules?: readonly ContactRule[];
  readonly fits?: { readonly legRelations?: readonly string[]; readonly stances?: readonly Stance[] };
  readonly provokes?: readonly ValueId[];
  /** Why this answer and not another; one line. */
  readonly reason?: string;
  readonly parameters?: readonly Parameter[];
  readonly checkpoints?: readonly string[];
  readonly mistakes?: readonly Mistake[];
  readonly hazards?: readonly string[];
  readonly schools?: readonly string[];
  readonly contexts?: readonly Context[];
  readonly announced?: boolean;
  readonly unsure?: boolean;
  readonly notes?: string;
  readonly source?: string;
  readonly fromCatalogue?: string;
  /** The opponent who is looked at knows it, so that it is nobody's first choice. Derived, never stored. */
  readonly isKnown?: true;
}

export interface RuleSet {
  readonly id: string;
  readonly name: string;
  readonly contexts: readonly Context[];
  /** Lowest first; what `belowLevel` compares with. */
  readonly levels?: readonly string[];
  readonly forbidden: readonly { readonly tag: string; readonly underAge?: number; readonly belowLevel?: string }[];
  readonly points: readonly { readonly for: Ending | TransitionKind; readonly points: number }[];
  readonly source?: string;
  /** 'YYYY-MM-DD' */
  readonly date?: string;
}

/** How often he shows a value at a place, or every value of a kind at places of a family: absolute chances in [0, 1]. */
export type Habit =
  | { readonly position: PositionId; readonly value: ValueId; readonly share: number }
  | { readonly family: Family; readonly kind: ValueKind; readonly share: number };

/** What is said of a person in one tree. */
export interface Game {
  readonly off?: readonly string[];
  readonly on?: readonly string[];
  readonly habits?: readonly Habit[];
  /** Of an opponent: the guards that he plays. */
  readonly guards?: readonly PositionId[];
  /** Tags of what works less often against him. */
  readonly strongAgainst?: readonly string[];
  /** Moves and tags that he knows: they work as if he had stopped them, unless the coach varies them. */
  readonly knows?: readonly string[];
  /** Moves whose variant the coach has switched on against him. */
  readonly varied?: readonly TransitionId[];
  /** He knows the whole game. */
  readonly knowsGame?: boolean;
}

/** What one tree has to know of an athlete or an opponent of the gym; his game speaks of that tree. */
export interface Profile extends Game {
  readonly id: string;
  readonly name: string;
  readonly of: 'athlete' | 'opponent';
  readonly physique?: readonly string[];
  readonly betterSide?: 'left' | 'right';
}

/** A finding that the coach has set aside, with the reason. */
export interface Dismissal {
  readonly finding: string;
  readonly reason: string;
}

export interface Start {
  readonly position: PositionId;
  readonly facts?: readonly Fact[];
}

/** The numbers used where the coach has typed none (MODEL §1). */
export interface Defaults {
  readonly works: number;
  readonly offCue: number;
  readonly stopped: number;
  readonly seconds: number;
}

/** All of a tree but its positions and transitions. */
export interface TreeHeader {
  readonly id: string;
  readonly name: string;
  readonly owner: Owner;
  readonly contexts: readonly Context[];
  readonly schools: readonly string[];
  readonly starts: readonly Start[];
  /** Ids of the gym's rule cards, athletes and opponents that the tree is looked at with. */
  readonly ruleCards?: readonly string[];
  readonly athletes?: readonly string[];
  readonly opponents?: readonly string[];
  readonly dismissals?: readonly Dismissal[];
  readonly defaults?: Partial<Defaults>;
  readonly notes?: string;
}

/** A class made for a tree, as its file carries it; what it holds is for the classes to say (documents/class). */
export type CarriedClass = { readonly id: string; readonly name: string } & Readonly<Record<string, unknown>>;

export interface TreeDocument extends TreeHeader {
  /** Looked up in the gym for this tree; never stored with it. */
  readonly ruleSets?: readonly RuleSet[];
  readonly profiles?: readonly Profile[];
  readonly classes?: readonly CarriedClass[];
  /** Seen by the other athlete: what is shown at a position is the owner's own now. Derived, never stored. */
  readonly isSwapped?: true;
  readonly positions: readonly Position[];
  readonly transitions: readonly Transition[];
}
