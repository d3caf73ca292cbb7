import { seededRandom } from '../base';

/** Edges between neighbouring layers; a node is a number, `layers` lists them bottom to top. */
export interface Layering {
  readonly layers: readonly (readonly number[])[];
  /** Neighbours in the layer above and below. */
  readonly up: readonly (readonly number[])[];
  readonly down: readonly (readonly number[])[];
}

/**
 * Splits every edge that skips layers into a chain through way points, so that only neighbouring layers are joined.
 * Way points get the numbers from `nodes` upwards.
 */
export function layeringOf(nodes: number, layers: readonly (readonly number[])[], edges: readonly (readonly [number, number])[]): Layering {
  const layerOf = new Int32Array(nodes).fill(-1);
  layers.forEach((layer, i) => layer.forEach((node) => (layerOf[node] = i)));
  const filled = layers.map((layer) => [...layer]);
  const up: number[][] = Array.from({ length: nodes }, () => []);
  const down: number[][] = Array.from({ length: nodes }, () => []);
  for (const [from, to] of edges) {
    let at = from;
    for (let layer = layerOf[from]! + 1; layer <= layerOf[to]!; layer++) {
      let next = to;
      if (layer < layerOf[to]!) {
        next = up.length;
        up.push([]);
        down.push([]);
        filled[layer]!.push(next);
      }
      up[at]!.push(next);
      down[next]!.push(at);
      at = next;
    }
  }
  return { layers: filled, up, down };
}

/** Crossings between two neighbouring layers, counted with a binary indexed tree (Barth, Jünger & Mutzel 2002). O(e log e). */
function crossingsBetween(lower: readonly number[], up: Layering['up'], place: Int32Array, size: number): number {
  const tree = new Int32Array(size + 1);
  let crossings = 0;
  let seen = 0;
  for (const node of lower) {
    const targets = up[node]!.map((to) => place[to]!).sort((a, b) => a - b);
    for (const target of targets) {
      let smaller = 0;
      for (let i = target + 1; i > 0; i -= i & -i) smaller += tree[i]!;
      crossings += seen - smaller;
    }
    for (const target of targets) for (let i = target + 1; i <= size; i += i & -i) tree[i]!++;
    seen += targets.length;
  }
  return crossings;
}

const placesOf = (layers: readonly (readonly number[])[], nodes: number): Int32Array => {
  const place = new Int32Array(nodes);
  for (const layer of layers) layer.forEach((node, i) => (place[node] = i));
  return place;
};

export function countCrossings(layering: Layering, layers: readonly (readonly number[])[] = layering.layers): number {
  const place = placesOf(layers, layering.up.length);
  let sum = 0;
  for (let i = 0; i + 1 < layers.length; i++) sum += crossingsBetween(layers[i]!, layering.up, place, layers[i + 1]!.length);
  return sum;
}

/** Crossings of the edges of `a` (left) with those of `b` (right), both given by sorted neighbour places. */
function pairCrossings(a: readonly number[], b: readonly number[]): number {
  let crossings = 0;
  let j = 0;
  for (const place of a) {
    while (j < b.length && b[j]! < place) j++;
    crossings += j;
  }
  return crossings;
}

class Sweeper {
  readonly layers: number[][];
  private readonly place: Int32Array;
  constructor(
    private readonly layering: Layering,
    layers: readonly (readonly number[])[],
    private readonly frozen: ReadonlySet<number>,
  ) {
    this.layers = layers.map((layer) => [...layer]);
    this.place = placesOf(this.layers, layering.up.length);
  }

  private setLayer(i: number, layer: number[]): void {
    this.layers[i] = layer;
    layer.forEach((node, at) => (this.place[node] = at));
  }

