import { useState } from 'react';
import { sayPlaceAsked } from '@/core/words';
import type { PlaceMeant } from '@/core/dictation';
import { heightNote, type LineOption } from '../typing/options';

type Asked = Extract<PlaceMeant, { kind: 'ask' }>;

/** The one question of a line that names a place: is it one that is there? It stands until something else is typed. */
export function useQuestion() {
  const [asked, setAsked] = useState<{ readonly typed: string; readonly of: Asked } | null>(null);
  const ofTyped = (typed: string): Asked | null => (asked?.typed === typed ? asked.of : null);
  return {
    ask: (typed: string, of: Asked): null => {
      setAsked({ typed, of });
      return null;
    },
    /** The places in question; null = nothing is asked. */
    rows: (typed: string): LineOption[] | null =>
      ofTyped(typed)?.between.map((position) => ({
        key: position.id,
        label: position.name,
        note: heightNote(position),
        takes: { kind: 'place', position },
      })) ?? null,
    says: (typed: string): string | null => {
      const of = ofTyped(typed);
      return (
        of &&
        sayPlaceAsked(
          of.why,
          typed.trim(),
          of.between.map(({ name }) => name),
        )
      );
    },
    /** Enter joins the one place; of several none is chosen beforehand. */
    isOne: (typed: string): boolean => ofTyped(typed)?.between.length === 1,
  };
}
