import { useMemo } from 'react';
import type { Filter } from '@/core/lens';
import type { Mover, StartOdds } from '@/core/odds';
import type { TreeDocument } from '@/core/tree';
import { moverLine, sayTypeFirst } from '@/core/words';
import { DeskLine } from './DeskLine';

interface Props {
  readonly tree: TreeDocument;
  readonly filter: Filter;
  readonly starts: readonly StartOdds[];
  readonly movers: readonly Mover[];
}

/** Which chances to type first: those that nobody typed and that move the figure most. */
export function TypeFirst({ tree, filter, starts, movers }: Props) {
  const lines = useMemo(() => movers.map((mover) => moverLine(tree, mover)), [tree, movers]);
  if (movers.length === 0) return null;
  return (
    <section aria-label="What to type first" className="mt-3">
      <p>{sayTypeFirst(starts, movers.length)}</p>
      <ol>
        {lines.map((line, i) => (
          <DeskLine
            key={`${line.position} ${line.of} ${line.what}`}
            treeId={tree.id}
            {...{ filter, position: line.position, of: line.of }}
            figure={String(Math.max(1, Math.round(movers[i]!.part * 100)))}
          >
            {line.what} <span className="text-soft">at {line.place}</span>
          </DeskLine>
        ))}
      </ol>
      <p className="text-[13px] text-soft">In front: how many of 100 parts of what is in doubt go with that chance alone.</p>
    </section>
  );
}
