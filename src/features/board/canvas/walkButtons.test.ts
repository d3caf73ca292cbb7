import { describe, expect, it } from 'vitest';
import { nearestThatWay } from './walkButtons';

const AT = { x: 100, y: 100 };

describe('the nearest button that way', () => {
  const around = [
    { x: 160, y: 100 },
    { x: 130, y: 190 },
    { x: 40, y: 104 },
    { x: 100, y: 30 },
    { x: 400, y: 98 },
  ];
  it('lies in the direction of the arrow, the nearer before the farther', () => {
    expect(nearestThatWay(AT, 'ArrowRight', around)).toBe(0);
    expect(nearestThatWay(AT, 'ArrowLeft', around)).toBe(2);
    expect(nearestThatWay(AT, 'ArrowUp', around)).toBe(3);
    expect(nearestThatWay(AT, 'ArrowDown', around)).toBe(1);
  });
  it('is none where nothing lies that way, and for any other key', () => {
    expect(nearestThatWay({ x: 500, y: 98 }, 'ArrowRight', around)).toBeNull();
    expect(nearestThatWay(AT, 'constructor', around)).toBeNull();
    expect(nearestThatWay(AT, 'ArrowUp', [])).toBeNull();
  });
});
