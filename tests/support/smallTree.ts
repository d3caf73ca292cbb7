import type { Position, Transition, TreeDocument } from '@/core/tree';

/** The least that a tree needs, for fixtures worked out by hand. */
export const position = (id: string, extra: Partial<Position> = {}): Position => ({
  id,
  name: id,
  family: 'transit',
  lines: [],
  tempo: 'neutral',
  reads: [],
  ...extra,
});
export const mine = (id: string, from: string, to: string, extra: Partial<Transition> = {}): Transition => ({
  id,
  from,
  to,
  actor: 'owner',
  name: id,
  kind: 'pass',
  ...extra,
});
export const his = (id: string, from: string, to: string, extra: Partial<Transition> = {}): Transition => ({
  id,
  from,
  to,
  actor: 'opponent',
  name: id,
  kind: 'retention',
  ...extra,
});
export const reaction = (...ids: string[]) => [
  { id: 'he', name: 'he', kind: 'reaction' as const, values: ids.map((id) => ({ id, name: id, kind: 'frame' as const })) },
];

export const tree = (
  positions: readonly Position[],
  transitions: readonly Transition[],
  extra: Partial<TreeDocument> = {},
): TreeDocument => ({
  id: 't',
  name: 'T',
  owner: 'passer',
  contexts: [],
  schools: [],
  starts: positions[0] ? [{ position: positions[0].id }] : [],
  positions,
  transitions,
  ...extra,
});
