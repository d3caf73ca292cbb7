'use client';
import { guessSigns, recognise, saySign } from '@/core/catalogue';
import { otherPerson } from '@/core/lens';
import { useState } from 'react';
import type { Position, TreeDocument } from '@/core/tree';
import { useCatalogue } from '@/client/useCatalogue';
import { SignTicks } from './SignTicks';

interface Props {
  readonly tree: TreeDocument;
  readonly position: Position;
  readonly onChange: (label: string, patch: Partial<Position>) => void;
}

/** How one knows a place; where nothing is said of what is seen there, it is asked, with a guess. */
export function RecognitionCard({ tree, position, onChange }: Props) {
  // Once opened the list stays while it is ticked.
  const [asking, setAsking] = useState(false);
  const card = recognise(position);
  const isAsked = card.seen.length === 0 && position.family !== 'lost';
  const catalogue = useCatalogue(isAsked, tree.owner);
  const guess = isAsked && catalogue ? guessSigns(position, catalogue) : [];
  // Signs are told as the coach sees them; the other sees his own legs.
  const said = (text: string): string => (tree.isSwapped ? otherPerson(text) : text);
  const lines = [
    card.stands && said(`I am ${card.stands}.`),
    card.seen.length > 0 && said(`Seen: ${card.seen.join('; ')}.`),
    card.holds.length > 0 && `He usually holds: ${card.holds.join('; ')}.`,
    card.cloth.length > 0 && `Of that on the cloth: ${card.cloth.join('; ')}.`,
  ].filter((line) => typeof line === 'string' && line !== '');
  if (lines.length === 0 && !isAsked) return null;
  return (
    <section aria-label="How one knows it" className="mt-2">
      <h3 className="text-[15px] font-semibold">Known by</h3>
      {lines.map((line) => (
        <p key={String(line)}>{line}</p>
      ))}
      {isAsked && (
        <p className="text-soft">
          What is seen here at a glance is not said, so the finder cannot find it.
          {guess.length > 0 && (
            <>
              {' '}
              Perhaps: {guess.map(({ sign }) => saySign(sign)).join('; ')}.{' '}
              <button
                type="button"
                className="min-h-8 underline"
                onClick={() => onChange('seen', { signs: guess.map(({ sign }) => sign) })}
              >
                Yes, that is it
              </button>
            </>
          )}
        </p>
      )}
      {(isAsked || asking) && (
        <details open={asking} onToggle={(event) => setAsking(event.currentTarget.open)}>
          <summary className="min-h-8">Say what is seen</summary>
          <SignTicks signs={position.signs ?? []} onChange={(signs) => onChange('seen', { signs })} />
        </details>
      )}
    </section>
  );
}
