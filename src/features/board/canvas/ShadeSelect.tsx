import { Working } from '@/client/Working';
import { SHADED_BY, type ShadedBy } from '@/core/odds';
import { SHADED_BY_NOTES, SHADED_BY_WORDS } from '@/core/words';
import { Select } from '@/ui/Select';
import type { Answer } from '@/workers/useAnswer';

interface Props {
  readonly by: ShadedBy | null;
  readonly answer: Answer<unknown>;
  readonly onChange: (by: ShadedBy | null) => void;
}

/** What the rungs are shaded by, with what the words at them are. */
export function ShadeSelect({ by, answer, onChange }: Props) {
  return (
    <span className="mr-auto flex items-baseline gap-3 font-figure text-[15px] max-[900px]:hidden">
      <Select
        label="Shaded"
        labelled="beside"
        none="not"
        value={by ?? undefined}
        options={SHADED_BY.map((item) => [item, SHADED_BY_WORDS[item]] as const)}
        onChange={(next) => onChange((next as ShadedBy | undefined) ?? null)}
      />
      {by && <span className="text-soft">{SHADED_BY_NOTES[by]}</span>}
      {by && <Working what="Shading" answer={answer} />}
    </span>
  );
}
