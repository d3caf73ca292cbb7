import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { GripVertical } from './GripVertical';
import { minutesInWords, minutesText, type SheetRow } from '@/core/words';

export interface Drawn {
  readonly row: SheetRow;
  readonly height: number;
  /** Past the end of the slot. */
  readonly isOver: boolean;
  /** Highest resistance, in percent; null = none is meant. */
  readonly resistance: number | null;
}

/** One stretch of the ladder: its rung at the bottom, its minutes between the rails. */
export function Ladder({ minutes, isOver, isFree }: { minutes: number; isOver: boolean; isFree: boolean }) {
  return (
    <span aria-hidden className="relative block w-24 shrink-0 border-x-4 border-red">
      <span className={`absolute inset-x-0 bottom-0 ${isFree ? 'mx-auto h-0 border-b-2 border-dashed border-red' : 'h-1.5 bg-ink'}`} />
      <span
        className={`flex h-full items-center justify-center font-figure text-[18px] font-semibold ${isOver || isFree ? 'text-red' : ''}`}
      >
        {minutesText(minutes)}
      </span>
    </span>
  );
}

/** How hard the feeder is at most: a bar of a hundred, beside the rung. */
function Hardness({ percent }: { percent: number }) {
  return (
    <span className="hidden w-24 shrink-0 self-center text-right font-figure text-[13px] sm:block">
      <span className="block">{percent === 0 ? 'no resistance' : `to ${percent} %`}</span>
      <span aria-hidden className="mt-0.5 block h-1.5 bg-hair">
        <span className="block h-full bg-ink" style={{ width: `${percent}%` }} />
      </span>
    </span>
  );
}

/** Warm-up, free minutes, close: they stand where they stand. */
export function FixedRow({ drawn: { row, height, isOver } }: { drawn: Drawn }) {
  const isFree = row.title === 'Free';
  return (
    <li className="flex gap-3" style={{ height }}>
      <Ladder minutes={row.minutes} isOver={isOver} isFree={isFree} />
      <span className="min-w-0 self-center overflow-hidden leading-tight">
        <span className={`block truncate font-figure text-[16px] font-semibold ${isFree ? 'text-red' : ''}`}>
          {isFree ? `${minutesInWords(row.minutes)} free` : row.title}
        </span>
        {height >= 36 && <span className="block truncate text-[13px] text-soft">{row.what}</span>}
      </span>
    </li>
  );
}

interface Props {
  readonly drawn: Drawn;
  readonly isChosen: boolean;
  readonly wrong: number;
  readonly onChoose: () => void;
}

/** A unit on the rail: pressed it is opened, by its handle it is moved. */
export function UnitRow({ drawn: { row, height, isOver, resistance }, isChosen, wrong, onChoose }: Props) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({ id: row.key! });
  return (
    <li
      ref={setNodeRef}
      className={`flex gap-3 ${isChosen ? 'bg-tint' : ''} ${isDragging ? 'relative z-10 bg-paper outline-2 outline-red' : ''}`}
      style={{ height, transform: CSS.Translate.toString(transform), transition }}
    >
      <Ladder minutes={row.minutes} isOver={isOver} isFree={false} />
      <button
        type="button"
        aria-pressed={isChosen}
        data-unit={row.title}
        className="min-w-0 flex-1 self-stretch overflow-hidden text-left leading-tight"
        onClick={onChoose}
      >
        <span className={`line-clamp-2 font-figure text-[16px] font-semibold ${isOver ? 'text-red' : ''}`}>
          {row.title}
          <span className="sr-only">
            , {minutesInWords(row.minutes)}, resistance {row.resistance}
          </span>
          {wrong > 0 && <span className="text-red"> · {wrong === 1 ? 'one thing' : `${wrong} things`} to look at</span>}
        </span>
        {height >= 54 && <span className="line-clamp-2 text-[13px] text-soft">{row.what}</span>}
      </button>
      {resistance !== null && <Hardness percent={resistance} />}
      <button
        ref={setActivatorNodeRef}
        type="button"
        className="w-9 shrink-0 cursor-grab touch-none self-center py-1.5 text-soft hover:text-ink"
        {...attributes}
        {...listeners}
        aria-label={`Move ${row.title}`}
      >
        <GripVertical />
      </button>
    </li>
  );
}
