import type { BoardLayout, HubLayout, PlacedRung } from '@/core/board';
import type { Caret } from '../boardState';
import type { Anchor } from './useZoom';
import type { Rect } from './view';

/** What is pressed of a rung, above and below its bar, in world px (`RungButtons`). */
const [PRESSED_ABOVE, PRESSED_BELOW] = [12, 36];

/** The room that a rung takes with its words, in world px (the ground at 0). */
export function rungRoom({ x, y, width, name, sections, stubs }: PlacedRung, height: number): Rect {
  const baselines = [...name, ...stubs, ...sections.flatMap(({ labels }) => labels)].map((label) => label.y);
  const top = Math.min(y - PRESSED_ABOVE, ...baselines.map((line) => line - 12));
  return { x: x - 4, y: top - height, width: width + 8, height: Math.max(y + PRESSED_BELOW, ...baselines.map((line) => line + 4)) - top };
}

/** A line of shows has help below it, the others a list besides. */
const grownOf = ({ kind }: Caret): number => (kind === 'value' ? 160 : 350);

/** Where the caret opens, and the rung that it speaks of; a first guard is spoken of where it will hang. */
export function caretAnchor(layout: BoardLayout, caret: Caret | null): Anchor | null {
  if (!caret) return null;
  if (caret.kind === 'guard') {
    const facing = layout.bands.find((band) => band.label === 'facing')!;
    const guards = layout.rungs.filter((placed) => placed.rung.isGuard && placed.rung.zone === 'ladder');
    const right = Math.max(layout.leftRail + 14, ...guards.map((placed) => placed.x + placed.width + 12));
    const x = Math.min(right, layout.rightRail - 200);
    return { x, own: { x, y: facing.y - 44 - layout.height, width: 1, height: 1 }, grows: grownOf(caret) };
  }
  const placed = layout.rungs.find((item) => item.rung.id === caret.position);
  if (!placed) return null;
  const value = 'value' in caret ? caret.value : null;
  const section = placed.sections.find((item) => item.section.value === value && value !== null);
  return { x: (section ?? placed).x, own: rungRoom(placed, layout.height), grows: grownOf(caret) };
}

const words = (x: number, y: number, width: number, count: number): Rect => ({ x, y: y - 13, width, height: count * 15 + 4 });

/** The rooms of all that one hub draws: its sections with what he shows, the answers, the ways in. */
export function hubRooms({ sections, answers, entries, plankY }: HubLayout): Rect[] {
  return [
    ...sections.map((item) => ({ x: item.x, y: plankY - 28, width: item.width, height: 76 + (item.words.length + 1) * 15 })),
    ...answers.flatMap((item) => [
      words(item.wordsX, item.wordsY, 76, item.words.length),
      ...(item.stays
        ? []
        : [
            {
              x: item.x,
              y: item.y - 8 - 14 * item.next.length,
              width: item.width,
              height: 30 + 15 * item.name.length + 14 * item.next.length,
            },
          ]),
    ]),
    ...entries.map((item) => ({ x: item.x, y: item.y - 38, width: item.width, height: 78 })),
  ];
}

/** Where the caret opens in one hub: at the section it speaks of. */
export function hubAnchor(hub: HubLayout, caret: Caret | null): Anchor | null {
  if (!caret || !('position' in caret) || caret.position !== hub.id) return null;
  const value = 'value' in caret ? caret.value : null;
  const at = hub.sections.findIndex((item) => value !== null && item.section.value === value);
  const whole = { x: hub.left, y: hub.plankY - 6, width: hub.right - hub.left, height: 44 };
  const grows = grownOf(caret);
  return at < 0 ? { x: hub.left + 10, own: whole, grows } : { x: hub.sections[at]!.x, own: hubRooms(hub)[at]!, grows };
}
