import { fitText, HUB_PLANK, type HubAnswer, type HubLayout, type HubSection } from '@/core/board';
import { LINES, type Line } from '@/core/tree';
import { NO_ANSWER, sayDrawnAnswer, saySection } from '@/core/words';
import type { Shut } from '../shut';
import { later } from '@/client/later';
import { walkButtons } from './walkButtons';

const points = (list: readonly (readonly [number, number])[]): string => list.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ');

function Lines({
  words,
  x,
  y,
  className,
  step = 15,
}: {
  words: readonly string[];
  x: number;
  y: number;
  className: string;
  step?: number;
}) {
  return words.map((text, i) => (
    <text key={i} x={x} y={y + i * step} fontSize={13.5} className={`halo ${className}`}>
      {text}
    </text>
  ));
}

function TickStack({ lines, x, y }: { lines: readonly Line[]; x: number; y: number }) {
  return LINES.map((line, i) => (
    <rect key={line} x={x} y={y + (4 - i) * 4.5} width={10} height={2.6} className={lines.includes(line) ? 'fill-ink' : 'fill-hair'} />
  ));
}

/** What is focused or pointed at, whole; null = nothing is. */
type Tell = (words: string | null) => void;

interface PressProps {
  readonly label: string;
  readonly broken?: string | null;
  readonly show?: string | null;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly onPress: () => void;
  readonly onTell: Tell;
}

/** The place to press, over what is drawn; its label says in words what the drawing shows. */
function Press({ label, broken, show, onPress, onTell, ...box }: PressProps) {
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      data-broken={broken ?? undefined}
      data-show={show ?? undefined}
      className="cursor-pointer outline-none [&:focus-visible>rect]:stroke-ink"
      onClick={onPress}
      onKeyDown={(event) => event.key === 'Enter' && onPress()}
      onFocus={() => onTell(label)}
      onBlur={() => onTell(null)}
      onPointerEnter={() => onTell(label)}
      onPointerLeave={() => onTell(null)}
    >
      <rect {...box} fill="transparent" strokeWidth={3} className="stroke-transparent" />
    </g>
  );
}

const ShutMark = later(async () => (await import('./ShutMark')).ShutMark);

interface AnswerProps {
  readonly answer: HubAnswer;
  readonly shut: Shut | undefined;
  readonly onSelect: (id: string) => void;
  readonly onTell: Tell;
}

/** A way up: "I …" beside its line, the rung where it lands, and what can follow in soft ink above. */
function Answer({ answer, shut, onSelect, onTell }: AnswerProps) {
  const { x, y, width, name, next } = answer;
  return (
    <g>
      <polyline
        points={points(answer.path)}
        className={`fill-none ${shut ? 'stroke-route' : 'stroke-ink'}`}
        strokeWidth={shut ? 1 : 1.5}
        strokeDasharray={shut ? '2 6' : undefined}
      />
      <Lines words={answer.words} x={answer.wordsX} y={answer.wordsY} className={shut ? 'fill-soft' : 'fill-ink font-medium'} />
      {answer.reason.map((text, i) => (
        <text key={i} x={answer.wordsX} y={answer.wordsY + (answer.words.length + i) * 15} fontSize={12} className="halo fill-soft">
          {text}
        </text>
      ))}
      {shut && <ShutMark shut={shut} x={answer.wordsX} y={answer.wordsY + (answer.words.length + answer.reason.length) * 15} />}
      {!answer.stays &&
        next.map((text, i) => (
          <text key={text} x={x + 6} y={y - 8 - (next.length - 1 - i) * 14} fontSize={12} className="halo fill-soft">
            {text}
          </text>
        ))}
      {!answer.stays && (
        <>
          <rect x={x} y={y} width={width} height={5} className={shut ? 'fill-route' : 'fill-ink'} />
          <Lines words={name} x={x + 16} y={y + 21} className={shut ? 'fill-soft' : 'fill-ink font-semibold'} />
          <TickStack lines={answer.lines} x={x + 2} y={y + 9} />
          <Press
            label={sayDrawnAnswer(...answer.whole, shut?.says ?? '')}
            onTell={onTell}
            x={x - 2}
            y={y - 4}
            width={width + 4}
            height={48}
            onPress={() => onSelect(answer.position)}
          />
        </>
      )}
    </g>
  );
}

interface SectionProps {
  readonly item: HubSection;
  readonly plankY: number;
  readonly share: string;
  readonly chosen: boolean;
  readonly onOpen: () => void;
  readonly onSelect: (id: string) => void;
  readonly onTell: Tell;
}

