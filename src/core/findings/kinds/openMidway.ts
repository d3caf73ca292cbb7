import { findOpenMidway } from '../../structure';
import { indexOf } from '../../tree';
import { exactly, type Finder } from '../finding';

export const openMidway: Finder<'openMidway'> = {
  find: (tree) => {
    const { transitions } = indexOf(tree);
    return exactly(
      findOpenMidway(tree).map((item) => ({
        kind: 'openMidway',
        key: `openMidway/${item.transition}/${item.reaction}`,
        position: transitions.get(item.transition)!.from,
        ...item,
      })),
    );
  },
};
