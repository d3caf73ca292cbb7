import type { TreeDocument } from '@/core/tree';
import { hostileTree } from './hostileTree';

/** 120 letters without a gap. */
export const LONG_NAME = 'Schulterdruckhalbwachenpassage'.repeat(4);

/** A tree in which every name has 120 letters. */
export function longTree(): TreeDocument {
  const { positions, transitions, ...rest } = hostileTree();
  const named = <T extends object>(item: T): T => ({ ...item, name: LONG_NAME });
  return {
    ...rest,
    id: 'long',
    name: LONG_NAME,
    schools: [LONG_NAME],
    positions: positions.map((position) => ({
      ...named(position),
      reads: position.reads.map((read) => ({ ...named(read), values: read.values.map(named) })),
    })),
    transitions: transitions.map(named),
    ruleSets: [{ id: 'long', name: LONG_NAME, contexts: [], levels: [LONG_NAME], forbidden: [{ tag: LONG_NAME }], points: [] }],
    profiles: [{ id: 'long', name: LONG_NAME, of: 'athlete', physique: [LONG_NAME] }],
    ruleCards: ['long'],
    athletes: ['long'],
  };
}
