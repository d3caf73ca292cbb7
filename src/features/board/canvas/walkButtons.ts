import type { KeyboardEvent } from 'react';

const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowRight: [1, 0],
  ArrowLeft: [-1, 0],
  ArrowDown: [0, 1],
  ArrowUp: [0, -1],
};
export interface Middle {
  readonly x: number;
  readonly y: number;
}
/** How much more it counts to lie aside of the way than along it. */
const ASIDE = 2;

/** The nearest of several points that lies in the arrow's direction from another; null = none does. */
export function nearestThatWay(from: Middle, key: string, to: readonly Middle[]): number | null {
  const step = Object.hasOwn(STEPS, key) ? STEPS[key] : undefined;
  if (!step) return null;
  const [right, down] = step;
  const far = to.map(({ x, y }) => {
    const along = (x - from.x) * right + (y - from.y) * down;
    const aside = Math.abs((x - from.x) * down) + Math.abs((y - from.y) * right);
    return along > 4 && aside <= 3 * along ? along + ASIDE * aside : Number.POSITIVE_INFINITY;
  });
  const least = Math.min(...far);
  return Number.isFinite(least) ? far.indexOf(least) : null;
}

const middleOf = (element: Element): Middle => {
  const { x, y, width, height } = element.getBoundingClientRect();
  return { x: x + width / 2, y: y + height / 2 };
};

/** Arrow keys among buttons that are drawn anywhere: to the nearest in that direction. */
export function walkButtons(event: KeyboardEvent<Element>): void {
  if (!Object.hasOwn(STEPS, event.key)) return;
  const buttons = [...event.currentTarget.querySelectorAll<SVGElement>('[role=button]')];
  const at = buttons.find((button) => button === document.activeElement);
  if (!at) return;
  event.preventDefault();
  const others = buttons.filter((button) => button !== at);
  const next = nearestThatWay(middleOf(at), event.key, others.map(middleOf));
  if (next !== null) others[next]!.focus({ preventScroll: true });
}
