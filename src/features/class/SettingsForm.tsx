'use client';
import type { ClassPlan } from '@/documents/class/schema';
import { RANGES } from '@/core/tree';
import { NumberField } from '@/ui/NumberField';

type NumberKey = 'slotMinutes' | 'people' | 'swapMinutes' | 'warmUpMinutes' | 'debriefMinutes' | 'changeOverMinutes';
const FIELDS: readonly (readonly [NumberKey, string])[] = [
  ['slotMinutes', 'Length'],
  ['people', 'People'],
  ['warmUpMinutes', 'Warm-up'],
  ['debriefMinutes', 'Wrap-up'],
  ['changeOverMinutes', 'Change-over'],
  ['swapMinutes', 'Each swap'],
];

interface Props {
  readonly plan: ClassPlan;
  /** Who comes is known by name: their number is not typed. */
  readonly isCounted: boolean;
  readonly onChange: (label: string, patch: Partial<ClassPlan>) => void;
}

/** How long the class is, and who comes. */
export function SettingsForm({ plan, isCounted, onChange }: Props) {
  return (
    <fieldset className="grid grid-cols-3 gap-2">
      <legend className="font-figure text-[19px] font-semibold">Class length</legend>
      {FIELDS.filter(([key]) => key !== 'people' || !isCounted).map(([key, label]) => (
        <NumberField
          key={key}
          label={label}
          {...RANGES[key === 'swapMinutes' ? 'changeOverMinutes' : key]}
          value={plan[key] ?? 0}
          className="w-full"
          onChange={(value) => value !== null && onChange(`${label.toLowerCase()} ${value}`, { [key]: value })}
        />
      ))}
      <div className="col-span-2">
        <NumberField
          label="Most resistance %"
          min={0}
          max={100}
          none="any"
          value={plan.cap ?? null}
          className="w-full"
          onChange={(cap) => onChange('most resistance', { cap: cap ?? undefined })}
        />
      </div>
      <label className="flex items-center gap-2 self-end pb-1.5">
        <input
          type="checkbox"
          checked={plan.bothSides}
          onChange={(event) => onChange(event.target.checked ? 'both sides' : 'one side', { bothSides: event.target.checked })}
        />{' '}
        both sides
      </label>
    </fieldset>
  );
}
