import type { ReadId, TransitionId, ValueId } from '../tree';
import type { Cell, Place } from './process/cells';
import type { Row } from './process/here';
import { TIE, worthOf, type RoundSolution, type Valued } from './roundClock';
import type { Show } from './process/shows';

export interface Choice {
  /** Read → values shown; null is *nothing special*. Values that no transition tells apart stand together. */
  readonly shown: readonly { readonly read: ReadId; readonly values: readonly (ValueId | null)[] }[];
  readonly share: number;
  /** null = hold. */
  readonly best: TransitionId | null;
  readonly options: readonly { readonly transition: TransitionId | null; readonly worth: number }[];
  /** The coach's own first choice for this show, where it is clearly worse than the best option. */
  readonly insteadOf: TransitionId | null;
  /** What is better from so many seconds left down to the end, if that is another option than with a full round. */
  readonly late: { readonly secondsLeft: number; readonly best: TransitionId | null } | null;
}

/** Differences of worth up to this are not worth a word. */
const NAMED = 0.005;

const idOf = (row: Row): TransitionId | null => row?.id ?? null;

/** Of the options of highest priority among those that fit the show, the best by worth; -1 = none fits. */
function firstChoice(rows: readonly Row[], cells: readonly Cell[], worths: readonly number[]): number {
  let first = -1;
  rows.forEach((row, a) => {
    if (row === null || row.isKnown || cells[a]!.fit !== 'works') return;
    const known = first < 0 ? null : rows[first]!;
    const [mine, its] = [row.priority ?? 0, known?.priority ?? 0];
    if (known === null || mine > its || (mine === its && worths[a]! > worths[first]!)) first = a;
  });
  return first;
}

/**
 * What is best late in the round: the best option b at the last second at which options differ lasts from the most seconds left at
 * which, from there down, none is better. Named only if b is not the choice of a full round and beats it by more than `NAMED`
 * somewhere there: the lattice of seconds flips near-ties many times.
 */
function lateChoice(solution: RoundSolution, place: Place, m: number, atFull: number): Choice['late'] {
  const { kernel, roundSeconds } = solution;
  const first = kernel.firstCell[m]!;
  const count = place.rows.length;
  const worths = new Float64Array(count);
  let late = -1;
  let gain = 0;
  for (let left = 1; left <= roundSeconds; left++) {
    let best = 0;
    let most = -Infinity;
    let least = Infinity;
    for (let a = 0; a < count; a++) {
      const worth = worthOf(solution, first + a, left);
      worths[a] = worth;
      if (worth > most + TIE) best = a;
      most = Math.max(most, worth);
      least = Math.min(least, worth);
    }
    if (late < 0) {
      if (most - least <= TIE) continue;
      late = best;
      if (late === atFull) return null;
    }
    if (worths[late]! < most - TIE) return gain > NAMED ? { secondsLeft: left - 1, best: idOf(place.rows[late]!) } : null;
    gain = Math.max(gain, worths[late]! - worths[atFull]!);
  }
  // As good as the choice of a full round to the very beginning, and better than it somewhere on the way.
  return late >= 0 && gain > NAMED ? { secondsLeft: roundSeconds, best: idOf(place.rows[late]!) } : null;
}

interface Shown {
  readonly place: Place;
  readonly show: Show;
  /** The options against it. */
  readonly cells: readonly Cell[];
  /** Number of the moment over all positions. */
  readonly m: number;
}

/** What each option is worth at one moment with a full round left; `chosen` is the row of the best. */
export function plainChoice(solution: Valued, { place, show, m }: Shown, chosen: number): Choice {
  const { kernel, roundSeconds } = solution;
  return {
    shown: show.groups.map(({ read, values }) => ({ read, values })),
    share: show.share,
    best: idOf(place.rows[chosen]!),
    options: place.rows.map((row, a) => ({ transition: idOf(row), worth: worthOf(solution, kernel.firstCell[m]! + a, roundSeconds) })),
    insteadOf: null,
    late: null,
  };
}

/** The choice at one moment against shares that are known, with what the coach's order and the clock have to say of it. */
export function choiceOf(solution: RoundSolution, shown: Shown): Choice {
  const { place, cells, m } = shown;
  const { kernel, roundSeconds, seen } = solution;
  const chosen = seen[roundSeconds * kernel.momentShare.length + m]!;
  const plain = plainChoice(solution, shown, chosen);
  const worths = plain.options.map(({ worth }) => worth);
  const preferred = firstChoice(place.rows, cells, worths);
  const isWorse = preferred >= 0 && worths[preferred]! < worths[chosen]! - NAMED;
  return { ...plain, insteadOf: isWorse ? idOf(place.rows[preferred]!) : null, late: lateChoice(solution, place, m, chosen) };
}
