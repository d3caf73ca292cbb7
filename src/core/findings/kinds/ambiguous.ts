import { isCut, reachableCoverage } from './coverage';
import { type Finder } from '../finding';

export const ambiguous: Finder<'ambiguous'> = {
  isOfAnswers: true,
  find: (tree) => {
    const all = reachableCoverage(tree);
    const list = all.flatMap(({ position, reads, cells, ambiguousValues }) => {
      const combined = reads.length < 2 ? [] : cells.filter((cell) => cell.ambiguous && cell.covered !== 'never');
      const of = (values: readonly string[], answers: readonly string[]) => ({
        kind: 'ambiguous' as const,
        key: `ambiguous/${position}/${values.join('+')}`,
        position,
        values,
        answers,
      });
      return [
        ...combined.map((cell) => of(Object.values(cell.combination), cell.answers)),
        ...ambiguousValues.map(({ value, answers }) => of([value], answers)),
      ];
    });
    return { list, status: all.some(isCut) ? 'budget' : 'exact' };
  },
};
