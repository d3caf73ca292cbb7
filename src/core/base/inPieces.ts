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

/** A part of the work, its progress told as that part of the whole. */
export function* partOf<T>(work: InPieces<T>, from: number, to: number): InPieces<T> {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    yield typeof step.value === 'number' ? from + (to - from) * step.value : undefined;
  }
}
