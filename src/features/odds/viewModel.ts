import type { Choice, StartOdds } from '@/core/odds';
import { ENDING_WORDS, sayMine, sayShown, clock, inHundred } from '@/core/words';
import { indexOf, positionOf, type Position, type TreeDocument } from '@/core/tree';
import type { Bar } from '@/ui/BarChart';

const MINE = '#b3261e';
const HIS = '#2c5d70';
const NEITHER = '#948c7f';

/** Endings as bars, goals first, then his, then what nobody won. They sum to 1. */
export function endingBars(start: StartOdds): Bar[] {
  const bar = (label: string, value: number, color: string): Bar => ({ label, value, color, text: inHundred(value) });
  const drawn = start.endings.toSorted((a, b) => Number(b.goal) - Number(a.goal) || b.chance - a.chance);
  return [
    ...drawn.map((ending) => bar(ENDING_WORDS[ending.ends], ending.chance, ending.goal ? MINE : HIS)),
    bar('lost the exchange', start.lost, HIS),
    bar('time runs out', start.timeUp, NEITHER),
  ];
}

const LISTED_VISITS = 16;

export function visitList(tree: TreeDocument, start: StartOdds): { id: string; name: string; visits: string }[] {
  const index = indexOf(tree);
  return start.visits
    .toSorted((a, b) => b.visits - a.visits)
    .slice(0, LISTED_VISITS)
    .map(({ position, visits }) => ({
      id: position,
      name: positionOf(index, position).name,
      visits: visits < 0.05 ? 'under 0.1' : visits.toFixed(1),
    }));
}

export interface ChoiceText {
  readonly shown: string;
  readonly best: string;
  readonly worth: string;
  readonly others: string;
  readonly instead: string;
  readonly changes: string;
}

/** A choice in the coach's words. */
export function choiceText(tree: TreeDocument, position: Position, choice: Choice): ChoiceText {
  const index = indexOf(tree);
  const move = (id: string | null): string => (id === null ? 'wait for another show' : sayMine(index.transitions.get(id)!.name));
  const shown = choice.shown.map(({ read, values }) => {
    const at = position.reads.find((item) => item.id === read)!;
    const words = values.map((id) => (id === null ? 'nothing special' : at.values.find((value) => value.id === id)!.name)).join(' or ');
    return values[0] === null ? words : sayShown(at, words);
  });
  const best = choice.options.find((option) => option.transition === choice.best);
  const others = choice.options
    .filter((option) => option.transition !== choice.best && option.transition !== null)
    .toSorted((a, b) => b.worth - a.worth);
  const second = others[0];
  const first = choice.changes[0];
  return {
    shown: shown.length === 0 ? 'whatever he does' : shown.join(', '),
    best: move(choice.best),
    worth: best ? inHundred(best.worth) : '',
    others: second ? `next best: ${move(second.transition)}, ${inHundred(second.worth)}` : '',
    instead: choice.insteadOf === null ? '' : `Your order puts “${move(choice.insteadOf)}” first; the figures do not.`,
    changes: first && first.secondsLeft >= 10 ? `With ${clock(first.secondsLeft)} or less on the clock: ${move(first.best)}.` : '',
  };
}
