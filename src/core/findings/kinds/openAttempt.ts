import { findOpenAttempts } from '../../structure';
import { exactly, type Finder } from '../finding';

export const openAttempt: Finder<'openAttempt'> = {
  find: (tree) =>
    exactly(findOpenAttempts(tree).map((position) => ({ kind: 'openAttempt', key: `openAttempt/${position}`, position }) as const)),
};
