import { atOnce, seededRandom, type InPieces } from '../base';

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

/** Neighbour lists laid one behind the other: those of node n are list[first[n]] … list[first[n + 1] - 1]. */
interface Lists {
  readonly first: Int32Array;
  readonly list: Int32Array;
}

function listsOf(neighbours: readonly (readonly number[])[]): Lists {
  const first = new Int32Array(neighbours.length + 1);
  neighbours.forEach((items, node) => (first[node + 1] = first[node]! + items.length));
  return { first, list: Int32Array.from(neighbours.flat()) };
}

/** Sorts values[from … to - 1] in place; the lists here are short. */
function insertionSort(values: Int32Array, from: number, to: number): void {
  for (let i = from + 1; i < to; i++) {
    const value = values[i]!;
    let j = i - 1;
    while (j >= from && values[j]! > value) {
      values[j + 1] = values[j]!;
      j--;
    }
    values[j + 1] = value;
  }
}

/** A layering with the places of its nodes; the numbers that all passes work on. */
class Order {
  readonly place: Int32Array;
  private readonly up: Lists;
  private readonly down: Lists;
  /** Places of each node's neighbours, sorted, in the layout of `up.list` and `down.list`. */
  private readonly upPlaces: Int32Array;
  private readonly downPlaces: Int32Array;
  private readonly weight: Float64Array;
  private readonly counter: Int32Array;

  constructor(
    layering: Layering,
    readonly layers: Int32Array[],
    private readonly frozen: ReadonlySet<number>,
  ) {
    this.up = listsOf(layering.up);
    this.down = listsOf(layering.down);
    this.place = new Int32Array(layering.up.length);
    this.upPlaces = new Int32Array(this.up.list.length);
    this.downPlaces = new Int32Array(this.down.list.length);
    this.weight = new Float64Array(layering.up.length);
    this.counter = new Int32Array(Math.max(1, ...layers.map((layer) => layer.length)) + 1);
    this.setLayers(layers);
  }

  setLayers(layers: readonly Int32Array[]): void {
    layers.forEach((layer, i) => {
      this.layers[i] = layer.slice();
      this.number(i);
    });
  }
  private number(i: number): void {
    const layer = this.layers[i]!;
    for (let at = 0; at < layer.length; at++) this.place[layer[at]!] = at;
  }

  /** Fills the sorted places of the neighbours of a layer's nodes on one side. */
  private sortPlaces(layer: Int32Array, { first, list }: Lists, into: Int32Array): void {
    for (const node of layer) {
      const [from, to] = [first[node]!, first[node + 1]!];
      for (let i = from; i < to; i++) into[i] = this.place[list[i]!]!;
      if (to - from > 1) insertionSort(into, from, to);
    }
  }

  /** Crossings with a binary indexed tree per pair of layers (Barth, Jünger & Mutzel 2002). O(e log e). */
  crossings(): number {
    let sum = 0;
    const { counter } = this;
    for (let l = 0; l + 1 < this.layers.length; l++) {
      const size = this.layers[l + 1]!.length;
      counter.fill(0, 0, size + 1);
      this.sortPlaces(this.layers[l]!, this.up, this.upPlaces);
      let seen = 0;
      for (const node of this.layers[l]!) {
        const [from, to] = [this.up.first[node]!, this.up.first[node + 1]!];
        for (let e = from; e < to; e++) {
          let smaller = 0;
          for (let i = this.upPlaces[e]! + 1; i > 0; i -= i & -i) smaller += counter[i]!;
          sum += seen - smaller;
        }
        for (let e = from; e < to; e++) for (let i = this.upPlaces[e]! + 1; i <= size; i += i & -i) counter[i]!++;
        seen += to - from;
      }
    }
    return sum;
  }

  /** Orders a layer by the mean place of its neighbours on one side; nodes without neighbours keep their place. */
  private orderBy(i: number, { first, list }: Lists): void {
    if (this.frozen.has(i)) return;
    const layer = this.layers[i]!;
    const { weight, place } = this;
    const movable: number[] = [];
    for (const node of layer) {
      const [from, to] = [first[node]!, first[node + 1]!];
      if (from === to) continue;
      let sum = 0;
      for (let e = from; e < to; e++) sum += place[list[e]!]!;
      weight[node] = sum / (to - from);
      movable.push(node);
    }
    movable.sort((a, b) => weight[a]! - weight[b]! || place[a]! - place[b]!);
    let next = 0;
    for (let at = 0; at < layer.length; at++) {
      const node = layer[at]!;
      if (first[node] !== first[node + 1]) layer[at] = movable[next++]!;
    }
    this.number(i);
  }

