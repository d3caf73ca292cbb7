import { groupBy, perObject } from '../base';
import {
  indexOf,
  type Contact,
  type ContactRule,
  type ContactTarget,
  type Position,
  type PositionId,
  type Step,
  type Transition,
  type TransitionId,
  type TreeDocument,
} from '../tree';
import { rulesThatCount, findBrokenRules, findDoubleBookings } from './account';
import { contactKey, limbKey, findUnknownSpots, getLimbNames, sayLimb, holdFact } from '../contacts';
import { isCloth, servesInstead } from '../lens';

/** More steps than can be taught as one move; the contract takes 200. */
export const MANY_STEPS = 24;

/** What does not add up: at a step of a move (from 1), or, with `step` 0, at a position or over all of a move. */
export interface GripProblem {
  readonly kind:
    | 'doubleBooked'
    | 'ruleBroken'
    | 'nothingHeld'
    | 'unknownSpot'
    | 'unknownLimb'
    | 'sidesContradict'
    | 'ownArm'
    | 'clothGone'
    | 'arrivesWithout'
    | 'manySteps';
  readonly step: number;
  /** The holds it speaks of: all of a double booking, the one that is unknown, the one that is missing. */
  readonly contacts: readonly Contact[];
  readonly rule?: ContactRule;
  /** All steps at which a rule is broken. */
  readonly steps?: readonly number[];
  /** The word that is not known, or the two sides that contradict. */
  readonly word?: string;
}
export interface GripFinding {
  /** Stable while move, step, limb and target stay. */
  readonly key: string;
  readonly position: PositionId;
  /** Null = at the position itself. */
  readonly transition: TransitionId | null;
  readonly problem: GripProblem;
}

const sideIn = (words: string | undefined): string | null => /(?:^|\b)(left|right|near|far)(?![a-z])/.exec(words ?? '')?.[1] ?? null;
/** Two sides said of one target ("far left knee"), or null. */
function twoSides({ part, side, spot }: ContactTarget): string | null {
  const said = [...new Set([side, sideIn(part), sideIn(spot)].filter((word) => word !== null && word !== undefined))];
  return said.length > 1 ? said.join(' and ') : null;
}

const ARM = /hand|palm|fingers|wrist|forearm|elbow/i;
/** A hand that holds its own arm. */
function isOnItself({ athlete, part, target }: Contact): boolean {
  const side = /^(left|right)/.exec(part)?.[1];
  return (
    target.athlete === athlete &&
    side !== undefined &&
    target.side === side &&
    /Hand|Palm|Fingers/.test(part) &&
    ARM.test(target.part ?? '')
  );
}

const isLimb = (contact: Contact): boolean => getLimbNames().includes(sayLimb({ athlete: 'owner', part: contact.part }));

function problemsOfHolds(contacts: readonly Contact[], step: number): GripProblem[] {
  const known = contacts.filter((contact) => twoSides(contact.target) === null);
  return [
    ...findDoubleBookings([{ contacts }]).map((item): GripProblem => ({ kind: 'doubleBooked', step, contacts: item.contacts })),
    ...contacts.flatMap((contact): GripProblem[] => {
      const word = twoSides(contact.target);
      if (!isLimb(contact)) return [{ kind: 'unknownLimb', step, contacts: [contact] }];
      if (word !== null) return [{ kind: 'sidesContradict', step, contacts: [contact], word }];
      return isOnItself(contact) ? [{ kind: 'ownArm', step, contacts: [contact] }] : [];
    }),
    ...findUnknownSpots(known).map(({ contact, word }): GripProblem => ({ kind: 'unknownSpot', step, contacts: [contact], word })),
  ];
}

/** What the steps alone say, whatever the tree; remembered per steps, so that an edit elsewhere costs nothing. */
const problemsOfSteps = perObject((steps: readonly Step[]): readonly GripProblem[] => [
  ...(steps.length > MANY_STEPS ? [{ kind: 'manySteps', step: 0, contacts: [], word: String(steps.length) } as const] : []),
  ...steps.flatMap(({ contacts }, i): GripProblem[] =>
    contacts.length === 0 ? [{ kind: 'nothingHeld', step: i + 1, contacts: [] }] : problemsOfHolds(contacts, i + 1),
  ),
]);

