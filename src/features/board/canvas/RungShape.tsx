import { memo } from 'react';
import { wholeName, type PlacedRung, type PlacedSection } from '@/core/board';
import { ENDING_WORDS } from '@/core/words';
import { LINES } from '@/core/tree';
import type { RungShade, Shading } from './useShading';

/** The snapped ends of a broken section. */
function Snapped({ section, y, thickness }: { section: PlacedSection; y: number; thickness: number }) {
  const { x, width } = section;
  const bite = Math.min(6, width / 3);
  const bottom = y + Math.max(thickness, 5);
  const middle = (y + bottom) / 2;
  const left = `M${x},${y}h${bite}l${-bite / 2},${middle - y}l${bite / 2},${bottom - middle}H${x}z`;
  const right = `M${x + width},${y}h${-bite}l${bite / 2},${middle - y}l${-bite / 2},${bottom - middle}H${x + width}z`;
  return (
    <>
      <path d={left + right} className="fill-red" />
      {width > 40 && (
        <line x1={x + bite + 4} x2={x + width - bite - 4} y1={middle} y2={middle} className="stroke-red" strokeDasharray="1.5 4" />
      )}
    </>
  );
}

/** A rung shaded: instead of its sections as much of a red bar as it has, and the words that say it. */
function Shaded({ placed: { x, y, width, thickness }, shade: { part, text } }: { placed: PlacedRung; shade: RungShade }) {
  const height = Math.max(thickness, 5.5);
  // A thin bar grows upwards: its name stands below it.
  const top = y + thickness - height;
  return (
    <g>
      <rect x={x} y={top} width={width} height={height} className="fill-paper stroke-ink" strokeWidth={0.75} />
      <rect x={x} y={top} width={width * part} height={height} className="fill-red" />
      {text !== '' && (
        <text x={x + width} y={top - 4} textAnchor="end" fontSize={14} fontWeight={600} className="halo fill-ink">
          {text}
        </text>
      )}
    </g>
  );
}

/** Five ticks beside the name: the lines held, from the feet up; of an attempt the next one is half done. */
function Ticks({ placed }: { placed: PlacedRung }) {
  const { rung, x, y, thickness } = placed;
  const next = rung.unfinished ? LINES[rung.height] : undefined;
  return (
    <g>
      {LINES.map((line, i) => (
        <rect
          key={line}
          x={x}
          y={y + thickness + 14 - i * 2.6}
          width={8}
          height={1.7}
          className={rung.lines.includes(line) ? 'fill-ink' : 'fill-hair'}
        />
      ))}
      {next && <rect x={x} y={y + thickness + 14 - rung.height * 2.6} width={4} height={1.7} className="fill-ink" />}
    </g>
  );
}

