import { familyFacts, indexOf, type PositionId, type TreeDocument } from '../../tree';
import type { DrillUnit } from '../units';

/**
 * What a class about one place may hold: units that begin or end there or go through it, with all that they build on; of rounds those
 * that begin there. By place, guards and hubs; a place of fewer than three units is none.
 */
export function unitsByPlace(tree: TreeDocument, units: readonly DrillUnit[]): Map<PositionId, ReadonlySet<string>> {
  const { transitions } = indexOf(tree);
  const byKey = new Map(units.map((unit) => [unit.key, unit]));
  const starts = new Set(tree.starts.map(({ position }) => position));
  const touches = (unit: DrillUnit, place: PositionId): boolean =>
    unit.start === place ||
    (unit.kind !== 'round' && (unit.end === place || unit.transitions.some((id) => transitions.get(id)!.from === place)));
  const found = new Map<PositionId, ReadonlySet<string>>();
  for (const { id, ends, family } of tree.positions) {
    if (ends || !(starts.has(id) || familyFacts(family).isHub)) continue;
    const keys = new Set<string>();
    const stack = units.filter((unit) => touches(unit, id)).map(({ key }) => key);
    for (let key = stack.pop(); key !== undefined; key = stack.pop()) {
      if (keys.has(key)) continue;
      keys.add(key);
      stack.push(...(byKey.get(key)?.prerequisites ?? []));
    }
    if (keys.size >= LEAST_UNITS) found.set(id, keys);
  }
  return found;
}
const LEAST_UNITS = 3;