  sweep(): void {
    for (let i = 1; i < this.layers.length; i++) this.orderBy(i, this.down);
    for (let i = this.layers.length - 2; i >= 0; i--) this.orderBy(i, this.up);
  }

  /** Crossings of the edges of `a`, standing left, with those of `b` on one side, by their sorted places. */
  private pair(a: number, b: number, { first }: Lists, places: Int32Array): number {
    let crossings = 0;
    let j = first[b]!;
    const end = first[b + 1]!;
    for (let i = first[a]!; i < first[a + 1]!; i++) {
      while (j < end && places[j]! < places[i]!) j++;
      crossings += j - first[b]!;
    }
    return crossings;
  }

  /** Exchanges neighbours while that removes crossings; the number of exchanges. */
  exchange(): number {
    let moves = 0;
    const both = (a: number, b: number): number => this.pair(a, b, this.up, this.upPlaces) + this.pair(a, b, this.down, this.downPlaces);
    for (let i = 0; i < this.layers.length; i++) {
      if (this.frozen.has(i)) continue;
      const layer = this.layers[i]!;
      this.sortPlaces(layer, this.up, this.upPlaces);
      this.sortPlaces(layer, this.down, this.downPlaces);
      for (let again = true, rounds = 0; again && rounds < EXCHANGE_ROUNDS; rounds++) {
        again = false;
        for (let at = 0; at + 1 < layer.length; at++) {
          const [a, b] = [layer[at]!, layer[at + 1]!];
          const now = both(a, b);
          if (now === 0 || both(b, a) >= now) continue;
          layer[at] = b;
          layer[at + 1] = a;
          again = true;
          moves++;
        }
      }
      this.number(i);
    }
    return moves;
  }
}

const EXCHANGE_ROUNDS = 12;
const SWEEPS = 16;
/** Sweeps without a better order before a beginning is given up. */
const STALE_SWEEPS = 3;

const toLayers = (layers: readonly (readonly number[])[]): Int32Array[] => layers.map((layer) => Int32Array.from(layer));

export function countCrossings(layering: Layering, layers: readonly (readonly number[])[] = layering.layers): number {
  return new Order(layering, toLayers(layers), new Set()).crossings();
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
export const orderLayers = (layering: Layering, options: OrderOptions = {}): number[][] => atOnce(orderLayersInPieces(layering, options));

/** The same, a piece for each sweep. */
export function* orderLayersInPieces(layering: Layering, { frozen = new Set(), beginnings = 2 }: OrderOptions = {}): InPieces<number[][]> {
  const order = new Order(layering, toLayers(layering.layers), frozen);
  let best = order.layers.map((layer) => layer.slice());
  let fewest = order.crossings();
  for (let beginning = 0; beginning < beginnings && fewest > 0; beginning++) {
    const random = seededRandom(beginning);
    if (beginning > 0) order.setLayers(toLayers(layering.layers).map((layer, i) => (frozen.has(i) ? layer : shuffled(layer, random))));
    for (let round = 0, stale = 0; round < SWEEPS && stale < STALE_SWEEPS && fewest > 0; round++) {
      order.sweep();
      order.exchange();
      const crossings = order.crossings();
      yield;
      stale++;
      if (crossings >= fewest) continue;
      fewest = crossings;
      best = order.layers.map((layer) => layer.slice());
      stale = 0;
    }
  }
  // Sweeping disturbs what exchanging has won; the best order is exchanged until nothing more is to be won.
  order.setLayers(best);
  for (let tries = 0; tries < SWEEPS && order.exchange() > 0; tries++) yield;
  return order.layers.map((layer) => [...layer]);
}

function shuffled(items: Int32Array, random: () => number): Int32Array {
  for (let i = items.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [items[i], items[j]] = [items[j]!, items[i]!];
  }
  return items;
}
