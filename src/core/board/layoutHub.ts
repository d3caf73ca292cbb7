import {
  familyFacts,
  findValue,
  heightOf,
  indexOf,
  landingsOf,
  LINES,
  positionOf,
  type Line,
  type Position,
  type PositionId,
  type Transition,
  type TransitionId,
  type TreeDocument,
  type TreeIndex,
  type ValueId,
} from '../tree';
import { forksOf, type Fork } from './forks';
import { fitText, textWidth, wrapText } from './measure';
import { rungsOf, type Section } from './rungs';
import type { Point } from './climbs';

/** One answer of the hub in its own slot: the way up, where it lands, and what can follow from there. */
export interface HubAnswer {
  readonly transition: TransitionId;
  readonly position: PositionId;
  /** The move and where it lands, whole: the drawn words may be cut. */
  readonly whole: readonly [move: string, landing: string];
  readonly path: readonly Point[];
  readonly words: readonly string[];
  /** Why this answer, as far as there is room below its words. */
  readonly reason: readonly string[];
  readonly wordsX: number;
  readonly wordsY: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly name: readonly string[];
  readonly lines: readonly Line[];
  readonly next: readonly string[];
  readonly atBack: boolean;
  /** A helper that ends where it began: its line comes back down to the plank. */
  readonly stays: boolean;
}
export interface HubSection {
  readonly section: Section;
  readonly x: number;
  readonly width: number;
  readonly words: readonly string[];
  readonly falls: readonly {
    readonly transition: TransitionId;
    readonly position: PositionId;
    readonly name: string;
    readonly x: number;
    readonly y: number;
  }[];
}
export interface HubEntry {
  readonly transition: TransitionId;
  readonly position: PositionId;
  /** The move and where it comes from, whole. */
  readonly whole: readonly [move: string, from: string];
  readonly x: number;
  readonly width: number;
  readonly y: number;
  readonly words: readonly string[];
  readonly name: readonly string[];
}
export interface HubLayout {
  readonly id: PositionId;
  readonly name: string;
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly right: number;
  readonly plankY: number;
  readonly lines: readonly { readonly line: Line; readonly y: number; readonly used: boolean }[];
  readonly sections: readonly HubSection[];
  readonly answers: readonly HubAnswer[];
  readonly entries: readonly HubEntry[];
  /** Ways in that found no room. */
  readonly moreEntries: number;
}

const LEFT = 60;
const BACK_WIDTH = 110;
const PLANK = 30;
const SQUEEZED = 12;
const MAX_ENTRIES = 8;
/** Lines of words between the plank and the line above it. */
const WORD_LINES = 3;

/** What a slot needs at least, so that a word of a name stands in it. */
const SLOT = 90;
/** Below the plank: what he shows, his falls, and the ways in. */
const BELOW = 308;
/** Between two lines that answers cross: what follows, where it lands, and its name. */
const STEP = 118;
/** Above one another at the back: the same. */
const BACK_STEP = 104;

interface Frame {
  readonly width: number;
  readonly height: number;
}

/** The red lines: those above the hub that an answer crosses share the room, the others squeeze together at the top. */
function linesAbove(hubHeight: number, used: ReadonlySet<number>, plankY: number): Map<number, { y: number; used: boolean }> {
  const above = LINES.map((_, i) => i + 1).filter((height) => height > hubHeight);
  const highest = Math.max(hubHeight + 1, ...used);
  const spread = above.filter((height) => height <= highest);
  const squeezed = above.filter((height) => height > highest);
  const top = 24 + squeezed.length * SQUEEZED;
  const bottom = plankY - 84;
  const step = (bottom - top) / Math.max(1, spread.length);
  return new Map([
    ...spread.map((height, i) => [height, { y: bottom - i * step, used: used.has(height) }] as const),
    ...squeezed.map((height, i) => [height, { y: top - 8 - i * SQUEEZED, used: false }] as const),
  ]);
}

const isAtBack = (position: Position): boolean => familyFacts(position.family).zone === 'back';

interface Slot {
  readonly section: Section;
  readonly answer: Transition | null;
  readonly fork: Fork | null;
}
/** Every answer has a slot for each place that it leads to, and every section without one. Those of `order` stand as they do there; of the others, what leads to the back stands last, beside its rail. */
function slotsOf(index: TreeIndex, position: Position, sections: readonly Section[], order: readonly (ValueId | null)[]): Slot[] {
  const forks = (section: Section): Slot[] =>
    section.answers
      .map((id) => index.transitions.get(id)!)
      .flatMap((answer) => forksOf(position, answer, section.value).map((fork) => ({ section, answer, fork })));
  const rank = (section: Section): number => (order.includes(section.value) ? order.indexOf(section.value) : order.length);
  const toBack = (section: Section): number => Number(forks(section).some(({ fork }) => isAtBack(positionOf(index, fork!.to))));
  return sections
    .toSorted((a, b) => rank(a) - rank(b) || toBack(a) - toBack(b))
    .flatMap((section) => (section.answers.length === 0 ? [{ section, answer: null, fork: null }] : forks(section)));
}

