import { exactly, type Finder } from '../finding';

/** A read without values. */
export const emptyRead: Finder<'emptyRead'> = {
  find: (tree) =>
    exactly(
      tree.positions.flatMap(({ id, reads }) =>
        reads
          .filter((read) => read.values.length === 0)
          .map((read) => ({ kind: 'emptyRead', key: `emptyRead/${id}/${read.id}`, position: id, read: read.id }) as const),
      ),
    ),
};
