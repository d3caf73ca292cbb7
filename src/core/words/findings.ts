import type { Finding, FindingKind, FindingOf } from '../findings';
import { indexOf, positionOf, type Position, type TransitionId, type TreeDocument } from '../tree';
import { sayProblem } from './gripProblem';
import { CLOSED_GUARD_WORDS } from './cautions';
import { ENDING_WORDS } from './vocabulary';
import { sayMine, sayMove, sayValue } from './tree';

export interface FindingText {
  readonly place: string;
  readonly what: string;
  /** What it costs. */
  readonly why: string;
  readonly action: string;
}
interface Said {
  readonly what: string;
  readonly why: string;
  /** Where, if the place's name alone does not say it. */
  readonly place?: string;
}
interface Words<K extends FindingKind> {
  /** Over the list of them. */
  readonly title: string;
  /** On the way to where it is put right. */
  readonly action: string;
  say(finding: FindingOf<K>, position: Position, tree: TreeDocument): Said;
}

const mine = (tree: TreeDocument, id: TransitionId): string => sayMine(indexOf(tree).transitions.get(id)!.name);
const nameOf = (tree: TreeDocument, id: string): string => positionOf(indexOf(tree), id).name;
const together = (position: Position, values: readonly string[]): string => values.map((id) => sayValue(position, id)).join(' + ');

