/** The words of the tree document; docs/GLOSSARY.md says what each means. */
export const OWNERS = ['passer', 'guardPlayer'] as const;
export const CONTEXTS = ['gi', 'noGi', 'strikes'] as const;
/** The lines of defence from the ground up: the order is the climb. */
export const LINES = ['feet', 'knees', 'hips', 'chest', 'head'] as const;
export const TEMPOS = ['safe', 'neutral', 'actNow', 'danger'] as const;
export const ENDINGS = ['settled', 'back', 'submission', 'swept', 'submitted', 'escaped'] as const;
export const PASSER_GOALS = ['settled', 'back', 'submission'] as const;
export const READ_KINDS = ['reaction', 'cue', 'timing'] as const;
export const VALUE_KINDS = ['frame', 'hook', 'grip', 'turn', 'retention', 'sweep', 'submission', 'other', 'none'] as const;
export const ACTORS = ['owner', 'opponent'] as const;
export const OWNER_ROLES = ['top', 'below'] as const;
/** The athlete whose transitions usually are of a kind; null = either's. One added here does not compile without its words. */
const WHOSE = {
  open: 'passer',
  clear: 'passer',
  grip: null,
  enter: null,
  pass: 'passer',
  followUp: 'passer',
  backTake: null,
  settle: 'passer',
  submit: 'passer',
  retreat: null,
  retention: 'guardPlayer',
  sweep: 'guardPlayer',
  submission: 'guardPlayer',
  escape: 'guardPlayer',
  turn: 'guardPlayer',
  other: null,
} as const satisfies Record<string, (typeof OWNERS)[number] | null>;
export type TransitionKind = keyof typeof WHOSE;
export const TRANSITION_KINDS = Object.keys(WHOSE) as TransitionKind[];
/** All kinds, those that an athlete's transitions usually are of before the other's. */
export const kindsFor = (athlete: (typeof OWNERS)[number]): TransitionKind[] => [
  ...TRANSITION_KINDS.filter((kind) => (WHOSE[kind] ?? athlete) === athlete),
  ...TRANSITION_KINDS.filter((kind) => (WHOSE[kind] ?? athlete) !== athlete),
];

export const DISTANCES = ['far', 'middle', 'close', 'tight'] as const;
export const STANCES = ['standing', 'kneeling', 'combat', 'lying', 'seated', 'squatting'] as const;
export const CONTACT_JOBS = [
  'grip',
  'pin',
  'hook',
  'frame',
  'push',
  'post',
  'brace',
  'underhook',
  'overhook',
  'wedge',
  'clamp',
  'weight',
  'other',
] as const;
export const SIDES = ['left', 'right', 'near', 'far'] as const;
export const SURFACES = ['inside', 'outside'] as const;

export type Owner = (typeof OWNERS)[number];
export type Context = (typeof CONTEXTS)[number];
export type Line = (typeof LINES)[number];
export type Tempo = (typeof TEMPOS)[number];
export type Ending = (typeof ENDINGS)[number];
export type ReadKind = (typeof READ_KINDS)[number];
export type ValueKind = (typeof VALUE_KINDS)[number];
export type Actor = (typeof ACTORS)[number];
export type OwnerRole = (typeof OWNER_ROLES)[number];
export type Distance = (typeof DISTANCES)[number];
export type Stance = (typeof STANCES)[number];
export type ContactJob = (typeof CONTACT_JOBS)[number];
export type Side = (typeof SIDES)[number];
export type Surface = (typeof SURFACES)[number];