function nextNames(index: TreeIndex, position: Position): string[] {
  const next = (index.from.get(position.id) ?? [])
    .filter((t) => t.actor === 'owner')
    .flatMap((t) => landingsOf(t).map((to) => positionOf(index, to).name));
  return [...new Set(next)].slice(0, 3);
}

/** Where the answers of a hub may be drawn. */
interface Room {
  readonly slotWidth: number;
  readonly plankY: number;
  readonly hubHeight: number;
  readonly lines: ReturnType<typeof linesAbove>;
  readonly frame: Frame;
}

/** From the plank up to where it lands; a helper that stays comes down again beside it, the way to the back leans over to it. */
function pathOf(x: number, y: number, landingX: number, kind: 'up' | 'stays' | 'back', { slotWidth, plankY }: Room): Point[] {
  const foot = x + slotWidth * 0.42;
  const bend = plankY - 26;
  if (kind === 'stays')
    return [
      [foot, plankY],
      [foot, bend],
      [foot + 22, bend],
      [foot + 22, plankY],
    ];
  const leaning: Point[] =
    kind === 'back'
      ? [
          [x + 4, Math.min(bend, y + 46)],
          [landingX, y + 3],
        ]
      : [[x + 4, y]];
  return [[foot, plankY], [x + 4, bend], ...leaning];
}

/** How high an answer lands: between the line it has cleared and the next, as low as words allow. */
function landingY(to: Position, { lines, hubHeight, plankY }: Room): number {
  const height = Math.max(hubHeight + 1, to.ends && to.family === 'lost' ? 0 : heightOf(to.lines));
  const lower = lines.get(height)?.y ?? lowestLine(lines, hubHeight, plankY);
  const upper = lines.get(height + 1)?.y ?? 30;
  return Math.max(upper + 62, (lower + upper) / 2 - 6);
}
const lowestLine = (lines: Room['lines'], hubHeight: number, plankY: number): number => lines.get(hubHeight + 1)?.y ?? plankY - 84;

/** Why this answer; of a second landing what has to be shown besides. */
function reasonOf(from: Position, answer: Transition, { ifShown }: Fork): string | undefined {
  if (ifShown.length === 0) return answer.reason;
  return `if: ${ifShown.map((id) => findValue(from, id)!.value.name).join(' or ')}`;
}

function placeAnswers(index: TreeIndex, slots: readonly Slot[], room: Room): HubAnswer[] {
  const { slotWidth, plankY, frame } = room;
  let backRow = 0;
  return slots.flatMap(({ answer, fork }, i): HubAnswer[] => {
    if (!answer || !fork) return [];
    const to = positionOf(index, fork.to);
    const atBack = isAtBack(to);
    const stays = to.id === answer.from;
    const x = LEFT + i * slotWidth;
    const width = Math.min(100, slotWidth - 8);
    const landingX = atBack ? frame.width - BACK_WIDTH + 14 : x + 4;
    const words = wrapText(answer.name, 13.5, slotWidth - 12, WORD_LINES);
    const spare = WORD_LINES - words.length;
    const reason = reasonOf(positionOf(index, answer.from), answer, fork);
    const y = atBack ? plankY - 170 - BACK_STEP * backRow++ : landingY(to, room);
    return [
      {
        transition: answer.id,
        position: to.id,
        whole: [answer.name, to.name],
        path: pathOf(x, y, landingX, stays ? 'stays' : atBack ? 'back' : 'up', room),
        atBack,
        stays,
        x: landingX,
        y,
        width: atBack ? BACK_WIDTH - 26 : width,
        words,
        reason: reason === undefined || spare === 0 ? [] : wrapText(reason, 12, slotWidth - 12, spare),
        wordsX: x + 9,
        wordsY: lowestLine(room.lines, room.hubHeight, plankY) + 17,
        name: wrapText(to.name, 13.5, atBack ? BACK_WIDTH - 42 : width - 18, 3),
        lines: to.lines,
        next: nextNames(index, to).map((text) => fitText(text, 12, atBack ? BACK_WIDTH - 26 : slotWidth - 10)),
      },
    ];
  });
}

const LANES = 3;
/** The feet of his falls hang in lanes: each where there is room for its name, else where there is most, cut. */
function laneFor(ends: number[], x: number, name: string): { lane: number; text: string } {
  const room = (lane: number): number => x - 10 - ends[lane]!;
  const lanes = ends.map((_, lane) => lane);
  const lane = lanes.find((at) => textWidth(name, 13.5) <= room(at)) ?? lanes.reduce((a, b) => (room(b) > room(a) ? b : a));
  const text = room(lane) < 20 ? '' : fitText(name, 13.5, room(lane));
  ends[lane] = x + 14;
  return { lane, text };
}

