import { findPrevented } from '../../structure';
import { indexOf } from '../../tree';
import { exactly, type Finder } from '../finding';

export const prevented: Finder<'prevented'> = {
  find: (tree) => {
    const { transitions } = indexOf(tree);
    return exactly(
      findPrevented(tree).map((item) => ({
        kind: 'prevented',
        key: `prevented/${item.transition}/${item.by}`,
        position: transitions.get(item.transition)!.from,
        ...item,
      })),
    );
  },
};
