import type { Stale } from '@/core/classes';
import { indexOf, type TreeDocument } from '@/core/tree';
import { sayMove } from '@/core/words';
import { PageLink } from '@/ui/PageLink';
import { Part } from './Part';
import { placeAddress } from './placeAddress';

interface Props {
  readonly treeId: string;
  /** Null = it has not come yet. */
  readonly tree: TreeDocument | null;
  readonly stale: readonly Stale[];
}

/** Moves that were taught and are half forgotten, each with the way to its place. */
export function WentStale({ treeId, tree, stale }: Props) {
  if (!tree || stale.length === 0) return null;
  const { transitions } = indexOf(tree);
  return (
    <Part title="Gone stale">
      <ul>
        {stale.map(({ transition, staleness, times, last }) => {
          const move = transitions.get(transition);
          if (!move) return null;
          return (
            <li key={transition}>
              <PageLink
                href={placeAddress(treeId, move.from)}
                className="inline-block min-h-9 pt-2 underline decoration-hair underline-offset-4 hover:decoration-ink"
              >
                {sayMove(move)}
              </PageLink>
              <span className="block text-soft">
                {Math.round(staleness * 100)} in 100 forgotten; taught {times === 1 ? 'once' : `${times} times, last`} on {last}
              </span>
            </li>
          );
        })}
      </ul>
    </Part>
  );
}