/** A finding as a coach would say it. */
const WORDS: { readonly [K in FindingKind]: Words<K> } = {
  unanswered: {
    title: 'No answer',
    action: 'Answer it',
    say: ({ value, consequences }, position, tree) => {
      const falls = consequences.map((id) => nameOf(tree, indexOf(tree).transitions.get(id)!.to));
      const why = falls.length > 0 ? `If it works he gets to: ${falls.join(', ')}.` : 'What it costs you is not drawn either.';
      return { what: sayValue(position, value), why };
    },
  },
  unstopped: {
    title: 'Nothing stops it',
    action: 'Show it',
    say: ({ transition }, _, tree) => ({
      what: sayMove(indexOf(tree).transitions.get(transition)!),
      why: 'Nothing I show there stops it, and nothing of mine is drawn against it.',
    }),
  },
  uncovered: {
    title: 'Cues not covered',
    action: 'Answer it',
    say: ({ combination }, position) => ({
      what: together(position, Object.values(combination)),
      why: 'You have said these cues must all be answered, and nothing fits this combination.',
    }),
  },
  ambiguous: {
    title: 'Two answers, no order',
    action: 'Say which comes first',
    say: ({ values, answers }, position, tree) => ({
      what: together(position, values),
      why: `${answers.map((id) => mine(tree, id)).join(' / ')}: the same priority, so you would have to think.`,
    }),
  },
  missingFact: {
    title: 'Needs something first',
    action: 'Show it',
    say: ({ transition, fact, neverMade, witness }, _, tree) => {
      const way = witness.map((id) => indexOf(tree).transitions.get(id)!.name).join(' → ');
      const without = way === '' ? 'A round can start here without it.' : `Not there after: ${way}.`;
      return { what: `${mine(tree, transition)}: needs “${fact}”`, why: neverMade ? 'Nothing in the tree does that.' : without };
    },
  },
  needLoop: {
    title: 'Moves that wait for each other',
    action: 'Show it',
    say: ({ transitions, facts }, _, tree) => ({
      what: transitions.map((id, i) => `${mine(tree, id)} (needs “${facts[i]}”)`).join(' → '),
      why: 'Each of these waits for the next, the last for the first: none can ever begin.',
    }),
  },
  idleOption: {
    title: 'Moves that fit nothing',
    action: 'Say when it fits',
    say: ({ transition }, _, tree) => ({
      what: `${mine(tree, transition)}: fits nothing he shows`,
      why: 'Every value of the cues here needs an answer, and this move names none of them.',
    }),
  },
  provokesGap: {
    title: 'Provoked without an answer',
    action: 'Answer it',
    say: ({ transition, value }, position, tree) => ({
      what: `${mine(tree, transition)} to make him: ${sayValue(position, value)}`,
      why: 'You provoke what you have no answer to.',
    }),
  },
  preferredNever: {
    title: 'Preferred and never',
    action: 'Show it',
    say: ({ transition, parameter, values }, _, tree) => ({
      what: `${mine(tree, transition)}, ${parameter}: ${values.join(', ')}`,
      why: 'It is on the list of what you prefer and on the list of what never.',
    }),
  },
  prevented: {
    title: 'Drawn where it cannot be done',
    action: 'Show it',
    say: ({ transition, by }, _, tree) => ({
      what: `${sayMove(indexOf(tree).transitions.get(transition)!)}: not if “${by}”`,
      why: 'That is what you say of this place itself, so it can never be done from here.',
    }),
  },
  openMidway: {
    title: 'No answer on the way',
    action: 'Show it',
    say: ({ transition, reaction, noSuchStep }, _, tree) => ({
      what: `${sayMove(indexOf(tree).transitions.get(transition)!)}, and on the way: ${reaction}`,
      why: noSuchStep ? 'It stands after a step that the move does not have.' : 'You have seen it coming, and nothing is said against it.',
    }),
  },
  openAttempt: {
    title: 'Attempts that nothing finishes',
    action: 'Say how it is finished',
    say: () => ({ what: 'Nothing of mine clears the next line from here', why: 'An attempt is only half a way: say how it is finished.' }),
  },
  grips: {
    title: 'Hands that do not add up',
    action: 'Open its grips',
    say: ({ transition, problem }, position, tree) => {
      const move = transition === null ? undefined : indexOf(tree).transitions.get(transition);
      return { ...sayProblem(problem, tree), ...(move ? { place: `${position.name}, ${sayMove(move)}` } : {}) };
    },
  },
  closedGuard: {
    title: 'Risky inside a closed guard',
    action: 'Open its grips',
    say: ({ transition, risk, step }, position, tree) => ({
      what: `${CLOSED_GUARD_WORDS[risk].what}${step > 0 ? `, step ${step}` : ''}`,
      why: CLOSED_GUARD_WORDS[risk].why,
      ...(transition === null ? {} : { place: `${position.name}, ${mine(tree, transition)}` }),
    }),
  },
  lateBranch: {
    title: 'Early and late not drawn',
    action: 'Show it',
    say: ({ missing }) => ({
      what: missing === 'noTiming' ? 'Nothing says early or late' : `No answer when I am ${missing.join(' or ')}`,
      why: 'Here one must act at once, so the same move on time and late are two branches.',
    }),
  },
  sameName: {
    title: 'One name twice',
    action: 'Rename one',
    say: ({ others }) => ({ what: `${others.length + 1} places have this name`, why: 'Branches may join the wrong one.' }),
  },
  emptyRead: {
    title: 'Reads without values',
    action: 'Say what he shows',
    say: ({ read }, position) => ({
      what: `“${position.reads.find((item) => item.id === read)!.name}” has nothing to see`,
      why: 'A read without values decides nothing.',
    }),
  },
  deadEnd: {
    title: 'Dead ends',
    action: 'Draw what he does here',
    say: () => ({ what: 'Nothing leads on from here', why: 'No way up and no ending: the climb stops in the middle.' }),
  },
  unreachable: {
    title: 'Never reached',
    action: 'Show it',
    say: () => ({ what: 'No guard leads here', why: 'Nobody will ever be taught this unless something climbs to it.' }),
  },
  necessaryHub: {
    title: 'Everything hangs on',
    action: 'Show it',
    say: ({ ends }) => ({
      what: `Every way to ${ends.map((ending) => ENDING_WORDS[ending]).join(' and ')} goes through it`,
      why: 'If an opponent shuts this place, that ending is gone.',
    }),
  },
  costlyCycle: {
    title: 'Costly loops',
    action: 'Show it',
    say: ({ to, positions }, _, tree) => ({
      what: `he gets me back to ${nameOf(tree, to)}`,
      why: `Each lap loses lines you had cleared; the shortest: ${positions.map((id) => nameOf(tree, id)).join(' → ')} → back again.`,
    }),
  },
};

export const findingTitle = (kind: FindingKind): string => WORDS[kind].title;

/** A finding as a coach would say it: where, what, what it costs, and what to do next. */
export function findingText(tree: TreeDocument, finding: Finding): FindingText {
  const position = positionOf(indexOf(tree), finding.position);
  const { action, say } = WORDS[finding.kind] as Words<FindingKind>;
  return { place: position.name, action, ...say(finding, position, tree) };
}
