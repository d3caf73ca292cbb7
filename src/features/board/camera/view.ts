import { LARGEST } from '../viewModel';

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

/** All of the world in the box, in its middle; with `readable` no smaller than its words were set, the ground at the bottom. */
export function viewOfAll({ width, top, ground }: World, box: Box, readable: boolean): View {
  const whole = Math.min(box.width / width, box.height / (ground - top));
  const k = Math.min(LARGEST, readable ? Math.max(whole, 1) : whole);
  const spare = box.height - (ground - top) * k;
  return { x: Math.max(0, (box.width - width * k) / 2), y: spare > 0 ? spare / 2 - top * k : box.height - ground * k, k };
}

const inside = (at: number, from: number, to: number): boolean => at > from && at < to;

/** The view with a world point in its middle; null = it is in sight, clear of the edges. */
export function viewToShow(x: number, y: number, { k, ...at }: View, box: Box): View | null {
  if (inside(x * k + at.x, 60, box.width - 90) && inside(y * k + at.y, 40, box.height - 60)) return null;
  return { x: box.width / 2 - x * k, y: box.height / 2 - y * k, k };
}

/** What is drawn, as the room it takes. */
export interface Rect extends Box {
  readonly x: number;
  readonly y: number;
}

const overlap = (a: Rect, b: Rect): number =>
  Math.max(0, Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x)) *
  Math.max(0, Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y));

/** How much more it counts to cover the rung that is spoken of. */
const OWN = 8;
const GAP = 10;

/**
 * Where a caret of this size stands by its rung: below, beside or above it, or in the nearest corner of the board; the first of
 * these that covers nothing drawn, else the one that covers least. All in px of the screen.
 */
export function placeClear(
  own: Rect,
  at: { readonly x: number },
  drawn: readonly Rect[],
  element: Box,
  box: Box,
): { readonly x: number; readonly y: number } {
  const { width, height } = element;
  const [left, right] = [own.x - width - GAP, own.x + own.width + GAP];
  const heights = [own.y, own.y + own.height - height, own.y + (own.height - height) / 2];
  const distance = ([x, y]: readonly [number, number]): number => Math.hypot(x - own.x, y - own.y);
  const corners = [0, box.width - width].flatMap((x) => [0, box.height - height].map((y) => [x, y] as const));
  const wanted = [
    [at.x, own.y + own.height + GAP] as const,
    ...heights.map((y) => [right, y] as const),
    ...heights.map((y) => [left, y] as const),
    [at.x, own.y - height - GAP] as const,
    ...corners.toSorted((a, b) => distance(a) - distance(b)),
  ];
  const inSight = drawn.filter((rect) => overlap(rect, { x: 0, y: 0, ...box }) > 0);
  const covers = (place: { x: number; y: number }): number => {
    const rect = { ...place, width, height };
    return OWN * overlap(rect, own) + inSight.reduce((sum, other) => sum + overlap(rect, other), 0);
  };
  const places = wanted.map(([x, y]) => placeWithin(x, y, element, box)).map((place) => ({ place, covered: covers(place) }));
  return places.reduce((best, item) => (item.covered < best.covered - 1 ? item : best)).place;
}

/** Where an element of this size stands at a screen point so that all of it is in the box: left before right, top before bottom. */
export function placeWithin(x: number, y: number, element: Box, box: Box): { readonly x: number; readonly y: number } {
  const [right, bottom] = [box.width - element.width - 8, box.height - element.height];
  return { x: Math.round(Math.max(8, Math.min(x, right))), y: Math.round(Math.max(4, Math.min(y, bottom))) };
}
