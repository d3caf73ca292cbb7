'use client';
import { useEffect, useState } from 'react';
import { missOfNames, type InPieces } from '@/core/base';
import { offersInPieces, unitKey, type DrillUnit, type PlannedUnit, type UnitSpec } from '@/core/classes';
import type { TreeDocument } from '@/core/tree';
import { Cancelled, letOthersIn } from '@/documents/letOthersIn';
import { UNIT_WORDS, unitTitle } from '@/core/words';
import { LongList } from '@/ui/LongList';

interface Props {
  /** As the class's filter leaves it. */
  readonly tree: TreeDocument;
  readonly units: readonly PlannedUnit[];
  readonly onToggle: (unit: UnitSpec, on: boolean) => void;
}

interface Offer {
  readonly unit: DrillUnit;
  readonly words: string;
}
/** All drills of a tree, in words; null = not asked for, or not yet found. Of a large tree there are thousands: in pieces, so that nothing waits for them. */
function useOffers(tree: TreeDocument, isAsked: boolean): readonly Offer[] | null {
  const [found, setFound] = useState<{ readonly of: TreeDocument; readonly offers: readonly Offer[] } | null>(null);
  useEffect(() => {
    if (!isAsked) return;
    const gone = new AbortController();
    letOthersIn(inWords(tree), { signal: gone.signal }).then(
      (offers) => setFound({ of: tree, offers }),
      (error: unknown) => {
        if (!(error instanceof Cancelled)) throw error;
      },
    );
    return () => gone.abort();
  }, [tree, isAsked]);
  return found?.of === tree ? found.offers : null;
}
function* inWords(tree: TreeDocument): InPieces<Offer[]> {
  const offers: Offer[] = [];
  for (const unit of yield* offersInPieces(tree)) {
    offers.push({ unit, words: `${UNIT_WORDS[unit.kind]}: ${unitTitle(tree, unit)}` });
    yield;
  }
  return offers;
}

/** What can be drilled besides branches: one move by itself, choosing by cue, back and forth, grips, rounds, a movement alone. */
export function OtherUnits({ tree, units, onToggle }: Props) {
  const [typed, setTyped] = useState('');
  const [isOpen, setOpen] = useState(false);
  const offers = useOffers(tree, isOpen);
  const chosen = new Set(units.map(unitKey));
  const matching = (offers ?? []).filter(({ words }) => missOfNames(typed, [words]) !== null);
  const row = ({ unit, words }: { unit: DrillUnit; words: string }) => (
    <label className="flex gap-2 border-t border-hair py-1">
      <input
        type="checkbox"
        className="mt-1"
        checked={chosen.has(unit.key)}
        onChange={(event) => onToggle(unit.spec, event.target.checked)}
      />
      <span>{words}</span>
    </label>
  );
  return (
    <details className="mt-3" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-8 font-figure text-[15px] font-medium">Any drill of the tree</summary>
      <input
        aria-label="Find a drill"
        placeholder="find: by cue, round, a move …"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        className="min-h-9 w-full border-b-2 border-red bg-paper font-figure text-[15px] outline-none"
      />
      {isOpen && offers === null && <p role="status">Looking through the tree …</p>}
      {offers?.length === 0 && <p className="text-soft">The tree has no move yet. Draw one on the board.</p>}
      <LongList about={40} rows={matching.map((offer) => ({ key: offer.unit.key, drawn: () => row(offer) }))} />
    </details>
  );
}
