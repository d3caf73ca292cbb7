import { findGripFindings } from '../../grips';
import { exactly, type Finder } from '../finding';

/** Hands that do not add up. */
export const grips: Finder<'grips'> = {
  find: (tree) => exactly(findGripFindings(tree).map((item) => ({ kind: 'grips', ...item }))),
};
