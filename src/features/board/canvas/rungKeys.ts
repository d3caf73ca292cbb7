import type { BoardLayout, PlacedRung, Section } from '@/core/board';
import type { PositionId } from '@/core/tree';
import type { Caret } from '../boardState';

/** The rung beside this one in its row, for walking off the end of its sections. */
function neighbourInRow(layout: BoardLayout, placed: PlacedRung, step: 1 | -1): PlacedRung | null {
  const row = layout.rungs.filter(
    (item) => item.rung.id !== placed.rung.id && Math.abs(item.y - placed.y) < 12 && Math.sign(item.x - placed.x) === step,
  );
  return row.toSorted((a, b) => Math.abs(a.x - placed.x) - Math.abs(b.x - placed.x))[0] ?? null;
}

/** Where ↑ or ↓ leads: along the focused section's answer or fall, else along any, else to the nearest rung that way. */
function followFrom(layout: BoardLayout, placed: PlacedRung, section: number, direction: 'up' | 'down'): PositionId | null {
  const shown = placed.sections[section]?.section;
  const ids = direction === 'up' ? (shown?.answers ?? []) : (shown?.falls ?? []);
  const known = new Set(layout.rungs.map((item) => item.rung.id));
  const moves = direction === 'up' ? layout.climbs : layout.falls;
  const along = moves.find((climb) => ids.includes(climb.transition) && known.has(climb.to));
  if (along) return along.to;
  const beyond = layout.rungs.filter((item) => (direction === 'up' ? item.y < placed.y - 8 : item.y > placed.y + 8));
  const near = beyond.toSorted(
    (a, b) => Math.hypot(a.x - placed.x, (a.y - placed.y) * 2) - Math.hypot(b.x - placed.x, (b.y - placed.y) * 2),
  )[0];
  return near?.rung.id ?? null;
}

/** The caret that a section opens: its answer, or what else he shows there. */
export const caretAt = (position: PositionId, section: Section | undefined): Caret =>
  section?.value && section.read ? { kind: 'answer', position, read: section.read, value: section.value } : { kind: 'value', position };

export type RungStep =
  | { readonly to: 'select' | 'newShow'; readonly rung: PositionId }
  | { readonly to: 'open' | 'focus'; readonly rung: PositionId; readonly section: number }
  | { readonly to: 'leave' };

interface Where {
  readonly selected: PositionId | null;
  readonly section: number;
}

/** What a key does on a rung; null = nothing of the board's. Left and right walk its sections and then its row, up and down the climb. */
export function stepOnRung(layout: BoardLayout, placed: PlacedRung, { selected, section }: Where, key: string): RungStep | null {
  const { id } = placed.rung;
  const at = id === selected ? section : 0;
  if (key === 'Escape') return { to: 'leave' };
  if (key === 'Enter') {
    if (id !== selected) return { to: 'select', rung: id };
    return placed.sections[at]?.section.broken ? { to: 'open', rung: id, section: at } : { to: 'newShow', rung: id };
  }
  if (key === 'ArrowUp' || key === 'ArrowDown') {
    const rung = followFrom(layout, placed, at, key === 'ArrowUp' ? 'up' : 'down');
    return rung === null ? null : { to: 'focus', rung, section: 0 };
  }
  if (key !== 'ArrowRight' && key !== 'ArrowLeft') return null;
  const by = key === 'ArrowRight' ? 1 : -1;
  if (placed.sections[at + by]) return { to: 'focus', rung: id, section: at + by };
  const beside = neighbourInRow(layout, placed, by);
  return beside && { to: 'focus', rung: beside.rung.id, section: by === 1 ? 0 : beside.sections.length - 1 };
}