function placeSections(index: TreeIndex, slots: readonly Slot[], slotWidth: number, plankY: number): HubSection[] {
  const merged = new Map<Section, { first: number; count: number }>();
  slots.forEach(({ section }, i) =>
    merged.set(section, { first: merged.get(section)?.first ?? i, count: (merged.get(section)?.count ?? 0) + 1 }),
  );
  const ends = Array.from({ length: LANES }, () => LEFT);
  return [...merged].map(([section, { first, count }]): HubSection => {
    const x = LEFT + first * slotWidth + 2;
    const width = count * slotWidth - 4;
    const falls = section.falls
      .map((id) => index.transitions.get(id)!)
      .flatMap((fall) => forksOf(positionOf(index, fall.from), fall, section.value).map(({ to }) => ({ transition: fall.id, to })));
    const placed = falls.map(({ transition, to }, n) => {
      // From the left: the last one hangs at the end of the section.
      const at = x + width - 4 - 7 * (falls.length - 1 - n);
      const { lane, text } = laneFor(ends, at, positionOf(index, to).name);
      return { transition, position: to, name: text, x: at, y: plankY + 152 + 17 * lane };
    });
    return {
      section,
      x,
      width,
      words: wrapText(section.value === null ? 'nothing special' : section.name, 13.5, width - 12, 3),
      falls: placed,
    };
  });
}

function placeEntries(index: TreeIndex, hub: PositionId, frame: Frame, left: number, right: number): { entries: HubEntry[]; more: number } {
  const into = (index.to.get(hub) ?? []).filter((t) => t.actor === 'owner' && t.from !== hub);
  const shown = into.slice(0, MAX_ENTRIES);
  const slot = (right - left) / Math.max(4, shown.length);
  const entries = shown.map((t, i) => ({
    transition: t.id,
    position: t.from,
    whole: [t.name, positionOf(index, t.from).name] as const,
    x: left + 12 + i * slot,
    width: slot - 16,
    y: frame.height - 84,
    words: wrapText(t.name, 13.5, slot - 22, 2),
    name: wrapText(positionOf(index, t.from).name, 13.5, slot - 16, 2),
  }));
  return { entries, more: into.length - shown.length };
}

/** How much room a hub needs at the least. */
function roomOf(slots: readonly Slot[], spread: number, squeezed: number, backs: number): Frame {
  const answers = 108 + STEP * spread + SQUEEZED * squeezed;
  const back = backs === 0 ? 0 : 220 + BACK_STEP * (backs - 1);
  return { width: LEFT + BACK_WIDTH + slots.length * SLOT, height: BELOW + Math.max(answers, back) };
}

/**
 * One position spread over the board: its plank, each answer's way up, his falls, and the ways in. Px; as large as `frame`, or as
 * its answers need. `order`: sections that keep their places, by their values.
 */
export function layoutHub(tree: TreeDocument, id: PositionId, within: Frame, order: readonly (ValueId | null)[] = []): HubLayout {
  const index = indexOf(tree);
  const rung = rungsOf(tree, new Set([id]))[0]!;
  const hubHeight = rung.zone === 'ladder' || rung.zone === 'back' ? rung.height : 0;
  const slots = slotsOf(index, positionOf(index, id), rung.sections, order);
  const landed = slots.flatMap(({ fork }) => (fork ? [positionOf(index, fork.to)] : []));
  const landings = landed.filter((position) => !isAtBack(position)).map((position) => heightOf(position.lines));
  const spread = Math.max(1, Math.max(hubHeight, ...landings) - hubHeight);
  const needed = roomOf(slots, spread, LINES.length - hubHeight - spread, landed.filter(isAtBack).length);
  const frame = { width: Math.max(within.width, needed.width), height: Math.max(within.height, needed.height) };
  const right = frame.width - BACK_WIDTH;
  const slotWidth = (right - LEFT) / slots.length;
  const plankY = frame.height - BELOW;
  const lines = linesAbove(hubHeight, new Set(landings.filter((height) => height > hubHeight)), plankY);
  const below = LINES.slice(0, hubHeight).map((line, i) => ({
    line,
    y: Math.min(frame.height - 20, plankY + 172 + (hubHeight - 1 - i) * SQUEEZED),
    used: i === hubHeight - 1,
  }));
  const { entries, more } = placeEntries(index, id, frame, LEFT, right);
  return {
    id,
    name: rung.name,
    width: frame.width,
    height: frame.height,
    left: LEFT,
    right,
    plankY,
    lines: [...below, ...[...lines].map(([height, place]) => ({ line: LINES[height - 1]!, ...place }))],
    sections: placeSections(index, slots, slotWidth, plankY),
    answers: placeAnswers(index, slots, { slotWidth, plankY, hubHeight, lines, frame }),
    entries,
    moreEntries: more,
  };
}

export const HUB_PLANK = PLANK;
