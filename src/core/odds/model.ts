import {
  defaultsOf,
  indexOf,
  isGoal,
  ownerOptions,
  opponentMoves,
  type Defaults,
  type Position,
  type Transition,
  type TreeDocument,
} from '../tree';
import { ATTEMPT_RISK, consequencesFor, HOLD_RISK, HOLD_SECONDS, successChance, undrawnChance } from './chances';
import { showsOf, type Show } from './shows';

/** What an attempt leads to: chance in [0, 1] and state number. */
interface Outcome {
  readonly chance: number;
  readonly state: number;
}
export interface Option {
  /** null = hold: wait for another show. */
  readonly transition: Transition | null;
  readonly seconds: number;
  readonly outcomes: readonly Outcome[];
}
export interface ModelShow extends Show {
  /** Owner's options in the coach's order of preference (priority, then document order), hold last. */
  readonly options: readonly Option[];
}
/**
 * The tree as a decision process. States are the positions in document order, then LOST (the exchange is lost, worth 0)
 * and WON (worth 1; only for the upper bound of what was left out).
 */
export interface OddsModel {
  readonly tree: TreeDocument;
  readonly states: number;
  readonly lost: number;
  readonly won: number;
  /** Worth of a state on arrival, for endings; NaN where play goes on. */
  readonly worth: Float64Array;
  readonly shows: readonly (readonly ModelShow[])[];
  /** Chance of shows above the limit that were left out, per position. */
  readonly missing: Float64Array;
}

export interface ModelOptions {
  /** Count what has not been drawn (u); without it V is the optimistic bound. */
  readonly undrawn: boolean;
}

class Builder {
  private readonly chances = new Map<number, number>();
  add(state: number, chance: number): void {
    if (chance > 0) this.chances.set(state, (this.chances.get(state) ?? 0) + chance);
  }
  outcomes(): Outcome[] {
    return [...this.chances].map(([state, chance]) => ({ state, chance }));
  }
}

interface Place {
  readonly position: Position;
  readonly at: number;
  readonly lost: number;
  readonly undrawn: number;
  readonly stateOf: ReadonlyMap<string, number>;
}

/** Where an attempt with success chance `p` leads; `option` null is hold. */
function outcomesOf(place: Place, option: Transition | null, p: number, offCue: number, consequences: readonly Transition[]): Outcome[] {
  const { at, lost, undrawn: u, stateOf } = place;
  const risk = (option ? ATTEMPT_RISK : HOLD_RISK)[place.position.tempo];
  const builder = new Builder();
  const fail = (chance: number, answers: readonly Transition[]): void => {
    if (option?.onFail !== undefined) builder.add(stateOf.get(option.onFail)!, chance);
    else if (answers.length > 0) for (const move of answers) builder.add(stateOf.get(move.to)!, chance / answers.length);
    else {
      builder.add(lost, chance * risk);
      builder.add(at, chance * (1 - risk));
    }
  };
  const unforeseen = Math.min(p, offCue);
  if (option) builder.add(stateOf.get(option.to)!, (1 - u) * p + u * unforeseen);
  fail((1 - u) * (1 - p), consequences);
  fail(u * (1 - unforeseen), []);
  return builder.outcomes();
}

function optionsAt(place: Place, options: readonly Transition[], moves: readonly Transition[], show: Show, defaults: Defaults): Option[] {
  const consequences = consequencesFor(moves, show);
  const attempts = options.map((option) => {
    const p = successChance(place.position, option, options, show, defaults);
    return {
      transition: option,
      seconds: Math.max(1, Math.round(option.seconds ?? defaults.seconds)),
      outcomes: outcomesOf(place, option, p, option.offCue ?? defaults.offCue, consequences),
    };
  });
  return [...attempts, { transition: null, seconds: HOLD_SECONDS, outcomes: outcomesOf(place, null, 0, 0, consequences) }];
}

/** Pre: the tree is checked. O(transitions × shows). */
export function oddsModelOf(tree: TreeDocument, { undrawn }: ModelOptions): OddsModel {
  const index = indexOf(tree);
  const defaults = defaultsOf(tree);
  const size = tree.positions.length;
  const [lost, won] = [size, size + 1];
  const stateOf = new Map(tree.positions.map((position, i) => [position.id, i]));
  const worth = new Float64Array(size + 2).fill(Number.NaN);
  worth[lost] = 0;
  worth[won] = 1;
  const missing = new Float64Array(size);
  const shows = tree.positions.map((position, at): ModelShow[] => {
    if (position.ends) {
      worth[at] = isGoal(tree, position.ends) ? 1 : 0;
      return [];
    }
    const options = ownerOptions(index, position.id).toSorted((a, b) => (b.priority ?? 0) - (a.priority ?? 0));
    const moves = opponentMoves(index, position.id);
    const place: Place = { position, at, lost, undrawn: undrawn ? undrawnChance(position) : 0, stateOf };
    const found = showsOf(position, [...options, ...moves]);
    missing[at] = found.missing;
    return found.shows.map((show) => ({ ...show, options: optionsAt(place, options, moves, show, defaults) }));
  });
  return { tree, states: size + 2, lost, won, worth, shows, missing };
}
