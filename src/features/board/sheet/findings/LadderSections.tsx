import type { Dispatch } from 'react';
import type { TreeSheet } from '@/workers/sheet';
import { indexOf, positionOf, type PositionId, type TransitionId, type TreeDocument } from '@/core/tree';
import { sayFall, sayLadderGap, sayLoop } from '@/core/words';
import type { BoardAction } from '../../boardState';
import { Fold } from '../Fold';

interface Props {
  /** The tree that the ladder and the loops were found in. */
  readonly tree: TreeDocument;
  readonly ladder: TreeSheet['ladder'];
  readonly loops: readonly (readonly PositionId[])[];
  readonly dispatch: Dispatch<BoardAction>;
}

/** The climb in lines: the deepest falls, upper lines won first, and loops that cost nothing. */
export function LadderSections({ tree, ladder, loops, dispatch }: Props) {
  const { moves: transitions, gaps, largestRegress } = ladder;
  const index = indexOf(tree);
  const nameOf = (id: PositionId): string => positionOf(index, id).name;
  const item = (key: string, at: PositionId, words: string) => (
    <div key={key} className="border-t border-hair py-1">
      <button type="button" className="min-h-8 text-left hover:underline" onClick={() => dispatch({ type: 'select', position: at })}>
        <span className="font-figure text-[15px] font-semibold">{nameOf(at)}</span> {words}
      </button>
    </div>
  );
  const fromOf = (id: TransitionId): PositionId => index.transitions.get(id)!.from;
  const falls = transitions.filter((move) => move.lost > 0).toSorted((a, b) => b.lost - a.lost);
  return (
    <>
      <Fold title="Falls, deepest first" count={falls.length}>
        {() =>
          falls.map((fall) => item(`${fall.transition} ${fall.to}`, fromOf(fall.transition), sayFall(tree, fall, largestRegress.lost)))
        }
      </Fold>
      <Fold title="Upper lines first" count={gaps.length}>
        {() => gaps.map((gap) => item(gap.position, gap.position, sayLadderGap(tree, gap)))}
      </Fold>
      <Fold title="Loops that cost nothing" count={loops.length}>
        {() => loops.map((loop) => item(loop.join('>'), loop[0]!, sayLoop(tree, loop)))}
      </Fold>
    </>
  );
}
