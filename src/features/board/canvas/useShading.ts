import { useMemo } from 'react';
import { ODDS_QUESTION, type ShadedBy } from '@/core/odds';
import { sayShade } from '@/core/words';
import { useAnswer, type Answer, type Subject } from '@/workers/useAnswer';
import type { Look } from '@/workers/questions';

export interface RungShade {
  /** In [0, 1]. */
  readonly part: number;
  readonly text: string;
}
export type Shading = ReadonlyMap<string, RungShade>;

/** How dark each rung is drawn, and what stands at it; null = nothing is shaded, or not yet. */
export function useShading(subject: Subject, look: Look, by: ShadedBy | null): { shading: Shading | null; answer: Answer<unknown> } {
  const answer = useAnswer<'shades'>(subject, by === null ? null : { kind: 'shades', look, by, question: ODDS_QUESTION });
  const { asked } = answer;
  const value = answer.pending || answer.isCurrent ? answer.value : null;
  const shading = useMemo(
    () => (value && asked ? new Map(value.map((shade) => [shade.position, { part: shade.part, text: sayShade(asked.by, shade) }])) : null),
    [value, asked],
  );
  return { shading, answer };
}
