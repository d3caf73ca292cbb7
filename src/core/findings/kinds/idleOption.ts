import { findIdleOptions } from '../../structure';
import { indexOf } from '../../tree';
import { exactly, type Finder } from '../finding';

/** Options that fit nothing. */
export const idleOption: Finder<'idleOption'> = {
  isOfAnswers: true,
  find: (tree) => {
    const { transitions } = indexOf(tree);
    return exactly(
      findIdleOptions(tree).map((transition) => ({
        kind: 'idleOption',
        key: `idleOption/${transition}`,
        position: transitions.get(transition)!.from,
        transition,
      })),
    );
  },
};
