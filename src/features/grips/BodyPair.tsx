import { limbKey, sayContact, sayLimb } from '@/core/contacts';
import type { Actor, Contact } from '@/core/tree';
import { drawPair, isLying, labelsOf, limbPoint, offeredSpots, seenAt, type PairView, type Point } from './bodies';
import { CONTROL, HEIGHT, WIDTH } from './spots';
import { Tip } from '@/ui/Tip';

interface Props {
  readonly contacts: readonly Contact[];
  /** Holds that were not on the step before: ringed. */
  readonly fresh: ReadonlySet<Contact>;
  readonly view: PairView;
  readonly caption: string;
  /** Without words and presses: small, for print. */
  readonly plain?: boolean;
  /** The limb that has been named and not yet what it holds; its spots are offered. */
  readonly open?: Pick<Contact, 'athlete' | 'part'> | null;
  readonly onLimb?: (words: string) => void;
  readonly onSpot?: (words: string) => void;
}

const PRESSABLE = [
  'leftHand',
  'rightHand',
  'leftForearm',
  'rightForearm',
  'leftShoulder',
  'rightShoulder',
  'head',
  'chest',
  'hips',
  'leftKnee',
  'rightKnee',
  'leftShin',
  'rightShin',
  'leftFoot',
  'rightFoot',
];
const INK: Record<Actor, string> = { owner: 'stroke-ink', opponent: 'stroke-his' };
const FILL: Record<Actor, string> = { owner: 'fill-ink', opponent: 'fill-his' };
const line = (path: readonly Point[]): string => path.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' ');
const CENTRE = WIDTH / 2;

/** A link begins a little outside its part, so that the word in the head stays free. */
function leaving(from: Point, to: Point): { x1: number; y1: number } {
  const length = Math.max(1, Math.hypot(to.x - from.x, to.y - from.y));
  const step = Math.min(20, length / 2) / length;
  return { x1: from.x + (to.x - from.x) * step, y1: from.y + (to.y - from.y) * step };
}

/** Shoulders, hips and the line down the middle: who holds these three holds the other. */
function ControlLines({ view, plain }: { view: PairView; plain: boolean }) {
  const { turned = false } = view;
  const [left, right] = view.near < 0 === !turned ? ['near', 'far'] : ['far', 'near'];
  const down = (y: number): number => seenAt(view, CENTRE, y).y;
  const head = turned ? HEIGHT - 4 : CONTROL.top - 22;
  return (
    <g className="font-figure">
      {(['shoulders', 'hips'] as const).map((name) => (
        <g key={name}>
          <line
            x1={CENTRE - 108}
            x2={CENTRE + 108}
            y1={down(CONTROL[name])}
            y2={down(CONTROL[name])}
            className="stroke-red"
            strokeWidth={1.2}
          />
          <text
            visibility={plain ? 'hidden' : undefined}
            x={CENTRE + 108}
            y={down(CONTROL[name]) - 4}
            fontSize={13.5}
            textAnchor="end"
            className="fill-red"
          >
            {name}
          </text>
        </g>
      ))}
      <line x1={CENTRE} x2={CENTRE} y1={down(CONTROL.top - 18)} y2={down(CONTROL.bottom)} className="stroke-red" strokeWidth={1.2} />
      {!plain && (
        <>
          <text x={CENTRE} y={head} fontSize={13.5} textAnchor="middle" className="fill-red">
            centre
          </text>
          <text x={CENTRE - 90} y={head} fontSize={13.5} textAnchor="middle" className="fill-soft">
            {left} side
          </text>
          <text x={CENTRE + 90} y={head} fontSize={13.5} textAnchor="middle" className="fill-soft">
            {right} side
          </text>
        </>
      )}
    </g>
  );
}

/** Head and trunk; who lies has his head up the page, who faces him his head at the other's hips. */
function Trunk({ athlete, view, plain }: { athlete: Actor; view: PairView; plain: boolean }) {
  // On paper the picture is small, and its letters are as large as the words beside it.
  const size = plain ? 36 : 14;
  const lying = isLying(athlete, view);
  const [headY, topY, footY] = lying ? [62, 108, 232] : [382, 417, 537];
  const [wide, slim] = lying ? [46, 33] : [44, 31];
  const outline = [
    [-wide, topY],
    [wide, topY],
    [slim, footY],
    [-slim, footY],
  ] as const;
  const head = seenAt(view, CENTRE, headY);
  const corners = outline.map(([x, y]) => seenAt(view, CENTRE + x, y));
  return (
    <g className={INK[athlete]} strokeWidth={1.6}>
      <polygon points={line(corners)} className="fill-paper" fillOpacity={0.7} />
      <ellipse cx={CENTRE} cy={head.y} rx={lying ? 17 : 15} ry={lying ? 21 : 17} className="fill-paper" />
      <text
        x={CENTRE}
        y={head.y + size / 3}
        fontSize={size}
        textAnchor="middle"
        stroke="none"
        className={`font-figure font-semibold ${FILL[athlete]}`}
      >
        {athlete === 'owner' ? 'I' : 'he'}
      </text>
    </g>
  );
}

