export interface Row {
  readonly what: string;
  readonly measured: string;
  readonly wanted: string;
}

/** Median wall time in ms of `runs` calls after one warm-up call. */
export async function medianMs(runs: number, work: () => unknown): Promise<number> {
  await work();
  const times: number[] = [];
  for (let i = 0; i < runs; i++) {
    const began = performance.now();
    await work();
    times.push(performance.now() - began);
  }
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)]!;
}

export const ms = (value: number): string => `${value < 10 ? value.toFixed(1) : value.toFixed(0)} ms`;

/** How fast a coach types, thinks before a line, and presses (seconds). */
export const [KEY, LINE, CLICK] = [1 / 4, 1.8, 1.1];
