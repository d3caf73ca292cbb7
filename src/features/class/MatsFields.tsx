import { seededRandom } from '@/core/base';
import { partnersOf, rotationOf, winnerStays, type DrillUnit } from '@/core/classes';
import { minutesText, plural } from '@/core/words';
import type { ClassPlan } from '@/documents/class/schema';
import { NumberField } from '@/ui/NumberField';

interface Props {
  readonly plan: ClassPlan;
  readonly unit: DrillUnit;
  readonly onPlan: (label: string, patch: Partial<ClassPlan>) => void;
}
/** A bout where the winner stays. */
const ROUND_MINUTES = 2;

/** How many mats there are for rounds, who comes on, and how long each waits. */
export function MatsFields({ plan, unit, onPlan }: Props) {
  const { mats, people, winnerStays: isStaying = false } = plan;
  const { groups, turns, waiting } = rotationOf(people, mats ?? people, unit.workMinutes * partnersOf(plan));
  const minutes = unit.workMinutes * partnersOf(plan);
  const ids = Array.from({ length: people }, (_, i) => String(i));
  const waits =
    isStaying && mats !== undefined ? winnerStays(ids, mats, ROUND_MINUTES, minutes, 0.5, seededRandom(plan.pairSeed ?? 1)) : [];
  const each = waits.map((one) => one.waiting);
  return (
    <>
      <h3 className="mt-3 border-t border-hair pt-2 text-[15px] tracking-wide uppercase">On the mats</h3>
      <div className="flex flex-wrap items-end gap-4">
        <NumberField
          label="Mats"
          min={1}
          max={100}
          none="enough for all"
          value={mats ?? null}
          onChange={(value) => onPlan('mats', { mats: value ?? undefined })}
        />
        <label className="flex min-h-9 items-center gap-2">
          <input
            type="checkbox"
            checked={isStaying}
            onChange={(event) => onPlan('who stays on', { winnerStays: event.target.checked || undefined })}
          />
          winner stays
        </label>
      </div>
      <p className="mt-1 text-soft">
        {mats === undefined
          ? `All ${groups} groups fight at once; nobody waits.`
          : isStaying
            ? `Played out once with bouts of ${ROUND_MINUTES} minutes: each waits ${Math.min(...each)} to ${Math.max(...each)} of ${minutesText(minutes)} minutes.`
            : turns === 1
              ? `${groups} groups on ${plural(mats, 'mat')}: nobody waits.`
              : `${groups} groups on ${plural(mats, 'mat')}: ${turns} turns, and each group waits ${minutesText(waiting)} minutes.`}
      </p>
    </>
  );
}
