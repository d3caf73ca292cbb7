/**
 * Perfect matching of least cost in any graph, by blossoms with dual variables (Edmonds 1965; Galil 1986, dense form, n³): people are
 * numbered from 1, blossoms after them, 0 = nobody. Weights are whole numbers, so that a tight edge is known exactly.
 */
class Blossoms {
  private readonly size: number;
  private top: number;
  private readonly weight: Float64Array;
  /** Ends, among the people, of the edge between two nodes. */
  private readonly from: Int32Array;
  private readonly label: Float64Array;
  readonly mate: Int32Array;
  private readonly slack: Int32Array;
  /** The outermost blossom of a node. */
  private readonly outer: Int32Array;
  private readonly parent: Int32Array;
  /** −1 = free, 0 = even, 1 = odd. */
  private readonly state: Int32Array;
  private readonly visited: Int32Array;
  private readonly within: Int32Array;
  private readonly flowers: number[][];
  private queue: number[] = [];
  private turn = 0;

  constructor(
    private readonly count: number,
    weightOf: (a: number, b: number) => number,
  ) {
    const size = 2 * count + 1;
    this.size = size;
    this.top = count;
    this.weight = new Float64Array(size * size);
    this.from = new Int32Array(size * size);
    this.within = new Int32Array(size * size);
    [this.mate, this.slack, this.outer, this.parent, this.state, this.visited] = Array.from({ length: 6 }, () => new Int32Array(size)) as [
      Int32Array,
      Int32Array,
      Int32Array,
      Int32Array,
      Int32Array,
      Int32Array,
    ];
    this.flowers = Array.from({ length: size }, () => []);
    let most = 0;
    for (let a = 1; a <= count; a++) {
      this.outer[a] = a;
      for (let b = 1; b <= count; b++) {
        this.from[a * size + b] = a;
        this.within[a * size + b] = a === b ? a : 0;
        const weight = a === b ? 0 : weightOf(a - 1, b - 1);
        this.weight[a * size + b] = weight;
        most = Math.max(most, weight);
      }
    }
    this.label = new Float64Array(size).fill(0);
    for (let a = 1; a <= count; a++) this.label[a] = most;
  }

