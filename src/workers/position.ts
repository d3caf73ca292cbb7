import { familyFacts, indexOf, type PositionId, type TreeDocument } from '@/core/tree';
import type { InPieces } from '@/core/base';
import { holdsOnArrival, lettingGoLetsIn, mineAt, shutByMine, type OnArrival, type ShutByMine } from '@/core/grips';
import { findBypasses, findDilemmas, findProvoked, findUsage } from '@/core/structure';
import type { TreeView } from '@/core/lens';

type Dilemmas = ReturnType<typeof findDilemmas>;

/** What only the whole tree can say of one place. */
export interface PositionAnswer {
  readonly arrival: OnArrival;
  /** What I hold there: what it declares, and what every way brings along. */
  readonly mine: readonly string[];
  /** His moves that what I hold there shuts, and what letting go of a hold lets in. */
  readonly shutByMine: readonly ShutByMine[];
  readonly lettingGo: ReturnType<typeof lettingGoLetsIn>;
  readonly dilemmas: Dilemmas['dilemmas'];
  readonly oneWay: Dilemmas['oneWay'];
  /** Starts that pass it on the way to a goal. */
  readonly starts: number;
  /** Ways round it; null = it is no hub. */
  readonly bypass: ReturnType<typeof findBypasses> | null;
  readonly provoked: ReturnType<typeof findProvoked>;
}

const BYPASSES = 200;

/** Null = there is no such place. */
export function* positionInPieces({ seen, shown }: TreeView, id: PositionId): InPieces<PositionAnswer | null> {
  const position = indexOf(seen).positions.get(id);
  if (!position) return null;
  const arrival = holdsOnArrival(shown, indexOf(shown).positions.get(id) ?? position);
  yield;
  const mine = [...mineAt(seen, id)];
  yield;
  // Under a filter: without the jacket there are fewer grips.
  const isShown = indexOf(shown).positions.has(id);
  const shut = isShown ? shutByMine(shown, id) : [];
  const lettingGo = isShown ? lettingGoLetsIn(shown, id) : [];
  yield;
  const here = <T extends { readonly position: PositionId }>(list: readonly T[]): T[] => list.filter((item) => item.position === id);
  const { dilemmas, oneWay } = findDilemmas(seen);
  yield;
  const starts = findUsage(seen).positions.get(id)?.length ?? 0;
  yield;
  const bypass = familyFacts(position.family).isHub ? findBypasses(seen, id, { limit: BYPASSES }) : null;
  yield;
  return {
    arrival,
    mine,
    shutByMine: shut,
    lettingGo,
    dilemmas: here(dilemmas),
    oneWay: here(oneWay),
    starts,
    bypass,
    provoked: here(findProvoked(seen)),
  };
}

/** Whether all that the answer names is still there: an older one stays readable while a newer is being made. */
export function speaksOf(tree: TreeDocument, { arrival, shutByMine: shut, dilemmas, oneWay, provoked, bypass }: PositionAnswer): boolean {
  const { transitions, positions } = indexOf(tree);
  const moves = [...dilemmas, ...oneWay].flatMap((pair) => [pair.a, pair.b]);
  const lost = arrival.unsure.flatMap((item) => [...item.without, ...item.route]);
  const named = [
    ...moves,
    ...lost,
    ...shut.map((item) => item.transition),
    ...provoked.flatMap((item) => [item.transition, ...item.serves]),
  ];
  return named.every((id) => transitions.has(id)) && (bypass?.routes[0] ?? []).every((id) => positions.has(id));
}
