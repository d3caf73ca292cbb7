import { useMemo } from 'react';
import type { BoardLayout, Climb, PlacedRung } from '@/core/board';
import { Climbs, Ladder, pathOf } from './Ladder';
import { RungButtons } from './RungButtons';
import { useStableHandlers, type RungHandlers } from './rungHandlers';
import { RungShapes } from './RungShape';
import type { Shading } from './useShading';
import { useDrawnCount } from './useDrawnCount';

/** Rungs are drawn in parts, so that one more part, or another rung chosen, leaves the others as they are. */
const RUNGS_A_PART = 6;
const inParts = (rungs: readonly PlacedRung[]): PlacedRung[][] =>
  Array.from({ length: Math.ceil(rungs.length / RUNGS_A_PART) }, (_, i) => rungs.slice(i * RUNGS_A_PART, (i + 1) * RUNGS_A_PART));
const within = (rungs: readonly PlacedRung[], id: string | null): string | null =>
  id !== null && rungs.some((placed) => placed.rung.id === id) ? id : null;

interface Props extends RungHandlers {
  readonly layout: BoardLayout;
  readonly faded: ReadonlySet<string>;
  readonly shut: ReadonlyMap<string, unknown>;
  readonly selected: string | null;
  readonly section: number;
  readonly hovered: string | null;
  readonly focusable: string | null;
  readonly shading: Shading | null;
}

/** A move that leads to several places is drawn to each. */
const keyOf = ({ transition, to }: Climb): string => `${transition} ${to}`;

/** The climb itself. Each rung is a button; its sections are walked with the arrow keys. */
export function ClimbView({
  layout,
  faded,
  shut,
  shading,
  selected,
  section,
  hovered,
  focusable,
  onSelect,
  onOpen,
  onHover,
  onKey,
}: Props) {
  const touches = (climb: Climb, id: string | null) => id !== null && (climb.from === id || climb.to === id);
  const strong = layout.climbs.filter((climb) => touches(climb, selected));
  const warm = layout.climbs.filter((climb) => !climb.stub && touches(climb, hovered));
  const falls = layout.falls.filter((climb) => climb.from === selected);
  const parts = useMemo(() => inParts(layout.rungs), [layout.rungs]);
  const drawn = parts.slice(0, useDrawnCount(parts.length));
  const on = useStableHandlers({ onSelect, onOpen, onHover, onKey });
  return (
    <g>
      <Ladder layout={layout} />
      <Climbs climbs={layout.climbs} />
      {warm.map((climb) => (
        <path key={keyOf(climb)} d={pathOf(climb)} className="fill-none stroke-route" strokeWidth={1.8} />
      ))}
      {strong.map((climb) => (
        <path
          key={keyOf(climb)}
          d={pathOf(climb)}
          className={`fill-none ${shut.has(climb.transition) ? 'stroke-route' : 'stroke-ink'}`}
          strokeWidth={shut.has(climb.transition) ? 1 : 2}
          strokeDasharray={shut.has(climb.transition) ? '2 6' : undefined}
        />
      ))}
      {falls.map((climb) => (
        <path key={keyOf(climb)} d={pathOf(climb)} className="fill-none stroke-his" strokeWidth={2} />
      ))}
      {drawn.map((rungs, i) => (
        <RungShapes
          key={i}
          rungs={rungs}
          faded={faded}
          shading={shading}
          selected={within(rungs, selected)}
          hovered={within(rungs, hovered)}
        />
      ))}
      {drawn.map((rungs, i) => {
        const chosen = within(rungs, selected);
        return (
          <RungButtons
            key={i}
            rungs={rungs}
            faded={faded}
            selected={chosen}
            section={chosen === null ? 0 : section}
            focusable={within(rungs, focusable)}
            on={on}
          />
        );
      })}
    </g>
  );
}
