import { indexOf, landingsOf, type PositionId, type TransitionId, type TreeDocument } from '../tree';
import { spanOf, type Grid } from './grid';
import { assignRows, type Row } from './rows';
import { rungsOf, type Rung } from './rungs';

export interface BoardOptions {
  readonly grid: Grid;
  /** Positions shown; absent = all. */
  readonly only?: ReadonlySet<PositionId>;
  /** Columns of an earlier layout: what was there stays in its order. */
  readonly previous?: ReadonlyMap<PositionId, number>;
  /** The tree whose answers decide where things stand, if not all of them are drawn: a filter then moves nothing. */
  readonly arrangedBy?: TreeDocument;
  /** Show every sub-row instead of folding the fourth and later ones. */
  readonly unfold?: boolean;
}

export interface Draft {
  readonly grid: Grid;
  readonly rungs: readonly Rung[];
  /** Owner's transitions between shown rungs as [from, to, id]: those that arrange, and those that are drawn. */
  readonly drawn: readonly (readonly [number, number, TransitionId])[];
  readonly answers: readonly (readonly [number, number, TransitionId])[];
  readonly falls: readonly (readonly [number, number, TransitionId])[];
  readonly spans: readonly number[];
  readonly rows: readonly Row[];
}

/** Pass 1: what is shown, in which rows. Post: heights are those of the lines held. */
export function draftOf(tree: TreeDocument, { grid, only, arrangedBy = tree }: BoardOptions): Draft {
  const rungs = rungsOf(tree, only);
  const numberOf = new Map(rungs.map((rung, i) => [rung.id, i]));
  const pairs = (from: TreeDocument, actor: 'owner' | 'opponent') =>
    rungs
      .flatMap((rung) => indexOf(from).from.get(rung.id) ?? [])
      .filter((t) => t.actor === actor)
      .flatMap((t) => landingsOf(t).flatMap((to) => (numberOf.has(to) ? [[numberOf.get(t.from)!, numberOf.get(to)!, t.id] as const] : [])));
  const spans = rungs.map((rung) => spanOf(grid, rung));
  const answers = pairs(arrangedBy, 'owner');
  const rows = assignRows({ rungs, answers: answers.map(([from, to]) => [from, to]), spans, columns: grid.columns });
  return { grid, rungs, answers, drawn: arrangedBy === tree ? answers : pairs(tree, 'owner'), falls: pairs(tree, 'opponent'), spans, rows };
}
