import type { Picture, TreeDocument } from '@/core/tree';

/** The pictures of a tree, each once: of its places, then of the steps of its moves. */
export const picturesIn = ({ positions, transitions }: Pick<TreeDocument, 'positions' | 'transitions'>): string[] => {
  const of = (pictures: readonly Picture[] | undefined): string[] => (pictures ?? []).map(({ hash }) => hash);
  return [
    ...new Set([
      ...positions.flatMap(({ pictures }) => of(pictures)),
      ...transitions.flatMap(({ steps = [] }) => steps.flatMap(({ pictures }) => of(pictures))),
    ]),
  ];
};
