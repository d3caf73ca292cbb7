'use client';
import { useRef } from 'react';
import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { resistanceOf, type DrillUnit } from '@/core/classes';
import { minutesText, type ClassSheet } from '@/core/words';
import { useSize } from '@/ui/useSize';
import { FixedRow, UnitRow, type Drawn } from './RailRow';

interface Props {
  readonly sheet: ClassSheet;
  readonly units: readonly DrillUnit[];
  readonly slotMinutes: number;
  readonly chosen: string | null;
  /** How many things are to be looked at in a unit. */
  readonly wrong: (key: string) => number;
  readonly onChoose: (key: string | null) => void;
  /** A unit is put where another stands, counted from the first. */
  readonly onMove: (key: string, to: number) => void;
}

/** The least that two lines of words need. */
const LEAST_ROW = 30;
/** Where the class is taller than the window: pixels a minute. */
const LEAST_SCALE = 5;

/** The class as a climb: the first minute at the bottom, a rung at every change, the whole hour in sight. */
export function MinuteRail({ sheet, units, slotMinutes, chosen, wrong, onChoose, onMove }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const { height } = useSize(box);
  const total = Math.max(slotMinutes, ...sheet.rows.map((row) => row.from + row.minutes));
  const scale = Math.max(LEAST_SCALE, (height - 24) / total);
  const byKey = new Map(units.map((unit) => [unit.key, unit]));
  const drawn = sheet.rows.map((row): Drawn => {
    const unit = row.key === null ? undefined : byKey.get(row.key);
    return {
      row,
      height: Math.max(LEAST_ROW, row.minutes * scale),
      isOver: row.from + row.minutes > slotMinutes + 1e-9,
      resistance: unit ? resistanceOf(unit)[1] : null,
    };
  });
  const upwards = drawn.toReversed();
  const keys = upwards.flatMap(({ row }) => row.key ?? []);
  const nameOf = (key: string): string => sheet.rows.find((row) => row.key === key)?.title ?? '';
  const place = (key: string): number => units.findIndex((unit) => unit.key === key) + 1;
  const taken = (key: string): string => `${nameOf(key)} is taken up; up and down move it, Space puts it down, Escape leaves it.`;
  const announcements: Announcements = {
    onDragStart: ({ active }) => taken(String(active.id)),
    // Over itself it has only been taken up.
    onDragOver: ({ active, over }) =>
      !over ? '' : over.id === active.id ? taken(String(active.id)) : `At place ${place(String(over.id))} of ${units.length}.`,
    onDragEnd: ({ active, over }) => (over ? `${nameOf(String(active.id))} put at place ${place(String(over.id))}.` : 'Left where it was.'),
    onDragCancel: () => 'Left where it was.',
  };
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ended = ({ active, over }: DragEndEvent) => {
    if (over && over.id !== active.id) onMove(String(active.id), place(String(over.id)) - 1);
  };
  return (
    <div ref={box} className="relative min-h-[440px] grow">
      <div className="absolute inset-0 overflow-y-auto">
        <DndContext
          id="class-rail"
          sensors={sensors}
          collisionDetection={closestCenter}
          accessibility={{ announcements }}
          onDragEnd={ended}
        >
          <SortableContext items={keys} strategy={verticalListSortingStrategy}>
            <ol aria-label="The class, from the first minute at the bottom to the last" reversed className="flex list-none flex-col">
              {upwards.map((item, i) =>
                item.row.key === null ? (
                  <FixedRow key={`fixed ${i}`} drawn={item} />
                ) : (
                  <UnitRow
                    key={item.row.key}
                    drawn={item}
                    isChosen={item.row.key === chosen}
                    wrong={wrong(item.row.key)}
                    onChoose={() => onChoose(item.row.key === chosen ? null : item.row.key)}
                  />
                ),
              )}
            </ol>
          </SortableContext>
        </DndContext>
        <p className="sr-only">{minutesText(total)} minutes in all.</p>
      </div>
    </div>
  );
}
