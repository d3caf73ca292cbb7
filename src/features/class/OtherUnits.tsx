'use client';
import { useMemo, useState } from 'react';
import { missOfNames } from '@/core/base';
import { offersOf, unitKey, type DrillUnit, type PlannedUnit, type UnitSpec } from '@/core/classes';
import type { TreeDocument } from '@/core/tree';
import { UNIT_WORDS, unitTitle } from '@/core/words';
import { LongList } from '@/ui/LongList';

interface Props {
  /** As the class's filter leaves it. */
  readonly tree: TreeDocument;
  readonly units: readonly PlannedUnit[];
  readonly onToggle: (unit: UnitSpec, on: boolean) => void;
}

/** What can be drilled besides branches: one move by itself, choosing by cue, back and forth, grips, rounds, a movement alone. */
export function OtherUnits({ tree, units, onToggle }: Props) {
  const [typed, setTyped] = useState('');
  const [isOpen, setOpen] = useState(false);
  // Of a large tree there are thousands: found when they are asked for.
  const offers = useMemo(
    () => (isOpen ? offersOf(tree) : []).map((unit) => ({ unit, words: `${UNIT_WORDS[unit.kind]}: ${unitTitle(tree, unit)}` })),
    [tree, isOpen],
  );
  const chosen = new Set(units.map(unitKey));
  const matching = offers.filter(({ words }) => missOfNames(typed, [words]) !== null);
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
      {isOpen && offers.length === 0 && <p className="text-soft">The tree has no move yet. Draw one on the board.</p>}
      <LongList about={40} rows={matching.map((offer) => ({ key: offer.unit.key, drawn: () => row(offer) }))} />
    </details>
  );
}
