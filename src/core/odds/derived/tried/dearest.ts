import { partOf, type InPieces } from '../../../base';
import type { Ground } from '../ground';
import type { Tried } from './tries';

/** How many are solved anew on the round clock, and how many on the steady clock to find out which. */
export const SOLVED = 10;
const RANKED = 40;

export interface Change {
  /** Number of what was tried. */
  readonly which: number;
  /** Points of V in [-1, 1]. */
  readonly change: number;
}

/**
 * Of many things tried, those that change V most, with how much: ranked to first order on the steady clock, the first of them solved
 * there, and the first of those on the round clock, which alone is told. `sign`: −1 looks for those that lose most. `value`: of all
 * starts alike, with nothing tried.
 */
export function* dearestInPieces(ground: Ground, value: number, tries: readonly Tried[], sign: 1 | -1 = 1): InPieces<Change[]> {
  const all = tries.map((_, which) => which);
  const first = tries.length <= SOLVED ? all : yield* partOf(rankedInPieces(ground, tries, sign), 0, 0.5);
  const begun = tries.length <= SOLVED ? 0 : 0.5;
  const found: Change[] = [];
  for (const which of first) {
    const [from, to] = [found.length, found.length + 1].map((i) => begun + ((1 - begun) * i) / first.length);
    const tried = tries[which]!;
    const change = tried.length === 0 ? 0 : ground.meanOf(yield* partOf(ground.onRound(tried), from!, to!)) - value;
    found.push({ which, change });
  }
  return found.toSorted((a, b) => sign * (b.change - a.change));
}

function* rankedInPieces(ground: Ground, tries: readonly Tried[], sign: 1 | -1): InPieces<number[]> {
  const steady = yield* ground.onSteady();
  const most = (changes: readonly Change[], count: number): Change[] =>
    changes.toSorted((a, b) => sign * (b.change - a.change) || a.which - b.which).slice(0, count);
  const guessed: Change[] = [];
  for (const [which, tried] of tries.entries()) {
    guessed.push({ which, change: steady.estimate(tried) });
    if (which % 20 === 0) yield (0.3 * which) / tries.length;
  }
  const solved: Change[] = [];
  for (const { which } of most(guessed, RANKED)) {
    solved.push({ which, change: yield* steady.solved(tries[which]!) });
    yield 0.3 + (0.7 * solved.length) / RANKED;
  }
  return most(solved, SOLVED).map(({ which }) => which);
}
