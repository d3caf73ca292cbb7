'use client';
import { familyFacts, indexOf, positionOf, type TreeDocument } from '@/core/tree';
import { fitText, guardOf, layoutHub, type HubLayout, type HubSection, type PlacedRung } from '@/core/board';
import type { Catalogue } from '@/core/catalogue';
import type { ShadedBy } from '@/core/odds';
import { shareBeside } from '@/core/words';
import { useEffect, useMemo, useRef, useState, type Dispatch, type KeyboardEvent } from 'react';
import { StripButton } from '@/ui/StripButton';
import type { Look } from '@/workers/questions';
import type { Subject } from '@/workers/useAnswer';
import type { BoardAction, BoardState } from '../boardState';
import { CaretLine } from '../caret/later';
import { ShadeSelect } from '../parts';
import { ClimbView } from './ClimbView';
import { HubView } from './HubView';
import { useShading } from './useShading';
import { useSize } from '@/ui/useSize';
import { caretAt, stepOnRung } from './rungKeys';
import { useZoom } from '../camera/useZoom';
import { useFocusBack } from '../camera/useFocusBack';
import type { Box, Rect, World } from '../camera/view';
import type { Shut } from '../shut';
import { caretAnchor, hubAnchor, hubRooms, rungRoom } from '../camera/rooms';
import type { Scene } from '../viewModel';

interface Props {
  /** The board's state with the tree as it is looked at. */
  readonly state: BoardState;
  /** The whole tree, which the caret edits. */
  readonly tree: TreeDocument;
  readonly faded: ReadonlySet<string>;
  /** Options that his grips shut now: drawn hair-thin. */
  readonly shut: ReadonlyMap<string, Shut>;
  readonly catalogue: Catalogue | null;
  readonly scene: Scene;
  readonly subject: Subject;
  readonly look: Look;
  readonly dispatch: Dispatch<BoardAction>;
}

const NOTHING: readonly Rect[] = [];
const NAME_SIZE = 22;

/** A hub's own drawing, as wide as its answers need. */
function hubOf(state: BoardState, size: { width: number; height: number }, order: readonly (string | null)[] | null): HubLayout | null {
  const { tree, view, selected } = state;
  const id =
    view === 'hub'
      ? (selected ?? tree.positions.find((position) => familyFacts(position.family).isHub)?.id ?? tree.positions[0]?.id)
      : undefined;
  if (id === undefined) return null;
  return layoutHub(tree, id, { width: Math.max(size.width, 700), height: Math.max(size.height, 600) }, order ?? []);
}

/** While something is typed the sections stand as they stood: an answer that leads to the back moves its section only afterwards. */
function useHub(state: BoardState, size: { width: number; height: number }): HubLayout | null {
  const [order, setOrder] = useState<readonly (string | null)[] | null>(null);
  const hub = useMemo(() => hubOf(state, size, order), [state, size, order]);
  const isTyped = hub !== null && state.caret !== null && 'position' in state.caret && state.caret.position === hub.id;
  if (isTyped && order === null) setOrder(hub.sections.map(({ section }) => section.value));
  if (!isTyped && order !== null) setOrder(null);
  return hub;
}

interface Fit {
  /** What is drawn; another one is shown whole, as far as it stays readable. */
  readonly picture: string;
  readonly world: World;
  readonly size: Box;
  readonly fit: (world: World, readable?: boolean) => void;
}
function useFit({ picture, world, size, fit }: Fit): void {
  const latest = useRef(world);
  useEffect(() => {
    latest.current = world;
  });
  useEffect(() => {
    if (size.width > 0) fit(latest.current, true);
  }, [picture, size.width, size.height, fit]);
}

