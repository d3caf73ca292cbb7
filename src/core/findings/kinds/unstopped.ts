import { findUnstopped } from '../../structure';
import { exactly, type Finder } from '../finding';

/** What has no answer where the tree is seen by the other athlete. */
export const unstopped: Finder<'unstopped'> = {
  find: (tree) => exactly(findUnstopped(tree).map((item) => ({ kind: 'unstopped', key: `unstopped/${item.transition}`, ...item }))),
};
