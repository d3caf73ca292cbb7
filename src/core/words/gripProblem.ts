import { indexOf, type ContactRule, type TreeDocument } from '../tree';
import { sayMove, sayValue } from './tree';
import { sayContact, sayLimb, sayTarget, sayRule } from '../contacts';
import type { GripProblem } from '../grips';

/** A problem as a coach would say it: what, with step, limb and target, and why it matters. Ids are named with the tree. */
export function sayProblem(problem: GripProblem, tree?: TreeDocument): { readonly what: string; readonly why: string } {
  const { step, contacts, word } = problem;
  const index = tree && indexOf(tree);
  const nameOf = (id: string): string => {
    const transition = index?.transitions.get(id);
    return transition ? sayMove(transition) : id;
  };
  const valueOf = (id: string): string => {
    const place = tree?.positions.find((position) => position.reads.some((read) => read.values.some((value) => value.id === id)));
    return place ? sayValue(place, id) : id;
  };
  const whenOf = (rule: ContactRule): string =>
    rule.kind !== 'hold' && (rule.whenValues ?? []).length > 0
      ? `You said this must hold if ${rule.whenValues!.map(valueOf).join(' or ')}`
      : 'You said this must hold';
  const at = step > 0 ? `Step ${step}: ` : '';
  const first = contacts[0];
  const limb = first ? sayLimb(first) : '';
  const target = first ? sayTarget(first) : '';
  switch (problem.kind) {
    case 'doubleBooked':
      return {
        what: `${at}${limb} holds ${contacts.map((contact) => sayTarget(contact)).join(' and ')} at once`,
        why: 'One hand holds one thing. Say which, or make them one bundle.',
      };
    case 'ruleBroken': {
      const { rule, steps = [] } = problem;
      const { letsIn } = rule!.kind === 'hold' ? {} : rule!;
      const opens = letsIn === undefined ? '' : ` It lets in: ${nameOf(letsIn)}.`;
      return { what: `Step ${steps.join(', ')}: “${rule!.name ?? sayRule(rule!)}” is not kept`, why: `${whenOf(rule!)}.${opens}` };
    }
    case 'nothingHeld':
      return { what: `${at}nobody holds anything`, why: 'A step without a hold cannot be shown or checked.' };
    case 'unknownSpot':
      return { what: `${at}${limb} holds “${word}”, which is no known spot`, why: 'Nothing can be counted on a spot that only you know.' };
    case 'unknownLimb':
      return { what: `${at}“${limb}” on ${target}: nobody has such a limb`, why: 'Say left or right, and a part of the body.' };
    case 'sidesContradict':
      return { what: `${at}${limb} holds ${target}: ${word} are two sides`, why: 'One of the two is meant.' };
    case 'ownArm':
      return { what: `${at}${limb} holds ${target}, on the same arm`, why: 'A hand does not reach its own arm.' };
    case 'clothGone':
      return { what: `${at}${sayContact(first!)} is cloth`, why: 'This is without the jacket, and nothing stands in its place.' };
    case 'arrivesWithout':
      return { what: `${at}arrives without ${limb} on ${target}`, why: 'The place it lands in says that you hold it there.' };
    case 'manySteps':
      return { what: `${word} steps in one move`, why: 'Nobody keeps so many apart; cut it into two moves.' };
  }
}