  private tightness(a: number, b: number): number {
    const { size, from, label, weight } = this;
    const [u, v] = [from[a * size + b]!, from[b * size + a]!];
    return label[u]! + label[v]! - weight[u * size + v]! * 2;
  }
  private offerSlack(a: number, b: number): void {
    if (this.slack[b] === 0 || this.tightness(a, b) < this.tightness(this.slack[b]!, b)) this.slack[b] = a;
  }
  private findSlack(b: number): void {
    this.slack[b] = 0;
    for (let a = 1; a <= this.count; a++)
      if (this.weight[a * this.size + b]! > 0 && this.outer[a] !== b && this.state[this.outer[a]!] === 0) this.offerSlack(a, b);
  }
  private push(node: number): void {
    if (node <= this.count) this.queue.push(node);
    else for (const inner of this.flowers[node]!) this.push(inner);
  }
  private setOuter(node: number, blossom: number): void {
    this.outer[node] = blossom;
    if (node > this.count) for (const inner of this.flowers[node]!) this.setOuter(inner, blossom);
  }
  /** Where an inner node stands in its blossom, turned so that it is an even number of steps from the base. */
  private evenPlace(blossom: number, inner: number): number {
    const flower = this.flowers[blossom]!;
    const at = flower.indexOf(inner);
    if (at % 2 === 0) return at;
    this.flowers[blossom] = [flower[0]!, ...flower.slice(1).reverse()];
    return flower.length - at;
  }
  private setMate(a: number, b: number): void {
    this.mate[a] = this.from[b * this.size + a]!;
    if (a <= this.count) return;
    const inner = this.within[a * this.size + this.from[a * this.size + b]!]!;
    const at = this.evenPlace(a, inner);
    const flower = this.flowers[a]!;
    for (let i = 0; i < at; i++) this.setMate(flower[i]!, flower[i ^ 1]!);
    this.setMate(inner, b);
    this.flowers[a] = [...flower.slice(at), ...flower.slice(0, at)];
  }
  private augment(start: number, end: number): void {
    let [a, b] = [start, end];
    for (;;) {
      const next = this.outer[this.mate[a]!]!;
      this.setMate(a, b);
      if (next === 0) return;
      const before = this.outer[this.parent[next]!]!;
      this.setMate(next, before);
      [a, b] = [before, next];
    }
  }
  private commonRoot(start: number, end: number): number {
    let [a, b] = [start, end];
    for (this.turn++; a !== 0 || b !== 0; [a, b] = [b, a]) {
      if (a === 0) continue;
      if (this.visited[a] === this.turn) return a;
      this.visited[a] = this.turn;
      a = this.outer[this.mate[a]!]!;
      if (a !== 0) a = this.outer[this.parent[a]!]!;
    }
    return 0;
  }
  private shrink(a: number, root: number, b: number): void {
    const { size, count } = this;
    let blossom = count + 1;
    while (blossom <= this.top && this.outer[blossom] !== 0) blossom++;
    if (blossom > this.top) this.top++;
    this.label[blossom] = 0;
    this.state[blossom] = 0;
    this.mate[blossom] = this.mate[root]!;
    const side = (start: number): number[] => {
      const nodes: number[] = [];
      for (let x = start; x !== root;) {
        const y = this.outer[this.mate[x]!]!;
        nodes.push(x, y);
        this.push(y);
        x = this.outer[this.parent[y]!]!;
      }
      return nodes;
    };
    const flower = [root, ...side(a).reverse(), ...side(b)];
    this.flowers[blossom] = flower;
    this.setOuter(blossom, blossom);
    for (let x = 1; x <= this.top; x++) this.weight[blossom * size + x] = this.weight[x * size + blossom] = 0;
    for (let x = 1; x <= count; x++) this.within[blossom * size + x] = 0;
    for (const inner of flower) {
      for (let x = 1; x <= this.top; x++) {
        if (this.weight[inner * size + x] === 0) continue;
        if (this.weight[blossom * size + x] === 0 || this.tightness(inner, x) < this.tightness(blossom, x)) {
          this.weight[blossom * size + x] = this.weight[inner * size + x]!;
          this.weight[x * size + blossom] = this.weight[x * size + inner]!;
          this.from[blossom * size + x] = this.from[inner * size + x]!;
          this.from[x * size + blossom] = this.from[x * size + inner]!;
        }
      }
      for (let x = 1; x <= count; x++) if (this.within[inner * size + x] !== 0) this.within[blossom * size + x] = inner;
    }
    this.findSlack(blossom);
  }
  private expand(blossom: number): void {
    const { size } = this;
    for (const inner of this.flowers[blossom]!) this.setOuter(inner, inner);
    const entry = this.within[blossom * size + this.from[blossom * size + this.parent[blossom]!]!]!;
    const at = this.evenPlace(blossom, entry);
    const flower = this.flowers[blossom]!;
    for (let i = 0; i < at; i += 2) {
      const [odd, even] = [flower[i]!, flower[i + 1]!];
      this.parent[odd] = this.from[even * size + odd]!;
      this.state[odd] = 1;
      this.state[even] = 0;
      this.slack[odd] = 0;
      this.findSlack(even);
      this.push(even);
    }
    this.state[entry] = 1;
    this.parent[entry] = this.parent[blossom]!;
    for (const free of flower.slice(at + 1)) {
      this.state[free] = -1;
      this.findSlack(free);
    }
    this.outer[blossom] = 0;
  }
  /** Goes along a tight edge; true = the matching has grown. */
  private follow(u: number, v: number): boolean {
    const [a, b] = [this.outer[u]!, this.outer[v]!];
    if (this.state[b] === -1) {
      this.parent[b] = u;
      this.state[b] = 1;
      const next = this.outer[this.mate[b]!]!;
      this.slack[b] = this.slack[next] = 0;
      this.state[next] = 0;
      this.push(next);
    } else if (this.state[b] === 0) {
      const root = this.commonRoot(a, b);
      if (root === 0) {
        this.augment(a, b);
        this.augment(b, a);
        return true;
      }
      this.shrink(a, root, b);
    }
    return false;
  }
  private followTight(): boolean {
    for (let u = this.queue.shift(); u !== undefined; u = this.queue.shift()) {
      if (this.state[this.outer[u]!] === 1) continue;
      for (let v = 1; v <= this.count; v++) {
        if (this.weight[u * this.size + v]! <= 0 || this.outer[u] === this.outer[v]) continue;
        if (this.tightness(u, v) === 0) {
          if (this.follow(u, v)) return true;
        } else this.offerSlack(u, this.outer[v]!);
      }
    }
    return false;
  }
  /** How far the labels can go until an edge is tight or a blossom empty. */
  private step(): number {
    let d = Infinity;
    for (let b = this.count + 1; b <= this.top; b++) if (this.outer[b] === b && this.state[b] === 1) d = Math.min(d, this.label[b]! / 2);
    for (let x = 1; x <= this.top; x++) {
      if (this.outer[x] !== x || this.slack[x] === 0) continue;
      const left = this.tightness(this.slack[x]!, x);
      if (this.state[x] === -1) d = Math.min(d, left);
      else if (this.state[x] === 0) d = Math.min(d, left / 2);
    }
    return d;
  }
  /** One more pair; false = there is none. */
  grow(): boolean {
    this.state.fill(-1);
    this.slack.fill(0);
    this.queue = [];
    for (let x = 1; x <= this.top; x++)
      if (this.outer[x] === x && this.mate[x] === 0) {
        this.parent[x] = 0;
        this.state[x] = 0;
        this.push(x);
      }
    if (this.queue.length === 0) return false;
    for (;;) {
      if (this.followTight()) return true;
      const d = this.step();
      for (let u = 1; u <= this.count; u++) {
        const state = this.state[this.outer[u]!];
        if (state === 0) {
          if (this.label[u]! <= d) return false;
          this.label[u]! -= d;
        } else if (state === 1) this.label[u]! += d;
      }
      for (let b = this.count + 1; b <= this.top; b++)
        if (this.outer[b] === b) this.label[b]! += this.state[b] === 0 ? 2 * d : this.state[b] === 1 ? -2 * d : 0;
      this.queue = [];
      for (let x = 1; x <= this.top; x++) {
        const a = this.slack[x]!;
        if (this.outer[x] !== x || a === 0 || this.outer[a] === x || this.tightness(a, x) !== 0) continue;
        if (this.follow(this.from[a * this.size + x]!, this.from[x * this.size + a]!)) return true;
      }
      for (let b = this.count + 1; b <= this.top; b++)
        if (this.outer[b] === b && this.state[b] === 1 && this.label[b] === 0) this.expand(b);
    }
  }
}

/**
 * Everybody's partner so that the sum of costs is least; null = not everybody can have one. `costOf`: whole numbers from 0, Infinity =
 * these two may not. Pre: `count` is even.
 */
export function leastCostMatching(count: number, costOf: (a: number, b: number) => number): number[] | null {
  if (count === 0) return [];
  let most = 0;
  for (let a = 0; a < count; a++) for (let b = 0; b < a; b++) if (Number.isFinite(costOf(a, b))) most = Math.max(most, costOf(a, b));
  // Heavier than all costs together: a pair more is worth any cost.
  const base = (most + 1) * (count / 2 + 1);
  const blossoms = new Blossoms(count, (a, b) => {
    const cost = costOf(a, b);
    return Number.isFinite(cost) ? base - cost : 0;
  });
  let pairs = 0;
  while (pairs < count / 2 && blossoms.grow()) pairs++;
  return pairs < count / 2 ? null : Array.from({ length: count }, (_, i) => blossoms.mate[i + 1]! - 1);
}
