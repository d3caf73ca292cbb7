import { memo } from 'react';
import type { PlacedRung } from '@/core/board';
import { ENDING_WORDS, plural } from '@/core/words';
import type { RungHandlers } from './rungHandlers';

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
        aria-label={faded.has(rung.id) ? `${rung.name}; out of reach under this filter` : rungLabel(placed)}
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
              >
                <title>{`${item.section.name}: no answer yet`}</title>
              </rect>
            ),
        )}
      </g>
    );
  });
});
