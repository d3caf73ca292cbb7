import type { RuleSet, TreeDocument } from '@/core/tree';

/** Version 1 named levels without listing them, and did not check what a move hopes to provoke. */
function upgradeFrom1(tree: TreeDocument): TreeDocument {
  const withLevels = (card: RuleSet): RuleSet => {
    const named = card.forbidden.flatMap(({ belowLevel }) => belowLevel ?? []);
    return card.levels || named.length === 0 ? card : { ...card, levels: [...new Set(named)] };
  };
  const shownAt = new Map(tree.positions.map((position) => [position.id, position.reads.flatMap((read) => read.values.map((value) => value.id))])); // prettier-ignore
  return {
    ...tree,
    ...(tree.ruleSets ? { ruleSets: tree.ruleSets.map(withLevels) } : {}),
    transitions: tree.transitions.map((move) =>
      move.provokes
        ? { ...move, provokes: move.provokes.filter((id) => [move.from, move.to].some((place) => shownAt.get(place)?.includes(id))) }
        : move,
    ),
  };
}

/** The tree of a file of an older version, as the present one says it. The file itself is not touched. */
export const upgradeTree = (tree: TreeDocument, version: 1 | 2): TreeDocument => (version === 1 ? upgradeFrom1(tree) : tree);