/** One rung: its sections, its name, what stands above and hangs below it. Purely drawn; the rung's button lies over it. */
const RungShape = memo(function RungShape({
  placed,
  mark,
  shade,
  isShading,
}: {
  placed: PlacedRung;
  shade: RungShade | undefined;
  isShading: boolean;
  mark: 'none' | 'hovered' | 'selected' | 'faded' | 'brief';
}) {
  const { rung, x, y, width, thickness, sections } = placed;
  const below = rung.zone === 'under' || rung.zone === 'ground';
  const bar = rung.hub || (rung.ends && !below) ? 'fill-red' : below ? 'fill-his' : 'fill-ink';
  const words = below ? 'fill-his' : 'fill-ink';
  const name = mark === 'selected' || mark === 'hovered' ? wholeName(placed) : placed.name;
  const nameEnd = name.at(-1);
  // What is said above and below a bar makes room for what it is shaded by.
  const isBrief = mark === 'brief' || isShading;
  // Filtered out: hair-thin and nameless, in its place.
  if (mark === 'faded') return <line x1={x} x2={x + width} y1={y + thickness / 2} y2={y + thickness / 2} className="stroke-hair" />;
  return (
    <g className="font-figure">
      {mark === 'selected' && (
        <rect x={x - 6} y={y - 20} width={width + 12} height={thickness + 26 + 13 * (rung.hub ? 1 : name.length)} className="fill-tint" />
      )}
      {(shade ? [] : sections).map((item, i) =>
        item.section.broken ? (
          <Snapped key={i} section={item} y={y} thickness={thickness} />
        ) : (
          <rect key={i} x={item.x} y={y} width={item.width} height={thickness} className={bar} />
        ),
      )}
      {shade && <Shaded placed={placed} shade={shade} />}
      {rung.unfinished && !rung.ends && (
        <line x1={x} x2={x + width} y1={y - 4} y2={y - 4} strokeDasharray="5 4" className={rung.hub ? 'stroke-red' : 'stroke-ink'} />
      )}
      {rung.tempo === 'safe' && !rung.ends && (
        <path
          d={`M${x + 1},${y}v${thickness + 6}M${x + width - 1},${y}v${thickness + 6}`}
          className={rung.hub ? 'stroke-red' : 'stroke-ink'}
          strokeWidth={2.5}
        />
      )}
      {rung.ends && !below && (
        <>
          <path d={`M${x},${y}v-9h${width}v9`} className="fill-none stroke-red" strokeWidth={2} />
          <text x={x + width / 2} y={y - 13} textAnchor="middle" fontSize={13} fontWeight={500} className="halo fill-red">
            {ENDING_WORDS[rung.ends]}
          </text>
        </>
      )}
      {!isBrief &&
        sections.flatMap((item) =>
          item.feet.map((foot) => (
            <path key={`${item.x} ${foot}`} d={`M${foot},${y + thickness}v6m-3,0h6`} className="fill-none stroke-his" strokeWidth={1.6} />
          )),
        )}
      {!isBrief &&
        sections.flatMap((item) =>
          item.labels.map((label, line) => (
            <text
              key={`${item.x} ${line}`}
              x={label.x}
              y={label.y}
              fontSize={rung.hub ? 13 : 12.5}
              fontWeight={500}
              className={`halo ${item.section.broken ? 'fill-red' : 'fill-his'}`}
            >
              {label.text}
            </text>
          )),
        )}
      {!isBrief && (rung.zone === 'ladder' || rung.zone === 'back') && !rung.hub && <Ticks placed={placed} />}
      {name.map((label, i) => (
        <text
          key={i}
          x={label.x}
          y={label.y}
          fontSize={placed.nameSize}
          fontWeight={rung.isGuard || rung.hub ? 600 : 500}
          className={`halo ${words}`}
          textDecoration={mark === 'hovered' ? 'underline' : undefined}
        >
          {label.text}
        </text>
      ))}
      {rung.unsure && nameEnd && (
        <g>
          <line x1={nameEnd.x} x2={x + width - 12} y1={nameEnd.y + 3} y2={nameEnd.y + 3} strokeDasharray="3 2" className="stroke-ink" />
          <text x={x + width - 8} y={nameEnd.y} fontSize={13.5} className="halo fill-ink">
            ?
          </text>
        </g>
      )}
      {!isBrief &&
        placed.stubs.map((label) => (
          <g key={`stub ${label.text}`}>
            <path
              d={label.text === '' ? `M${label.x - 8},${y}l8,-8` : `M${label.x - 4},${label.y - 3}l-5,8`}
              className="fill-none stroke-route"
            />
            <text x={label.x} y={label.y} fontSize={12} className="halo fill-soft">
              {label.text}
            </text>
          </g>
        ))}
      {!isBrief && placed.folded.length > 0 && (
        <g>
          <path
            d={`M${x},${placed.foldY}h${width * 0.5}m${-width * 0.5},-3.5h${width * 0.65}`}
            className="fill-none stroke-route"
            strokeWidth={2}
          />
          <text x={x + width - 16} y={placed.foldY + 3} fontSize={12.5} fontWeight={600} className="halo fill-soft">
            +{placed.folded.length}
          </text>
        </g>
      )}
    </g>
  );
});

interface ShapesProps {
  readonly rungs: readonly PlacedRung[];
  readonly faded: ReadonlySet<string>;
  /** Each is one of these rungs, or null. */
  readonly selected: string | null;
  readonly hovered: string | null;
  /** Null = nothing is shaded. */
  readonly shading?: Shading | null;
  /** Only bars and names. */
  readonly brief?: boolean;
}
export const RungShapes = memo(function RungShapes({ rungs, faded, selected, hovered, shading = null, brief = false }: ShapesProps) {
  const markOf = (id: string) =>
    faded.has(id) ? 'faded' : id === selected ? 'selected' : id === hovered ? 'hovered' : brief ? 'brief' : 'none';
  return rungs.map((placed) => (
    <RungShape
      key={placed.rung.id}
      placed={placed}
      mark={markOf(placed.rung.id)}
      shade={shading?.get(placed.rung.id)}
      isShading={shading !== null}
    />
  ));
});
