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

/** A guard where a is shown nine times as often as b, each answered by a move of its own. */
export const nineToOne = (chances: Partial<Transition>): TreeDocument => {
  const [read] = reaction('a', 'b');
  const values = read!.values.map((value, i) => ({ ...value, share: i ? 0.1 : 0.9 }));
  return tree(
    [position('g', { reads: [{ ...read!, closed: true, values }] }), position('pin', { ends: 'settled' })],
    ['a', 'b'].map((shown) => mine(shown, 'g', 'pin', { when: { he: [shown] }, seconds: 60, offCue: 0, stopped: 0, ...chances })),
  );
};
