import { groupBy } from '../../base';
import { exactly, type Finder } from '../finding';

/** Two places of one name. */
export const sameName: Finder<'sameName'> = {
  find: (tree) => {
    const names = groupBy(tree.positions, (position) => position.name.trim().toLowerCase());
    return exactly(
      [...names.values()]
        .filter((list) => list.length > 1)
        .map(([first, ...others]) => ({
          kind: 'sameName',
          key: `sameName/${first!.id}`,
          position: first!.id,
          others: others.map((item) => item.id),
        })),
    );
  },
};
