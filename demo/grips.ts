import { required } from '@/core/base';
import { getCatalogue } from '@/core/catalogue';
import { parseContacts, parseRule } from '@/core/contacts';
import { typedSteps } from '@/core/grips';
import type { Contact, ContactRule, Position, Step, Transition } from '@/core/tree';

/** Steps of moves that the catalogue does not write, or that this coach does otherwise; each line says what changes. */
const STEPS: Readonly<Record<string, readonly string[]>> = {
  'headquarters-i-drag-the-leg': [
    'left hand far ankle, right hand far trouser knee or far knee, left knee near thigh inside: wedge',
    'left hand far ankle to my other hip, right hand far hip',
    'right hand far hip: pin, left hand far lapel, chest far hamstring: weight, left knee free',
  ],
  'half-below-i-come-up-on-the-single-leg-to-the-lock': [
    'right hand near armpit: underhook, left elbow mat beside the hip: post, his left hand near shoulder: overhook',
    'head ribs, left elbow free, left hand mat beside the hip: post',
    'right hand near knee, left knee mat beside the hip',
    'left hand near ankle, his left hand free',
    'left hand near ankle to my hip, head far hip',
    'right hand hips: clamp, left hand near knee',
    'left hand far hip, right knee mat between the legs, left knee free',
    'left hand own wrist: clamp, head belly',
  ],
  'ankles-in-hand-i-throw-both-legs-past': [
    'left hand near ankle, right hand far ankle',
    'left hand near ankle to my other hip, right hand far ankle to my other hip',
    'left hand near hip: pin, right hand far knee: pin',
  ],
  'lasso-i-step-back-and-unwind': [
    'left hand near trouser knee, right hand far sleeve cuff, his right foot far forearm: hook, his right hand sleeve cuff',
    'right elbow far shin: post',
    'right forearm far shin, right hand far ankle, right elbow free, his right foot free, his right hand free',
  ],
  'closed-guard-i-win-the-posture-back': [
    'left hand near biceps, right hand far biceps, his left hand back of the neck, his right hand near wrist',
    'left hand belly: post, his right hand free',
    'right hand far hip, his left hand free',
  ],
  'knee-in-tailbone-i-push-the-knee-down-and-open': [
    'left hand near hip, right hand far hip, left knee tail bone: wedge',
    'right hand far knee: pin',
    'right hand far knee to the mat: pin, left hand near knee',
  ],
  'turtle-i-put-the-first-hook-in': [
    'right hand far shoulder: overhook, left hand own wrist: clamp, chest spine: weight, his right hand near wrist',
    'left foot near inner thigh: hook',
    'left hand far wrist, his right hand free',
  ],
};

interface Marks {
  readonly blockedBy?: readonly string[];
  readonly enabledBy?: readonly string[];
  readonly rules?: readonly string[];
  readonly needs?: readonly string[];
}
/** What his grips shut and open, and what must hold over the steps. */
const MARKS: Readonly<Record<string, Marks>> = {
  'collar-sleeve-i-strip-the-sleeve': {
    enabledBy: ['his right hand sleeve cuff'],
    rules: ['left hand far wrist before right hand far sleeve cuff'],
  },
  'collar-sleeve-i-square-up-and-take-both-ankles': {
    blockedBy: ['his left hand collar, his right hand sleeve cuff', 'his left foot far hip, his left hand collar'],
  },
  'spider-i-circle-the-foot-off': { blockedBy: ['his left hand sleeve cuff, his right hand sleeve cuff'] },
  'de-la-riva-i-turn-the-knee-out-and-kill-the-hook': { blockedBy: ['his left hand near ankle, his right hand far sleeve cuff'] },
  'de-la-riva-i-push-the-head-foot-down-and-step-in': { blockedBy: ['his left hand near ankle'] },
  'de-la-riva-i-drop-to-the-over-under': {
    blockedBy: ['his right hand collar', 'his left hand near ankle, his right hand far sleeve cuff'],
  },
  'headquarters-i-cut-the-knee-across': {
    blockedBy: ['his left hand near armpit: underhook', 'his right hand collar, his left hand far shoulder: frame'],
    rules: ['always: left hand near knee', 'head far shoulder before left knee mat between the legs'],
  },
  'headquarters-i-fold-the-shin-outside': { blockedBy: ['his right hand near ankle'] },
  'headquarters-i-throw-the-legs-past-the-frame': { enabledBy: ['his left hand far shoulder: frame'] },
  'body-lock-i-step-over-to-the-flat-side': {
    rules: ['from step 1 to 2: left hand own wrist, right hand hips', 'never right hand mat'],
    blockedBy: ['his left hand back of the neck, his right hand near wrist'],
  },
  'body-lock-i-walk-round-under-the-frame': { enabledBy: ['his left hand forehead: frame', 'his right hand forehead: frame'] },
  'body-lock-i-drop-one-arm-and-go-over-under': { blockedBy: ['his left hand back of the neck'] },
  'over-under-i-walk-to-the-leg-side': {
    rules: ['always: at least 1 of right forearm far thigh, right forearm far shin, right hand far knee'],
    blockedBy: ['his left hand back of the neck, his right hand far sleeve cuff'],
  },
  // The hand on the far hip keeps the knee out: he gets the half guard back where it is let go.
  'side-low-he-gets-half-guard-back': { blockedBy: ['left hand far hip'] },
  'side-low-i-drive-the-cross-face': { blockedBy: ['his right hand near armpit: underhook'], needs: ['left hand far hip'] },
};

