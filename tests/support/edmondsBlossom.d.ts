declare module 'edmonds-blossom' {
  /** Of each vertex its mate, −1 = none; `maxCardinality`: as many pairs as can be, first of all. */
  export default function blossom(edges: number[][], maxCardinality?: boolean): number[];
}
