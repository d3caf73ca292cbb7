'use client';
import type { DrillUnit } from '@/core/drills';
import { feederSentence, resistanceText, sayLeaveOut, sayPreference, unitTitle, unitWhat } from '@/core/words';
import { type TreeDocument, RANGES } from '@/core/tree';
import { NumberField } from '@/ui/NumberField';

interface Props {
  readonly tree: TreeDocument;
  readonly unit: DrillUnit;
  readonly minutes: number;
  readonly onWork: (minutes: number) => void;
  readonly onDrop: () => void;
}

/** Four bars, filled from below: none, light, working, live. */
function Resistance({ range }: { range: DrillUnit['resistancePercent'] }) {
  const filled = range[1] === 0 ? 1 : range[1] <= 20 ? 2 : range[1] <= 40 ? 3 : 4;
  return (
    <span className="inline-flex items-center gap-2">
      <span aria-hidden className="inline-flex flex-col-reverse gap-0.5">
        {[0, 1, 2, 3].map((i) => (
          <span key={i} className={`block h-1 w-10 ${i < filled ? 'bg-ink' : 'bg-hair'}`} />
        ))}
      </span>
      {resistanceText(range)}
    </span>
  );
}

export function UnitSheet({ tree, unit, minutes, onWork, onDrop }: Props) {
  return (
    <section aria-label={unitTitle(tree, unit)}>
      <h2 className="text-[24px]">{unitTitle(tree, unit)}</h2>
      <p className="text-soft">{unitWhat(tree, unit)}</p>
      <p className="mt-2">
        Resistance <Resistance range={unit.resistancePercent} />
      </p>
      <div className="mt-2 flex gap-4">
        <NumberField
          key={unit.key}
          label="Minutes each partner, each side"
          {...RANGES.workMinutes}
          value={unit.workMinutes}
          onChange={(minutes) => minutes !== null && onWork(minutes)}
        />
        <p className="self-end pb-2">
          {minutes} min in all, {unit.demonstrationMinutes} of {unit.demonstrationMinutes === 1 ? 'it' : 'them'} showing
        </p>
      </div>
      <h3 className="mt-3 border-t border-hair pt-2 text-[15px] tracking-wide uppercase">The feeder</h3>
      <ol className="list-none">
        {unit.feeder.map((line, i) => (
          <li key={i} className="py-0.5">
            {feederSentence(tree, line)}
          </li>
        ))}
      </ol>
      {sayLeaveOut(tree, unit.feeder) !== '' && <p className="text-soft">{sayLeaveOut(tree, unit.feeder)}</p>}
      {unit.checkpoints.length + unit.choices.length + unit.mistakes.length > 0 && (
        <h3 className="mt-3 border-t border-hair pt-2 text-[15px] tracking-wide uppercase">Walk round and look for</h3>
      )}
      {[...unit.checkpoints, ...unit.choices.map((choice) => sayPreference(tree, choice))].map((text) => (
        <p key={text}>{text}</p>
      ))}
      {unit.mistakes.map((mistake) => (
        <p key={mistake.error} className="text-red">
          {mistake.error}
          {mistake.correction && <span className="text-ink">: {mistake.correction}</span>}
        </p>
      ))}
      {unit.cautions.map((text) => (
        <p key={text} className="mt-2 border-l-[3px] border-red pl-2">
          {text}
        </p>
      ))}
      <button type="button" className="mt-3 min-h-9 text-red underline" onClick={onDrop}>
        Leave it out, and what builds on it
      </button>
    </section>
  );
}