const brokenRules = (transition: Transition, from: Position): GripProblem[] =>
  findBrokenRules(transition.steps ?? [], rulesThatCount(transition, from)).map(({ rule, steps: at }) => ({
    kind: 'ruleBroken',
    step: at[0]!,
    steps: at,
    rule,
    contacts: rule.kind === 'hold' ? rule.contacts : [rule.first, ...(rule.then ? [rule.then] : [])],
  }));

const clothGone = (contacts: readonly Contact[], step: number): GripProblem[] =>
  contacts
    .filter((contact) => isCloth(contact.target) && servesInstead(contact) === null)
    .map((contact) => ({ kind: 'clothGone', step, contacts: [contact] }));

/** Problems of one move: double bookings, broken rules, empty steps, spots and limbs that do not exist, cloth where there is none. */
export function gripProblemsOf(tree: Pick<TreeDocument, 'contexts'>, transition: Transition, from: Position): GripProblem[] {
  const steps = transition.steps ?? [];
  const contexts = (transition.contexts ?? []).length > 0 ? transition.contexts! : tree.contexts;
  const hasCloth = contexts.length === 0 || contexts.includes('gi');
  return [
    ...problemsOfSteps(steps),
    ...brokenRules(transition, from),
    ...(hasCloth ? [] : steps.flatMap(({ contacts }, i) => clothGone(contacts, i + 1))),
  ];
}

/** Problems of what a position declares to be held. */
export function positionProblemsOf(tree: Pick<TreeDocument, 'contexts'>, { holds = [], theirHolds = [] }: Position): GripProblem[] {
  const contacts = [...holds, ...theirHolds];
  const hasCloth = tree.contexts.length === 0 || tree.contexts.includes('gi');
  return [...problemsOfHolds(contacts, 0), ...(hasCloth ? [] : clothGone(contacts, 0))];
}

/** What I am said to hold at the place where a move lands and do not hold at its last written step. */
export function missingOnArrival(landing: Position, transition: Transition): GripProblem[] {
  const steps = transition.steps ?? [];
  const last = steps[steps.length - 1];
  if (!last || !landing.holds) return [];
  const on = new Set(last.contacts.map(holdFact));
  return landing.holds
    .filter((contact) => !on.has(holdFact(contact)))
    .map((contact) => ({ kind: 'arrivesWithout', step: steps.length, contacts: [contact] }));
}

const keyOf = (at: string, { kind, step, contacts, rule }: GripProblem): string =>
  ['grips', at, kind, step, ...contacts.map(kind === 'doubleBooked' ? limbKey : contactKey).slice(0, 1), ...(rule ? [rule.kind] : [])].join(
    '/',
  );

/** Everything in the tree that does not add up in the hands, moves in document order, then positions. */
export function findGripFindings(tree: TreeDocument): GripFinding[] {
  const index = indexOf(tree);
  const found = [
    ...tree.transitions.flatMap((transition): GripFinding[] =>
      transition.steps
        ? [
            ...gripProblemsOf(tree, transition, index.positions.get(transition.from)!),
            ...missingOnArrival(index.positions.get(transition.to)!, transition),
          ].map((problem) => ({
            key: keyOf(transition.id, problem),
            position: transition.from,
            transition: transition.id,
            problem,
          }))
        : [],
    ),
    ...tree.positions.flatMap((position) =>
      positionProblemsOf(tree, position).map((problem): GripFinding => ({
        key: keyOf(`at/${position.id}`, problem),
        position: position.id,
        transition: null,
        problem,
      })),
    ),
  ];
  // Two rules of one kind on the same holds: each keeps a key of its own.
  return [...groupBy(found, (item) => item.key).values()].flatMap((list) =>
    list.map((item, i) => (i === 0 ? item : { ...item, key: `${item.key}/${i + 1}` })),
  );
}
