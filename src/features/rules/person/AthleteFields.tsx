import type { Athlete } from '@/core/people';
import { NumberField } from '@/ui/NumberField';
import { RANGES } from '@/core/tree';
import { ListLine, TextLine } from '@/ui/TextLine';
import { absenceProblem, parseAbsences, sayAbsence } from './absences';

interface Props {
  readonly athlete: Athlete;
  /** What was written down of him, in sentences. */
  readonly record: readonly string[];
  readonly onChange: (label: string, patch: Partial<Athlete>) => void;
}

/** What only the gym knows of an athlete: no file of a tree carries it. */
export function AthleteFields({ athlete, record, onChange }: Props) {
  const list = <T,>(values: readonly T[]): readonly T[] | undefined => (values.length > 0 ? values : undefined);
  return (
    <fieldset className="grid grid-cols-[minmax(0,1fr)] gap-2">
      <legend className="font-figure text-[17px] font-semibold">For the gym alone</legend>
      <p className="text-[13px] text-soft">This stays here: no file of a tree carries it.</p>
      {record.map((sentence) => (
        <p key={sentence}>{sentence}</p>
      ))}
      <div className="flex flex-wrap items-start gap-6">
        <NumberField
          label="Age"
          value={athlete.age ?? null}
          min={3}
          max={110}
          none="not said"
          onChange={(age) => onChange('age', { age: age ?? undefined })}
        />
        <NumberField
          label="Kilos"
          {...RANGES.kilos}
          value={athlete.kilos ?? null}
          none="not said"
          onChange={(kilos) => onChange('size', { kilos: kilos ?? undefined })}
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
        hint="feeder only, no neck, no inversions"
        onChange={(limits) => onChange('limits', { limits: list(limits) })}
      />
      <label className="flex min-h-8 items-center gap-2">
        <input
          type="checkbox"
          checked={athlete.withMinors ?? false}
          onChange={(event) => onChange('with minors', { withMinors: event.target.checked || undefined })}
        />
        an adult whom the gym has named to work with minors
      </label>
      <ListLine
        label="Away"
        values={(athlete.absences ?? []).map(sayAbsence)}
        hint="2026-12-01 to 2026-12-06"
        check={absenceProblem}
        onChange={(texts) => onChange('absences', { absences: list(parseAbsences(texts)) })}
      />
    </fieldset>
  );
}
