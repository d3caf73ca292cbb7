import { isCut, reachableCoverage } from './coverage';
import type { Finder } from '../finding';

/** Combinations of closed reads; of one read alone it is the same statement as its unanswered value. */
export const uncovered: Finder<'uncovered'> = {
  isOfAnswers: true,
  find: (tree) => {
    const all = reachableCoverage(tree);
    const list = all.flatMap(({ position, reads, cells }) =>
      reads.length < 2
        ? []
        : cells
            .filter((cell) => cell.covered === 'never')
            .map(({ combination }) => ({
              kind: 'uncovered' as const,
              key: `uncovered/${position}/${Object.values(combination).join('+')}`,
              position,
              combination,
            })),
    );
    return { list, status: all.some(isCut) ? 'budget' : 'exact' };
  },
};