  /** Orders a layer by the mean place of its neighbours on one side; nodes without neighbours keep their place. */
  private orderBy(i: number, neighbours: Layering['up']): void {
    if (this.frozen.has(i)) return;
    const layer = this.layers[i]!;
    const weight = new Map(layer.map((node) => [node, this.wanted(node, neighbours)]));
    const movable = layer
      .filter((node) => weight.get(node)! >= 0)
      .sort((a, b) => weight.get(a)! - weight.get(b)! || this.place[a]! - this.place[b]!);
    let next = 0;
    this.setLayer(i, layer.map((node) => (weight.get(node)! >= 0 ? movable[next++]! : node))); // prettier-ignore
  }

  private wanted(node: number, neighbours: Layering['up']): number {
    const list = neighbours[node]!;
    if (list.length === 0) return -1;
    let sum = 0;
    for (const other of list) sum += this.place[other]!;
    return sum / list.length;
  }

  sweep(): void {
    for (let i = 1; i < this.layers.length; i++) this.orderBy(i, this.layering.down);
    for (let i = this.layers.length - 2; i >= 0; i--) this.orderBy(i, this.layering.up);
  }

  private sorted(node: number, neighbours: Layering['up']): number[] {
    return neighbours[node]!.map((other) => this.place[other]!).sort((a, b) => a - b);
  }

  /** Exchanges neighbours while that removes crossings; true if anything moved. */
  exchange(): boolean {
    let moved = false;
    for (let i = 0; i < this.layers.length; i++) {
      if (this.frozen.has(i)) continue;
      const layer = this.layers[i]!;
      const above = layer.map((node) => this.sorted(node, this.layering.up));
      const below = layer.map((node) => this.sorted(node, this.layering.down));
      for (let again = true, rounds = 0; again && rounds < 50; rounds++) {
        again = false;
        for (let at = 0; at + 1 < layer.length; at++) {
          const now = pairCrossings(above[at]!, above[at + 1]!) + pairCrossings(below[at]!, below[at + 1]!);
          if (now === 0) continue;
          const swapped = pairCrossings(above[at + 1]!, above[at]!) + pairCrossings(below[at + 1]!, below[at]!);
          if (swapped >= now) continue;
          for (const list of [layer, above, below] as unknown[][]) [list[at], list[at + 1]] = [list[at + 1], list[at]];
          again = moved = true;
        }
      }
      this.setLayer(i, layer);
    }
    return moved;
  }
}

export interface OrderOptions {
  /** Layers that keep the order they come in (the coach's guards). */
  readonly frozen?: ReadonlySet<number>;
  /** Independent beginnings tried; the first is the given order. */
  readonly beginnings?: number;
}

/**
 * Orders the layers so that few edges cross: barycentre sweeps (Sugiyama, Tagawa & Toda 1981) and adjacent exchange
 * (Gansner et al. 1993), from several seeded beginnings; the best order seen. Deterministic; heights are never touched.
 */
export function orderLayers(layering: Layering, { frozen = new Set(), beginnings = 4 }: OrderOptions = {}): number[][] {
  let best = layering.layers.map((layer) => [...layer]);
  let fewest = countCrossings(layering, best);
  for (let beginning = 0; beginning < beginnings && fewest > 0; beginning++) {
    const random = seededRandom(beginning);
    const shuffled = layering.layers.map((layer, i) => (beginning === 0 || frozen.has(i) ? [...layer] : shuffle(layer, random)));
    const sweeper = new Sweeper(layering, shuffled, frozen);
    for (let round = 0, stale = 0; round < 24 && stale < 4; round++) {
      sweeper.sweep();
      for (let tries = 0; tries < 8 && sweeper.exchange(); tries++);
      const crossings = countCrossings(layering, sweeper.layers);
      stale++;
      if (crossings >= fewest) continue;
      fewest = crossings;
      best = sweeper.layers.map((layer) => [...layer]);
      stale = 0;
    }
  }
  return best;
}

function shuffle<T>(items: readonly T[], random: () => number): T[] {
  const list = [...items];
  for (let i = list.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [list[i], list[j]] = [list[j]!, list[i]!];
  }
  return list;
}
