import type { PlannedUnit } from '@/core/classes';
import type { TreeDocument } from '@/core/tree';
import { minutesInWords, plural, sayOtherDrops, unitNamer } from '@/core/words';
import { buttonClass } from '@/ui/Field';
import type { ClassModel } from './classModel';

interface Props {
  readonly tree: TreeDocument;
  readonly model: ClassModel;
  readonly onDrop: (keys: readonly string[]) => void;
  /** Planned units of which something is no longer in the tree. */
  readonly onForget: (units: readonly PlannedUnit[]) => void;
}

/** What the class as a whole needs: what is gone, and what to leave out when it is too long. */
export function Checks({ tree, model: { units, lost, time, drop }, onDrop, onForget }: Props) {
  const nameOf = unitNamer(tree, units);
  return (
    <>
      {lost.length > 0 && (
        <p className="mb-3 border-l-[3px] border-red pl-3">
          {plural(lost.length, 'unit')} of this class {lost.length === 1 ? 'is' : 'are'} made of what is no longer in the tree.{' '}
          <button type="button" className="min-h-8 underline" onClick={() => onForget(lost)}>
            Take {lost.length === 1 ? 'it' : 'them'} out
          </button>
        </p>
      )}
      {time.overrunMinutes > 1e-9 && (
        <section aria-label="Too long" className="mb-4 border-l-[3px] border-red pl-3">
          <h2 className="text-[19px] text-red">{minutesInWords(time.overrunMinutes)} too long</h2>
          {drop.missing > 0 ? (
            <p>Warm-up and close alone take longer than the slot: it has to be {minutesInWords(drop.missing)} longer, or they shorter.</p>
          ) : (
            <>
              <p>Cheapest to leave out ({minutesInWords(drop.minutes)}), so that nothing that stays needs it:</p>
              <ul className="list-none">
                {drop.keys.map((key) => (
                  <li key={key} className="font-figure text-[15px] font-medium">
                    {nameOf(key)}
                  </li>
                ))}
              </ul>
              <button type="button" className={`${buttonClass} mt-2`} onClick={() => onDrop(drop.keys)}>
                Leave out
              </button>
              {drop.others.length > 0 && <p className="text-soft">{sayOtherDrops(nameOf, drop)}</p>}
              {drop.status === 'budget' && <p className="text-soft">The search stopped early; a cheaper one may exist.</p>}
            </>
          )}
        </section>
      )}
    </>
  );
}
