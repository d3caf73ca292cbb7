import { describe, expect, it } from 'vitest';
import { LARGEST } from '../viewModel';
import { placeClear, placeWithin, viewOfAll, viewToShow } from './view';

const BOX = { width: 1000, height: 600 };

describe('what is in view', () => {
  it('all of the world lies in the box, in its middle', () => {
    const view = viewOfAll({ width: 4000, top: 100, ground: 1100 }, BOX, false);
    expect(view.k).toBe(0.25);
    expect([view.x, 4000 * view.k + view.x]).toEqual([0, 1000]);
    expect((100 * view.k + view.y + 1100 * view.k + view.y) / 2).toBe(300);
    expect(viewOfAll({ width: 10, top: 0, ground: 10 }, BOX, false).k).toBe(LARGEST);
  });
  it('a tall world stays readable, its ground at the bottom', () => {
    const view = viewOfAll({ width: 1000, top: 0, ground: 9000 }, BOX, true);
    expect(view.k).toBe(1);
    expect(9000 * view.k + view.y).toBe(600);
    // However wide it is.
    expect(viewOfAll({ width: 5000, top: 0, ground: 700 }, BOX, true)).toMatchObject({ k: 1, x: 0 });
  });
  it('a point in sight moves nothing, any other comes to the middle at the same size', () => {
    const view = { x: 10, y: 20, k: 0.5 };
    expect(viewToShow(500, 400, view, BOX)).toBeNull();
    const moved = viewToShow(1900, 400, view, BOX)!;
    expect([1900 * moved.k + moved.x, 400 * moved.k + moved.y, moved.k]).toEqual([500, 300, 0.5]);
  });
  it('a caret stays within the board, whatever it is placed at', () => {
    const line = { width: 300, height: 48 };
    expect(placeWithin(400.4, 100.6, line, BOX)).toEqual({ x: 400, y: 101 });
    expect(placeWithin(-50, -50, line, BOX)).toEqual({ x: 8, y: 4 });
    expect(placeWithin(5000, 5000, line, BOX)).toEqual({ x: 692, y: 552 });
    // More than there is room for: its beginning is in sight.
    expect(placeWithin(500, 500, { width: 2000, height: 2000 }, BOX)).toEqual({ x: 8, y: 4 });
  });
  it('a caret covers neither its rung nor a neighbour while there is room', () => {
    const own = { x: 400, y: 200, width: 120, height: 60 };
    const caret = { width: 280, height: 200 };
    const below = { x: 400, y: 280, width: 120, height: 40 };
    const right = { x: 560, y: 190, width: 300, height: 60 };
    expect(placeClear(own, { x: 420 }, [own], caret, BOX)).toEqual({ x: 420, y: 270 });
    expect(placeClear(own, { x: 420 }, [own, below], caret, BOX)).toEqual({ x: 530, y: 200 });
    expect(placeClear(own, { x: 420 }, [own, below, right], caret, BOX)).toEqual({ x: 110, y: 200 });
    const full = [{ x: 0, y: 0, width: 1000, height: 600 }];
    const place = placeClear(own, { x: 420 }, full, caret, BOX);
    expect(place.y).toBeGreaterThanOrEqual(own.y + own.height);
  });
});
