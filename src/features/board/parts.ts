import { later } from '@/client/later';
import { CaretLine, FindLine } from './caret/later';

// What the first picture does without.
export const ShadeSelect = later(async () => (await import('./canvas/ShadeSelect')).ShadeSelect);
export const RoundWalk = later(async () => (await import('./round/RoundWalk')).RoundWalk);
export const RungSheet = later(async () => (await import('./sheet/RungSheet')).RungSheet);
export const FindingsSheet = later(async () => (await import('./sheet/findings/FindingsSheet')).FindingsSheet);
export const RouteLadder = later(async () => (await import('./route/RouteLadder')).RouteLadder);
export const RouteSheet = later(async () => (await import('./route/RouteSheet')).RouteSheet);
export const OutlineSheet = later(async () => (await import('./sheet/outline/OutlineSheet')).OutlineSheet);
export const FilterDifference = later(async () => (await import('@/client/FilterDifference')).FilterDifference);
export const FilterRow = later(async () => (await import('@/client/FilterRow')).FilterRow);
export const Walk = later(async () => (await import('./walk/Walk')).Walk);
export const SideSelect = later(async () => (await import('./bars/SideSelect')).SideSelect);

/** Asked for as soon as the board is still, the line to type on first. */
export const PARTS = [
  CaretLine,
  FindingsSheet,
  RungSheet,
  FindLine,
  FilterRow,
  SideSelect,
  RouteLadder,
  RouteSheet,
  FilterDifference,
  ShadeSelect,
];
