import { sayContact, sayLimb, sayRule, sayTarget } from '../contacts';
import type { GripProblem } from '../grips';
import { indexOf, type ContactRule, type TreeDocument } from '../tree';
import { sayMove, sayValue } from './tree';

interface Said {
  readonly what: string;
  readonly why: string;
}
interface Names {
  /** "Step 2: ", or nothing where it is over all of a move. */
  readonly at: string;
  /** The first hold that it speaks of, in its two halves. */
  readonly limb: string;
  readonly target: string;
  readonly tree: TreeDocument | undefined;
}

const nameOf = (tree: TreeDocument | undefined, id: string): string => {
  const transition = tree && indexOf(tree).transitions.get(id);
  return transition ? sayMove(transition) : id;
};

function sayWhenRuleCounts(tree: TreeDocument | undefined, rule: ContactRule): string {
  const values = rule.kind === 'hold' ? [] : (rule.whenValues ?? []);
  const valueOf = (id: string): string => {
    const position = tree?.positions.find(({ reads }) => reads.some((read) => read.values.some((value) => value.id === id)));
    return position ? sayValue(position, id) : id;
  };
  return values.length > 0 ? `You said this must hold if ${values.map(valueOf).join(' or ')}` : 'You said this must hold';
}

function sayBroken({ rule, steps = [] }: GripProblem, { tree }: Names): Said {
  const { letsIn } = rule!.kind === 'hold' ? {} : rule!;
  const opens = letsIn === undefined ? '' : ` It lets in: ${nameOf(tree, letsIn)}.`;
  return {
    what: `Step ${steps.join(', ')}: “${rule!.name ?? sayRule(rule!)}” is not kept`,
    why: `${sayWhenRuleCounts(tree, rule!)}.${opens}`,
  };
}

const SAY: { readonly [K in GripProblem['kind']]: (problem: GripProblem, names: Names) => Said } = {
  doubleBooked: ({ contacts }, { at, limb }) => ({
    what: `${at}${limb} holds ${contacts.map((contact) => sayTarget(contact)).join(' and ')} at once`,
    why: 'One hand holds one thing. Say which, or make them one bundle.',
  }),
  ruleBroken: sayBroken,
  nothingHeld: (_, { at }) => ({ what: `${at}nobody holds anything`, why: 'A step without a hold cannot be shown or checked.' }),
  unknownSpot: ({ word }, { at, limb }) => ({
    what: `${at}${limb} holds “${word}”, which is no known spot`,
    why: 'Unknown spot: checks skip it. Choose a known one.',
  }),
  unknownLimb: (_, { at, limb, target }) => ({
    what: `${at}“${limb}” on ${target}: nobody has such a limb`,
    why: 'Say left or right, and a part of the body.',
  }),
  sidesContradict: ({ word }, { at, limb, target }) => ({
    what: `${at}${limb} holds ${target}: ${word} are two sides`,
    why: 'One of the two is meant.',
  }),
  ownArm: (_, { at, limb, target }) => ({
    what: `${at}${limb} holds ${target}, on the same arm`,
    why: 'A hand does not reach its own arm.',
  }),
  clothGone: ({ contacts }, { at }) => ({
    what: `${at}${sayContact(contacts[0]!)} is cloth`,
    why: 'This is without the jacket, and nothing stands in its place.',
  }),
  arrivesWithout: (_, { at, limb, target }) => ({
    what: `${at}arrives without ${limb} on ${target}`,
    why: 'The place it lands in says that you hold it there.',
  }),
  manySteps: ({ word }) => ({ what: `${word} steps in one move`, why: 'Nobody keeps so many apart; cut it into two moves.' }),
};

/** A problem as a coach would say it: what, with step, limb and target, and why it matters. Ids are named with the tree. */
export function sayProblem(problem: GripProblem, tree?: TreeDocument): Said {
  const [first] = problem.contacts;
  const at = problem.step > 0 ? `Step ${problem.step}: ` : '';
  return SAY[problem.kind](problem, { at, limb: first ? sayLimb(first) : '', target: first ? sayTarget(first) : '', tree });
}
