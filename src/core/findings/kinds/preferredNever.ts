import { findContradictoryPreferences } from '../../structure';
import { indexOf } from '../../tree';
import { exactly, type Finder } from '../finding';

export const preferredNever: Finder<'preferredNever'> = {
  find: (tree) => {
    const { transitions } = indexOf(tree);
    return exactly(
      findContradictoryPreferences(tree).map((item) => ({
        kind: 'preferredNever',
        key: `preferredNever/${item.transition}/${item.parameter}`,
        position: transitions.get(item.transition)!.from,
        ...item,
      })),
    );
  },
};
