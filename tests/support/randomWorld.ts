import { seededRandom } from '@/core/base';
import type { TreeDocument } from '@/core/tree';
import { randomTree, type RandomTreeOptions } from './randomTree';

/** A random tree with what a gym adds to it: either owner, several starts with facts, typed defaults, who it is looked at with. */
export function randomWorld(seed: number, options: RandomTreeOptions): TreeDocument {
  const tree = randomTree(seed, options);
  const random = seededRandom(seed + 77);
  const chance = (p: number): boolean => random() < p;
  const some = <T>(items: readonly T[], p: number): T[] => items.filter(() => chance(p));
  const part = (): number => Math.round(random() * 100) / 100;
  const moves = tree.transitions.map((transition) => transition.id);
  const values = tree.positions.flatMap(({ id, reads }) =>
    reads.flatMap((read) => read.values.map((value) => ({ position: id, value: value.id }))),
  );
  return {
    ...tree,
    owner: chance(0.4) ? 'guardPlayer' : 'passer',
    starts: [
      ...tree.starts.map((start) => ({ ...start, ...(chance(0.5) ? { facts: ['left hand far hip', 'hip freed'] } : {}) })),
      ...some(
        tree.positions.filter(({ id }) => !tree.starts.some((start) => start.position === id)),
        0.15,
      ).map(({ id }) => ({ position: id })),
    ],
    ...(chance(0.5) ? { defaults: { works: part(), stopped: part(), seconds: 1 + Math.floor(random() * 20) } } : {}),
    profiles: [
      { id: 'mine', name: 'Mine', of: 'athlete', off: some(moves, 0.2), on: some(moves, 0.1) },
      { id: 'his', name: 'His', of: 'opponent', off: some(moves, 0.1), habits: some(values, 0.3).map((at) => ({ ...at, share: part() })) },
    ],
  };
}
