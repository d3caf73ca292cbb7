import { athleteOf, isGoal, type Actor, type Ending, type RuleSet, type TransitionKind, type TreeDocument } from '../../tree';
import { ELSEWHERE } from '../question';

/** What a rule card gives points for. */
export type PointsTable = RuleSet['points'];

/** What is worth how much to the tree's owner (MODEL §4, worth). */
export interface Objective {
  /** On arrival at an ending. */
  readonly ending: (ends: Ending) => number;
  /** Of a success of this kind that leads to a place which ends so, or goes on; beside what the ending gives. */
  readonly move: (actor: Actor, kind: TransitionKind, ends: Ending | undefined) => number;
  /** He turned it. */
  readonly turned: number;
  /** A place that goes on in another tree that is not at hand. */
  readonly elsewhere: number;
}

/** What an ending counts as where the table does not list it itself. */
const STAND_IN: { readonly [K in Ending]?: TransitionKind } = { swept: 'sweep', settled: 'pass', submitted: 'submission' };
/** A submission, where the table has none. */
const SUBMISSION = 20;

/** Control: goals are worth 1. */
const controlOf = (tree: TreeDocument): Objective => ({
  ending: (ends) => (isGoal(tree, ends) ? 1 : 0),
  move: () => 0,
  turned: 0,
  elsewhere: ELSEWHERE,
});

function pointsObjective(tree: TreeDocument, table: PointsTable): Objective {
  const listed = (what: string | undefined): number | undefined => table.find((item) => item.for === what)?.points;
  const known = (ends: Ending): number | undefined => {
    const own = listed(ends) ?? listed(STAND_IN[ends]);
    return own ?? (ends === 'submission' || ends === 'submitted' ? SUBMISSION : undefined);
  };
  return {
    ending: (ends) => (isGoal(tree, ends) ? 1 : -1) * (known(ends) ?? 0),
    // Never both for one arrival: an ending that the table lists gives its own.
    move: (actor, kind, ends) => (ends !== undefined && known(ends) !== undefined ? 0 : (actor === 'owner' ? 1 : -1) * (listed(kind) ?? 0)),
    turned: -(known(athleteOf(tree, 'owner') === 'passer' ? 'swept' : 'settled') ?? 0),
    elsewhere: 0,
  };
}

/** Points where a table is given, else control. */
export const objectiveOf = (tree: TreeDocument, points: PointsTable | undefined): Objective =>
  points === undefined ? controlOf(tree) : pointsObjective(tree, points);
