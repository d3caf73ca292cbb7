import type { TreeDocument } from '@/core/tree';
import type { Scene } from './viewModel';

const recent = new WeakMap<TreeDocument, Map<string, Scene>>();

/** The same tree in the same view is laid out once, also when its board is left and opened again. */
export function recentLayout(tree: TreeDocument, key: string, make: () => Scene): Scene {
  const known = recent.get(tree) ?? new Map<string, Scene>();
  recent.set(tree, known);
  const scene = known.get(key) ?? make();
  known.set(key, scene);
  return scene;
}
