import type { PositionId, TransitionId } from '../tree';
import { columnX, GUTTER, pitchOf, type Grid } from './grid';
import type { PlacedRung } from './placedRung';

export type Point = readonly [x: number, y: number];
/** One drawn transition: straight pieces, mitred. */
export interface Climb {
  readonly transition: TransitionId;
  readonly from: PositionId;
  readonly to: PositionId;
  readonly points: readonly Point[];
  /** Drawn as a short leaning stub; `points` are its full way, shown for the selection only. */
  readonly stub: boolean;
}

const LEAN = 12;
/** Climbs in one gutter lie side by side rather than on each other. */
const LANES = [0, 3, -3];

/** Where a transition leaves: the top middle of its section, or of the whole rung if it is silent. */
function exitX(rung: PlacedRung, transition: TransitionId): number {
  const own =
    rung.sections.find((item) => item.section.answers.includes(transition) && item.section.value !== null) ??
    rung.sections.find((item) => item.section.answers.includes(transition));
  return own ? own.x + own.width / 2 : rung.x + rung.width / 2;
}

/** The gutter nearest to `x`: gutter n lies left of column n. */
function nearestGutter(grid: Grid, x: number, lane: number): number {
  const n = Math.round((x - columnX(grid, 0) + GUTTER / 2) / pitchOf(grid));
  return columnX(grid, n) - GUTTER / 2 + LANES[lane % LANES.length]!;
}

const isBetween = (x: number, rung: PlacedRung): boolean => x > rung.x && x < rung.x + rung.width;

/** From the section up through a gutter to the end of a rung or the underside of a plank. */
export function climbPath(grid: Grid, from: PlacedRung, to: PlacedRung, transition: TransitionId, stub: boolean, lane: number): Climb {
  const x = exitX(from, transition);
  const landing = to.rung.hub && isBetween(x, to) ? x : x <= to.x + to.width / 2 ? to.x + 2 : to.x + to.width - 2;
  const gutter = nearestGutter(
    grid,
    landing <= to.x + to.width / 2 && !to.rung.hub ? to.x - GUTTER / 2 : landing + (to.rung.hub ? 0 : GUTTER / 2),
    lane,
  );
  const bottom = to.y + to.thickness;
  const points: Point[] = [
    [x, from.y],
    [gutter, from.y - LEAN],
    [gutter, bottom + LEAN],
    [landing, bottom],
  ];
  return { transition, from: from.rung.id, to: to.rung.id, stub, points };
}

/** From the foot of the section that causes it, down beside the rungs, to the top of where he gets to. */
export function fallPath(grid: Grid, from: PlacedRung, to: PlacedRung, transition: TransitionId): Climb {
  const section = from.sections.find((item) => item.section.falls.includes(transition));
  const x = section ? section.x + section.width - 5 : from.x + from.width - 5;
  const landing = to.x + to.width / 2;
  const gutter = nearestGutter(grid, landing, 1);
  const start = from.y + from.thickness;
  const down = to.y > from.y ? -LEAN : LEAN + to.thickness;
  const points: Point[] = [
    [x, start],
    [x, start + 6],
    [gutter, start + 6 + LEAN],
    [gutter, to.y + down],
    [landing, to.y + (to.y > from.y ? 0 : to.thickness)],
  ];
  return { transition, from: from.rung.id, to: to.rung.id, stub: false, points };
}
