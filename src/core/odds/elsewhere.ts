import { partOf, type InPieces } from '../base';
import { indexOf, type PositionId, type TreeDocument } from '../tree';
import { oddsModelOf } from './process/cells';
import { goesElsewhere } from './process/here';
import { kernelOf } from './process/kernel';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from './question';
import { findSteadyOdds } from './steady/report';
import { solveInPieces, valueAt } from './solved';

/** What each place of a tree is worth with a full round left. */
export type Worths = ReadonlyMap<PositionId, number>;

/** The same on the steady clock. */
export function* steadyWorths(tree: TreeDocument, question: OddsQuestion): InPieces<Worths> {
  yield 0;
  return new Map(findSteadyOdds(tree, question).positions.map(({ position, value }) => [position, value]));
}

/** Where play leaves the tree for another one, with nothing here that is taught. */
export function linksElsewhere(
  tree: TreeDocument,
): readonly { readonly position: PositionId; readonly tree: string; readonly to: PositionId }[] {
  const { from } = indexOf(tree);
  return tree.positions.flatMap((position) =>
    position.continuesIn && goesElsewhere(position, from.get(position.id)!)
      ? [{ position: position.id, tree: position.continuesIn.tree, to: position.continuesIn.position }]
      : [],
  );
}

/** The worth of every place of another tree, on the round clock; what goes on out of that one counts by default. */
export function* worthsInPieces(tree: TreeDocument, question: OddsQuestion): InPieces<Worths> {
  const model = oddsModelOf(tree, NOWHERE_KNOWN, undefined, question.points);
  const solution = yield* solveInPieces(model, kernelOf(model, false), question);
  return new Map(tree.positions.map(({ id }, at) => [id, valueAt(solution, at)]));
}

/** Other trees that are at hand, as they are looked at, by id. */
export type Others = ReadonlyMap<string, TreeDocument>;

/**
 * What the places are worth that go on in another tree, of those that are at hand (MODEL §4, worth); what is not there counts by
 * default. `worths`: how those of another tree are found.
 */
export function* elsewhereInPieces(
  tree: TreeDocument,
  question: OddsQuestion,
  others: Others,
  worths: typeof worthsInPieces = worthsInPieces,
): InPieces<Elsewhere> {
  const links = linksElsewhere(tree);
  const trees = [...new Set(links.map((link) => link.tree))].filter((id) => others.has(id));
  const known = new Map<string, Worths>();
  for (const [i, id] of trees.entries())
    known.set(id, yield* partOf(worths(others.get(id)!, question), i / trees.length, (i + 1) / trees.length));
  return new Map(
    links.flatMap(({ position, tree: id, to }): [PositionId, number][] => {
      const worth = known.get(id)?.get(to);
      return worth === undefined ? [] : [[position, worth]];
    }),
  );
}
