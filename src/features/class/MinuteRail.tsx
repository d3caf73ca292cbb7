'use client';
import { useRef } from 'react';
import { fitText } from '@/core/board';
import type { DrillUnit } from '@/core/drills';
import { minutesInWords, minutesText, type ClassSheet } from '@/core/words';
import { useSize } from '@/ui/useSize';

interface Props {
  readonly sheet: ClassSheet;
  readonly units: readonly DrillUnit[];
  readonly slotMinutes: number;
  readonly chosen: string | null;
  readonly onChoose: (key: string | null) => void;
}

const PX_PER_MINUTE = 13;
const RAIL = { left: 70, right: 190 };

/** The class as a climb: the first minute at the bottom, a rung at every change, broken rungs round free minutes. */
export function MinuteRail({ sheet, units, slotMinutes, chosen, onChoose }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const words = Math.max(160, useSize(box).width - 216);
  const total = Math.max(slotMinutes, ...sheet.rows.map((row) => row.from + row.minutes));
  // Short parts need room for two lines of words, so the rail is as long as its words want it to be.
  const scale = Math.max(PX_PER_MINUTE, ...sheet.rows.filter((row) => row.title !== 'Free').map((row) => 38 / row.minutes));
  const height = total * scale + 40;
  const y = (minute: number): number => height - 20 - minute * scale;
  const offset = sheet.rows.findIndex((row) => /^(Part|Answer|Chain): /.test(row.title));
  return (
    <div ref={box}>
      <svg
        width="100%"
        height={height}
        role="group"
        aria-label="The class, from the first minute at the bottom to the last"
        className="block font-figure"
      >
        <path d={`M${RAIL.left},${y(total)}V${y(0)}M${RAIL.right},${y(total)}V${y(0)}`} className="stroke-red" strokeWidth={4} />
        {Array.from({ length: Math.floor(total / 5) + 1 }, (_, i) => i * 5).map((minute) => (
          <g key={minute}>
            <text
              x={RAIL.left - 14}
              y={y(minute) + 5}
              textAnchor="end"
              fontSize={minute % 15 === 0 ? 15 : 13}
              fontWeight={minute % 15 === 0 ? 600 : 400}
              className={minute % 15 === 0 ? 'fill-ink' : 'fill-soft'}
            >
              {minute}
            </text>
            <line x1={RAIL.left - 9} x2={RAIL.left} y1={y(minute)} y2={y(minute)} className="stroke-red" strokeWidth={2} />
          </g>
        ))}
        {sheet.rows.map((row, i) => {
          const unit = offset >= 0 ? units[i - offset] : undefined;
          const free = row.title === 'Free';
          const over = row.from + row.minutes > slotMinutes + 1e-9;
          const top = y(row.from + row.minutes);
          return (
            <g key={i}>
              {unit && unit.key === chosen && (
                <rect x={206} y={top + 3} width="100%" height={row.minutes * scale - 5} className="fill-tint" />
              )}
              {free ? (
                <path
                  d={`M${RAIL.left + 2},${y(row.from) - 3}h22l-4,3l4,3h-22zM${RAIL.right - 2},${y(row.from) - 3}h-22l4,3l-4,3h22z`}
                  className="fill-red"
                />
              ) : (
                <rect x={RAIL.left + 2} y={y(row.from) - 3} width={RAIL.right - RAIL.left - 4} height={6} className="fill-ink" />
              )}
              <text
                x={(RAIL.left + RAIL.right) / 2}
                y={(top + y(row.from)) / 2 + 6}
                textAnchor="middle"
                fontSize={18}
                fontWeight={600}
                className={over ? 'fill-red' : 'fill-ink'}
              >
                {minutesText(row.minutes)}
              </text>
              <text x={212} y={top + 19} fontSize={16} fontWeight={600} className={free ? 'fill-red' : 'fill-ink'}>
                {fitText(free ? `${minutesInWords(row.minutes)} free` : row.title, 16, words)}
              </text>
              <text x={212} y={top + 34} fontSize={13.5} className="fill-soft">
                {fitText(row.what, 13.5, words)}
              </text>
              {unit && (
                <g
                  role="button"
                  tabIndex={0}
                  aria-pressed={unit.key === chosen}
                  aria-label={`${row.title}, ${minutesInWords(row.minutes)}, resistance ${row.resistance}`}
                  className="cursor-pointer"
                  onClick={() => onChoose(unit.key)}
                  onKeyDown={(event) => (event.key === 'Enter' || event.key === ' ') && onChoose(unit.key)}
                >
                  <rect x={RAIL.right + 6} y={top + 2} width="100%" height={row.minutes * scale - 4} fill="transparent" />
                </g>
              )}
            </g>
          );
        })}
        <line x1={RAIL.left - 6} x2="100%" y1={y(slotMinutes)} y2={y(slotMinutes)} className="stroke-red" strokeWidth={3} />
        <text x={RAIL.left - 14} y={y(slotMinutes) - 8} textAnchor="end" fontSize={13} className="fill-red">
          end
        </text>
      </svg>
    </div>
  );
}
