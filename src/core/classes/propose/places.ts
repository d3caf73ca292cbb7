import { familyFacts, indexOf, type PositionId, type TreeDocument } from '../../tree';
import type { DrillUnit } from '../units/units';

/**
 * What a class about one place may hold: units that begin or end there or go through it, with all that they build on; of rounds those
 * that begin there. By place, guards and hubs; a place of fewer than three units is none.
 */
export function unitsByPlace(tree: TreeDocument, units: readonly DrillUnit[]): Map<PositionId, ReadonlySet<string>> {
  const { transitions } = indexOf(tree);
  const needs = new Map(units.map(({ key, prerequisites }) => [key, prerequisites]));
  const at = new Map<PositionId, string[]>();
  for (const { key, kind, start, end, transitions: moves } of units) {
    const places = kind === 'round' ? [start] : new Set([start, end, ...moves.map((id) => transitions.get(id)!.from)]);
    for (const place of places) at.set(place, [...(at.get(place) ?? []), key]);
  }
  const starts = new Set(tree.starts.map(({ position }) => position));
  const found = new Map<PositionId, ReadonlySet<string>>();
  for (const { id, ends, family } of tree.positions) {
    if (ends || !(starts.has(id) || familyFacts(family).isHub)) continue;
    const keys = new Set<string>();
    const stack = [...(at.get(id) ?? [])];
    for (let key = stack.pop(); key !== undefined; key = stack.pop()) {
      if (keys.has(key)) continue;
      keys.add(key);
      stack.push(...(needs.get(key) ?? []));
    }
    if (keys.size >= LEAST_UNITS) found.set(id, keys);
  }
  return found;
}
const LEAST_UNITS = 3;
