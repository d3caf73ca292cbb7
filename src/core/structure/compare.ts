import { breadthFirst, FAR } from '../graph';
import { indexOf, landingsOf, startsOf, LINES, type Line, type PositionId, type TreeDocument, graphOf } from '../tree';

export interface Sides<T> {
  readonly both: readonly T[];
  readonly onlyFirst: readonly T[];
  readonly onlySecond: readonly T[];
}
/** Fewest transitions from a start to a position that holds the line; null = never. */
export type Steps = Readonly<Record<Line, number | null>>;
export interface Comparison {
  /** By name, since two trees rarely share ids. */
  readonly positions: Sides<string>;
  /** "place: transition → landing", by names. */
  readonly transitions: Sides<string>;
  readonly endings: Sides<string>;
  readonly steps: { readonly first: Steps; readonly second: Steps };
}

/** Fewest transitions from any start to each line, over transitions of either athlete; endings are passed through. */
export function stepsToLines(tree: TreeDocument): Steps {
  const graph = graphOf(tree);
  const { steps } = breadthFirst(graph.next, startsOf(tree, graph));
  const nearest = (line: Line): number | null => {
    const least = Math.min(FAR, ...steps.filter((_, i) => tree.positions[i]!.lines.includes(line)));
    return least === FAR ? null : least;
  };
  return Object.fromEntries(LINES.map((line) => [line, nearest(line)])) as Record<Line, number | null>;
}

function sidesOf(first: readonly string[], second: readonly string[]): Sides<string> {
  const [a, b] = [new Set(first), new Set(second)];
  return {
    both: [...a].filter((item) => b.has(item)),
    onlyFirst: [...a].filter((item) => !b.has(item)),
    onlySecond: [...b].filter((item) => !a.has(item)),
  };
}

/** The drawn game as names: what stands between reachable ground and an ending does not matter here, only what is drawn. */
function namesIn(tree: TreeDocument): { positions: string[]; transitions: string[]; endings: string[] } {
  const index = indexOf(tree);
  const used = new Set<PositionId>(tree.starts.map((start) => start.position));
  for (const transition of tree.transitions) for (const id of [transition.from, ...landingsOf(transition)]) used.add(id);
  const nameOf = (id: PositionId): string => index.positions.get(id)!.name;
  const positions = tree.positions.filter((position) => used.has(position.id));
  return {
    positions: positions.map((position) => position.name),
    transitions: tree.transitions.flatMap((transition) =>
      landingsOf(transition).map((to) => `${nameOf(transition.from)}: ${transition.name} → ${nameOf(to)}`),
    ),
    endings: positions.flatMap((position) => (position.ends ? [`${position.name} (${position.ends})`] : [])),
  };
}

/** Two trees, or one tree under two schools (each filtered), side by side (MODEL §2). */
export function compareTrees(first: TreeDocument, second: TreeDocument): Comparison {
  const [a, b] = [namesIn(first), namesIn(second)];
  return {
    positions: sidesOf(a.positions, b.positions),
    transitions: sidesOf(a.transitions, b.transitions),
    endings: sidesOf(a.endings, b.endings),
    steps: { first: stepsToLines(first), second: stepsToLines(second) },
  };
}
