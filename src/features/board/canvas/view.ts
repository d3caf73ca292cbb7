import { LARGEST, READABLE } from '../viewModel';

/** The drawn area in world px; `ground` is kept at the bottom when not all fits. */
export interface World {
  readonly width: number;
  readonly top: number;
  readonly ground: number;
}
/** In px of the screen. */
export interface Box {
  readonly width: number;
  readonly height: number;
}
/** World px to screen px: k·point + (x, y). */
export interface View {
  readonly x: number;
  readonly y: number;
  readonly k: number;
}

/** All of the world in the box, in its middle; with `readable` no smaller than words allow, the ground at the bottom. */
export function viewOfAll({ width, top, ground }: World, box: Box, readable: boolean): View {
  const across = box.width / width;
  const whole = Math.min(across, box.height / (ground - top));
  const k = Math.min(LARGEST, readable ? Math.max(whole, Math.min(across, READABLE)) : whole);
  const spare = box.height - (ground - top) * k;
  return { x: Math.max(0, (box.width - width * k) / 2), y: spare > 0 ? spare / 2 - top * k : box.height - ground * k, k };
}

const inside = (at: number, from: number, to: number): boolean => at > from && at < to;

/** The view with a world point in its middle; null = it is in sight, clear of the edges. */
export function viewToShow(x: number, y: number, { k, ...at }: View, box: Box): View | null {
  if (inside(x * k + at.x, 60, box.width - 90) && inside(y * k + at.y, 40, box.height - 60)) return null;
  return { x: box.width / 2 - x * k, y: box.height / 2 - y * k, k };
}

/** Where an element of this size stands at a screen point so that all of it is in the box: left before right, top before bottom. */
export function placeWithin(x: number, y: number, element: Box, box: Box): { readonly x: number; readonly y: number } {
  const [right, bottom] = [box.width - element.width - 8, box.height - element.height];
  return { x: Math.round(Math.max(8, Math.min(x, right))), y: Math.round(Math.max(4, Math.min(y, bottom))) };
}
