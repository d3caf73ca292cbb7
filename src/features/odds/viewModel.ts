import type { StartOdds } from '@/core/odds';
import { ENDING_WORDS, inHundred } from '@/core/words';
import { indexOf, positionOf, type TreeDocument } from '@/core/tree';
import type { Bar } from '@/ui/BarChart';

const MINE = '#b3261e';
const HIS = '#2c5d70';
const NEITHER = '#948c7f';

/** Endings as bars, goals first, then his, then what nobody won. They sum to 1. */
export function endingBars(start: StartOdds): Bar[] {
  const bar = (label: string, value: number, color: string): Bar => ({ label, value, color, text: inHundred(value) });
  const some = (one: Bar): Bar[] => (one.value > 0 ? [one] : []);
  const drawn = start.endings.toSorted((a, b) => Number(b.goal) - Number(a.goal) || b.chance - a.chance);
  return [
    ...drawn.map((ending) => bar(ENDING_WORDS[ending.ends], ending.chance, ending.goal ? MINE : HIS)),
    ...some(bar('goes on in another tree', start.elsewhere, NEITHER)),
    bar('he turns it', start.turned, HIS),
    bar('time runs out', start.timeUp, NEITHER),
    ...some(bar('left out', start.leftOut, NEITHER)),
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
