/** Makes the value at the first call and gives the same one ever after. */
export function once<T>(make: () => T): () => T {
  let made: { readonly value: T } | null = null;
  return () => (made ??= { value: make() }).value;
}
