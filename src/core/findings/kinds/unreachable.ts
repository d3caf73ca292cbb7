import { findUnreachable } from '../../structure';
import { exactly, type Finder } from '../finding';

export const unreachable: Finder<'unreachable'> = {
  find: (tree) => exactly(findUnreachable(tree).map((position) => ({ kind: 'unreachable', key: `unreachable/${position}`, position }))),
};
