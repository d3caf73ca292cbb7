import type { InPieces } from '../../base';
import type { Kernel } from '../process/kernel';
import type { OddsQuestion } from '../question';
import { SteadyWork } from './steadyWork';
import { steadyKernel } from './steadyKernel';

/** The one answer of the steady clock. Asked as an answer of the round clock is, with no seconds left. */
export interface SteadySolution {
  /** With the clock's factors in its chances. */
  readonly kernel: Kernel;
  readonly roundSeconds: number;
  /** ρ by state. */
  readonly readAt: Float64Array;
  /** λ; 0 where he follows his habits. */
  readonly freely: number;
  readonly seesIt: Uint8Array;
  /** Worth in [0, 1] by state. */
  readonly value: Float64Array;
  readonly status: 'exact' | 'budget';
  /** Largest difference that one step more would make, and how far from the truth any worth is at most. */
  readonly residual: number;
  readonly bound: number;
}

/** A residual that is as good as none. */
const EXACT = 1e-11;
const MOST_STEPS = 200;
/** What may be left of the residual after both were followed, for them to be followed again. */
const ENOUGH = 0.9;
/** A residual up to which an answer counts as exact, in parts of the chance to finish. */
const GOOD = 1e-9;

/**
 * The stationary answer on the steady clock: a discounted decision process (question 1), or a discounted stochastic game (question 2;
 * Shapley 1953). Newton's steps: what both do against the last worths, and what that is worth for ever (Pollatschek & Avi-Itzhak
 * 1969). They cycle on many large graphs, far from the answer: where one brings the residual down by less than a tenth, his mixes are
 * held while the owner answers them at his best (Hoffman & Karp 1966), which comes down to the answer from above, however slowly, until
 * a tenth is left of what was known; then both are followed again.
 * Pre: nothing of `kernel` is discounted yet. `warm`: worths to begin with, by state.
 */
export function* solveSteadyInPieces(
  kernel: Kernel,
  question: OddsQuestion,
  seesIt: Uint8Array,
  warm?: Float64Array,
): InPieces<SteadySolution> {
  return yield* solveDiscountedInPieces(steadyKernel(kernel, question.roundSeconds), question, seesIt, warm);
}

/** What is known of a process before some of its states were made anew: all have answered its worths, which are `warm`. */
export interface Begun {
  readonly work: SteadyWork;
  readonly residual: number;
  readonly states: readonly number[];
}

/** The same of a process that has the clock's factors in its chances already. */
export function* solveDiscountedInPieces(
  discounted: Kernel,
  question: OddsQuestion,
  seesIt: Uint8Array,
  warm?: Float64Array,
  begun?: Begun,
): InPieces<SteadySolution> {
  const work = new SteadyWork(discounted, question, seesIt, warm);
  const kept = { value: work.value.slice(), residual: Infinity };
  let last = Infinity;
  let isHeld = false;
  /** The best that was known when both were followed in vain. */
  let inVain = Infinity;
  for (let step = 0; step < MOST_STEPS; step++) {
    // What was not changed has its answer; whatever follows from the change is seen at the next step.
    const residual = step === 0 && begun ? Math.max(begun.residual, work.answerAnew(begun.work, begun.states)) : work.answerEach();
    yield;
    const isBetter = residual < (isHeld ? inVain / 10 : last * ENOUGH);
    if (residual < kept.residual) {
      kept.residual = residual;
      kept.value.set(work.value);
    }
    if (!isHeld && !isBetter) inVain = kept.residual;
    if (residual <= EXACT) break;
    if (isBetter) {
      isHeld = false;
      // As exact as the step itself can be: near the answer it squares what is left (inexact Newton; Dembo, Eisenstat & Steihaug 1982).
      work.followForEver(residual * Math.min(0.01, residual));
    } else {
      isHeld = true;
      work.answerHeld(residual / 3);
    }
    last = residual;
  }
  const { kernel: k, roundSeconds, readAt, freely } = work;
  const { residual } = kept;
  const status = residual <= GOOD ? 'exact' : 'budget';
  return { kernel: k, roundSeconds, readAt, freely, seesIt, value: kept.value, status, residual, bound: residual / (1 - longest(k)) };
}

/** The most of any worth that comes back after a step: how far steps bring two answers together at the least. */
function longest(k: Kernel): number {
  let most = 0;
  for (let cell = 0; cell < k.certain.length; cell++) {
    let sum = 0;
    for (let o = k.firstOutcome[cell]!; o < k.endOfLive[cell]!; o++) sum += k.chance[o]!;
    most = Math.max(most, sum);
  }
  return most;
}
