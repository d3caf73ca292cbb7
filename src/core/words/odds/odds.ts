import type { Choice, Margin, Odds } from '../../odds';
import type { Filter } from '../../lens';
import { defaultsOf, indexOf, type Position, type TreeDocument, type TreeIndex } from '../../tree';
import { clock, inHundred, plural } from '../figures';
import { sayMine, sayShown } from '../tree';

export interface ChoiceText {
  readonly shown: string;
  readonly best: string;
  readonly worth: string;
  readonly others: string;
  readonly instead: string;
  readonly late: string;
}

/** No read of his is named: it fits anything he shows. */
export const WHATEVER = 'whatever he does';
/** Everything that is not drawn. */
export const NOTHING_SPECIAL = 'nothing special';

/** "he frames, inside knee across". */
export const sayChoiceShown = (position: Position, shown: Choice['shown']): string =>
  shown
    .map(({ read, values }) => {
      const at = position.reads.find((item) => item.id === read)!;
      const name = (id: string | null): string => at.values.find((value) => value.id === id)?.name ?? NOTHING_SPECIAL;
      const words = values.map(name).join(' or ');
      return values[0] === null ? words : sayShown(at, words);
    })
    .join(', ');

/** An option of mine; null = wait. */
export const sayOption = ({ transitions }: TreeIndex, id: string | null): string =>
  id === null ? 'wait for another show' : sayMine(transitions.get(id)!.name);

/** A choice in the coach's words. */
export function choiceText(tree: TreeDocument, position: Position, choice: Choice): ChoiceText {
  const index = indexOf(tree);
  const move = (id: string | null): string => sayOption(index, id);
  const best = choice.options.find((option) => option.transition === choice.best);
  const second = choice.options.filter((option) => option.transition !== choice.best).toSorted((a, b) => b.worth - a.worth)[0];
  const { late } = choice;
  return {
    shown: choice.shown.length === 0 ? WHATEVER : sayChoiceShown(position, choice.shown),
    best: move(choice.best),
    worth: best ? inHundred(best.worth) : '',
    others: second ? `next best: ${move(second.transition)}, ${inHundred(second.worth)}` : '',
    instead: choice.insteadOf === null ? '' : `Your order puts “${move(choice.insteadOf)}” first; the figures do not.`,
    late: late ? `With ${clock(late.secondsLeft)} or less on the clock: ${move(late.best)}.` : '',
  };
}

/** The value if nothing unforeseen came; '' = it would say the same. */
export const sayForeseen = ({ value, foreseen }: { readonly value: number; readonly foreseen: number }): string =>
  inHundred(value) === inHundred(foreseen) ? '' : `${inHundred(foreseen)} if nothing unforeseen comes`;

/** What stands for the places that go on in another tree. */
export function sayElsewhere(tree: TreeDocument, { goesOn, byDefault }: Pick<Odds, 'goesOn' | 'byDefault'>): string {
  const { positions } = indexOf(tree);
  const known = goesOn.map(
    ({ position, worth }) =>
      `“${positions.get(position)?.name ?? position}” goes on in another tree, and is worth ${inHundred(worth)} there.`,
  );
  const many =
    byDefault.length > 1
      ? `${byDefault.length} places go on in trees that are not at hand, and count`
      : '1 place goes on in a tree that is not at hand, and counts';
  return [...known, ...(byDefault.length > 0 ? [`${many} as one half.`] : []), ''].join(' ');
}

/** "Oren Vask", or who is meant where nobody was named. */
export function sayAgainst(tree: Pick<TreeDocument, 'profiles'>, { profiles = [], against = [] }: Filter): string {
  const named = (tree.profiles ?? []).filter(({ id, of }) => (of === 'opponent' && profiles.includes(id)) || against.includes(id));
  return named.length === 0 ? 'a typical opponent' : named.map(({ name }) => name).join(' and ');
}

/** "works 60, off its cue 20, stopped 5 in 100; 20 seconds": what counts in this tree where nothing is typed. */
export function sayDefaults(tree: TreeDocument): string {
  const { works, offCue, stopped, seconds } = defaultsOf(tree);
  const part = (chance: number): string => String(Math.round(chance * 100));
  return `works ${part(works)}, off its cue ${part(offCue)}, stopped ${part(stopped)} in 100; ${plural(seconds, 'second')}`;
}

/** What a place is worth, where it is known. */
export const sayWorth = ({ value, isDrawn }: { readonly value: number; readonly isDrawn: boolean }): string =>
  isDrawn ? inHundred(value) : 'not drawn';

/** What is kept back for what is not drawn, as a chance in [0, 1]. */
export const sayUndrawn = (undrawn: number): string =>
  undrawn > 0 ? `${inHundred(undrawn)} left for what is not drawn` : 'all he can do is drawn';

/** Between which figures the true one lies, when combinations were left out; '' = none were. */
export const sayMargin = ({ value, upper }: { readonly value: number; readonly upper: number }): string =>
  upper > value + 0.0005
    ? `Some combinations were left out, so the true figure lies between ${inHundred(value)} and ${inHundred(upper)}.`
    : '';

/** How sure a figure is, by how sure its chances are; "about 31 in 100" where both ends are the same. */
export function sayBetween({ low, high }: Pick<Margin, 'low' | 'high'>): string {
  const [least, most] = [Math.round(low * 100), Math.round(high * 100)];
  return least === most ? `about ${inHundred(low)}` : `between ${least} and ${most} in 100`;
}
