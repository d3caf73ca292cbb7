import type { Choice } from '../odds';
import { indexOf, type Position, type TreeDocument } from '../tree';
import { clock, inHundred } from './figures';
import { sayMine, sayShown } from './tree';

export interface ChoiceText {
  readonly shown: string;
  readonly best: string;
  readonly worth: string;
  readonly others: string;
  readonly instead: string;
  readonly changes: string;
}

/** No read of his is named: it fits anything he shows. */
export const WHATEVER = 'whatever he does';
/** Everything that is not drawn. */
export const NOTHING_SPECIAL = 'nothing special';

const sayChoiceShown = (position: Position, shown: Choice['shown']): string =>
  shown
    .map(({ read, values }) => {
      const at = position.reads.find((item) => item.id === read)!;
      const name = (id: string | null): string => at.values.find((value) => value.id === id)?.name ?? NOTHING_SPECIAL;
      const words = values.map(name).join(' or ');
      return values[0] === null ? words : sayShown(at, words);
    })
    .join(', ');

/** A choice in the coach's words. */
export function choiceText(tree: TreeDocument, position: Position, choice: Choice): ChoiceText {
  const index = indexOf(tree);
  const move = (id: string | null): string => (id === null ? 'wait for another show' : sayMine(index.transitions.get(id)!.name));
  const best = choice.options.find((option) => option.transition === choice.best);
  const second = choice.options
    .filter((option) => option.transition !== choice.best && option.transition !== null)
    .toSorted((a, b) => b.worth - a.worth)[0];
  const first = choice.changes[0];
  return {
    shown: choice.shown.length === 0 ? WHATEVER : sayChoiceShown(position, choice.shown),
    best: move(choice.best),
    worth: best ? inHundred(best.worth) : '',
    others: second ? `next best: ${move(second.transition)}, ${inHundred(second.worth)}` : '',
    instead: choice.insteadOf === null ? '' : `Your order puts “${move(choice.insteadOf)}” first; the figures do not.`,
    changes: first && first.secondsLeft >= 10 ? `With ${clock(first.secondsLeft)} or less on the clock: ${move(first.best)}.` : '',
  };
}

/** "at best 34 in 100": its value if what is not drawn went well; never less than the value. */
export const sayAtBest = ({ value, optimistic }: { readonly value: number; readonly optimistic: number }): string =>
  inHundred(Math.max(value, optimistic));

/** What is kept back for what is not drawn, as a chance in [0, 1]. */
export const sayUndrawn = (undrawn: number): string =>
  undrawn > 0 ? `${inHundred(undrawn)} left for what is not drawn` : 'all he can do is drawn';

/** Between which figures the true one lies, when combinations were left out; '' = none were. */
export const sayMargin = ({ value, upper }: { readonly value: number; readonly upper: number }): string =>
  upper > value + 0.0005
    ? `Some combinations were left out, so the true figure lies between ${inHundred(value)} and ${inHundred(upper)}.`
    : '';
