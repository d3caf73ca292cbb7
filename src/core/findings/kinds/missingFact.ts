import { findCertainFacts } from '../../grips';
import { indexOf } from '../../tree';
import { exactly, type Finder } from '../finding';

/** Needs that are not met on every way. */
export const missingFact: Finder<'missingFact'> = {
  find: (tree) => {
    const { transitions } = indexOf(tree);
    return exactly(
      findCertainFacts(tree).missing.map((item) => ({
        kind: 'missingFact',
        key: `missingFact/${item.transition}/${item.fact}`,
        position: transitions.get(item.transition)!.from,
        ...item,
      })),
    );
  },
};
