import { ownField } from './own';

/** Code-unit order: the same on every machine, unlike locale order. */
export const compareText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** Groups in order of first appearance. */
export function groupBy<K, V>(items: Iterable<V>, keyOf: (item: V) => K): Map<K, V[]> {
  const groups = new Map<K, V[]>();
  for (const item of items) {
    const key = keyOf(item);
    const group = groups.get(key);
    if (group) group.push(item);
    else groups.set(key, [item]);
  }
  return groups;
}

/** Every combination that takes one item of each list, the last list varying fastest; lists may be empty (then none). */
export function* product<T>(lists: readonly (readonly T[])[]): Generator<T[]> {
  const at = lists.map(() => 0);
  if (lists.some((list) => list.length === 0)) return;
  for (;;) {
    yield lists.map((list, i) => list[at[i]!]!);
    let i = lists.length - 1;
    while (i >= 0 && at[i] === lists[i]!.length - 1) at[i--] = 0;
    if (i < 0) return;
    at[i]!++;
  }
}

/** Structural equality of plain JSON-like values; absent and undefined fields are equal. */
export function sameValue(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false;
  if (Array.isArray(a) !== Array.isArray(b)) return false;
  if (Array.isArray(a)) return a.length === (b as unknown[]).length && a.every((item, i) => sameValue(item, (b as unknown[])[i]));
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  for (const key of keys)
    if (!sameValue(ownField(a as Record<string, unknown>, key), ownField(b as Record<string, unknown>, key))) return false;
  return true;
}
