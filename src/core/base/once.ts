/** Makes the value at the first call and gives the same one ever after. */
export function once<T>(make: () => T): () => T {
  let made: { readonly value: T } | null = null;
  return () => (made ??= { value: make() }).value;
}

/** Makes the value once for each object and remembers it as long as the object lives. */
export function perObject<K extends object, T>(make: (key: K) => T): (key: K) => T {
  const made = new WeakMap<K, { readonly value: T }>();
  return (key) => {
    const known = made.get(key) ?? { value: make(key) };
    made.set(key, known);
    return known.value;
  };
}
