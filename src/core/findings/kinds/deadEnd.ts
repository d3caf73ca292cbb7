import { findDeadEnds } from '../../structure';
import { exactly, type Finder } from '../finding';

export const deadEnd: Finder<'deadEnd'> = {
  find: (tree) => exactly(findDeadEnds(tree).map((position) => ({ kind: 'deadEnd', key: `deadEnd/${position}`, position }))),
};
