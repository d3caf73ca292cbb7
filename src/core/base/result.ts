/** Outcome of an operation that may fail in an expected way. */
export type Result<T, E> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: E };

export const ok = <T>(value: T): { readonly ok: true; readonly value: T } => ({ ok: true, value });
export const err = <E>(error: E): { readonly ok: false; readonly error: E } => ({ ok: false, error });

/** A bug in the program, never the user's fault. */
export class InvariantError extends Error {
  override name = 'InvariantError';
}

/** The value, or an InvariantError naming what was missing. */
export function required<T>(value: T | null | undefined, what: string): T {
  if (value === null || value === undefined) throw new InvariantError(`missing ${what}`);
  return value;
}