/** The pair seen from above at one step: limbs reach to what they hold, weight is dashed, words stand in the margins. */
export function BodyPair({ contacts, fresh, view, caption, plain = false, open = null, onLimb, onSpot }: Props) {
  const pair = drawPair(contacts, view);
  const lies = view.lies;
  const stands: Actor = lies === 'owner' ? 'opponent' : 'owner';
  return (
    <svg
      viewBox={plain ? `${CENTRE - 128} 0 256 ${HEIGHT}` : `0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={caption}
      className={`h-auto w-full max-w-[430px] ${plain ? '' : 'max-sm:[&_text]:text-[16.5px]'}`}
    >
      <ControlLines view={view} plain={plain} />
      {[lies, stands].map((athlete) => (
        <Trunk key={athlete} {...{ athlete, view, plain }} />
      ))}
      {pair.limbs.map(({ athlete, path, reaches }, i) => (
        <polyline
          key={i}
          points={line(path)}
          fill="none"
          strokeWidth={reaches ? 4.5 : 2.2}
          strokeLinejoin="miter"
          className={INK[athlete]}
          strokeOpacity={reaches ? 1 : 0.55}
        />
      ))}
      {pair.links.map(({ contact, from, at }, i) => (
        <line key={i} {...leaving(from, at)} x2={at.x} y2={at.y} strokeWidth={3} strokeDasharray="7 5" className={INK[contact.athlete]} />
      ))}
      {labelsOf(pair).map(({ contact, at, side, y, limb, target }, i) => {
        const edge = side < 0 ? 124 : WIDTH - 124;
        return (
          <Tip key={i} words={sayContact(contact)}>
            <g className="font-figure">
              {!plain && (
                <polyline
                  points={`${edge},${y - 4} ${edge - side * 12},${y - 4} ${at.x},${at.y}`}
                  fill="none"
                  strokeWidth={0.8}
                  className="stroke-route"
                />
              )}
              <circle cx={at.x} cy={at.y} r={5} className={FILL[contact.athlete]} />
              {fresh.has(contact) && <circle cx={at.x} cy={at.y} r={9} fill="none" strokeWidth={2} className="stroke-red" />}
              {!plain && (
                <text y={y} fontSize={14.5} textAnchor={side < 0 ? 'end' : 'start'} className={`halo ${FILL[contact.athlete]}`}>
                  <tspan x={edge + side * 4} className={fresh.has(contact) ? 'font-semibold' : 'font-medium'}>
                    {limb}
                  </tspan>
                  <tspan x={edge + side * 4} dy={16}>
                    {target}
                  </tspan>
                </text>
              )}
            </g>
          </Tip>
        );
      })}
      {onLimb && (
        <g>
          {(['opponent', 'owner'] as const).flatMap((athlete) =>
            PRESSABLE.map((part) => {
              const limb = { athlete, part };
              const { x, y } = limbPoint(limb, pair, view);
              return (
                <Tip key={limbKey(limb)} words={sayLimb(limb)}>
                  <circle
                    cx={x}
                    cy={y}
                    r={11}
                    fill="transparent"
                    className="cursor-pointer hover:fill-tint"
                    fillOpacity={0.8}
                    data-limb={sayLimb(limb)}
                    onClick={() => onLimb(sayLimb(limb))}
                  />
                </Tip>
              );
            }),
          )}
        </g>
      )}
      {open && onSpot && (
        <g>
          {offeredSpots(open, view).map(({ words, at }) => (
            <Tip key={words} words={words}>
              <rect
                x={at.x - 6}
                y={at.y - 6}
                width={12}
                height={12}
                strokeWidth={1.5}
                className="cursor-pointer fill-paper stroke-red hover:fill-red"
                data-spot={words}
                onClick={() => onSpot(words)}
              />
            </Tip>
          ))}
        </g>
      )}
    </svg>
  );
}
