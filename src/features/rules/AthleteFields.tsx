import type { Athlete } from '@/core/people';
import { NumberField } from '@/ui/NumberField';
import { ListLine, TextLine } from '@/ui/TextLine';

interface Props {
  readonly athlete: Athlete;
  readonly onChange: (label: string, patch: Partial<Athlete>) => void;
}

const DAY = /^\d{4}-\d\d-\d\d$/;
type Absence = NonNullable<Athlete['absences']>[number];

/** "2026-12-01 to 2026-12-06", or one day alone; what is no date is left out. */
export function parseAbsences(texts: readonly string[]): Absence[] {
  return texts.flatMap((text): Absence[] => {
    const [from = '', to = from] = text.split(/\s+to\s+/).map((day) => day.trim());
    return DAY.test(from) && DAY.test(to) && from <= to ? [{ from, to }] : [];
  });
}
const sayAbsence = ({ from, to }: Absence): string => (from === to ? from : `${from} to ${to}`);

/** What only the gym knows of an athlete: no file of a tree carries it. */
export function AthleteFields({ athlete, onChange }: Props) {
  const list = <T,>(values: readonly T[]): readonly T[] | undefined => (values.length > 0 ? values : undefined);
  return (
    <fieldset className="grid grid-cols-[minmax(0,1fr)] gap-2">
      <legend className="font-figure text-[17px] font-semibold">For the gym alone</legend>
      <p className="text-[13px] text-soft">This stays here: no file of a tree carries it.</p>
      <div className="flex flex-wrap items-start gap-6">
        <NumberField
          label="Age"
          value={athlete.age ?? null}
          min={3}
          max={110}
          none="not said"
          onChange={(age) => onChange('age', { age: age ?? undefined })}
        />
        <TextLine
          label="Level"
          value={athlete.level ?? ''}
          maxLength={160}
          onChange={(level) => onChange('level', { level: level || undefined })}
        />
      </div>
      <ListLine
        label="Must not"
        values={athlete.limits ?? []}
        hint="no neck, no inversions"
        onChange={(limits) => onChange('limits', { limits: list(limits) })}
      />
      <ListLine
        label="Away"
        values={(athlete.absences ?? []).map(sayAbsence)}
        hint="2026-12-01 to 2026-12-06"
        onChange={(texts) => onChange('absences', { absences: list(parseAbsences(texts)) })}
      />
    </fieldset>
  );
}
