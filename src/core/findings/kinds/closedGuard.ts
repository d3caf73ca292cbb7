import { findClosedGuardRisks } from '../../grips';
import { exactly, type Finder } from '../finding';

/** The passer's own: of a guard player's tree it is what he may hope for, and no finding. */
export const closedGuard: Finder<'closedGuard'> = {
  find: (tree) =>
    exactly(
      tree.owner === 'passer'
        ? findClosedGuardRisks(tree).map((item) => ({
            kind: 'closedGuard',
            key: `closedGuard/${item.transition ?? `at/${item.position}`}/${item.risk}`,
            ...item,
          }))
        : [],
    ),
};
