import type { Ended, RoundEvent, Rounds, ToldRound } from '../../odds';
import { wilson } from '../../odds';
import { indexOf, positionOf, type TreeDocument } from '../../tree';
import { clock, inHundred } from '../figures';
import { sayChoiceShown } from './odds';
import { asSentence, sayMine, sayMove } from '../tree';
import { ENDING_WORDS } from '../vocabulary';

const ENDED_WORDS: { readonly [K in Exclude<Ended, keyof typeof ENDING_WORDS>]: string } = {
  elsewhere: 'it goes on in another tree',
  turned: 'he turns it, which is not drawn',
  timeUp: 'time runs out',
};
export const sayEnded = (ended: Ended): string =>
  ended in ENDING_WORDS ? ENDING_WORDS[ended as keyof typeof ENDING_WORDS] : ENDED_WORDS[ended as keyof typeof ENDED_WORDS];

export interface EventText {
  /** "0:42" */
  readonly at: string;
  readonly place: string;
  /** What he did, what I did, how it went: each a sentence. */
  readonly said: readonly string[];
}

function sayHow(tree: TreeDocument, event: RoundEvent): string {
  const { happened, transition, to } = event;
  const index = indexOf(tree);
  const where = to === null ? '' : positionOf(index, to).name;
  const elsewhere = to === event.position ? '' : `, ${where}`;
  if (happened === null) return 'Time runs out.';
  if (happened.how === 'worked') return `It works: ${where}.`;
  // Waiting cannot fail: something happens meanwhile.
  const fails = transition === null ? '' : 'It fails: ';
  if (happened.how === 'fell') return asSentence(`${fails}${sayMove(index.transitions.get(happened.transition)!)}, to ${where}`);
  if (happened.how === 'failedTo') return asSentence(`${fails}${where}`);
  if (happened.how === 'turned') return asSentence(`${fails}he turns it`);
  if (happened.how === 'recovered') return asSentence(`${fails}he gets his guard back${elsewhere}`);
  return asSentence(`${fails}nothing changes`);
}

/** One exchange of a told round. */
export function eventText(tree: TreeDocument, event: RoundEvent): EventText {
  const index = indexOf(tree);
  const position = positionOf(index, event.position);
  const shown = event.unforeseen
    ? ['Something comes that is not drawn.']
    : event.shown.length > 0
      ? [asSentence(sayChoiceShown(position, event.shown))]
      : [];
  const move = event.transition === null ? 'I wait for another show' : sayMine(index.transitions.get(event.transition)!.name);
  return {
    at: clock(event.at),
    place: position.name,
    said: [...shown, asSentence(event.isRead ? move : `I do not see it: ${move}`), sayHow(tree, event)],
  };
}

/** How a told round ended. */
export const sayRoundEnd = ({ ended, seconds }: ToldRound): string => asSentence(`${clock(seconds)}: ${sayEnded(ended)}`);

/** What was counted, with how sure it is: "3,104 of 10,000 rounds finished: 31 in 100, surely between 30 and 32". */
export function sayCounted({ finished, count }: Pick<Rounds, 'finished' | 'count'>): string {
  const { low, high } = wilson(finished, count);
  const whole = (n: number): string => String(n).replace(/\B(?=(\d{3})+$)/g, ',');
  const share = `${whole(finished)} of ${whole(count)} rounds finished: ${inHundred(finished / count)}`;
  return `${share}; by what is counted alone, between ${(low * 100).toFixed(1)} and ${(high * 100).toFixed(1)}.`;
}
