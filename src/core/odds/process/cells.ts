import { indexOf, landingAt, type Position, type Transition, type TreeDocument } from '../../tree';
import {
  ATTEMPT_RISK,
  chanceOf,
  consequencesFor,
  fitOf,
  HOLD_RISK,
  HOLD_SECONDS,
  shownOf,
  type Fit,
  type Risk,
  type Shown,
} from './chances';
import { objectiveOf, type Objective, type PointsTable } from './objective';
import { hereOf, isTaught, standingOf, type Here, type Row, type Standing } from './here';
import { unseenOf, type Unseen } from './leftOut';
import type { Elsewhere } from '../question';
import { showsOf, type Column, type Shows } from './shows';

/** A drawn consequence: he takes it with chance `chance`, it works with chance `works`, both in [0, 1]. */
export interface Consequence {
  readonly transition: Transition;
  readonly chance: number;
  readonly works: number;
  /** State number. */
  readonly to: number;
  /** What it gives besides what its place is worth, if it works. */
  readonly reward: number;
}
/** One option against one show at one moment: all that the odds know of it (MODEL §4). */
export interface Cell {
  /** Whole, ≥ 1. */
  readonly seconds: number;
  /** Null = hold. */
  readonly fit: Fit | null;
  /** Chance in [0, 1] against what is drawn, and where something unforeseen comes instead. */
  readonly success: number;
  readonly unforeseen: number;
  /** Chance in [0, 1] where it does not fit; the unforeseen one is never more than this. */
  readonly offCue: number;
  /** State numbers; -1 = none. `onFail` wins over what is drawn and over what is at risk. */
  readonly to: number;
  readonly onFail: number;
  /** What he makes of a failure, unless it was unforeseen. */
  readonly consequences: readonly Consequence[];
  /** What success gives besides what its place is worth. */
  readonly reward: number;
}
/** A position where play goes on. */
export interface Place {
  readonly position: Position;
  /** In the coach's order of preference (priority, then document order), hold last. */
  readonly rows: readonly Row[];
  readonly columns: readonly Column[];
  /** By column, moment and row. */
  readonly cells: readonly (readonly (readonly Cell[])[])[];
  /** u in [0, 1]. */
  readonly undrawn: number;
  /** What each row can come to against what was left out above the limit of shows; null = nothing was. */
  readonly unseen: readonly Unseen[] | null;
  /** Of the rows but hold, and of hold. */
  readonly risks: { readonly attempt: Risk; readonly hold: Risk };
  readonly recoversTo: number;
}

/**
 * The tree as a decision process. States are the positions in document order, then TURNED: he turned it, at a price that is not
 * drawn.
 */
export interface OddsModel {
  readonly tree: TreeDocument;
  readonly states: number;
  readonly turned: number;
  /** Worth on arrival where it ends; NaN where play goes on. */
  readonly worth: Float64Array;
  /** By state; null where it ends. */
  readonly places: readonly (Place | null)[];
  /** States that go on in another tree. */
  readonly elsewhere: ReadonlySet<number>;
  readonly objective: Objective;
}

const stateAt = ({ stateOf }: Here, id: string): number => stateOf.get(id)!;

function cellOf(here: Here, row: Row, shown: Shown, consequences: readonly Consequence[]): Cell {
  if (row === null)
    return { seconds: HOLD_SECONDS, fit: null, success: 0, unforeseen: 0, offCue: 0, to: -1, onFail: -1, consequences, reward: 0 };
  const { defaults } = here;
  const fit = fitOf(row, shown);
  const success = chanceOf(row, fit, defaults);
  const offCue = chanceOf(row, 'offCue', defaults);
  const to = stateAt(here, landingAt(row, shown.ids));
  return {
    seconds: here.secondsOf(row),
    fit,
    success,
    unforeseen: Math.min(success, offCue),
    offCue,
    to,
    reward: here.rewardOf(row, to),
    onFail: row.onFail === undefined ? -1 : stateAt(here, row.onFail),
    consequences,
  };
}

/** The cells of a position, by column, moment and row. */
function cellsOf(here: Here, position: Position, rows: readonly Row[], his: readonly Transition[], { columns }: Shows): Cell[][][] {
  return columns.map((column) =>
    column.moments.map((moment) => {
      const shown = shownOf(position, { ...moment, groups: [...column.groups, ...moment.groups] });
      const falls = consequencesFor(his, shown);
      const consequences = falls.map((transition): Consequence => {
        const to = stateAt(here, landingAt(transition, shown.ids));
        const works = chanceOf(transition, 'works', here.defaults);
        return { transition, chance: 1 / falls.length, works, to, reward: here.rewardOf(transition, to) };
      });
      return rows.map((row) => cellOf(here, row, shown, consequences));
    }),
  );
}

/** A position where play goes on, with the transitions out of it; announced ones take no part. */
export function placeAt(here: Here, at: number, position: Position, ways: readonly Transition[]): Place {
  const taught = ways.filter(isTaught);
  const options = taught.filter(({ actor }) => actor === 'owner');
  const his = taught.filter(({ actor }) => actor === 'opponent');
  const rows: Row[] = [...options.toSorted((a, b) => (b.priority ?? 0) - (a.priority ?? 0)), null];
  const shows = showsOf(position, [...options, ...his]);
  return {
    position,
    rows,
    columns: shows.columns,
    cells: cellsOf(here, position, rows, his, shows),
    undrawn: here.standing.undrawn[at]!,
    unseen: shows.isBounded ? unseenOf(here, at, position.tempo, rows, his) : null,
    risks: { attempt: ATTEMPT_RISK[position.tempo], hold: HOLD_RISK[position.tempo] },
    recoversTo: here.standing.recoversTo[at]!,
  };
}

/** Pre: the tree is checked. O(transitions × shows). Announced transitions take no part. */
export function oddsModelOf(
  tree: TreeDocument,
  elsewhere: Elsewhere,
  standing: Standing = standingOf(tree),
  points: PointsTable | undefined = undefined,
): OddsModel {
  const { from } = indexOf(tree);
  const size = tree.positions.length;
  const objective = objectiveOf(tree, points);
  const here = hereOf(tree, standing, objective);
  const worth = new Float64Array(size + 1).fill(Number.NaN);
  worth[size] = objective.turned;
  const others = new Set<number>();
  const places = tree.positions.map((position, at): Place | null => {
    if (position.ends) worth[at] = objective.ending(position.ends);
    else if (standing.isElsewhere[at] === 1) {
      worth[at] = elsewhere.get(position.id) ?? objective.elsewhere;
      others.add(at);
    }
    return Number.isNaN(worth[at]!) ? placeAt(here, at, position, from.get(position.id)!) : null;
  });
  return { tree, states: size + 1, turned: size, worth, places, elsewhere: others, objective };
}
