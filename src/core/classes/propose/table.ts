import type { Candidate } from './candidates';
import type { Wanted } from './model';
import type { Solved } from './programme';

const QUARTERS = 4;

/** For each unit the one that it waits for; null = none. Undefined altogether = one waits for several. */
function parentsOf(candidates: readonly Candidate[], known: ReadonlySet<string>): Map<string, string | null> | undefined {
  const parents = new Map<string, string | null>();
  for (const { unit } of candidates) {
    const needs = unit.prerequisites.filter((key) => !known.has(key));
    if (needs.length > 1) return undefined;
    parents.set(unit.key, needs[0] ?? null);
  }
  return parents;
}

/** Whether the table serves: prerequisites are a forest, nothing is shared, and only the slot and what must not be are asked. */
export function isForTable(candidates: readonly Candidate[], wanted: Wanted): boolean {
  const { shape, mostNew, hardInARow, theme, places, musts, unlike, cuts = [] } = wanted;
  const isBare = shape === null && mostNew === null && hardInARow === null && theme === null && places === null;
  if (!isBare || unlike !== undefined || cuts.length > 0 || musts.length > 0) return false;
  const isWhole = candidates.every(({ once, minutes }) => once.length === 0 && Number.isInteger(minutes * QUARTERS));
  return isWhole && parentsOf(candidates, wanted.known) !== undefined;
}

/**
 * The best units for a slot, by a table over quarters of an hour's minutes (knapsack over a forest in preorder: a unit is taken, and the
 * next in order comes, or left out with all that builds on it). As exact as the programme; n × minutes steps. Pre: `isForTable`.
 */
export function solveByTable(candidates: readonly Candidate[], wanted: Wanted): Solved {
  const parents = parentsOf(candidates, wanted.known)!;
  const barred = new Set(wanted.mustNots);
  const children = new Map<string | null, string[]>();
  for (const [key, parent] of parents) if (!barred.has(key)) children.set(parent, [...(children.get(parent) ?? []), key]);
  const order: { key: string; until: number }[] = [];
  const visit = (key: string): void => {
    const at = order.push({ key, until: 0 }) - 1;
    for (const child of children.get(key) ?? []) visit(child);
    order[at]!.until = order.length;
  };
  for (const root of children.get(null) ?? []) visit(root);
  const lengths = new Map<string, number[]>();
  candidates.forEach(({ unit }, i) => lengths.set(unit.key, [...(lengths.get(unit.key) ?? []), i]));
  const worthOf = ({ benefit, minutes }: Candidate): number => benefit * 100 - minutes * 1e-5;
  const slot = Math.max(0, Math.floor(wanted.minutes * QUARTERS + 1e-9));
  const best = Array.from({ length: order.length + 1 }, () => new Float64Array(slot + 1));
  const taken = Array.from({ length: order.length }, () => new Int32Array(slot + 1).fill(-1));
  for (let at = order.length - 1; at >= 0; at--) {
    const { key, until } = order[at]!;
    for (let time = 0; time <= slot; time++) {
      best[at]![time] = best[until]![time]!;
      for (const i of lengths.get(key)!) {
        const left = time - candidates[i]!.minutes * QUARTERS;
        if (left < 0) continue;
        const worth = worthOf(candidates[i]!) + best[at + 1]![left]!;
        if (worth > best[at]![time]! + 1e-12) [best[at]![time], taken[at]![time]] = [worth, i];
      }
    }
  }
  const chosen: number[] = [];
  for (let at = 0, time = slot; at < order.length;) {
    const i = taken[at]![time]!;
    if (i < 0) at = order[at]!.until;
    else {
      chosen.push(i);
      time -= candidates[i]!.minutes * QUARTERS;
      at++;
    }
  }
  return { status: 'optimal', chosen, bound: best[0]![slot]! };
}
