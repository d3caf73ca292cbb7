import { memo } from 'react';
import type { BoardLayout, Climb } from '@/core/board';

export const pathOf = (climb: Climb): string => `M${climb.points.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join('L')}`;

/** Rails, the five lines, and the words at their left. */
export const Ladder = memo(function Ladder({ layout }: { layout: BoardLayout }) {
  const { leftRail, rightRail, back, bands, width } = layout;
  return (
    <g className="font-figure">
      {bands.map(({ label, y }) => {
        const isLine = label !== 'ground' && label !== 'under' && label !== 'facing';
        const stroke = isLine ? 'stroke-red' : label === 'under' ? 'stroke-ink' : label === 'facing' ? 'stroke-hair' : 'stroke-none';
        return (
          <g key={label}>
            <line
              x1={label === 'under' ? 8 : leftRail}
              x2={label === 'under' ? width - 8 : rightRail}
              y1={y}
              y2={y}
              className={stroke}
              strokeWidth={label === 'under' ? 2 : 1}
            />
            <text
              x={leftRail - 9}
              y={y - (isLine ? 4 : 10)}
              textAnchor="end"
              fontSize={isLine ? 17 : 15}
              fontWeight={isLine ? 500 : 400}
              className={isLine ? 'fill-red' : 'fill-soft'}
            >
              {label}
            </text>
          </g>
        );
      })}
      <path d={`M${leftRail},0V${bands[1]!.y}M${rightRail},0V${bands[1]!.y}`} className="stroke-red" strokeWidth={3} />
      <path d={`M${back},14V${bands[2]!.y}`} className="stroke-ink" strokeWidth={2} />
      <text x={back + 10} y={bands[2]!.y - 8} fontSize={17} fontWeight={600} className="fill-ink">
        back
      </text>
    </g>
  );
});

/** All climbs at rest, drawn once. */
export const Climbs = memo(function Climbs({ climbs }: { climbs: readonly Climb[] }) {
  return (
    <path
      d={climbs
        .filter((climb) => !climb.stub)
        .map(pathOf)
        .join('')}
      className="fill-none stroke-route"
    />
  );
});
