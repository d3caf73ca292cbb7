import {
  ENDINGS,
  FAMILIES,
  meansNothing,
  TRANSITION_KINDS,
  type Context,
  type Distance,
  type Ending,
  type Family,
  type Landing,
  type Owner,
  type Read,
  type Stance,
  type Tempo,
  type TransitionKind,
  type ValueKind,
} from '../tree';

interface FamilyWords {
  /** Over a list of them. */
  readonly title: string;
  readonly one: string;
  /** What a coach types when a new guard is one of them; null = it is never guessed. */
  readonly typed: RegExp | null;
}
export const FAMILY_WORDS: { readonly [K in Family]: FamilyWords } = {
  open: { title: 'Open guards', one: 'open guard', typed: null },
  half: { title: 'Half guards', one: 'half guard', typed: /\bhalf\b|shield/i },
  closed: { title: 'Closed guards', one: 'closed guard', typed: /\bclosed\b/i },
  entanglement: { title: 'Leg entanglements', one: 'leg entanglement', typed: /\bashi\b|entangle|saddle|\bleg x\b|leg-x/i },
  turtle: { title: 'Turtle', one: 'turtle', typed: /turtle/i },
  standing: { title: 'Standing', one: 'standing', typed: /standing/i },
  hub: { title: 'Hubs', one: 'hub: branches meet here', typed: null },
  transit: { title: 'On the way', one: 'on the way', typed: null },
  pin: { title: 'Pins', one: 'pin', typed: null },
  back: { title: 'The back', one: 'the back', typed: null },
  submission: { title: 'Submissions', one: 'submission', typed: null },
  lost: { title: 'Lost', one: 'lost', typed: null },
};
export const FAMILY_NAMES = Object.fromEntries(FAMILIES.map((family) => [family, FAMILY_WORDS[family].one])) as Record<Family, string>;

export const KIND_WORDS: { readonly [K in TransitionKind]: string } = {
  open: 'opening',
  clear: 'clearing',
  grip: 'grip',
  enter: 'entry',
  pass: 'pass',
  followUp: 'follow-up',
  backTake: 'back take',
  settle: 'settling',
  submit: 'finish',
  retreat: 'retreat',
  retention: 'retention',
  sweep: 'sweep',
  submission: 'submission',
  escape: 'escape',
  turn: 'turn',
  other: 'other',
};

/** Kinds of what he does, as they are chosen and typed. */
export const VALUE_KIND_WORDS: { readonly [K in ValueKind]: string } = {
  frame: 'frame',
  hook: 'hook',
  grip: 'grip',
  turn: 'turn',
  retention: 'recovery',
  sweep: 'sweep',
  submission: 'submission',
  other: 'something else',
  none: 'nothing special',
};

/** What a coach types when a reaction is of a kind, the first that fits; null = it is what fits none. */
const VALUE_KIND_TYPED: { readonly [K in ValueKind]: RegExp | null } = {
  frame: /frame|push|post/i,
  // An underhook is a grip.
  hook: /(?<!r)hook/i,
  grip: /grip|(?:under|over)hook|sleeve|collar|belt/i,
  turn: /turn|roll|invert|spin|away/i,
  sweep: /sweep|lift|elevat/i,
  submission: /triangle|choke|lock|heel|submi/i,
  none: null,
  retention: /recover|re-?guard|pummel|back in/i,
  other: null,
};
/** The family that a newly typed guard is taken for. */
export const familyTyped = (name: string): Family => FAMILIES.find((family) => FAMILY_WORDS[family].typed?.test(name)) ?? 'open';
/** The kind that a newly typed reaction is taken for. */
export const valueKindTyped = (name: string): ValueKind =>
  meansNothing(name)
    ? 'none'
    : ((Object.keys(VALUE_KIND_TYPED) as ValueKind[]).find((kind) => VALUE_KIND_TYPED[kind]?.test(name)) ?? 'other');

