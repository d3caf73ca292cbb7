import { findProvoked } from '../../structure';
import { exactly, type Finder } from '../finding';

/** Helpers for what has no answer. */
export const provokesGap: Finder<'provokesGap'> = {
  isOfAnswers: true,
  find: (tree) =>
    exactly(
      findProvoked(tree)
        .filter((item) => item.serves.length === 0)
        .map(({ transition, value, position }) => ({
          kind: 'provokesGap',
          key: `provokesGap/${transition}/${value}`,
          position,
          transition,
          value,
        })),
    ),
};
