import { seededRandom } from '@/core/base';
import type { TreeDocument } from '@/core/tree';
import { randomWorld } from './randomWorld';

/** A random tree with moves that are only announced, places that go on in another tree or are read as they are, and ways that fail somewhere. */
export function randomOdds(seed: number, positions: number): TreeDocument {
  const doc = randomWorld(seed, { positions, transitions: 2 * positions });
  const random = seededRandom(seed + 13);
  const somewhere = () => doc.positions[Math.floor(random() * positions)]!.id;
  return {
    ...doc,
    positions: doc.positions.map((item, i) => ({
      ...item,
      ...(!item.ends && random() < 0.3 ? { continuesIn: { tree: 'another', position: 'there' } } : {}),
      ...(i % 5 === 0 ? { readSkill: [0, 0.3, 1][(seed + i) % 3]! } : {}),
    })),
    transitions: doc.transitions.map((item) => ({
      ...item,
      ...(random() < 0.15 ? { announced: true } : {}),
      ...(item.actor === 'owner' && random() < 0.1 ? { onFail: somewhere() } : {}),
      ...(item.actor === 'opponent' && random() < 0.5 ? { works: Math.round(random() * 10) / 10 } : {}),
    })),
  };
}
