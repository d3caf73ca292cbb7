import { Field, selectClass } from '@/ui/Field';
import { inHundred } from '@/core/words';

interface Props {
  readonly label: string;
  /** Chance in [0, 1]; absent = not said. */
  readonly value: number | undefined;
  /** What counts while nothing is said. */
  readonly byDefault: number;
  readonly choices: readonly (readonly [string, number])[];
  readonly onChange: (value: number | undefined) => void;
}

/** A chance in words, each with its figure; one typed elsewhere is kept as the coach's guess. */
export function ChanceSelect({ label, value, byDefault, choices, onChange }: Props) {
  const isGuess = value !== undefined && !choices.some(([, chance]) => chance === value);
  return (
    <Field label={label}>
      <select
        className={selectClass}
        value={value ?? ''}
        onChange={(event) => onChange(event.target.value === '' ? undefined : Number(event.target.value))}
      >
        <option value="">not said: {inHundred(byDefault)} by default</option>
        {isGuess && <option value={value}>coach’s guess, {inHundred(value)}</option>}
        {choices.map(([word, chance]) => (
          <option key={word} value={chance}>
            {word}, {inHundred(chance)}
          </option>
        ))}
      </select>
    </Field>
  );
}