/** What is held at some places: mine, and his ("his …"). */
const HOLDS: Readonly<Record<string, string>> = {
  'collar-sleeve': 'his left hand collar, his right hand sleeve cuff, his left foot far hip',
  'body-lock': 'left hand own wrist: clamp, right hand hips: clamp',
  'over-under': 'left hand near hamstring: underhook, right forearm far thigh: pin',
  'side-low': 'left hand far hip',
};

const contactsOf = (typed: string): Contact[] => read(parseContacts(typed), typed);
/** The demo ships with the program, so what is not understood here is a mistake in it. */
function read<T>(
  parsed: { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: readonly string[] },
  typed: string,
): T {
  if (!parsed.ok) throw new Error(`demo, ${typed}: ${parsed.error.join(' ')}`);
  return parsed.value;
}

/** On top from the fifth step on: the one chain that begins below. */
const withTurn = (id: string, steps: Step[]): Step[] =>
  id.startsWith('half-below')
    ? steps.map((step, i) => (i === 4 && steps.length > 4 ? { ...step, ownerRole: 'top' as const } : step))
    : steps;

function stepsOf(id: string): Step[] | undefined {
  const own = STEPS[id];
  if (own) return withTurn(id, read(typedSteps(own), id));
  const shipped = getCatalogue().transitions.find(({ transition }) => transition.id === id)?.transition.steps;
  return shipped && [...shipped];
}

/** The move with its steps, rules and grips, where they are written down. */
export function withGrips(transition: Transition): Transition {
  const steps = stepsOf(transition.id);
  const marks = MARKS[transition.id];
  const contactRules = marks?.rules?.map((rule): ContactRule => read(parseRule(rule, steps?.length ?? 0), rule));
  return {
    ...transition,
    ...(steps ? { steps } : {}),
    ...(contactRules ? { contactRules } : {}),
    ...(marks?.needs ? { needs: [...(transition.needs ?? []), ...marks.needs] } : {}),
    ...(marks?.blockedBy ? { blockedBy: marks.blockedBy.map(contactsOf) } : {}),
    ...(marks?.enabledBy ? { enabledBy: marks.enabledBy.map(contactsOf) } : {}),
  };
}

/** The place with what is held there. */
export function withHolds(position: Position): Position {
  const typed = HOLDS[position.id];
  if (typed === undefined) return position;
  const contacts = contactsOf(typed);
  const [holds, theirHolds] = (['owner', 'opponent'] as const).map((who) => contacts.filter((contact) => contact.athlete === who));
  return {
    ...position,
    ...(required(holds, typed).length > 0 ? { holds } : {}),
    ...(required(theirHolds, typed).length > 0 ? { theirHolds } : {}),
  };
}
