'use client';
import { dayProblem, timeProblem } from '@/client/days';
import { ADULT, isAway, isMinor, isNewcomer, type Athlete, type GymBook } from '@/core/people';
import { plural } from '@/core/words';
import type { ClassPlan } from '@/documents/class/schema';
import { Select } from '@/ui/Select';
import { TextLine } from '@/ui/TextLine';

interface Props {
  readonly plan: ClassPlan;
  readonly book: GymBook;
  readonly expected: readonly Athlete[];
  readonly onChange: (label: string, patch: Partial<ClassPlan>) => void;
}

const marks = (athlete: Athlete, adult: number): string =>
  [isMinor(athlete, adult) ? `under ${adult}` : '', isNewcomer(athlete) ? 'newcomer' : '', ...(athlete.limits ?? [])]
    .filter(Boolean)
    .join(', ');

/** The day, the group, and who of them comes; how many they are counts for the clock. */
export function WhoComes({ plan, book, expected, onChange }: Props) {
  const groups = book.groups ?? [];
  const adult = book.settings?.adultAge ?? ADULT;
  const group = groups.find(({ id }) => id === plan.group);
  const away = new Set(plan.away);
  const guests = new Set(plan.guests);
  const members = new Set(group?.members);
  const comes = new Set(expected.map(({ id }) => id));
  const toggle = (id: string, isIn: boolean) => {
    if (members.has(id)) onChange('who comes', { away: isIn ? [...away].filter((item) => item !== id) : [...away, id] });
    else onChange('who comes', { guests: isIn ? [...guests, id] : [...guests].filter((item) => item !== id) });
  };
  return (
    <fieldset className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-1">
      <legend className="font-figure text-[19px] font-semibold">When, and who comes</legend>
      <div className="grid grid-cols-[1fr_1fr] gap-2">
        <TextLine
          label="Day"
          value={plan.date ?? ''}
          hint="2026-12-01"
          check={(text) => (text === '' ? null : dayProblem(text))}
          onChange={(text) => onChange('the day', { date: text || undefined })}
        />
        <TextLine
          label="Begins at"
          value={plan.time ?? ''}
          hint="18:30"
          check={timeProblem}
          onChange={(text) => onChange('the time', { time: text || undefined })}
        />
      </div>
      {groups.length > 0 && (
        <Select
          label="Group"
          value={plan.group}
          none="none: the number above counts"
          options={groups.map(({ id, name }) => [id, name] as const)}
          onChange={(id) => onChange('the group', { group: id, away: undefined, guests: undefined })}
        />
      )}
      {groups.length === 0 && <p className="text-[13px] text-soft">Groups are made under “Rules”: then who comes is counted here.</p>}
      {group && expected.length < 2 && (
        <p className="border-l-[3px] border-red pl-2">
          {expected.length === 0 ? 'Nobody of this group comes' : 'One alone has nobody to work with'}: the number above counts.
        </p>
      )}
      {group && (
        <details>
          <summary className="min-h-8">
            {plural(expected.length, 'person', 'people')} {expected.length === 1 ? 'comes' : 'come'}
          </summary>
          {book.athletes.map((athlete) => {
            const isOut = isAway(athlete, plan.date);
            return (
              <label key={athlete.id} className="flex min-h-8 items-center gap-2">
                <input
                  type="checkbox"
                  disabled={isOut}
                  checked={comes.has(athlete.id)}
                  onChange={(event) => toggle(athlete.id, event.target.checked)}
                />
                <span className="min-w-0">
                  {athlete.name}
                  <span className="text-[13px] text-soft">
                    {isOut ? ' away that day' : marks(athlete, adult) && ` ${marks(athlete, adult)}`}
                    {!members.has(athlete.id) && ' guest'}
                  </span>
                </span>
              </label>
            );
          })}
        </details>
      )}
    </fieldset>
  );
}
