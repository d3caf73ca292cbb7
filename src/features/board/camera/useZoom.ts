'use client';
import { select } from 'd3-selection';
import { zoom, zoomIdentity, type ZoomBehavior, type ZoomTransform } from 'd3-zoom';
import { useCallback, useEffect, useMemo, useRef, type RefObject } from 'react';
import { placeClear, placeWithin, viewOfAll, viewToShow, type Box, type Rect, type View, type World } from './view';

/** Where the caret opens, in world px. */
export interface Anchor {
  readonly x: number;
  /** The room of the rung that it speaks of. */
  readonly own: Rect;
  /** How high the caret may grow with its list and help, in px of the screen: as much room is looked for. */
  readonly grows: number;
}

export interface ZoomApi {
  readonly svg: RefObject<SVGSVGElement | null>;
  readonly scene: RefObject<SVGGElement | null>;
  /** Follows the scene: an HTML element placed at a world point. */
  readonly overlay: RefObject<HTMLDivElement | null>;
  /** All of the world, or with `readable` as much as the words allow. */
  fit(world: World, readable?: boolean): void;
  by(factor: number): void;
  /** Brings a world point into sight, if it is not. */
  show(x: number, y: number): void;
}
const BOARD_TYPE = [12, 12.5, 13, 13.5, 15, 17, 19, 22];
const LEAST_TYPE = 12;
/** How much of the board's height is looked for at most. */
const SMALL_PART = 0.45;

const boxOf = ({ clientWidth, clientHeight }: Element): Box => ({ width: clientWidth, height: clientHeight });
/** The sizes of type on the board (px) that cannot be read at this scale: globals.css leaves their words out. */
const tooSmall = (scale: number): string => BOARD_TYPE.filter((size) => size * scale < LEAST_TYPE - 0.01).join(' ');
const onScreen = ({ x, y, width, height }: Rect, transform: ZoomTransform): Rect => ({
  x: transform.applyX(x),
  y: transform.applyY(y),
  width: width * transform.k,
  height: height * transform.k,
});

/** Pan and zoom by d3-zoom straight on the scene's transform, so that React draws nothing while the coach pans. */
export function useZoom(anchor: Anchor | null, drawn: readonly Rect[]): ZoomApi {
  const svg = useRef<SVGSVGElement>(null);
  const scene = useRef<SVGGElement>(null);
  const overlay = useRef<HTMLDivElement>(null);
  const behavior = useRef<ZoomBehavior<SVGSVGElement, unknown> | null>(null);
  const current = useRef<ZoomTransform>(zoomIdentity);
  const latest = useRef({ anchor, drawn });
  /** The caret's place beside its rung, which it keeps while the coach moves the board. */
  const offset = useRef({ dx: 0, dy: 0 });
  const follow = useCallback(() => {
    const { anchor: at } = latest.current;
    if (!overlay.current || !at || !svg.current) return;
    const size = { width: overlay.current.offsetWidth, height: overlay.current.offsetHeight };
    const [x, y] = current.current.apply([at.own.x, at.own.y]);
    const to = placeWithin(x + offset.current.dx, y + offset.current.dy, size, boxOf(svg.current));
    overlay.current.style.transform = `translate(${to.x}px, ${to.y}px)`;
  }, []);
  const place = useCallback(() => {
    const { anchor: at, drawn: rooms } = latest.current;
    const element = overlay.current;
    if (!at || !element || !svg.current) return;
    const own = onScreen(at.own, current.current);
    const box = boxOf(svg.current);
    // On a small board the list may run on over what is below; the rung stays in sight.
    const size = { width: element.offsetWidth, height: Math.max(element.offsetHeight, Math.min(at.grows, box.height * SMALL_PART)) };
    const rects = rooms.map((rect) => onScreen(rect, current.current));
    const to = placeClear(own, { x: current.current.applyX(at.x) }, rects, size, box);
    offset.current = { dx: to.x - own.x, dy: to.y - own.y };
    follow();
  }, [follow]);
  useEffect(() => {
    latest.current = { anchor, drawn };
    place();
    if (!overlay.current) return;
    // The list below the line grows as it is typed.
    const grown = new ResizeObserver(follow);
    grown.observe(overlay.current);
    return () => grown.disconnect();
  }, [anchor, drawn, place, follow]);
  useEffect(() => {
    const element = svg.current!;
    const made = zoom<SVGSVGElement, unknown>()
      .scaleExtent([0.2, 3])
      .on('zoom', ({ transform, sourceEvent }: { transform: ZoomTransform; sourceEvent: unknown }) => {
        current.current = transform;
        scene.current?.setAttribute('transform', transform.toString());
        scene.current?.setAttribute('data-leaves-out', tooSmall(transform.k));
        // Another picture is looked at anew; a hand that moves the board takes the caret along.
        if (sourceEvent) follow();
        else place();
      });
    behavior.current = made;
    select(element).call(made).on('dblclick.zoom', null);
    return () => {
      select(element).on('.zoom', null);
    };
  }, [follow, place]);
  const api = useMemo(() => {
    const go = ({ x, y, k }: View) => {
      if (svg.current && behavior.current) select(svg.current).call(behavior.current.transform, zoomIdentity.translate(x, y).scale(k));
    };
    return {
      fit: (world: World, readable = false) => go(viewOfAll(world, boxOf(svg.current!), readable)),
      by: (factor: number) => {
        if (svg.current && behavior.current) select(svg.current).call(behavior.current.scaleBy, factor);
      },
      show: (x: number, y: number) => {
        const view = viewToShow(x, y, current.current, boxOf(svg.current!));
        if (view) go(view);
      },
    };
  }, []);
  return { svg, scene, overlay, ...api };
}
