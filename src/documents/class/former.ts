import type { UnitSpec } from '@/core/classes';
import type { AnyDocument } from '../kind';

/**
 * Form 2 had branches, from which parts, answers and chains were made, and the keys of those that were left out. Their half minutes
 * of work are not kept: a move is now one unit of two stages.
 */
export function unitsOfForm2({ branches, dropped, workMinutes: _minutes, ...rest }: AnyDocument): AnyDocument {
  if (!Array.isArray(branches)) return { units: [], ...rest };
  const paths = branches as readonly (readonly string[])[];
  const gone = new Set((dropped ?? []) as readonly string[]);
  const moves = [...new Set(paths.flat())].filter((id) => !gone.has(`part/${id}`)).map((id): UnitSpec => ({ kind: 'move', of: [id] }));
  const chains = paths
    .filter((path) => path.length > 1 && !gone.has(`chain/${path.join('+')}`))
    .map((of): UnitSpec => ({ kind: 'chain', of }));
  const seen = new Set<string>();
  const units = [...moves, ...chains].filter((unit) => {
    const key = JSON.stringify(unit);
    return !seen.has(key) && seen.add(key);
  });
  return { ...rest, units };
}
