import {
  type Family,
  type Line,
  type Position,
  type Read,
  type ReadKind,
  type Transition,
  type TransitionKind,
  type Value,
  type ValueKind,
  LINES,
} from '@/core/tree';

/** Short forms for writing the demo tree down; the words for shares are those of the interface. */
const SHARES = { rarely: 0.05, sometimes: 0.15, often: 0.35, mostly: 0.6 } as const;

/** "id: name: kind: share word: cue text", the last two optional. */
export function value(line: string): Value {
  const [id, name, kind = 'other', share, cue] = line.split(':').map((part) => part.trim());
  return {
    id: id!,
    name: name!,
    kind: kind as ValueKind,
    ...(share ? { share: SHARES[share as keyof typeof SHARES] } : {}),
    ...(cue ? { cue } : {}),
  };
}
const read = (id: string, name: string, kind: ReadKind, values: readonly string[], marks: Partial<Read> = {}): Read => ({
  id,
  name,
  kind,
  ...marks,
  values: values.map(value),
});
export const he = (...values: string[]): Read => read('he', 'he …', 'reaction', values);
export const cue = (id: string, name: string, ...values: string[]): Read => read(id, name, 'cue', values, { closed: true });
export const timing = (...values: string[]): Read => read('timing', 'timing', 'timing', values);

/** First letters of the lines held, "fkhc+" = chest without head; "" = none. */
export const lines = (letters: string): Line[] => LINES.filter((line) => letters.includes(line === 'head' ? '+' : line[0]!));

export type Extra = Partial<Omit<Position, 'id' | 'name' | 'family' | 'lines'>>;
export const place = (id: string, name: string, family: Family, held: string, extra: Extra = {}): Position => ({
  id,
  name,
  family,
  lines: lines(held),
  tempo: 'neutral',
  reads: [],
  ...extra,
});

type More = Partial<Omit<Transition, 'id' | 'from' | 'to' | 'actor' | 'name' | 'kind' | 'when'>> & {
  when?: Readonly<Record<string, string>>;
};
function move(actor: Transition['actor'], path: string, kind: TransitionKind, name: string, { when, ...more }: More): Transition {
  const [from, to] = path.split('>').map((part) => part.trim());
  const named = when && Object.fromEntries(Object.entries(when).map(([id, values]) => [id, values.split(' ')]));
  return {
    id: `${from}-${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`,
    from: from!,
    to: to!,
    actor,
    name,
    kind,
    ...(named ? { when: named } : {}),
    ...more,
  };
}
/** Our move, "from > to". */
export const I = (path: string, kind: TransitionKind, name: string, more: More = {}): Transition => move('owner', path, kind, name, more);
/** His move, "from > to". */
export const He = (path: string, kind: TransitionKind, name: string, more: More = {}): Transition =>
  move('opponent', path, kind, name, more);
