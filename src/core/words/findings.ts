import { sayProblem } from './gripProblem';
import { ENDING_WORDS, sayMine, sayMove, sayValue } from './tree';
import { indexOf, positionOf, type Read, type TreeDocument } from '../tree';
import { sharesOf } from '../odds';
import type { Finding } from '../structure';
import { inHundred } from './figures';

const SHARE_WORDS = [
  [0.1, 'rarely'],
  [0.25, 'sometimes'],
  [0.5, 'often'],
] as const;
/** The words a share can be typed in, with the chance they stand for. */
export const SHARE_CHOICES = [
  ['rarely', 0.05],
  ['sometimes', 0.15],
  ['often', 0.35],
  ['mostly', 0.6],
] as const;
/** And the chance that an answer works. */
export const WORKS_CHOICES = [
  ['hardly', 0.25],
  ['half', 0.5],
  ['mostly', 0.75],
] as const;

/** And where it does not fit, or is stopped: less, and never nothing. */
export const OFF_CHOICES = [
  ['almost never', 0.05],
  ['hardly', 0.15],
  ['sometimes', 0.3],
  ['half', 0.5],
] as const;

/** "often, 35 in 100" with where the figure comes from. */
export function shareText(read: Read, valueId: string): string {
  const value = read.values.find((item) => item.id === valueId);
  const share = sharesOf(read).find((item) => item.value === valueId)?.share ?? 0;
  if (value?.share === undefined) return `${inHundred(share)}, an equal part`;
  const word = SHARE_WORDS.find(([below]) => share < below)?.[1] ?? 'mostly';
  return `${word}, ${inHundred(share)}`;
}

/** The same below a plank, where several reads stand side by side: what is not his reaction says which read it belongs to. */
export function plankText(read: Read, valueId: string): string {
  if (read.kind === 'reaction') return shareText(read, valueId);
  const share = sharesOf(read).find((item) => item.value === valueId)?.share ?? 0;
  return `${read.name}, ${inHundred(share)}`;
}

export interface FindingText {
  readonly place: string;
  readonly what: string;
  readonly why: string;
  readonly action: string;
}

const nameList = (tree: TreeDocument, ids: readonly string[]): string => ids.map((id) => positionOf(indexOf(tree), id).name).join(' → ');