/** A section of the plank with what he shows below it, in his colour, and the falls as feet. */
function PlankSection({ item, plankY, share, chosen, onOpen, onSelect, onTell }: SectionProps) {
  const { section, x, width, words, falls } = item;
  const [top, bottom] = [plankY, plankY + HUB_PLANK];
  const tooth = HUB_PLANK / 4;
  const snapped = `M${x},${top}h10l-8,${tooth}l8,${tooth}l-8,${tooth}l8,${tooth}H${x}zM${x + width},${top}h-10l8,${tooth}l-8,${tooth}l8,${tooth}l-8,${tooth}H${x + width}z`;
  return (
    <g>
      {section.broken ? (
        <>
          <path d={snapped} className="fill-red" />
          <line x1={x + 16} x2={x + width - 16} y1={top + 15} y2={top + 15} strokeDasharray="2 5" className="stroke-red" />
          <text x={x + width / 2} y={top - 14} textAnchor="middle" fontSize={13.5} className="halo fill-red font-medium">
            {NO_ANSWER}
          </text>
        </>
      ) : (
        <rect x={x} y={top} width={width} height={HUB_PLANK} className="fill-red" />
      )}
      {falls.map((fall) => (
        <g key={`${fall.transition} ${fall.position}`} className="cursor-pointer" onClick={() => onSelect(fall.position)}>
          <path d={`M${fall.x},${bottom}V${fall.y}m-6,0h12`} className="fill-none stroke-his" strokeWidth={1.8} />
          <text x={fall.x - 10} y={fall.y + 1} textAnchor="end" fontSize={13.5} className="halo fill-his font-medium">
            {fall.name}
          </text>
        </g>
      ))}
      <Lines words={words} x={x + 5} y={bottom + 19} className={`${section.broken ? 'fill-red' : 'fill-his'} font-medium`} />
      {share.split(', ').map((part, i) => (
        <text key={i} x={x + 5} y={bottom + 20 + (words.length + i) * 15} fontSize={12.5} className="halo fill-soft">
          {fitText(part, 12.5, width - 8)}
        </text>
      ))}
      {chosen && <rect x={x} y={bottom + 2} width={width} height={3} className="fill-ink" />}
      <Press
        onTell={onTell}
        label={saySection(section.name, section.broken)}
        broken={section.broken ? section.value : null}
        show={section.value}
        x={x}
        y={top - 6}
        width={width}
        height={96}
        onPress={onOpen}
      />
    </g>
  );
}

interface Props {
  readonly layout: HubLayout;
  readonly shut: ReadonlyMap<string, Shut>;
  readonly section: number;
  readonly shareOf: (item: HubSection) => string;
  readonly onSelect: (id: string) => void;
  readonly onOpen: (section: number) => void;
  readonly onTell: Tell;
}

/** One position spread over the whole board. */
export function HubView({ layout, shut, section, shareOf, onSelect, onOpen, onTell }: Props) {
  const { left, right, plankY, height, lines, width } = layout;
  return (
    <g className="font-figure" onKeyDown={walkButtons}>
      {lines.map(({ line, y, used }) => (
        <g key={line}>
          <line x1={left} x2={right} y1={y} y2={y} className="stroke-red" strokeWidth={used ? 1.3 : 0.8} />
          <text x={left - 8} y={y + 1} textAnchor="end" fontSize={used ? 17 : 12} fontWeight={500} className="fill-red">
            {line}
          </text>
        </g>
      ))}
      <path d={`M${left},10V${height - 4}M${right},10V${height - 4}`} className="stroke-red" strokeWidth={3} />
      <path d={`M${right + 12},10V${plankY - 30}l-8,12`} className="fill-none stroke-ink" strokeWidth={2} />
      <text x={width - 14} y={26} textAnchor="end" fontSize={17} fontWeight={600} className="fill-ink">
        back
      </text>
      {layout.answers.map((answer, i) => (
        <Answer
          key={`${answer.transition} ${answer.position} ${i}`}
          answer={answer}
          shut={shut.get(answer.transition)}
          onSelect={onSelect}
          onTell={onTell}
        />
      ))}
      {layout.sections.map((item, i) => (
        <PlankSection
          key={i}
          item={item}
          plankY={plankY}
          share={shareOf(item)}
          chosen={i === section}
          onOpen={() => onOpen(i)}
          onSelect={onSelect}
          onTell={onTell}
        />
      ))}
      {layout.entries.map((entry) => (
        <g key={entry.transition}>
          <path d={`M${entry.x},${entry.y}V${plankY + 196}`} className="stroke-route" strokeWidth={1.3} />
          <Lines words={entry.words} x={entry.x + 7} y={entry.y - 22} className="fill-ink" />
          <rect x={entry.x} y={entry.y} width={entry.width} height={5} className="fill-ink" />
          <Lines words={entry.name} x={entry.x} y={entry.y + 20} className="fill-ink font-semibold" />
          <Press
            onTell={onTell}
            label={`from ${entry.whole[1]}: ${entry.whole[0]}`}
            x={entry.x}
            y={entry.y - 38}
            width={entry.width}
            height={78}
            onPress={() => onSelect(entry.position)}
          />
        </g>
      ))}
      {layout.moreEntries > 0 && (
        <text x={left + 12} y={height - 26} fontSize={12.5} className="fill-soft">
          +{layout.moreEntries} more ways in
        </text>
      )}
    </g>
  );
}
