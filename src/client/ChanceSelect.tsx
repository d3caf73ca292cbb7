import { inHundred } from '@/core/words';
import { Select } from '@/ui/Select';

interface Props {
  readonly label: string;
  readonly labelled?: 'over' | 'heard';
  /** Chance in [0, 1]; absent = not said. */
  readonly value: number | undefined;
  /** What counts while nothing is said, in words; null = something always is. */
  readonly byDefault: string | null;
  readonly choices: readonly (readonly [string, number])[];
  readonly onChange: (value: number | undefined) => void;
}

/** A chance in words, each with its figure; one typed elsewhere is kept as the coach's guess. */
export function ChanceSelect({ label, labelled = 'over', value, byDefault, choices, onChange }: Props) {
  const isGuess = value !== undefined && !choices.some(([, chance]) => chance === value);
  const all = isGuess ? [['coach’s guess', value] as const, ...choices] : choices;
  return (
    <Select
      {...{ label, labelled }}
      value={value === undefined ? undefined : String(value)}
      options={all.map(([word, chance]) => [String(chance), `${word}, ${inHundred(chance)}`] as const)}
      {...(byDefault === null ? {} : { none: `not said: ${byDefault}` })}
      onChange={(chosen) => onChange(chosen === undefined ? undefined : Number(chosen))}
    />
  );
}
