import { memo } from 'react';
import type { PlacedRung } from '@/core/board';
import { LINES } from '@/core/tree';
import { ENDING_WORDS, sayAttempt, sayDrawnPlace, sayOutOfReach } from '@/core/words';
import type { RungHandlers } from './rungHandlers';

const sayHeight = ({ ends, unfinished, height, lines, zone }: PlacedRung['rung']): string =>
  ends ? ENDING_WORDS[ends] : unfinished ? sayAttempt(LINES[height]) : (lines.at(-1) ?? zone);

const rungLabel = ({ rung, folded }: PlacedRung): string =>
  sayDrawnPlace({
    name: rung.name,
    height: sayHeight(rung),
    shows: rung.sections.filter((section) => section.value !== null).length,
    unanswered: rung.sections.filter((section) => section.broken).map((section) => section.name),
    folded: folded.length,
  });

interface Props {
  readonly rungs: readonly PlacedRung[];
  readonly faded: ReadonlySet<string>;
  /** One of these rungs, or null. */
  readonly selected: string | null;
  readonly section: number;
  readonly focusable: string | null;
  readonly on: RungHandlers;
}

/** What is clicked and focused, over the drawn rungs: each is a button, its sections are walked with the arrow keys. */
export const RungButtons = memo(function RungButtons({ rungs, faded, selected, section, focusable, on }: Props) {
  return rungs.map((placed) => {
    const { rung, x, y, width } = placed;
    const inFocus = rung.id === selected ? placed.sections[section] : undefined;
    return (
      <g
        key={rung.id}
        role="button"
        tabIndex={rung.id === focusable ? 0 : -1}
        data-rung={rung.id}
        aria-label={faded.has(rung.id) ? sayOutOfReach(rung.name) : rungLabel(placed)}
        aria-pressed={rung.id === selected}
        className="cursor-pointer outline-none [&:focus-visible>.ring]:stroke-ink"
        onClick={() => on.onSelect(rung.id)}
        onPointerEnter={() => on.onHover(rung.id)}
        onPointerLeave={() => on.onHover(null)}
        onKeyDown={(event) => on.onKey(event, placed)}
      >
        <rect x={x - 4} y={y - 12} width={width + 8} height={48} fill="transparent" strokeWidth={3} className="ring stroke-transparent" />
        {inFocus && <rect x={inFocus.x} y={y + Math.max(5, placed.thickness) + 1} width={inFocus.width} height={2} className="fill-red" />}
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
                  on.onOpen(rung.id, i);
                }}
              />
            ),
        )}
      </g>
    );
  });
});
