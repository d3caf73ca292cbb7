import type { Position, Transition, TreeDocument } from '@/core/tree';

/** Names that the language, or a parser of addresses, has a meaning for. */
export const HOSTILE = [
  'constructor',
  'toString',
  'valueOf',
  'hasOwnProperty',
  '..',
  '%2e%2e',
  '50% guard',
  'q/b',
  'length',
  'then',
] as const;

/** A tree in which every id, part and sign is one of them: a chain up to a pin, with reads, answers and grips. */
export function hostileTree(): TreeDocument {
  const positions = HOSTILE.map((id, i): Position => {
    const isLast = i === HOSTILE.length - 1;
    return {
      id,
      name: id,
      family: isLast ? 'pin' : 'transit',
      lines: [],
      tempo: 'neutral',
      signs: ['constructor', 'toString'],
      reads: isLast
        ? []
        : [
            {
              id: HOSTILE[(i + 1) % HOSTILE.length]!,
              name: 'constructor',
              kind: 'cue',
              closed: true,
              values: HOSTILE.slice(0, 3).map((value) => ({ id: value, name: value, kind: 'frame' })),
            },
          ],
      ...(isLast ? { ends: 'settled' } : {}),
    };
  });
  const transitions = positions.slice(0, -1).flatMap(({ id, reads }, i): Transition[] => [
    {
      id,
      from: id,
      to: HOSTILE[i + 1]!,
      actor: 'owner',
      name: id,
      kind: 'pass',
      tags: ['constructor'],
      when: i % 2 === 0 ? { [reads[0]!.id]: ['constructor'] } : undefined,
      steps: [
        { contacts: [{ athlete: 'owner', part: 'constructor', target: { athlete: 'opponent', part: 'toString', spot: 'valueOf' } }] },
      ],
    },
    { id: `${id} back`, from: id, to: HOSTILE[0], actor: 'opponent', name: 'toString', kind: 'retention' },
  ]);
  return {
    id: 'constructor',
    name: 'constructor',
    owner: 'passer',
    contexts: ['gi', 'noGi'],
    schools: ['constructor'],
    starts: [{ position: HOSTILE[0] }],
    positions,
    transitions,
  };
}