/** A finding as a coach would say it: where, what, why it matters, and what to do next. */
export function findingText(tree: TreeDocument, finding: Finding): FindingText {
  const index = indexOf(tree);
  const position = positionOf(index, finding.position);
  const place = position.name;
  switch (finding.kind) {
    case 'unanswered': {
      const falls = finding.consequences.map((id) => positionOf(index, index.transitions.get(id)!.to).name);
      const why = falls.length > 0 ? `If it works he gets to: ${falls.join(', ')}.` : 'What it costs you is not drawn either.';
      return { place, what: sayValue(position, finding.value), why, action: 'Answer it' };
    }
    case 'uncovered':
      return {
        place,
        what: Object.values(finding.combination)
          .map((id) => sayValue(position, id))
          .join(' + '),
        why: 'You have said these cues must all be answered, and nothing fits this combination.',
        action: 'Answer it',
      };
    case 'ambiguous':
      return {
        place,
        what: finding.values.map((id) => sayValue(position, id)).join(' + '),
        why: `${finding.answers.map((id) => sayMine(index.transitions.get(id)!.name)).join(' / ')}: the same priority, so you would have to think.`,
        action: 'Say which comes first',
      };
    case 'deadEnd':
      return {
        place,
        what: 'Nothing leads on from here',
        why: 'No way up and no ending: the climb stops in the middle.',
        action: 'Draw what he does here',
      };
    case 'unreachable':
      return {
        place,
        what: 'No guard leads here',
        why: 'Nobody will ever be taught this unless something climbs to it.',
        action: 'Show it',
      };
    case 'necessaryHub':
      return {
        place,
        what: `Every way to ${finding.ends.map((ending) => ENDING_WORDS[ending]).join(' and ')} goes through it`,
        why: 'If an opponent shuts this place, that ending is gone.',
        action: 'Show it',
      };
    case 'lateBranch': {
      const missing = finding.missing === 'noTiming' ? 'Nothing says early or late' : `No answer when I am ${finding.missing.join(' or ')}`;
      return {
        place,
        what: missing,
        why: 'Here one must act at once, so the same move on time and late are two branches.',
        action: 'Show it',
      };
    }
    case 'missingFact': {
      const move = sayMine(index.transitions.get(finding.transition)!.name);
      const way = finding.witness.map((id) => index.transitions.get(id)!.name).join(' → ');
      return {
        place,
        what: `${move}: needs “${finding.fact}”`,
        why: finding.neverMade
          ? 'Nothing in the tree does that.'
          : way === ''
            ? 'A round can start here without it.'
            : `Not there after: ${way}.`,
        action: 'Show it',
      };
    }
    case 'needLoop': {
      const steps = finding.transitions.map((id, i) => `${sayMine(index.transitions.get(id)!.name)} (needs “${finding.facts[i]}”)`);
      return {
        place,
        what: steps.join(' → '),
        why: 'Each of these waits for the next, the last for the first: none can ever begin.',
        action: 'Show it',
      };
    }
    case 'idleOption':
      return {
        place,
        what: `${sayMine(index.transitions.get(finding.transition)!.name)}: fits nothing he shows`,
        why: 'Every cue here must be answered wholly, and this move names none of their values.',
        action: 'Say when it fits',
      };
    case 'provokesGap':
      return {
        place,
        what: `${sayMine(index.transitions.get(finding.transition)!.name)} to make him: ${sayValue(position, finding.value)}`,
        why: 'You provoke what you have no answer to.',
        action: 'Answer it',
      };
    case 'preferredNever':
      return {
        place,
        what: `${sayMine(index.transitions.get(finding.transition)!.name)}, ${finding.parameter}: ${finding.values.join(', ')}`,
        why: 'It is on the list of what you prefer and on the list of what never.',
        action: 'Show it',
      };
    case 'grips': {
      const move = finding.transition === null ? undefined : index.transitions.get(finding.transition);
      return { place: move ? `${place}, ${sayMove(move)}` : place, ...sayProblem(finding.problem, tree), action: 'Open its grips' };
    }
    case 'sameName':
      return {
        place,
        what: `${finding.others.length + 1} places have this name`,
        why: 'Branches may join the wrong one.',
        action: 'Rename one',
      };
    case 'emptyRead': {
      const read = position.reads.find((item) => item.id === finding.read)!;
      return {
        place,
        what: `“${read.name}” has nothing to see`,
        why: 'A read without values decides nothing.',
        action: 'Say what he shows',
      };
    }
    case 'costlyCycle':
      return {
        place,
        what: `${nameList(tree, finding.positions)} → back again`,
        why: 'Each lap of this loop loses lines you had cleared.',
        action: 'Show it',
      };
  }
}

export const FINDING_KINDS = [
  ['unanswered', 'No answer'],
  ['uncovered', 'Cues not covered'],
  ['ambiguous', 'Two answers, no order'],
  ['missingFact', 'Needs something first'],
  ['needLoop', 'First this, in a circle'],
  ['idleOption', 'Moves that fit nothing'],
  ['provokesGap', 'Provoked without an answer'],
  ['preferredNever', 'Preferred and never'],
  ['grips', 'Hands that do not add up'],
  ['lateBranch', 'Act now, off time'],
  ['sameName', 'One name twice'],
  ['emptyRead', 'Reads without values'],
  ['deadEnd', 'Dead ends'],
  ['unreachable', 'Never reached'],
  ['necessaryHub', 'Everything hangs on'],
  ['costlyCycle', 'Costly loops'],
] as const;
