import type { Read, Value, ValueId } from './document';

/** The implicit value of an open reaction read: he does nothing special. */
export const NOTHING_SPECIAL = null;
export type ShownValue = ValueId | typeof NOTHING_SPECIAL;
interface Share {
  readonly value: ShownValue;
  /** In [0, 1]. */
  readonly share: number;
}

/** The drawn form of *nothing special*. */
export const isNothing = (value: Pick<Value, 'kind'>): boolean => value.kind === 'none';

/** What adding decimal shares leaves over by rounding. */
const DUST = 1e-12;

function normalised(items: readonly Share[]): Share[] {
  const sum = items.reduce((total, item) => total + item.share, 0);
  return items.map((item) => ({ ...item, share: sum > 0 ? item.share / sum : 1 / items.length }));
}

/**
 * Shares as they are drawn, before what is left goes anywhere: a missing one is an equal part, of nothing special 0. Of an open
 * reaction read they are never more than 1 together.
 */
export function drawnShares(read: Read): ReadonlyMap<ValueId, number> {
  const isOpen = read.kind === 'reaction' && !read.closed;
  const nothing = isOpen ? read.values.find(isNothing) : undefined;
  const equal = 1 / (read.values.length + (isOpen && nothing === undefined ? 1 : 0));
  const shares = read.values.map((value) => value.share ?? (value === nothing ? 0 : equal));
  const over = isOpen
    ? Math.max(
        1,
        shares.reduce((sum, share) => sum + share, 0),
      )
    : 1;
  return new Map(read.values.map(({ id }, i) => [id, shares[i]! / over]));
}

/**
 * The chance of each value of a read (MODEL §4). A missing share is an equal part, *nothing special* counted.
 * Open reaction: the drawn shares are kept and the rest up to 1 is added to nothing special, which is the rest alone where it is
 * drawn without a share; above 1 they are scaled. Others are normalised; all 0 = equal.
 */
export function sharesOf(read: Read): Share[] {
  const isOpen = read.kind === 'reaction' && !read.closed;
  const nothing = isOpen ? read.values.find(isNothing) : undefined;
  const isImplicit = isOpen && nothing === undefined;
  const drawn = [...drawnShares(read)].map(([value, share]) => ({ value: value as ShownValue, share }));
  if (!isOpen) return normalised(drawn);
  const sum = drawn.reduce((total, item) => total + item.share, 0);
  const rest = 1 - sum > DUST ? 1 - sum : 0;
  if (isImplicit) return [...drawn, { value: NOTHING_SPECIAL, share: rest }];
  return drawn.map((item) => (item.value === nothing?.id ? { ...item, share: item.share + rest } : item));
}
