import { findNeedLoops } from '../../grips';
import { indexOf } from '../../tree';
import { exactly, type Finder } from '../finding';

/** "First this" in a circle. */
export const needLoop: Finder<'needLoop'> = {
  find: (tree) => {
    const { transitions } = indexOf(tree);
    return exactly(
      findNeedLoops(tree).map((loop) => ({
        kind: 'needLoop',
        key: `needLoop/${loop.transitions.join('>')}`,
        position: transitions.get(loop.transitions[0]!)!.from,
        ...loop,
      })),
    );
  },
};
