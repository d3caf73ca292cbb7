import { memo, type KeyboardEvent } from 'react';
import type { BoardLayout, Climb, PlacedRung } from '@/core/board';
import { plural } from '@/ui/figures';
import { ENDING_WORDS } from '@/core/tree';
import { useDrawnCount } from './useDrawnCount';
import { RungShape } from './RungShape';

const pathOf = (climb: Climb): string => `M${climb.points.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join('L')}`;

/** Rails, the five lines, and the words at their left. */
const Ladder = memo(function Ladder({ layout }: { layout: BoardLayout }) {
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

/** What a rung says to a screen reader: name, height, what he shows and what is missing. */
function rungLabel({ rung, folded }: PlacedRung): string {
  const broken = rung.sections.filter((section) => section.broken);
  const parts = [
    rung.name,
    rung.ends ? ENDING_WORDS[rung.ends] : (rung.lines.at(-1) ?? rung.zone),
    `${plural(rung.sections.filter((section) => section.value !== null).length, 'thing')} he shows`,
    broken.length > 0 ? `no answer yet to: ${broken.map((section) => section.name).join(', ')}` : '',
    folded.length > 0 ? `and ${plural(folded.length, 'more position')} folded here` : '',
  ];
  return parts.filter((part) => part !== '').join('; ');
}

interface Props {
  readonly layout: BoardLayout;
  readonly faded: ReadonlySet<string>;
  readonly shut: ReadonlyMap<string, unknown>;
  readonly selected: string | null;
  readonly section: number;
  readonly hovered: string | null;
  readonly focusable: string | null;
  readonly onSelect: (id: string, section?: number) => void;
  readonly onOpen: (id: string, section: number) => void;
  readonly onHover: (id: string | null) => void;
  readonly onKey: (event: KeyboardEvent, placed: PlacedRung) => void;
}

/** All climbs at rest, drawn once. */
const Climbs = memo(function Climbs({ climbs }: { climbs: readonly Climb[] }) {
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

/** The climb itself. Each rung is a button; its sections are walked with the arrow keys. */
export function ClimbView({ layout, faded, shut, selected, section, hovered, focusable, onSelect, onOpen, onHover, onKey }: Props) {
  const touches = (climb: Climb, id: string | null) => id !== null && (climb.from === id || climb.to === id);
  const strong = layout.climbs.filter((climb) => touches(climb, selected));
  const warm = layout.climbs.filter((climb) => !climb.stub && touches(climb, hovered));
  const falls = layout.falls.filter((climb) => climb.from === selected);
  const drawn = layout.rungs.slice(0, useDrawnCount(layout.rungs.length));
  return (
    <g>
      <Ladder layout={layout} />
      <Climbs climbs={layout.climbs} />
      {warm.map((climb) => (
        <path key={climb.transition} d={pathOf(climb)} className="fill-none stroke-route" strokeWidth={1.8} />
      ))}
      {strong.map((climb) => (
        <path
          key={climb.transition}
          d={pathOf(climb)}
          className={`fill-none ${shut.has(climb.transition) ? 'stroke-route' : 'stroke-ink'}`}
          strokeWidth={shut.has(climb.transition) ? 1 : 2}
          strokeDasharray={shut.has(climb.transition) ? '2 6' : undefined}
        />
      ))}
      {falls.map((climb) => (
        <path key={climb.transition} d={pathOf(climb)} className="fill-none stroke-his" strokeWidth={2} />
      ))}
      {drawn.map((placed) => (
        <RungShape
          key={placed.rung.id}
          placed={placed}
          mark={
            faded.has(placed.rung.id) ? 'faded' : placed.rung.id === selected ? 'selected' : placed.rung.id === hovered ? 'hovered' : 'none'
          }
        />
      ))}
      {drawn.map((placed) => {
        const { rung, x, y, width } = placed;
        const inFocus = rung.id === selected ? placed.sections[section] : undefined;
        return (
          <g
            key={rung.id}
            role="button"
            tabIndex={rung.id === focusable ? 0 : -1}
            data-rung={rung.id}
            aria-label={faded.has(rung.id) ? `${rung.name}; out of reach under this filter` : rungLabel(placed)}
            aria-pressed={rung.id === selected}
            className="cursor-pointer outline-none [&:focus-visible>.ring]:stroke-ink"
            onClick={() => onSelect(rung.id)}
            onPointerEnter={() => onHover(rung.id)}
            onPointerLeave={() => onHover(null)}
            onKeyDown={(event) => onKey(event, placed)}
          >
            <rect
              x={x - 4}
              y={y - 12}
              width={width + 8}
              height={48}
              fill="transparent"
              strokeWidth={3}
              className="ring stroke-transparent"
            />
            {inFocus && (
              <rect x={inFocus.x} y={y + Math.max(5, placed.thickness) + 1} width={inFocus.width} height={2} className="fill-red" />
            )}
            {placed.sections.map(
              (item, i) =>
                item.section.broken && (
                  <rect
                    key={i}
                    data-broken={`${rung.id}/${item.section.value}`}
                    x={item.x - 3}
                    y={y - 20}
                    width={item.width + 6}
                    height={30}
                    fill="transparent"
                    onClick={(event) => {
                      event.stopPropagation();
                      onOpen(rung.id, i);
                    }}
                  >
                    <title>{`${item.section.name}: no answer yet`}</title>
                  </rect>
                ),
            )}
          </g>
        );
      })}
    </g>
  );
}
