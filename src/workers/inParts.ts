/** Part of one of an answer's lists, in order; `path` = the fields that lead to the list. */
export interface Part {
  readonly path: readonly string[];
  readonly items: readonly unknown[];
}

/** Letters of a part written down: some ten milliseconds of unpacking. */
const LETTERS_AT_ONCE = 100_000;
type Plain = Record<string, unknown>;
const isPlain = (value: unknown): value is Plain =>
  typeof value === 'object' && value !== null && Object.getPrototypeOf(value) === Object.prototype;

function inSlices(list: readonly unknown[]): unknown[][] {
  const slices: unknown[][] = [];
  let letters = Infinity;
  for (const item of list) {
    if (letters > LETTERS_AT_ONCE) {
      slices.push([]);
      letters = 0;
    }
    slices.at(-1)!.push(item);
    letters += JSON.stringify(item)?.length ?? 0;
  }
  return slices;
}

/**
 * A large answer crosses to the screen in parts, since the screen stands still while one message is unpacked: the long lists
 * in `parts`, and `rest` with those lists empty.
 */
export function toParts<T>(answer: T): { readonly rest: T; readonly parts: readonly Part[] } {
  const parts: Part[] = [];
  const without = (value: unknown, path: readonly string[]): unknown => {
    if (Array.isArray(value)) {
      const slices = inSlices(value);
      if (slices.length < 2) return value;
      parts.push(...slices.map((items) => ({ path, items })));
      return [];
    }
    return isPlain(value)
      ? Object.fromEntries(Object.entries(value).map(([field, inner]) => [field, without(inner, [...path, field])]))
      : value;
  };
  const rest = without(answer, []) as T;
  return { rest, parts };
}

/** The answer put together again, in the `rest` that was received. */
export function fromParts<T>(rest: T, parts: readonly Part[]): T {
  let whole: unknown = rest;
  for (const { path, items } of parts) {
    const holder = path.slice(0, -1).reduce<unknown>((value, field) => (value as Plain)[field], whole) as Plain;
    const list = path.length === 0 ? (whole as unknown[]) : (holder[path.at(-1)!] as unknown[]);
    if (path.length === 0) whole = [...list, ...items];
    else list.push(...items);
  }
  return whole as T;
}
