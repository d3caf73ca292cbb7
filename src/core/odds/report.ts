import { atOnce, partOf, type InPieces } from '../base';
import { isGoal, type Ending, type PositionId, type TransitionId, type TreeDocument } from '../tree';
import { oddsModelOf, type OddsModel, type Place } from './process/cells';
import { choiceOf, plainChoice, type Choice } from './choices';
import { kernelOf, leftOutAt } from './process/kernel';
import { facedIn, mixesOf, type Faced, type KnowingSolution } from './knowing';
import { outlooksInPieces, startsAtOnce, type Outlook } from './outlook';
import { NOWHERE_KNOWN, ODDS_QUESTION, type Elsewhere, type OddsQuestion } from './question';
import { isKnowing, policyIn, solveInPieces, valueAt, type Solution } from './solved';

export interface StartOdds {
  readonly position: PositionId;
  /** Chance in [0, 1] of finishing (reaching one of the owner's goals) before the round ends. */
  readonly value: number;
  /** The same if nothing unforeseen comes (u = 0 everywhere). No bound: an unforeseen reaction can be the better one. */
  readonly foreseen: number;
  /** Upper end of the bounds when shows were left out; equals `value` when exact. */
  readonly upper: number;
  readonly endings: readonly { readonly ends: Ending; readonly goal: boolean; readonly chance: number }[];
  /** Places that go on in another tree. */
  readonly elsewhere: number;
  /** He turned it, at a price that is not drawn. */
  readonly turned: number;
  readonly timeUp: number;
  /** Shows that were left out came up. */
  readonly leftOut: number;
  /** Expected number of times that he gets his guard back and that this leads to another place. */
  readonly recoveries: number;
  /** To the ending, or to the end of the round. */
  readonly expectedSeconds: number;
  readonly visits: readonly { readonly position: PositionId; readonly visits: number }[];
}
export interface PositionOdds {
  readonly position: PositionId;
  readonly value: number;
  /** Chance of something that has not been drawn, in [0, 1]. */
  readonly undrawn: number;
  /** Nothing leads on from here, and nothing says that it ends here: its worth is not known. */
  readonly isDrawn: boolean;
  readonly choices: readonly Choice[];
  /** What is best where the show was not read; undefined = everything is read, or he knows the game. */
  readonly unread?: TransitionId | null;
  /** What both do if he knows the game; undefined = he does not. */
  readonly mixes?: Mixes;
}
/** Chances in [0, 1] that sum to 1, of what is not 0. */
export interface Mixes {
  /** Of my options where I have not read him; null = hold. Empty = everything is read. */
  readonly mine: readonly { readonly transition: TransitionId | null; readonly chance: number }[];
  /** Of what he picks freely. */
  readonly his: readonly { readonly shown: Choice['shown']; readonly chance: number }[];
  /** He sees my choice before he picks. */
  readonly seesItFirst: boolean;
}
export interface Odds {
  readonly clock: 'round';
  readonly question: OddsQuestion;
  readonly status: 'exact' | 'bounded';
  readonly starts: readonly StartOdds[];
  readonly positions: readonly PositionOdds[];
  /** Places that go on in another tree, with what they are worth there. */
  readonly goesOn: readonly { readonly position: PositionId; readonly worth: number }[];
  /** Places that go on in another tree whose worth was taken by default. */
  readonly byDefault: readonly PositionId[];
}

interface Solved {
  readonly model: OddsModel;
  readonly solution: Solution;
  readonly foreseen: Solution;
  readonly upper: Solution;
  /** Of who knows the game. */
  readonly facedAt?: ReturnType<typeof facedIn>;
}

function startOddsOf({ model, solution, foreseen, upper }: Solved, at: number, outlook: Outlook): StartOdds {
  const { tree } = model;
  const { arrivals, visits, timeUp, leftOut, recoveries, expectedSeconds } = outlook;
  const chances = new Map<Ending, number>();
  tree.positions.forEach(({ ends }, i) => {
    if (ends) chances.set(ends, (chances.get(ends) ?? 0) + arrivals[i]!);
  });
  return {
    position: tree.positions[at]!.id,
    value: valueAt(solution, at),
    foreseen: valueAt(foreseen, at),
    upper: valueAt(upper, at),
    endings: [...chances].map(([ends, chance]) => ({ ends, goal: isGoal(tree, ends), chance })),
    elsewhere: [...model.elsewhere].reduce((sum, state) => sum + arrivals[state]!, 0),
    turned: arrivals[model.turned]!,
    ...{ timeUp, leftOut, recoveries, expectedSeconds },
    visits: tree.positions.flatMap((item, i) => (visits[i]! > 0 ? [{ position: item.id, visits: visits[i]! }] : [])),
  };
}

const leadsOn = (place: Place | null): boolean =>
  place === null || place.rows.length > 1 || place.cells.some((moments) => moments.some((cells) => cells[0]!.consequences.length > 0));

