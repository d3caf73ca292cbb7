import type { ElkNode } from 'elkjs/lib/elk-api';
import { countCrossings, layeringOf, layoutBoard, orderLayers, type BoardLayout } from '@/core/board';
import type { TreeDocument } from '@/core/tree';
import { randomTree } from '../tests/support/randomTree';
import { layoutByElk } from './elk';
import { medianMs, ms, type Row } from './measure';

type Point = readonly [number, number];
type Polyline = readonly Point[];

const cross = (o: Point, a: Point, b: Point): number => (a[0] - o[0]) * (b[1] - o[1]) - (a[1] - o[1]) * (b[0] - o[0]);
const meet = (a: Point, b: Point, c: Point, d: Point): boolean => {
  const [p, q, r, s] = [cross(c, d, a), cross(c, d, b), cross(a, b, c), cross(a, b, d)];
  return p * q < 0 && r * s < 0;
};
/** Pairs of lines that cross somewhere, each pair once. Lines that share an end do not count. */
function pairsThatCross(lines: readonly { readonly from: string; readonly to: string; readonly points: Polyline }[]): number {
  let count = 0;
  lines.forEach((a, i) =>
    lines.slice(i + 1).forEach((b) => {
      if (a.from === b.from || a.to === b.to || a.from === b.to || a.to === b.from) return;
      for (let n = 1; n < a.points.length; n++) {
        for (let m = 1; m < b.points.length; m++) {
          if (!meet(a.points[n - 1]!, a.points[n]!, b.points[m - 1]!, b.points[m]!)) continue;
          count++;
          return;
        }
      }
    }),
  );
  return count;
}

/** Forward answers only, as both draw them: from the middle of one rung to the middle of the other, straight. */
function straight(tree: TreeDocument, at: ReadonlyMap<string, Point>): number {
  const answers = forward(tree);
  return pairsThatCross(answers.map((t) => ({ from: t.from, to: t.to, points: [at.get(t.from)!, at.get(t.to)!] })));
}
const heights = (tree: TreeDocument): ReadonlyMap<string, number> => new Map(tree.positions.map((p) => [p.id, p.lines.length]));
/** Every answer of a climbing tree goes forward: higher, or on within its height. */
const forward = (tree: TreeDocument) => tree.transitions.filter((t) => t.actor === 'owner' && t.from !== t.to);

/** The tree for elkjs: the same rungs, partitioned by height, forward answers only (returns are stubs on our board). */
function elkInput(tree: TreeDocument): ElkNode {
  const height = heights(tree);
  return {
    id: 'root',
    layoutOptions: {
      'elk.algorithm': 'layered',
      'elk.direction': 'UP',
      'elk.partitioning.activate': 'true',
      'elk.edgeRouting': 'POLYLINE',
    },
    children: tree.positions.map((p) => ({
      id: p.id,
      width: 85,
      height: 40,
      layoutOptions: { 'elk.partitioning.partition': String(height.get(p.id)) },
    })),
    edges: forward(tree).map((t) => ({ id: t.id, sources: [t.from], targets: [t.to] })),
  };
}

/** Ladder only: on the back rail and on the ground the two would not draw the same thing. */
function climbingTree(seed: number, positions: number): TreeDocument {
  const tree = randomTree(seed, { positions, transitions: positions * 2, climbing: true, reads: false });
  return { ...tree, starts: [], positions: tree.positions.map((p) => ({ ...p, family: 'transit' as const, ends: undefined })) };
}

/** Crossings of elkjs's own polylines. */
function routedByElk(drawn: ElkNode): number {
  const lines = (drawn.edges ?? []).map((edge) => {
    const { startPoint, bendPoints = [], endPoint } = edge.sections![0]!;
    return { from: edge.sources[0]!, to: edge.targets[0]!, points: [startPoint, ...bendPoints, endPoint].map(({ x, y }): Point => [x, y]) };
  });
  return pairsThatCross(lines);
}

/** The same for our ordering pass over the board's rows: long answers run through way points in the rows between. */
function routedByOrder(tree: TreeDocument, board: BoardLayout): number {
  const numberOf = new Map(board.rungs.map((placed, i) => [placed.rung.id, i]));
  const rows = [...new Set(board.rungs.map(rowOf))].sort((a, b) => b - a);
  const layers = rows.map((row) =>
    board.rungs.flatMap((placed, i) => (rowOf(placed) === row ? [i] : [])).sort((a, b) => board.rungs[a]!.x - board.rungs[b]!.x),
  );
  const layerOf = new Map(layers.flatMap((layer, l) => layer.map((i) => [i, l] as const)));
  const edges = forward(tree)
    .map((t) => [numberOf.get(t.from)!, numberOf.get(t.to)!] as const)
    .filter(([from, to]) => layerOf.get(to)! > layerOf.get(from)!);
  const layering = layeringOf(board.rungs.length, layers, edges);
  return countCrossings(layering, orderLayers(layering));
}
const rowOf = (placed: { y: number; thickness: number }): number => placed.y + placed.thickness;

export async function boardLayouts(): Promise<Row[]> {
  const rows: Row[] = [];
  const sizes = [
    [300, 100],
    [1000, 500],
  ] as const;
  for (const [positions, limit] of sizes) {
    const tree = climbingTree(1, positions);
    // As wide as elkjs may be: a row takes all rungs of its height.
    const run = () => layoutBoard(tree, { grid: { columns: Math.ceil(positions / 5), rungWidth: 85 }, unfold: true });
    const ours = await medianMs(7, run);
    const { drawn, ms: theirs } = await layoutByElk(elkInput(tree));
    const board = run();
    const atLeast = drawn ? '' : '> ';
    rows.push(
      { what: `layout, ${positions} positions, ${forward(tree).length} answers`, measured: ms(ours), wanted: `< ${limit} ms` },
      { what: `  elkjs layered with partitions, the same tree`, measured: atLeast + ms(theirs), wanted: '—' },
      { what: `  times faster`, measured: `${atLeast}${(theirs / ours).toFixed(0)} ×`, wanted: '≥ 20 ×' },
    );
    if (!drawn) continue;
    const oursAt = new Map(board.rungs.map((r): [string, Point] => [r.rung.id, [r.x + r.width / 2, r.y]]));
    const theirsAt = new Map(drawn.children!.map((node): [string, Point] => [node.id, [node.x! + 42, node.y!]]));
    rows.push(
      { what: `  crossings, every answer a straight line: ours`, measured: String(straight(tree, oursAt)), wanted: 'no more than elkjs' },
      { what: `  crossings, every answer a straight line: elkjs`, measured: String(straight(tree, theirsAt)), wanted: '—' },
      { what: `  crossings along way points: ours`, measured: String(routedByOrder(tree, board)), wanted: 'no more than elkjs' },
      { what: `  crossings along way points: elkjs`, measured: String(routedByElk(drawn)), wanted: '—' },
    );
  }
  return rows;
}
