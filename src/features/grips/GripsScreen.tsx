'use client';
import { useState } from 'react';
import { useTreeEdits } from '@/client/useTreeEdits';
import { indexOf, positionOf, sayMove, withTransition, type Step, type Transition, type TreeDocument } from '@/core/tree';
import { plural } from '@/ui/figures';
import { screenLinks } from '@/ui/screenLinks';
import { StoredStrip } from '@/ui/StoredStrip';
import { StepTable } from './StepTable';

interface Props {
  readonly tree: TreeDocument;
  readonly revision: number;
  readonly at: string | null;
}

/** Who holds what with what, step by step, for one move at a time. */
export function GripsScreen({ tree: opened, revision, at }: Props) {
  const { tree, isStored, problem, edit } = useTreeEdits(opened, revision);
  const [chosen, setChosen] = useState(at);
  const index = indexOf(tree);
  const withSteps = tree.transitions.filter((move) => (move.steps ?? []).length > 0);
  const move = index.transitions.get(chosen ?? '') ?? withSteps[0] ?? tree.transitions[0];
  const place = (item: Transition): string => positionOf(index, item.from).name;
  const store = (item: Transition, label: string, change: (steps: readonly Step[]) => readonly Step[]) =>
    edit(`${item.name}: ${label}`, (now) => {
      const current = now.transitions.find((other) => other.id === item.id);
      if (!current) return now;
      const steps = change(current.steps ?? []);
      return withTransition(now, { ...current, steps: steps.length > 0 ? steps : undefined });
    });
  return (
    <div className="flex h-dvh flex-col">
      <StoredStrip title={tree.name} links={screenLinks(tree.id, null)} isStored={isStored} problems={[problem]} />
      <main className="grid min-h-0 flex-1 grid-cols-[280px_minmax(0,1fr)] max-lg:grid-cols-1 max-lg:overflow-auto">
        <nav aria-label="Moves" className="overflow-y-auto border-r-2 border-ink p-4 max-lg:max-h-72 max-lg:border-r-0">
          <h1 className="text-[24px]">Grips</h1>
          <p className="text-soft">{plural(withSteps.length, 'move')} with steps.</p>
          <ul className="mt-2">
            {tree.transitions.map((item) => (
              <li key={item.id} className="border-t border-hair">
                <button
                  type="button"
                  aria-current={item === move}
                  className={`min-h-9 w-full text-left font-figure text-[15px] ${item === move ? 'bg-tint font-semibold' : 'hover:underline'}`}
                  onClick={() => setChosen(item.id)}
                >
                  {sayMove(item)}{' '}
                  <span className="text-[13px] text-soft">
                    {place(item)}
                    {item.steps && `, ${plural(item.steps.length, 'step')}`}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </nav>
        <div className="overflow-auto p-5">
          {move ? (
            <StepTable key={move.id} move={move} place={place(move)} onSteps={(label, change) => store(move, label, change)} />
          ) : (
            <p>Draw a move on the board first; its grips are then written here, step by step.</p>
          )}
        </div>
      </main>
    </div>
  );
}
