import { atOnce, type InPieces } from '../base';
import { isGoal, type Ending, type PositionId, type ReadId, type TransitionId, type TreeDocument, type ValueId } from '../tree';
import { undrawnChance } from './chances';
import { oddsModelsOf, type ModelShow, type OddsModel } from './model';
import { optionWorths, outlookFrom, solveRoundInPieces, type RoundSolution } from './roundClock';

export interface StartOdds {
  readonly position: PositionId;
  /** Chance in [0, 1] of finishing (reaching one of the owner's goals) before the round ends. */
  readonly value: number;
  /**
   * The same with u = 0 everywhere: the optimistic bound. It can lie below `value` where drawn falls are so bad that an
   * unforeseen reaction, which has no fall of its own, hurts less.
   */
  readonly optimistic: number;
  /** Upper end of the bounds when shows were left out; equals `value` when exact. */
  readonly upper: number;
  readonly endings: readonly { readonly ends: Ending; readonly goal: boolean; readonly chance: number }[];
  /** The exchange is lost without a drawn consequence. */
  readonly lost: number;
  readonly timeUp: number;
  readonly expectedSeconds: number;
  readonly visits: readonly { readonly position: PositionId; readonly visits: number }[];
}

export interface Choice {
  /** Read → values shown; null is *nothing special*. Values that no transition tells apart stand together. */
  readonly shown: readonly { readonly read: ReadId; readonly values: readonly (ValueId | null)[] }[];
  readonly share: number;
  /** null = hold. */
  readonly best: TransitionId | null;
  readonly options: readonly { readonly transition: TransitionId | null; readonly worth: number }[];
  /** The coach's own preference for this show, where it differs from the best option. */
  readonly insteadOf: TransitionId | null;
  /** Where the best option changes when time is short: from this many seconds left downwards. */
  readonly changes: readonly { readonly secondsLeft: number; readonly best: TransitionId | null }[];
}

export interface Odds {
  readonly clock: 'round';
  readonly roundSeconds: number;
  readonly status: 'exact' | 'bounded';
  readonly starts: readonly StartOdds[];
  readonly positions: readonly {
    readonly position: PositionId;
    readonly value: number;
    readonly undrawn: number;
    readonly choices: readonly Choice[];
  }[];
}

/** The option the coach would take: the highest priority among those that name something shown and fit it, if one stands out. */
function coachPreference(show: ModelShow): TransitionId | null {
  const fitting = show.options.flatMap(({ transition }) => {
    if (!transition?.when) return [];
    const fits = Object.entries(transition.when).every(([read, values]) => {
      const group = show.groups.find((item) => item.read === read);
      return group?.values.some((value) => value !== null && values.includes(value)) ?? false;
    });
    return fits ? [transition] : [];
  });
  const [first, second] = fitting;
  return first && (!second || (first.priority ?? 0) > (second.priority ?? 0)) ? first.id : null;
}

function changesOf(solution: RoundSolution, show: ModelShow, s: number): Choice['changes'] {
  const showCount = solution.kernel.share.length;
  const changes: { secondsLeft: number; best: TransitionId | null }[] = [];
  let current = solution.choice[solution.roundSeconds * showCount + s]!;
  for (let left = solution.roundSeconds - 1; left > 0; left--) {
    const chosen = solution.choice[left * showCount + s]!;
    if (chosen === current) continue;
    current = chosen;
    changes.push({ secondsLeft: left, best: show.options[chosen]!.transition?.id ?? null });
  }
  return changes;
}

function choiceOf(solution: RoundSolution, show: ModelShow, s: number): Choice {
  const chosen = solution.choice[solution.roundSeconds * solution.kernel.share.length + s]!;
  const best = show.options[chosen]!.transition?.id ?? null;
  const worths = optionWorths(solution, s);
  const preferred = coachPreference(show);
  return {
    shown: show.groups.map((group) => ({ read: group.read, values: group.values })),
    share: show.share,
    best,
    options: show.options.map((option, i) => ({ transition: option.transition?.id ?? null, worth: worths[i]! })),
    insteadOf: preferred !== null && preferred !== best ? preferred : null,
    changes: changesOf(solution, show, s),
  };
}

