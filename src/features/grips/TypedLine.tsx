import { useState } from 'react';
import type { Result } from '@/core/base';
import { TextLine } from '@/ui/TextLine';

interface Props<T> {
  readonly label: string;
  readonly value: string;
  readonly hint?: string;
  readonly parse: (typed: string) => Result<T, readonly string[]>;
  /** Null = the line was emptied. */
  readonly onChange: (value: T | null) => void;
}

/** A line that is read as it is left: what is not understood stays typed, with the sentence that says why. */
export function TypedLine<T>({ label, value, hint, parse, onChange }: Props<T>) {
  const [wrong, setWrong] = useState<{ readonly typed: string; readonly says: readonly string[] } | null>(null);
  const take = (typed: string) => {
    const parsed = typed === '' ? null : parse(typed);
    if (parsed && !parsed.ok) return setWrong({ typed, says: parsed.error });
    setWrong(null);
    onChange(parsed ? parsed.value : null);
  };
  return (
    <div>
      <TextLine label={label} value={wrong?.typed ?? value} hint={hint} onChange={take} />
      {wrong?.says.map((sentence) => (
        <p key={sentence} role="alert" className="text-red">
          {sentence}
        </p>
      ))}
    </div>
  );
}
