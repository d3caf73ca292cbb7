import type { Kernel } from '../process/kernel';
import type { Unseen } from '../process/leftOut';

const NOTHING: Unseen = { seconds: 0, least: 0, most: 0, success: [[]], failure: [[]] };

/**
 * The steady clock: the round ends at a constant rate, one in `roundSeconds`, so that what comes after so many seconds is worth
 * exp(−seconds / roundSeconds) of it. The same process with these factors in its chances: no seconds are left to count, and everything
 * that asks for a worth with so many of them asks at 0.
 */
export function steadyKernel(kernel: Kernel, roundSeconds: number): Kernel {
  // A handful of different durations: each factor is found once.
  const factors = new Map<number, number>();
  const chance = kernel.chance.slice();
  const certain = kernel.certain.slice();
  for (let cell = 0; cell < certain.length; cell++) {
    const seconds = kernel.seconds[cell]!;
    let factor = factors.get(seconds);
    if (factor === undefined) factors.set(seconds, (factor = Math.exp(-seconds / roundSeconds)));
    certain[cell]! *= factor;
    for (let o = kernel.firstOutcome[cell]!; o < kernel.firstOutcome[cell + 1]!; o++) chance[o]! *= factor;
  }
  return {
    ...kernel,
    seconds: new Int32Array(certain.length),
    chance,
    unseen: kernel.unseen.map((rows) => rows && rows.map(() => NOTHING)),
    certain,
  };
}