function startOddsOf(
  model: OddsModel,
  solution: RoundSolution,
  optimistic: RoundSolution,
  upper: RoundSolution,
  position: PositionId,
): StartOdds {
  const { tree } = model;
  const at = tree.positions.findIndex((item) => item.id === position);
  const outlook = outlookFrom(solution, at);
  const row = solution.roundSeconds * model.states;
  const chances = new Map<Ending, number>();
  tree.positions.forEach((item, i) => {
    if (item.ends) chances.set(item.ends, (chances.get(item.ends) ?? 0) + outlook.arrivals[i]!);
  });
  return {
    position,
    value: solution.value[row + at]!,
    optimistic: optimistic.value[row + at]!,
    upper: upper.value[row + at]!,
    endings: [...chances].map(([ends, chance]) => ({ ends, goal: isGoal(tree, ends), chance })),
    lost: outlook.arrivals[model.lost]!,
    timeUp: outlook.timeUp,
    expectedSeconds: outlook.expectedSeconds,
    visits: tree.positions.flatMap((item, i) => (outlook.visits[i]! > 0 ? [{ position: item.id, visits: outlook.visits[i]! }] : [])),
  };
}

/** A part of the work, its progress told as that part of the whole. */
function* partOf<T>(work: InPieces<T>, from: number, to: number): InPieces<T> {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    yield typeof step.value === 'number' ? from + (to - from) * step.value : undefined;
  }
}

/** What the odds are asked for. The one list of it: whoever asks says all of it, so that a number added here does not compile elsewhere. */
export interface OddsQuestion {
  /** 1 … 3600 */
  readonly roundSeconds: number;
}
/** What is asked when nobody chose. */
export const ODDS_QUESTION: OddsQuestion = { roundSeconds: 300 };

/** Odds against this opponent on the round clock, reading skill 1 (MODEL §4, question 1). */
export const findOdds = (tree: TreeDocument, question: OddsQuestion = ODDS_QUESTION): Odds => atOnce(findOddsInPieces(tree, question));

/** The same in pieces of a few milliseconds, with progress. */
export function* findOddsInPieces(tree: TreeDocument, { roundSeconds }: OddsQuestion): InPieces<Odds> {
  const { real: model, allDrawn: bound } = oddsModelsOf(tree);
  yield 0;
  const solution = yield* partOf(solveRoundInPieces(model, roundSeconds), 0, 0.3);
  const bounded = model.missing.some((chance) => chance > 0);
  const upper = bounded ? yield* partOf(solveRoundInPieces(model, roundSeconds, 1), 0.3, 0.5) : solution;
  const allDrawn = yield* partOf(solveRoundInPieces(bound, roundSeconds, 1), 0.5, 0.8);
  const row = roundSeconds * model.states;
  const starts: StartOdds[] = [];
  for (const [i, start] of tree.starts.entries()) {
    starts.push(startOddsOf(model, solution, allDrawn, upper, start.position));
    yield 0.8 + (0.1 * i) / tree.starts.length;
  }
  const positions: Odds['positions'][number][] = [];
  for (const [at, position] of tree.positions.entries()) {
    positions.push({
      position: position.id,
      value: solution.value[row + at]!,
      undrawn: position.ends ? 0 : undrawnChance(position),
      choices: model.shows[at]!.map((show, i) => choiceOf(solution, show, solution.firstShow[at]! + i)),
    });
    if (at % 50 === 0) yield 0.9 + (0.1 * at) / tree.positions.length;
  }
  return { clock: 'round', roundSeconds, status: bounded ? 'bounded' : 'exact', starts, positions };
}
