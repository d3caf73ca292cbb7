import type { Random } from '../../base';

/** Groups on fewer mats than groups, in turn: how many turns, and how long everybody waits (MODEL §5, rounds). */
export function rotationOf(people: number, mats: number, roundMinutes: number): { groups: number; turns: number; waiting: number } {
  const groups = Math.max(1, Math.floor(people / 2));
  const turns = Math.ceil(groups / Math.max(1, mats));
  return { groups, turns, waiting: (turns - 1) * roundMinutes };
}

export interface Stayed {
  readonly id: string;
  /** Rounds fought, and minutes waited beside the mat. */
  readonly rounds: number;
  readonly waiting: number;
}
/**
 * Winner stays: the loser goes to the end of the queue, the next comes on. Played out once, seeded; `stays`: chance in [0, 1] that the one
 * who stands on the mat stays. Everybody's rounds and waiting in these minutes.
 */
export function winnerStays(
  ids: readonly string[],
  mats: number,
  roundMinutes: number,
  minutes: number,
  stays: number,
  random: Random,
): Stayed[] {
  const onMats = Array.from(
    { length: Math.min(mats, Math.floor(ids.length / 2)) },
    (_, i) => [ids[2 * i]!, ids[2 * i + 1]!] as [string, string],
  );
  const queue = ids.slice(2 * onMats.length);
  const rounds = new Map(ids.map((id) => [id, 0]));
  const count = Math.floor(minutes / roundMinutes + 1e-9);
  for (let round = 0; round < count; round++)
    for (const pair of onMats) {
      for (const id of pair) rounds.set(id, rounds.get(id)! + 1);
      const loser = random() < stays ? 1 : 0;
      queue.push(pair[loser]!);
      pair[loser] = queue.shift()!;
      // Who stands on the mat is named first.
      if (loser === 0) pair.reverse();
    }
  return ids.map((id) => ({ id, rounds: rounds.get(id)!, waiting: (count - rounds.get(id)!) * roundMinutes }));
}
