import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { getLimbNames, getTargets, limbKey, parseContact } from '@/core/contacts';
import { mirrorSteps } from '@/core/lens';
import type { Actor, Contact } from '@/core/tree';
import { held } from '../../../tests/support/held';
import { drawPair, labelsOf, offeredSpots, type PairView, type Point } from './bodies';
import { HEIGHT, WIDTH } from './spots';

const VIEW: PairView = { lies: 'opponent', near: -1 };
const at = (typed: string, view = VIEW): Point => drawPair(held(typed), view).held[0]!.at;
const turned = ({ x, y }: Point): Point => ({ x: WIDTH - x, y });
const round = ({ x, y }: Point): string => `${x.toFixed(3)} ${y.toFixed(3)}`;

const { middle, sided, garment } = getTargets();
const spots = [...middle, ...sided, ...garment.map((item) => item.spot)];
const contact = fc
  .tuple(
    fc.constantFrom('', 'his '),
    fc.constantFrom(...getLimbNames()),
    fc.constantFrom('', 'own '),
    fc.constantFrom('', 'near ', 'far ', 'left ', 'right '),
    fc.constantFrom(...spots, 'mat'),
  )
  .map(([whose, limb, own, side, spot]): Contact => {
    const parsed = parseContact(spot === 'mat' ? `${whose}${limb} mat beside the hip` : `${whose}${limb} ${own}${side}${spot}`);
    if (!parsed.ok) throw new Error(parsed.error);
    return parsed.value;
  });
const contacts = fc.uniqueArray(contact, { maxLength: 8, selector: limbKey });
const view = fc.record({ lies: fc.constantFrom<Actor>('owner', 'opponent'), near: fc.constantFrom(-1 as const, 1 as const) });

describe('the drawn pair', () => {
  it('worked by hand: he lies on his back, so his left is on the right of the page, mine on the left', () => {
    expect(at('right hand left knee').x).toBeGreaterThan(WIDTH / 2);
    expect(at('right hand near knee').x).toBeLessThan(WIDTH / 2);
    expect(at('right hand near knee', { ...VIEW, near: 1 }).x).toBeGreaterThan(WIDTH / 2);
    expect(at('his right hand left wrist').x).toBeLessThan(WIDTH / 2);
    expect(at('head chest').x).toBe(WIDTH / 2);
    // On the hips line, and the collar is at my neck, below on the page.
    expect(at('left hand far hip').y).toBe(222);
    expect(at('his left hand collar').y).toBeGreaterThan(350);
  });
  it('a hand that reaches somewhere is held where it reaches', () => {
    const { held: drawn } = drawPair(held('his left hand collar, right hand left wrist'), VIEW);
    expect(Math.hypot(drawn[1]!.at.x - drawn[0]!.at.x, drawn[1]!.at.y - drawn[0]!.at.y)).toBeLessThan(60);
  });
  it('of the other side is the same picture turned round, whatever is held', () => {
    fc.assert(
      fc.property(contacts, view, (list, seen) => {
        const other: PairView = { ...seen, near: seen.near === 1 ? -1 : 1 };
        const [mirrored] = mirrorSteps([{ contacts: list }]);
        const points = (pair: ReturnType<typeof drawPair>, map: (point: Point) => Point): string[] => [
          ...pair.held.map(({ at: point }) => round(map(point))),
          ...pair.limbs.flatMap(({ path }) => path.map((point) => round(map(point)))).sort(),
        ];
        expect(points(drawPair(mirrored!.contacts, other), turned)).toEqual(points(drawPair(list, seen), (point) => point));
      }),
      { numRuns: 300, seed: 81 },
    );
  });
  it('stays on the page, and no words stand over others', () => {
    fc.assert(
      fc.property(contacts, view, (list, seen) => {
        const pair = drawPair(list, seen);
        for (const { at: point } of pair.held) expect(point.x > 0 && point.x < WIDTH && point.y > 0 && point.y < HEIGHT).toBe(true);
        for (const side of [-1, 1]) {
          const heights = labelsOf(pair)
            .filter((label) => label.side === side)
            .map((label) => label.y);
          heights.slice(1).forEach((y, i) => expect(y - heights[i]!).toBeGreaterThanOrEqual(31));
        }
      }),
      { numRuns: 300, seed: 82 },
    );
  });
  it('offers the spots of the other body, each where a hold of it would be drawn', () => {
    for (const { words, at: point } of offeredSpots({ athlete: 'owner', part: 'leftHand' }, VIEW))
      expect(round(at(`left hand ${words}`))).toBe(round(point));
  });
});
