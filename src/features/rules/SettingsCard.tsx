import { FORGETTING } from '@/core/classes';
import { ADULT, type GymSettings } from '@/core/people';
import { RANGES } from '@/core/tree';
import { NumberField } from '@/ui/NumberField';

interface Props {
  readonly settings: GymSettings;
  readonly onChange: (label: string, patch: Partial<GymSettings>) => void;
}

/** What the gym has settled for all its classes, whatever the tree. */
export function SettingsCard({ settings, onChange }: Props) {
  const { adultAge, halfLifeDays, growth, changeOverMinutes, swapMinutes } = settings;
  const days = halfLifeDays ?? FORGETTING.halfLifeDays;
  const after = (sessions: number): number => Math.round(days * (growth ?? FORGETTING.growth) ** (sessions - 1));
  return (
    <section aria-label="What our gym has settled" className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-4">
      <h2 className="text-[24px]">What our gym has settled</h2>
      <p className="text-soft">For all classes of all trees. What is left empty is as usual, as the fields say.</p>
      <fieldset>
        <legend className="font-figure text-[17px] font-semibold">How it is forgotten</legend>
        <div className="mt-1 flex flex-wrap items-start gap-6">
          <NumberField
            label="Half is gone after (days)"
            {...RANGES.halfLifeDays}
            value={halfLifeDays ?? null}
            none={String(FORGETTING.halfLifeDays)}
            onChange={(value) => onChange('days until half is gone', { halfLifeDays: value ?? undefined })}
          />
          <NumberField
            label="Lasts longer with each good session (times)"
            {...RANGES.growth}
            value={growth ?? null}
            none={String(FORGETTING.growth)}
            onChange={(value) => onChange('how much longer it lasts', { growth: value ?? undefined })}
          />
        </div>
        <p className="mt-1 text-soft">
          Half of a move is gone {after(1)} days after the first good session, {after(2)} after the second, {after(3)} after the third.
          Proposals, courses and “goes stale” count with it.
        </p>
      </fieldset>
      <fieldset>
        <legend className="font-figure text-[17px] font-semibold">Who works with whom</legend>
        <NumberField
          label="An adult from the age of"
          {...RANGES.age}
          value={adultAge ?? null}
          none={String(ADULT)}
          onChange={(value) => onChange('adult age', { adultAge: value ?? undefined })}
        />
        <p className="mt-1 text-soft">Whoever is younger works with minors, or with an adult whom the gym has named.</p>
      </fieldset>
      <fieldset>
        <legend className="font-figure text-[17px] font-semibold">Minutes between</legend>
        <div className="mt-1 flex flex-wrap items-start gap-6">
          <NumberField
            label="Units: change-over"
            {...RANGES.changeOverMinutes}
            value={changeOverMinutes ?? null}
            none="0"
            onChange={(value) => onChange('change-over', { changeOverMinutes: value ?? undefined })}
          />
          <NumberField
            label="Partners and sides: each swap"
            {...RANGES.changeOverMinutes}
            value={swapMinutes ?? null}
            none="0"
            onChange={(value) => onChange('each swap', { swapMinutes: value ?? undefined })}
          />
        </div>
        <p className="mt-1 text-soft">Classes made from now on begin with these; those that stand keep theirs.</p>
      </fieldset>
    </section>
  );
}