export const ENDING_WORDS: Record<Ending, string> = {
  settled: 'settled',
  back: 'back taken',
  submission: 'submission',
  swept: 'swept',
  submitted: 'submitted',
  escaped: 'guard player away',
};

export const TEMPO_WORDS: Record<Tempo, string> = {
  safe: 'Safe to wait.',
  neutral: 'Neither safe nor hurried.',
  actNow: 'Act now.',
  danger: 'Danger: get out.',
};
export const STANCE_WORDS: Record<Stance, string> = {
  standing: 'standing',
  kneeling: 'kneeling',
  combat: 'one knee up',
  lying: 'lying',
  seated: 'sitting',
  squatting: 'squatting',
};
export const DISTANCE_WORDS: Record<Distance, string> = { far: 'far', middle: 'an arm away', close: 'close', tight: 'chest to chest' };
export const CONTEXT_WORDS: Record<Context, string> = { gi: 'gi', noGi: 'no-gi', strikes: 'with strikes' };

const NAMED = new Map<string, string>([
  ...TRANSITION_KINDS.map((kind) => [kind, KIND_WORDS[kind]] as const),
  ...ENDINGS.map((ending) => [ending, ENDING_WORDS[ending]] as const),
]);
/** What a rule card gives points for: an ending, or a kind of transition. */
export const pointsFor = (what: string): string => NAMED.get(what) ?? what;

/** What one can see at a place, by kind. */
export const READ_WORDS: { readonly [K in Read['kind']]: string } = { reaction: 'what he does', cue: 'a cue', timing: 'my timing' };
/** What a place still needs before the catalogue can have it. */
export const LACK_WORDS: { readonly [K in 'stance' | 'distance' | 'legRelation' | 'signs']: string } = {
  stance: 'how you stand',
  distance: 'how far he is',
  legRelation: 'how the legs are',
  signs: 'what is seen at a glance',
};

const PASSER_LANDS: { readonly [K in Exclude<Landing, 'nextLine' | 'claimsAgain' | 'attempt'>]: string } = {
  sameHeight: 'same height',
  guard: 'a guard, facing',
  settled: 'settled pin, ends the climb',
  back: 'back taken, ends the climb',
  submission: 'submission, ends the climb',
  swept: 'I am swept',
  submitted: 'I am submitted',
  escaped: 'he is away',
};
const LANDING_WORDS: { readonly [K in Owner]: typeof PASSER_LANDS } = {
  passer: PASSER_LANDS,
  guardPlayer: {
    ...PASSER_LANDS,
    settled: 'I am pinned',
    back: 'he has my back',
    submission: 'I am submitted',
    swept: 'I sweep him',
    submitted: 'I submit him',
    escaped: 'I am away',
  },
};
/** The lines that the words of a landing speak of. */
export interface LandingLines {
  /** What the next place up has cleared. */
  readonly next: string | undefined;
  /** What the place before claims to have cleared, and its name. */
  readonly claimed: string | null;
  readonly from: string;
}
/** What an attempt is at: the next line above those that are cleared. */
export const sayAttempt = (next: string | undefined): string => `an attempt: ${next ?? 'the end'} not cleared yet`;
/** Where a new place would lie, as the owner says it. */
export function sayLanding(owner: Owner, landing: Landing, { next, claimed, from }: LandingLines): string {
  if (landing === 'nextLine') return `${next} cleared`;
  if (landing === 'attempt') return sayAttempt(next);
  if (landing === 'claimsAgain') return `${claimed} cleared only here: ${from} was an attempt`;
  return LANDING_WORDS[owner][landing];
}

export const OWNER_WORDS: { readonly [K in Owner]: string } = { passer: 'the passer', guardPlayer: 'the guard player' };

/** "cleared: feet, knees" */
export const sayCleared = (lines: readonly string[]): string => (lines.length === 0 ? 'nothing cleared' : `cleared: ${lines.join(', ')}`);
