import { atOnce, groupBy, partOf, type InPieces } from '../../base';
import type { PositionId, ReadId, TransitionId, TreeDocument, ValueId } from '../../tree';
import { oddsModelOf, standingOf, type Standing } from '../cells';
import { kernelOf } from '../kernel';
import { worthOfPractice } from './practice';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from '../question';
import { solveInPieces, valueAt, type Solution } from '../solved';
import { withTaught, withoutShows } from './tried';

/** Something without an answer. */
export interface Gap {
  readonly position: PositionId;
  readonly read: ReadId;
  readonly value: ValueId;
}
/** What could be worked on, with what it brings: points of V in [-1, 1], over all starts alike. */
export type Advice =
  | ({ readonly kind: 'gap'; readonly worth: number } & Gap)
  /** All gaps of a position together: closing one of several may bring nothing where he picks, since he shows another. */
  | { readonly kind: 'gaps'; readonly position: PositionId; readonly values: readonly Gap[]; readonly worth: number }
  | { readonly kind: 'teach'; readonly transition: TransitionId; readonly worth: number }
  | { readonly kind: 'practise'; readonly transition: TransitionId; readonly worth: number };

/** What is stated as an improvement of a move's own chance. */
export const PRACTISED = 0.1;

/** The question asked of trees that differ in one thing, in points of the mean over the starts. */
class Trial {
  private readonly starts: readonly number[];
  private readonly standing: Standing;

  constructor(
    private readonly tree: TreeDocument,
    private readonly question: OddsQuestion,
    private readonly elsewhere: Elsewhere,
  ) {
    const at = new Map(tree.positions.map(({ id }, i) => [id, i]));
    this.starts = tree.starts.map(({ position }) => at.get(position)!);
    this.standing = standingOf(tree);
  }

  /** Worth of all starts alike. Pre: there is one. */
  private mean(solution: Solution): number {
    return this.starts.reduce((sum, state) => sum + valueAt(solution, state), 0) / this.starts.length;
  }
  *valueOf(tree: TreeDocument): InPieces<number> {
    const model = oddsModelOf(tree, this.elsewhere, this.standing);
    return this.mean(yield* solveInPieces(model, kernelOf(model, false), this.question));
  }
  *asItIs(): InPieces<{ value: number; practice: ReadonlyMap<TransitionId, number> }> {
    const model = oddsModelOf(this.tree, this.elsewhere, this.standing);
    const solution = yield* solveInPieces(model, kernelOf(model, false), this.question);
    return { value: this.mean(solution), practice: worthOfPractice(model, solution, this.starts) };
  }
}

function* triedInPieces(
  tree: TreeDocument,
  gaps: readonly Gap[],
  isPicked: boolean,
  value: (of: TreeDocument) => InPieces<number>,
): InPieces<Advice[]> {
  const found: Advice[] = [];
  const byPlace = groupBy(gaps, ({ position }) => position);
  const together = isPicked ? [...byPlace].filter(([, values]) => values.length > 1) : [];
  const announced = tree.transitions.filter(({ announced: isOnlyNamed, actor }) => isOnlyNamed === true && actor === 'owner');
  const count = gaps.length + together.length + announced.length;
  function* next(of: TreeDocument): InPieces<number> {
    const at = found.length;
    return yield* partOf(value(of), at / count, (at + 1) / count);
  }
  for (const gap of gaps) found.push({ kind: 'gap', ...gap, worth: yield* next(withoutShows(tree, gap.position, [gap])) });
  for (const [position, values] of together)
    found.push({ kind: 'gaps', position, values, worth: yield* next(withoutShows(tree, position, values)) });
  for (const { id } of announced) found.push({ kind: 'teach', transition: id, worth: yield* next(withTaught(tree, id)) });
  return found;
}

/**
 * What to work on, what brings most first (MODEL §4, derived): the price of every gap, the worth of teaching every announced branch
 * (both solved anew), and the pay-off of practising a move by `PRACTISED` (first order). What he recovers to and how much is not drawn
 * stay what they are. `gaps` are those that the tree has.
 */
export function* findAdviceInPieces(
  tree: TreeDocument,
  gaps: readonly Gap[],
  question: OddsQuestion,
  elsewhere: Elsewhere = NOWHERE_KNOWN,
): InPieces<readonly Advice[]> {
  if (tree.starts.length === 0) return [];
  const trial = new Trial(tree, question, elsewhere);
  const { value, practice } = yield* partOf(trial.asItIs(), 0, 0.05);
  const tried = yield* partOf(
    triedInPieces(tree, gaps, question.ask === 'knowing', (of) => trial.valueOf(of)),
    0.05,
    1,
  );
  const practised = [...practice].map(([transition, slope]): Advice => ({ kind: 'practise', transition, worth: slope * PRACTISED }));
  return [...tried.map((item) => ({ ...item, worth: item.worth - value })), ...practised].toSorted((a, b) => b.worth - a.worth);
}

/** The same at once. */
export const findAdvice = (tree: TreeDocument, gaps: readonly Gap[], question: OddsQuestion): readonly Advice[] =>
  atOnce(findAdviceInPieces(tree, gaps, question));
