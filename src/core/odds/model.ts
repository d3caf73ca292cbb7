import {
  defaultsOf,
  indexOf,
  isGoal,
  landingAt,
  ownerOptions,
  opponentTransitions,
  type Defaults,
  type Position,
  type Transition,
  type TreeDocument,
  type ValueId,
} from '../tree';
import { ATTEMPT_RISK, consequencesFor, HOLD_RISK, HOLD_SECONDS, shownOf, successChance, undrawnChance } from './chances';
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

/** Adds a chance to the outcome with this state; there are never more than a handful. */
function addOutcome(outcomes: { chance: number; state: number }[], state: number, chance: number): void {
  if (chance <= 0) return;
  const known = outcomes.find((outcome) => outcome.state === state);
  if (known) known.chance += chance;
  else outcomes.push({ state, chance });
}

interface Place {
  readonly position: Position;
  readonly at: number;
  readonly lost: number;
  readonly undrawn: number;
  /** The values on show. */
  readonly shown: ReadonlySet<ValueId>;
  readonly stateOf: ReadonlyMap<string, number>;
}

/** Where an attempt with success chance `p` leads; `option` null is hold. */
function outcomesOf(place: Place, option: Transition | null, p: number, offCue: number, consequences: readonly Transition[]): Outcome[] {
  const { at, shown, lost, undrawn: u, stateOf } = place;
  const risk = (option ? ATTEMPT_RISK : HOLD_RISK)[place.position.tempo];
  const outcomes: { chance: number; state: number }[] = [];
  const fail = (chance: number, answers: readonly Transition[]): void => {
    if (option?.onFail !== undefined) addOutcome(outcomes, stateOf.get(option.onFail)!, chance);
    else if (answers.length > 0)
      for (const transition of answers) addOutcome(outcomes, stateOf.get(landingAt(transition, shown))!, chance / answers.length);
    else {
      addOutcome(outcomes, lost, chance * risk);
      addOutcome(outcomes, at, chance * (1 - risk));
    }
  };
  const unforeseen = Math.min(p, offCue);
  if (option) addOutcome(outcomes, stateOf.get(landingAt(option, shown))!, (1 - u) * p + u * unforeseen);
  fail((1 - u) * (1 - p), consequences);
  fail(u * (1 - unforeseen), []);
  return outcomes;
}

/** The options against one show, with and without the undrawn. */
function optionsAt(
  place: Omit<Place, 'shown'>,
  options: readonly Transition[],
  transitions: readonly Transition[],
  show: Show,
  defaults: Defaults,
): { real: Option[]; allDrawn: Option[] } {
  const shown = shownOf(place.position, options, show);
  const consequences = consequencesFor(transitions, shown);
  const here: Place = { ...place, shown: new Set(shown.values.values()) };
  const drawnOnly: Place = { ...here, undrawn: 0 };
  const of = (at: Place, transition: Transition | null, p: number, offCue: number, seconds: number): Option => ({
    transition,
    seconds,
    outcomes: outcomesOf(at, transition, p, offCue, consequences),
  });
  const real: Option[] = [];
  const allDrawn: Option[] = [];
  const add = (transition: Transition | null, p: number, offCue: number, seconds: number): void => {
    real.push(of(here, transition, p, offCue, seconds));
    allDrawn.push(place.undrawn === 0 ? real.at(-1)! : of(drawnOnly, transition, p, offCue, seconds));
  };
  for (const option of options) {
    const seconds = Math.max(1, Math.round(option.seconds ?? defaults.seconds));
    add(option, successChance(option, shown, defaults), option.offCue ?? defaults.offCue, seconds);
  }
  add(null, 0, 0, HOLD_SECONDS);
  return { real, allDrawn };
}

/**
 * The tree as two decision processes: as it is, and with nothing undrawn (u = 0), whose value is the optimistic bound.
 * Pre: the tree is checked. O(transitions × shows).
 */
export function oddsModelsOf(tree: TreeDocument): { real: OddsModel; allDrawn: OddsModel } {
  const index = indexOf(tree);
  const defaults = defaultsOf(tree);
  const size = tree.positions.length;
  const [lost, won] = [size, size + 1];
  const stateOf = new Map(tree.positions.map((position, i) => [position.id, i]));
  const worth = new Float64Array(size + 2).fill(Number.NaN);
  worth[lost] = 0;
  worth[won] = 1;
  const missing = new Float64Array(size);
  const real: ModelShow[][] = [];
  const allDrawn: ModelShow[][] = [];
  for (const [at, position] of tree.positions.entries()) {
    real.push([]);
    allDrawn.push([]);
    if (position.ends) {
      worth[at] = isGoal(tree, position.ends) ? 1 : 0;
      continue;
    }
    const options = ownerOptions(index, position.id).toSorted((a, b) => (b.priority ?? 0) - (a.priority ?? 0));
    const transitions = opponentTransitions(index, position.id);
    const place = { position, at, lost, undrawn: undrawnChance(position), stateOf };
    const found = showsOf(position, [...options, ...transitions]);
    missing[at] = found.missing;
    for (const show of found.shows) {
      const made = optionsAt(place, options, transitions, show, defaults);
      real[at]!.push({ ...show, options: made.real });
      allDrawn[at]!.push({ ...show, options: made.allDrawn });
    }
  }
  const shared = { tree, states: size + 2, lost, won, worth, missing };
  return { real: { ...shared, shows: real }, allDrawn: { ...shared, shows: allDrawn } };
}