/** The drawn part of the board: pan, zoom, the keys, and the caret in place. */
export function BoardCanvas({ state, tree, faded, shut, catalogue, scene, subject, look, dispatch }: Props) {
  const [shadedBy, setShadedBy] = useState<ShadedBy | null>(null);
  const { shading, answer: shades } = useShading(subject, look, shadedBy);
  const { selected, caret, section } = state;
  const { layout } = scene;
  const [hovered, setHovered] = useState<string | null>(null);
  const [told, setTold] = useState<string | null>(null);
  const box = useRef<HTMLDivElement>(null);
  const size = useSize(box);
  const hub = useHub(state, size);
  const anchor = useMemo(() => (hub ? hubAnchor(hub, caret) : caretAnchor(layout, caret)), [hub, layout, caret]);
  const drawn = useMemo(
    () => (!anchor ? NOTHING : hub ? hubRooms(hub) : layout.rungs.map((placed) => rungRoom(placed, layout.height))),
    [anchor, hub, layout],
  );
  const { svg, scene: group, overlay, fit, by, show } = useZoom(anchor, drawn);
  useFocusBack(svg, caret);
  const world = hub ? { width: hub.width, top: 0, ground: hub.height } : { width: layout.width, top: -layout.height, ground: 0 };
  useFit({ picture: hub ? `hub ${hub.id}` : scene.key, world, size, fit });
  const chosen = hub ? undefined : layout.rungs.find((placed) => placed.rung.id === selected);
  const [chosenX, chosenY] = chosen ? [chosen.x, chosen.y - layout.height] : [null, null];
  useEffect(() => {
    if (chosenX !== null && chosenY !== null) show(chosenX, chosenY);
  }, [chosenX, chosenY, show]);

  const select = (id: string, at?: number) =>
    dispatch({ type: 'select', position: id, section: at, ...(state.view === 'hub' ? {} : startsHere(state, id)) });
  const focusRung = (id: string, at = 0) => {
    select(id, at);
    requestAnimationFrame(() => svg.current?.querySelector<SVGGElement>(`[data-rung="${CSS.escape(id)}"]`)?.focus({ preventScroll: true }));
  };
  const open = (id: string, at: number) => {
    const sections = hub?.sections ?? layout.rungs.find((placed) => placed.rung.id === id)?.sections;
    dispatch({ type: 'select', position: id, section: at });
    dispatch({ type: 'caret', caret: caretAt(id, sections?.[at]?.section) });
  };
  const onKey = (event: KeyboardEvent, placed: PlacedRung) => {
    const step = stepOnRung(layout, placed, { selected, section }, event.key);
    if (event.key === 'Enter' || event.key.startsWith('Arrow')) event.preventDefault();
    if (step?.to === 'select') select(step.rung);
    if (step?.to === 'newShow') dispatch({ type: 'caret', caret: { kind: 'value', position: step.rung } });
    if (step?.to === 'open') open(step.rung, step.section);
    if (step?.to === 'focus') focusRung(step.rung, step.section);
    if (step?.to === 'leave') dispatch({ type: 'select', position: null });
  };
  const focusable = selected ?? layout.rungs.find((placed) => placed.rung.isGuard)?.rung.id ?? layout.rungs[0]?.rung.id ?? null;
  return (
    <div className="flex h-full min-h-[420px] flex-col">
      <div ref={box} className="relative min-h-0 flex-1 overflow-hidden">
        <svg ref={svg} role="group" aria-label="The climb" className="absolute inset-0 h-full w-full touch-none select-none">
          <g ref={group}>
            {hub ? (
              <>
                <HubView
                  layout={hub}
                  shut={shut}
                  section={section}
                  shareOf={(item) => hubShare(state, hub.id, item)}
                  onSelect={select}
                  onOpen={(at) => open(hub.id, at)}
                  onTell={setTold}
                />
                <HubName layout={hub} />
              </>
            ) : (
              <g transform={`translate(0, ${-layout.height})`}>
                <ClimbView
                  layout={layout}
                  faded={faded}
                  shut={shut}
                  selected={selected}
                  section={section}
                  hovered={hovered}
                  shading={shading}
                  focusable={focusable}
                  onSelect={select}
                  onOpen={open}
                  onHover={setHovered}
                  onKey={onKey}
                />
              </g>
            )}
          </g>
        </svg>
        {caret && anchor && (
          <div ref={overlay} className="absolute top-0 left-0 z-10 w-80 max-w-full bg-paper">
            <CaretLine {...{ tree, caret, catalogue, dispatch }} skipped={state.skipped} />
          </div>
        )}
      </div>
      <div className="relative flex items-center justify-end gap-3 px-4">
        {/* Heard with the focus already; here it is read where the drawing cuts it. */}
        {hub && told !== null && (
          <p
            aria-hidden
            className="pointer-events-none absolute bottom-1 left-4 z-10 max-w-[70%] bg-paper px-1 font-figure text-[15px] [overflow-wrap:anywhere]"
          >
            {told}
          </p>
        )}
        {!hub && <ShadeSelect by={shadedBy} answer={shades} onChange={setShadedBy} />}
        {!hub && (state.unfolded || layout.rungs.some((placed) => placed.folded.length > 0)) && (
          <StripButton onClick={() => dispatch({ type: 'fold' })}>{state.unfolded ? 'Fold' : 'Unfold'}</StripButton>
        )}
        <StripButton onClick={() => by(1.25)}>Zoom in</StripButton>
        <StripButton onClick={() => by(0.8)}>Zoom out</StripButton>
        <StripButton onClick={() => fit(world)}>Fit</StripButton>
      </div>
    </div>
  );
}

/** Choosing a guard makes it the guard of "one guard". */
function startsHere(state: BoardState, id: string): { guard?: string } {
  return state.view === 'tree' && state.tree.starts.some((start) => start.position === id) ? { guard: guardOf(state.tree, id) ?? id } : {};
}

function hubShare(state: BoardState, hub: string, { section }: HubSection): string {
  const read = positionOf(indexOf(state.tree), hub).reads.find((item) => item.id === section.read);
  return read && section.value !== null ? shareBeside(read, section.value) : '';
}

/** The name on the plank: in the widest section that holds it, else over whole sections side by side. */
function HubName({ layout }: { layout: HubLayout }) {
  const isWhole = ({ section }: HubSection): boolean => !section.broken;
  const widest = layout.sections.filter(isWhole).toSorted((a, b) => b.width - a.width)[0];
  const holds = widest && fitText(layout.name, NAME_SIZE, widest.width - 16) === layout.name;
  const whole = holds ? widest : layout.sections.find(isWhole);
  const after = whole ? layout.sections.slice(layout.sections.indexOf(whole)) : [];
  const broken = after.find((item) => !isWhole(item));
  const room = (broken?.x ?? layout.right) - (whole?.x ?? layout.left) - 20;
  return (
    <text
      x={whole ? whole.x + 8 : layout.left + 8}
      y={whole ? layout.plankY + 23 : layout.plankY - 34}
      fontSize={NAME_SIZE}
      fontWeight={600}
      className={`font-figure ${whole ? 'fill-paper' : 'fill-red'}`}
    >
      {fitText(layout.name, NAME_SIZE, room)}
    </text>
  );
}
