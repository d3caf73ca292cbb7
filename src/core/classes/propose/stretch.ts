import { unitMinutes, type ClassSettings } from '../clock/time';
import type { Candidate } from './candidates';

/** What is left of the slot goes by quarters to where a quarter more brings most, each unit up to its usual work and half as much again. */
export function stretched(
  chosen: readonly Candidate[],
  usual: ReadonlyMap<string, Candidate>,
  settings: ClassSettings,
  minutes: number,
): Candidate[] {
  const list = [...chosen];
  let left = minutes - list.reduce((sum, item) => sum + item.minutes, 0);
  for (;;) {
    const options = list.flatMap((item, at) => {
      const { benefit, unit: whole } = usual.get(item.unit.key)!;
      const work = item.unit.workMinutes + 0.25;
      if (item.unit.kind === 'solo' || work > whole.workMinutes * 1.5) return [];
      const unit = { ...item.unit, workMinutes: work };
      const longer = { ...item, unit, minutes: unitMinutes(unit, settings), benefit: benefit * Math.sqrt(work / whole.workMinutes) };
      const more = longer.minutes - item.minutes;
      return more > left + 1e-9 ? [] : [{ at, longer, more, gain: (longer.benefit - item.benefit) / more }];
    });
    if (options.length === 0) return list;
    const best = options.reduce((a, b) => (b.gain > a.gain + 1e-15 ? b : a));
    list[best.at] = best.longer;
    left -= best.more;
  }
}
