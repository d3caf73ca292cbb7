import { perObject } from '../../base';
import { findCycles } from '../../structure';
import type { TreeDocument } from '../../tree';

/** The loops of a tree, searched once for those that cost lines and those that do not. */
export const cyclesOf = perObject((tree: TreeDocument) => findCycles(tree, { limit: 1000, steps: 60_000 }));
