import { atOnce, groupBy, partOf, type InPieces } from '../../base';
import type { PositionId, ReadId, TransitionId, TreeDocument, ValueId } from '../../tree';
import { NOWHERE_KNOWN, type Elsewhere, type OddsQuestion } from '../question';
import { Ground } from './ground';
import { slopesInPieces } from './practice';
import { dearestInPieces } from './tried/dearest';
import type { Tried } from './tried/tries';

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
  | { readonly kind: 'practise'; readonly transition: TransitionId; readonly worth: number }
  /** Seeing what he shows there before choosing. */
  | { readonly kind: 'read'; readonly position: PositionId; readonly worth: number };

/** What is stated as an improvement of a move's own chance, and of how often he is read at a place. */
export const PRACTISED = 0.1;

export interface WorkList {
  /** What brings most first. */
  readonly items: readonly Advice[];
  /** Gaps and branches that were only ranked, on the steady clock: each brings less than those that are listed. */
  readonly ranked: number;
}

interface ToTry {
  readonly tried: Tried;
  readonly found: (worth: number) => Advice;
}

function whatToTry({ tries }: Ground, tree: TreeDocument, gaps: readonly Gap[], isPicked: boolean): ToTry[] {
  const byPlace = groupBy(gaps, ({ position }) => position);
  const together = isPicked ? [...byPlace].filter(([, values]) => values.length > 1) : [];
  const announced = tree.transitions.filter(({ announced: isOnlyNamed, actor }) => isOnlyNamed === true && actor === 'owner');
  return [
    ...gaps.map((gap): ToTry => ({ tried: tries.closing(gap.position, [gap]), found: (worth) => ({ kind: 'gap', ...gap, worth }) })),
    ...together.map(([position, values]): ToTry => ({
      tried: tries.closing(position, values),
      found: (worth) => ({ kind: 'gaps', position, values, worth }),
    })),
    ...announced.map((item): ToTry => ({
      tried: tries.teaching(item),
      found: (worth) => ({ kind: 'teach', transition: item.id, worth }),
    })),
  ];
}

/**
 * What to work on, what brings most first (MODEL §4, derived): the price of a gap and the worth of teaching an announced branch, solved
 * anew for those that the steady clock ranks first; the pay-off of practising a move, and of reading a place, by `PRACTISED` (first
 * order). All on the round clock. What he recovers to and how much is not drawn stay what they are. `gaps` are those that the tree has.
 */
export function* findAdviceInPieces(
  tree: TreeDocument,
  gaps: readonly Gap[],
  question: OddsQuestion,
  elsewhere: Elsewhere = NOWHERE_KNOWN,
): InPieces<WorkList> {
  if (tree.starts.length === 0) return { items: [], ranked: 0 };
  const ground = new Ground(tree, question, elsewhere);
  const solution = yield* partOf(ground.onRound(), 0, 0.05);
  const { practice, reading } = yield* partOf(slopesInPieces(ground.model, solution, ground.starts), 0.05, 0.1);
  const toTry = whatToTry(ground, tree, gaps, question.ask === 'knowing');
  const tried = yield* partOf(
    dearestInPieces(
      ground,
      ground.meanOf(solution),
      toTry.map((item) => item.tried),
    ),
    0.1,
    1,
  );
  const items: Advice[] = [
    ...tried.map(({ which, change }) => toTry[which]!.found(change)),
    ...[...practice].map(([transition, slope]): Advice => ({ kind: 'practise', transition, worth: slope * PRACTISED })),
    ...[...reading].map(([position, slope]): Advice => ({
      kind: 'read',
      position,
      worth: slope * ground.moreReading(position, PRACTISED),
    })),
  ];
  return { items: items.toSorted((a, b) => b.worth - a.worth), ranked: toTry.length - tried.length };
}

/** The same at once. */
export const findAdvice = (tree: TreeDocument, gaps: readonly Gap[], question: OddsQuestion): readonly Advice[] =>
  atOnce(findAdviceInPieces(tree, gaps, question)).items;
