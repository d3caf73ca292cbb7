/**
 * Work that pauses again and again, so that whoever runs it can let others in between, show how far it is (a share in
 * [0, 1], or nothing) and give it up.
 */
export type InPieces<T> = Generator<number | void, T>;

/** Runs work to its end at once. */
export function atOnce<T>(work: InPieces<T>): T {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
  }
}
