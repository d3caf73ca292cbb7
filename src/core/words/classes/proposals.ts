import type { Chosen, Impossible, LeftOut, Proposal } from '../../classes';
import { indexOf, type TreeDocument } from '../../tree';
import { minutesInWords, sayUnit } from './drills';
import { plural } from '../figures';
import { sayPoints } from '../odds/advice';
import { sayMine } from '../tree';

const SHOWN = 0.0005;

/** Why a unit is in a proposed class. */
export function sayReasons(
  tree: TreeDocument,
  { unit, benefit, once, isNew, staleness, isMust, neededBy }: Chosen,
  chosen: readonly Chosen[],
): string[] {
  const { transitions } = indexOf(tree);
  const name = (key: string): string => sayUnit(tree, chosen.find((item) => item.unit.key === key)!.unit);
  const move = (id: string): string => sayMine(transitions.get(id)!.name);
  const stale =
    isNew || unit.kind === 'round' ? '' : staleness > 0.05 ? `${Math.round(staleness * 100)} in 100 of it is forgotten` : 'fresh';
  const reasons = [
    isMust ? 'You asked for it.' : '',
    benefit >= SHOWN
      ? `Its practice brings ${sayPoints(benefit)} in 100 rounds${stale === '' ? '' : `; ${stale}`}.`
      : stale === ''
        ? ''
        : `${stale[0]!.toUpperCase()}${stale.slice(1)}.`,
    isNew ? 'New to most of them.' : '',
    ...once.map(({ kind, transition, worth }) =>
      kind === 'answer'
        ? `“${move(transition)}” answers since this week what had no answer${worth >= SHOWN ? `: that cost ${sayPoints(worth).slice(1)} in 100 rounds` : ''}.`
        : kind === 'mistake'
          ? `A mistake in “${move(transition)}” was seen this week.`
          : `“${move(transition)}” is announced and not taught yet${worth >= SHOWN ? `: ${sayPoints(worth)}` : ''}.`,
    ),
    neededBy.length > 0
      ? `${neededBy.map((key) => `“${name(key)}”`).join(' and ')} ${neededBy.length === 1 ? 'builds' : 'build'} on it.`
      : '',
  ].filter((words) => words !== '');
  if (unit.kind === 'round') return [...reasons, 'A class ends with rounds from where its parts are.'];
  return reasons.length > 0 ? reasons : ['It brings a little, and fits what is left of the slot.'];
}

/** Why a unit that would bring much is left out. */
export function sayLeftOut({ why, needs, minutes }: LeftOut): string {
  if (why === 'needs') return `builds on ${plural(needs.length, 'part')} that would have to come with it`;
  if (why === 'new') return 'too much that is new in one class';
  if (why === 'phase') return 'enough of its kind is in';
  return why === 'room' ? `needs ${minutesInWords(minutes)} that are not left` : 'brings less for its minutes';
}

const GIVEN_UP = {
  place: 'No class about one place alone fits: its units are about several.',
  theme: 'Not enough of this school fits: other units are in, too.',
  shape: 'No class of the usual shape (one to four parts, one or two rounds, three to seven in all) can be made: this one has another.',
  musts: '',
};
/** What a proposal could not meet, a sentence each; `around`: minutes of warm-up and close. */
export const sayNotMet = (nameOf: (key: string) => string, { givenUp, without, needs }: Proposal, around: number): string[] => [
  ...givenUp.flatMap((item) => (GIVEN_UP[item] === '' ? [] : [GIVEN_UP[item]])),
  ...without.map((key) => `“${nameOf(key)}”, which you asked for, has no room.`),
  ...(needs === null ? [] : [`With all that you asked for the slot would have to be ${minutesInWords(Math.ceil(needs + around))}.`]),
];

/** Why there is no class at all, with the slot that would do. */
export function sayImpossible({ impossible, needs }: Impossible, around: number, hasDrills: boolean, nobodyMay: boolean): string {
  if (nobodyMay) return 'Nobody who comes may do any of these drills: look at what their cards say they must not do.';
  if (!hasDrills) return 'There is nothing to drill: the tree, as it is looked at, has no move that can be taught.';
  if (impossible === 'time' && needs !== null)
    return `No unit fits: the shortest class that can be made needs a slot of ${minutesInWords(Math.ceil(needs + around))}.`;
  return 'No class can be made of what is left: something that it must have builds on what it must not have.';
}

/** What was asked for and cannot be had here; [] = nothing. */
export const sayGone = (count: number): string[] => {
  if (count === 0) return [];
  const units = count === 1 ? 'One unit that you asked for is' : `${count} units that you asked for are`;
  return [`${units} not in the tree as it is looked at here.`];
};

/** That not all was weighed; [] = all was. */
export const sayWeighed = (weighed: number, offered: number): string[] =>
  weighed < offered ? [`Of ${offered} drills of this tree the ${weighed} that bring most for their minutes were weighed.`] : [];

/** How sure it is that no class is better. */
export const sayGap = (gap: number): string =>
  gap < 1e-6 ? 'No class of these units is worth more.' : `At most ${(gap * 100).toFixed(1)} % more could be had: the search was stopped.`;
