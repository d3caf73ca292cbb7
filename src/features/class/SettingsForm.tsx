'use client';
import type { ClassPlan } from '@/contracts/classPlan';
import { Field, selectClass } from '@/ui/Field';

type NumberKey = 'slotMinutes' | 'people' | 'warmUpMinutes' | 'debriefMinutes' | 'changeOverMinutes';
const FIELDS: readonly (readonly [NumberKey, string, number, number])[] = [
  ['slotMinutes', 'Minutes', 5, 240],
  ['people', 'People', 2, 200],
  ['warmUpMinutes', 'Warm-up', 0, 60],
  ['debriefMinutes', 'Close', 0, 60],
  ['changeOverMinutes', 'Change-over', 0, 10],
];

/** The slot and the people. A number outside its range is not taken. */
export function SettingsForm({ plan, onChange }: { plan: ClassPlan; onChange: (patch: Partial<ClassPlan>) => void }) {
  return (
    <fieldset className="grid grid-cols-3 gap-2">
      <legend className="font-figure text-[19px] font-semibold">The slot</legend>
      {FIELDS.map(([key, label, min, max]) => (
        <Field key={key} label={label}>
          <input
            type="number"
            min={min}
            max={max}
            className={selectClass}
            value={plan[key]}
            onChange={(event) => {
              const number = Math.round(Number(event.target.value));
              if (event.target.value !== '' && number >= min && number <= max) onChange({ [key]: number });
            }}
          />
        </Field>
      ))}
      <label className="flex items-center gap-2 self-end pb-1.5">
        <input type="checkbox" checked={plan.bothSides} onChange={(event) => onChange({ bothSides: event.target.checked })} /> both sides
      </label>
    </fieldset>
  );
}
