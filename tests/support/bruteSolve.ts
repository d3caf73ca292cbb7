import { isAllowed, type Programme, type Solved } from '@/core/classes';

/** The best of every choice that keeps the rows; for programmes of some fifteen variables. */
export function bruteSolve(programme: Programme): Promise<Solved> {
  const count = programme.worth.length;
  let best: { value: number; chosen: number[] } | null = null;
  for (let mask = 0; mask < 1 << count; mask++) {
    const chosen = programme.worth.flatMap((_, i) => ((mask >> i) & 1 ? [i] : []));
    const value = chosen.reduce((sum, i) => sum + programme.worth[i]!, 0);
    if ((best === null || value > best.value + 1e-12) && isAllowed(programme, new Set(chosen))) best = { value, chosen };
  }
  return Promise.resolve(
    best ? { status: 'optimal', chosen: best.chosen, bound: best.value } : { status: 'impossible', chosen: [], bound: 0 },
  );
}
