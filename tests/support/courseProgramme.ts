import type { CourseWorld, Programme, Row } from '@/core/classes';
import { stalenessAfter } from '@/core/classes';

/**
 * A course of units whose moves are their own and whose work cannot vary, as an integer programme: for each unit a path over the evenings,
 * each step with what is forgotten until then. Slots, days between and what is new; no shape. For comparison only.
 */
export function courseProgramme({ units, evenings, rules }: CourseWorld): Programme {
  const worth: number[] = [];
  const rows: Row[] = [];
  const minutes: [number, number][][] = evenings.map(() => []);
  const news: [number, number][][] = evenings.map(() => []);
  for (const [u, { moves, own, isRound, work }] of units.entries()) {
    const into: number[][] = evenings.map(() => []);
    const out: number[][] = evenings.map(() => []);
    const first: number[] = [];
    const add = (value: number, to: number, from: number | null): void => {
      const i = worth.push(value * 100) - 1;
      into[to]!.push(i);
      if (from === null) first.push(i);
      else out[from]!.push(i);
      minutes[to]!.push([i, evenings[to]!.before[u]! + evenings[to]!.turns[u]! * work[1]]);
      if (from === null && !isRound && own.some((move) => evenings[to]!.taught[move]! < 0.5)) news[to]!.push([i, 1]);
    };
    const most = evenings.length;
    // After n sessions of its own: a step for each number of them would be exact; the first is the most that it can be.
    for (let to = 0; to < most; to++) {
      add(
        moves.reduce((sum, item) => sum + item.worth * evenings[to]!.stale[item.move]!, 0),
        to,
        null,
      );
      for (let from = 0; from < to; from++) {
        const days = evenings[to]!.day - evenings[from]!.day;
        if (days < rules.gapDays) continue;
        const after = (move: number) =>
          evenings[to]!.sessions[move]!.reduce((sum, { times, share }) => sum + share * stalenessAfter(days, times + 1), 0);
        add(
          moves.reduce((sum, item) => sum + item.worth * after(item.move), 0),
          to,
          from,
        );
      }
    }
    rows.push({ least: -Infinity, most: 1, terms: first.map((i) => [i, 1] as const) });
    for (let at = 0; at < most; at++)
      rows.push({ least: -Infinity, most: 0, terms: [...out[at]!.map((i) => [i, 1] as const), ...into[at]!.map((i) => [i, -1] as const)] });
  }
  evenings.forEach((evening, at) => rows.push({ least: -Infinity, most: evening.minutes, terms: minutes[at]! }));
  if (rules.mostNew !== null)
    news.forEach((terms) => void (terms.length > 0 && rows.push({ least: -Infinity, most: rules.mostNew!, terms })));
  return { worth, rows };
}
