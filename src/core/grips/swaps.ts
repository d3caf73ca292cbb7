import type { Actor, Step } from '../tree';

const HOLDS_OUTSIDE = /hand|palm|fingers|wrist|forearm/i;

/** Whose hand is outside at a step of a grip fight: the one who holds the outside of the other's arm or hand; null = neither, or both. */
function outsideAt({ contacts }: Step): Actor | null {
  const outside = new Set(
    contacts
      .filter(({ part, athlete, target }) => target.surface === 'outside' && target.athlete !== athlete && HOLDS_OUTSIDE.test(part))
      .map(({ athlete }) => athlete),
  );
  return outside.size === 1 ? [...outside][0]! : null;
}

/** A step (from 1) from which on the outside is another's than before. */
export interface Swap {
  readonly step: number;
  readonly outside: Actor;
}
export interface GripFight {
  /** Who is outside first; null = nobody ever. */
  readonly first: Actor | null;
  readonly swaps: readonly Swap[];
}

/** Changes of the outside hand over some steps (MODEL §3, parity): after an odd number it is the other's, after an even number as at first. */
export function findGripFight(steps: readonly Step[]): GripFight {
  let now: Actor | null = null;
  let first: Actor | null = null;
  const swaps: Swap[] = [];
  steps.forEach((step, i) => {
    const outside = outsideAt(step);
    if (outside === null || outside === now) return;
    if (now === null) first = outside;
    else swaps.push({ step: i + 1, outside });
    now = outside;
  });
  return { first, swaps };
}

/** For each step how many changes there were up to it, its own included. */
export function swapsUntil(steps: readonly Step[]): number[] {
  const { swaps } = findGripFight(steps);
  return steps.map((_, i) => swaps.filter((swap) => swap.step <= i + 1).length);
}
