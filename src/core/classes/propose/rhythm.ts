import { checkOrder, inOrder } from '../clock/order';
import type { DrillUnit } from '../units/units';

/** At most K hard units in a row in some order that keeps phases and prerequisites: the order, or null. */
export function inRhythm(units: readonly DrillUnit[], isHard: (unit: DrillUnit) => boolean, k: number | null): DrillUnit[] | null {
  const list = inOrder(units);
  if (k === null) return list;
  const fits = (order: readonly DrillUnit[]): boolean => {
    let run = 0;
    return order.every((unit) => (run = isHard(unit) ? run + 1 : 0) <= k);
  };
  if (fits(list)) return list;
  const isBroken = (order: readonly DrillUnit[]): boolean =>
    checkOrder(order).some(({ kind }) => kind === 'brokenOrder' || kind === 'brokenPhase');
  // Few units: every order that keeps phases and prerequisites.
  const place = (order: readonly DrillUnit[], left: readonly DrillUnit[]): DrillUnit[] | null => {
    if (left.length === 0) return [...order];
    for (const unit of left) {
      const next = [...order, unit];
      if (!fits(next) || isBroken(next)) continue;
      const found = place(
        next,
        left.filter((item) => item !== unit),
      );
      if (found) return found;
    }
    return null;
  };
  return place([], list);
}
