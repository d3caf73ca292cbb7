export { immediateDominators } from './dominators';
export { elementaryCycles } from './elementaryCycles';
export { smallestHittingSet } from './hittingSet';
export { mustAnalysis, type Certain, type FlowEdge } from './mustAnalysis';
export { breadthFirst, FAR, reachedFrom, pathTo as wayTo, type Edges } from './search';
export { findShortestPaths, walkSimplePaths } from './simplePaths';
