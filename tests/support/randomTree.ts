import { seededRandom } from '@/core/base';
import {
  LINES,
  TEMPOS,
  type Ending,
  type Outcome,
  type Position,
  type Read,
  type Transition,
  type TreeDocument,
  type When,
} from '@/core/tree';

export interface RandomTreeOptions {
  readonly positions: number;
  readonly transitions: number;
  /** Answers only climb, as in a tree that is drawn well; returns are the opponent's. */
  readonly climbing?: boolean;
  readonly reads?: boolean;
}

/** A seeded tree with everything the computations look at: cycles, parallel transitions, reads of all kinds, endings. */
export function randomTree(
  seed: number,
  { positions: count, transitions: moves, climbing = false, reads: withReads = true }: RandomTreeOptions,
): TreeDocument {
  const random = seededRandom(seed);
  const pick = <T>(items: readonly T[]): T => items[Math.floor(random() * items.length)]!;
  const chance = (p: number): boolean => random() < p;
  /** A stream of its own, so that what it decides moves nothing else of a seed's tree. */
  const aside = seededRandom(seed ^ 0x5eed);
  const outcomesAt = (values: readonly string[]): readonly Outcome[] =>
    values.length === 0 || aside() >= 0.3
      ? []
      : Array.from({ length: 1 + Math.floor(aside() * 2) }, () => ({
          ifShown: [values[Math.floor(aside() * values.length)]!],
          to: `p${Math.floor(aside() * count)}`,
        }));
  const height = (i: number): number => Math.floor((6 * i) / count);

  const readsAt = (): Read[] => {
    if (!withReads || chance(0.2)) return [];
    const read = (id: string, kind: Read['kind'], values: number, marks: Partial<Read>): Read => ({
      id,
      name: id,
      kind,
      ...marks,
      values: Array.from({ length: values }, (_, v) => ({
        id: `${id}${v}`,
        name: `${id} ${v}`,
        kind: chance(0.1) ? ('none' as const) : ('frame' as const),
        ...(chance(0.6) ? { share: Math.round(random() * 60) / 100 } : {}),
      })),
    });
    const list = [
      read('he', 'reaction', 1 + Math.floor(random() * 3), chance(0.3) ? { closed: true } : chance(0.3) ? { complete: true } : {}),
    ];
    if (chance(0.3)) list.push(read('cue', 'cue', 2 + Math.floor(random() * 2), { closed: true }));
    if (chance(0.2)) list.push(read('timing', 'timing', 2, {}));
    return list;
  };

  const positions = Array.from({ length: count }, (_, i): Position => {
    const top = i >= count - Math.max(1, Math.floor(count / 12));
    const ends: Ending | undefined =
      i === 0
        ? undefined
        : top
          ? pick(['settled', 'back', 'submission'] as const)
          : chance(0.06)
            ? pick(['swept', 'submitted'] as const)
            : undefined;
    return {
      id: `p${i}`,
      name: `Position ${i}`,
      family: chance(0.12) && !ends && i > 0 ? 'hub' : 'transit',
      lines: ends === 'swept' || ends === 'submitted' ? [] : LINES.slice(0, height(i)),
      tempo: pick(TEMPOS),
      reads: ends ? [] : readsAt(),
      ...(ends ? { ends } : {}),
    };
  });

  const whenAt = (from: Position): When | undefined => {
    const named = from.reads
      .filter(() => chance(0.6))
      .map((read) => [read.id, read.values.filter(() => chance(0.6)).map((value) => value.id)] as const);
    const kept = named.filter(([, values]) => values.length > 0);
    return kept.length > 0 ? Object.fromEntries(kept) : undefined;
  };
  const transitions = Array.from({ length: moves }, (_, n): Transition => {
    const i = Math.floor(random() * count);
    const near = Math.min(count - 1, i + 1 + Math.floor((random() * count) / 5));
    const owner = chance(0.7);
    const to = climbing && owner ? near : chance(0.6) ? near : Math.floor(random() * count);
    const from = positions[i]!;
    const values = from.reads.flatMap((read) => read.values.map((value) => value.id));
    const when = whenAt(from);
    const outcomes = outcomesAt(values);
    return {
      id: `t${n}`,
      from: from.id,
      to: `p${to}`,
      actor: owner ? 'owner' : 'opponent',
      name: `move ${n}`,
      kind: owner ? 'pass' : 'retention',
      ...(when ? { when } : {}),
      ...(owner && values.length > 0 && chance(0.3) ? { stoppedBy: [pick(values)] } : {}),
      ...(chance(0.4) ? { works: Math.round(random() * 100) / 100 } : {}),
      ...(chance(0.2) ? { priority: Math.floor(random() * 3) } : {}),
      ...(chance(0.5) ? { seconds: 1 + Math.floor(random() * 9) } : {}),
      ...(outcomes.length > 0 ? { outcomes } : {}),
      ...(owner && chance(0.15) ? { onFail: `p${Math.floor(random() * count)}` } : {}),
    };
  });
  const starts = [...new Set([0, Math.floor(random() * Math.max(1, count / 6))])].map((i) => ({ position: `p${i}` }));
  return { id: `random-${seed}`, name: `Random ${seed}`, owner: 'passer', contexts: ['gi'], schools: [], starts, positions, transitions };
}
