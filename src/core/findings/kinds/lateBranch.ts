import { findLateBranches } from '../../structure';
import { exactly, type Finder } from '../finding';

/** Places where one must act at once and nothing says what happens off time. */
export const lateBranch: Finder<'lateBranch'> = {
  isOfAnswers: true,
  find: (tree) => exactly(findLateBranches(tree).map((late) => ({ kind: 'lateBranch', key: `lateBranch/${late.position}`, ...late }))),
};