function choicesAt({ solution, facedAt }: Solved, place: Place, at: number): Choice[] {
  const { kernel, roundSeconds } = solution;
  const faced = facedAt?.(at, roundSeconds);
  const firstMoment = kernel.firstMoment[kernel.firstColumn[at]!]!;
  return place.columns.flatMap((column, c) =>
    column.moments.flatMap((moment, t) => {
      const share = column.share * moment.share;
      const show = { groups: [...column.groups, ...moment.groups], share };
      const m = kernel.firstMoment[kernel.firstColumn[at]! + c]! + t;
      const shown = { place, show, cells: place.cells[c]![t]!, m };
      // Who knows the game shows what he never shows by habit, too.
      if (isKnowing(solution)) return [plainChoice(solution, shown, faced!.best[m - firstMoment]!)];
      return share > 0 ? [choiceOf(solution, shown)] : [];
    }),
  );
}

function mixesAt(solution: KnowingSolution, place: Place, at: number, faced: Faced): Mixes {
  const { mine, his } = mixesOf(solution, at, faced);
  const isSome = ({ chance }: { readonly chance: number }): boolean => chance > 0;
  return {
    mine: solution.readAt[at]! < 1 ? place.rows.map((row, a) => ({ transition: row?.id ?? null, chance: mine[a]! })).filter(isSome) : [],
    his: place.columns
      .map(({ groups }, c) => ({ shown: groups.map(({ read, values }) => ({ read, values })), chance: his[c]! }))
      .filter(isSome),
    seesItFirst: solution.seesIt[at] === 1 && solution.readAt[at]! < 1,
  };
}

function positionOddsOf(solved: Solved, position: TreeDocument['positions'][number], at: number): PositionOdds {
  const { model, solution, facedAt } = solved;
  const { value, roundSeconds, readAt } = solution;
  const place = model.places[at]!;
  const row = roundSeconds * model.states;
  const unread = place && !isKnowing(solution) && readAt[at]! < 1 ? { unread: place.rows[solution.blind[row + at]!]?.id ?? null } : {};
  return {
    position: position.id,
    value: value[row + at]!,
    undrawn: place?.undrawn ?? 0,
    isDrawn: leadsOn(place),
    choices: place ? choicesAt(solved, place, at) : [],
    ...unread,
    ...(place && isKnowing(solution) ? { mixes: mixesAt(solution, place, at, facedAt!(at, roundSeconds)) } : {}),
  };
}

/** Odds on the round clock (MODEL §4, questions 1 and 2). `elsewhere`: what places are worth that go on in another tree. */
export const findOdds = (tree: TreeDocument, question: OddsQuestion = ODDS_QUESTION, elsewhere: Elsewhere = NOWHERE_KNOWN): Odds =>
  atOnce(findOddsInPieces(tree, question, elsewhere));

/** The same in pieces of a few milliseconds, with progress. */
export function* findOddsInPieces(tree: TreeDocument, question: OddsQuestion, elsewhere: Elsewhere = NOWHERE_KNOWN): InPieces<Odds> {
  const model = oddsModelOf(tree, elsewhere, undefined, question.points);
  yield 0;
  const kernel = kernelOf(model, false);
  yield 0;
  const solution = yield* partOf(solveInPieces(model, kernel, question), 0, 0.3);
  // To who follows his habits it is nothing that what he never shows was left out.
  const isShort = kernel.unseen.some((rows, state) => {
    if (rows === null || question.ask === 'knowing') return rows !== null;
    const { shows, moments } = leftOutAt(kernel, state);
    return shows + moments > 1e-12;
  });
  const upper = isShort ? yield* partOf(solveInPieces(model, kernel, question, 'most'), 0.3, 0.5) : solution;
  const foreseen = yield* partOf(solveInPieces(model, kernelOf(model, true), question), 0.5, 0.8);
  const solved: Solved = { model, solution, foreseen, upper, ...(isKnowing(solution) ? { facedAt: facedIn(solution) } : {}) };
  const at = new Map(tree.positions.map(({ id }, i) => [id, i]));
  const begun = tree.starts.map(({ position }) => at.get(position)!);
  const policy = policyIn(solution);
  const together = startsAtOnce(kernel, question.roundSeconds);
  const starts: StartOdds[] = [];
  for (let from = 0; from < begun.length; from += together) {
    const some = begun.slice(from, from + together);
    const progress = (done: number): number => 0.8 + (0.1 * done) / begun.length;
    const following = outlooksInPieces(kernel, policy, question.roundSeconds, some);
    const outlooks = yield* partOf(following, progress(from), progress(from + some.length));
    starts.push(...some.map((state, i) => startOddsOf(solved, state, outlooks[i]!)));
  }
  yield 0.9;
  const positions: PositionOdds[] = [];
  for (const [state, position] of tree.positions.entries()) {
    positions.push(positionOddsOf(solved, position, state));
    if (state % 50 === 0) yield 0.9 + (0.1 * state) / tree.positions.length;
  }
  const others = [...model.elsewhere].map((state) => tree.positions[state]!.id);
  const byDefault = others.filter((id) => !elsewhere.has(id));
  const goesOn = others.filter((id) => elsewhere.has(id)).map((id) => ({ position: id, worth: elsewhere.get(id)! }));
  return { clock: 'round', question, status: isShort ? 'bounded' : 'exact', starts, positions, goesOn, byDefault };
}
