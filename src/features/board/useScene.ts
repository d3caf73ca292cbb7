import { useMemo, useState } from 'react';
import { LARGE_TREE, layoutBoard, type BoardLayout } from '@/core/board';
import { emptyTree, type TreeDocument } from '@/core/tree';
import { useAnswer, type Answer, type Subject } from '@/workers/useAnswer';
import type { Look } from '@/workers/questions';
import type { BoardState } from './boardState';
import { recentLayout } from './recentLayouts';
import { gridFor, planScene, sceneOf, type Scene } from './viewModel';

const NOTHING: BoardLayout = layoutBoard(emptyTree('none', 'None'), { grid: { columns: 6, rungWidth: 118 } });

interface Input {
  /** The board's state with the tree as it is looked at. */
  readonly state: BoardState;
  /** The whole tree: a filter moves nothing. */
  readonly arrangedBy: TreeDocument;
  readonly subject: Subject;
  readonly look: Look;
  /** Of the board, in px. */
  readonly width: number;
}
export interface DrawnScene {
  readonly scene: Scene;
  /** The worker is at it; null = laid out here, at once. */
  readonly drawing: Answer<BoardLayout> | null;
}

/** The layout of the chosen view, remembering the last one so that nothing jumps when something is added. */
export function useScene({ state, arrangedBy, subject, look, width }: Input): DrawnScene {
  const { tree, view, guard, selected, unfolded } = state;
  const { columns } = gridFor(view, width);
  const isLarge = arrangedBy.positions.length > LARGE_TREE;
  // What is selected matters for the picture only while no guard has been chosen, and for one hub.
  const seed = guard === null || view === 'hub' ? selected : null;
  const [last, setLast] = useState<{ tree: TreeDocument; scene: Scene; input: string } | null>(null);
  const input = `${columns} ${view} ${guard} ${seed} ${unfolded}`;
  const asked = useMemo(() => {
    if (!isLarge) return null;
    const { key, grid, only } = planScene({ tree, view, guard, selected: seed, columns }, arrangedBy);
    return { key, question: { kind: 'layout' as const, look, grid, only: only ? [...only] : null, unfold: unfolded, previous: null } };
  }, [isLarge, tree, view, guard, seed, columns, arrangedBy, look, unfolded]);
  const drawing = useAnswer<'layout'>(subject, asked?.question ?? null);
  if (asked) return { scene: { key: asked.key, layout: drawing.value ?? NOTHING }, drawing };
  if (last && last.tree === tree && last.input === input) return { scene: last.scene, drawing: null };
  const make = () => sceneOf({ tree, view, guard, selected: seed, unfolded, columns }, last?.scene ?? null, arrangedBy);
  // With an earlier picture beside it the layout depends on that one, too.
  const isPlain = tree === arrangedBy && !look.swapped && last === null;
  const scene = isPlain ? recentLayout(subject.tree, input, make) : make();
  setLast({ tree, scene, input });
  return { scene, drawing: null };
}
