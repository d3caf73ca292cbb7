'use client';
import { select } from 'd3-selection';
import { zoom, zoomIdentity, type ZoomBehavior, type ZoomTransform } from 'd3-zoom';
import { useCallback, useEffect, useMemo, useRef, type RefObject } from 'react';
import { placeWithin, viewOfAll, viewToShow, type Box, type View, type World } from './view';

interface Point {
  readonly x: number;
  readonly y: number;
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
/** A caret's line alone, and with its list of places below it, in px. */
const LINE_HEIGHT = 48;
const LIST_HEIGHT = 364;

const boxOf = ({ clientWidth, clientHeight }: Element): Box => ({ width: clientWidth, height: clientHeight });

/** The caret's element at a world point, kept within the board. */
function placeOverlay(overlay: HTMLElement, anchor: Point, svg: Element, transform: ZoomTransform): void {
  const [x, y] = transform.apply([anchor.x, anchor.y]);
  const height = overlay.querySelector('[role=listbox]') ? LIST_HEIGHT : LINE_HEIGHT;
  const at = placeWithin(x, y, { width: overlay.offsetWidth, height }, boxOf(svg));
  overlay.style.transform = `translate(${at.x}px, ${at.y}px)`;
}

/** Pan and zoom by d3-zoom straight on the scene's transform, so that React draws nothing while the coach pans. */
export function useZoom(anchor: Point | null): ZoomApi {
  const svg = useRef<SVGSVGElement>(null);
  const scene = useRef<SVGGElement>(null);
  const overlay = useRef<HTMLDivElement>(null);
  const behavior = useRef<ZoomBehavior<SVGSVGElement, unknown> | null>(null);
  const current = useRef<ZoomTransform>(zoomIdentity);
  const at = useRef(anchor);
  const follow = useCallback(() => {
    if (overlay.current && at.current && svg.current) placeOverlay(overlay.current, at.current, svg.current, current.current);
  }, []);
  useEffect(() => {
    at.current = anchor;
    follow();
  }, [anchor, follow]);
  useEffect(() => {
    const element = svg.current!;
    const made = zoom<SVGSVGElement, unknown>()
      .scaleExtent([0.2, 3])
      .on('zoom', ({ transform }: { transform: ZoomTransform }) => {
        current.current = transform;
        scene.current?.setAttribute('transform', transform.toString());
        follow();
      });
    behavior.current = made;
    select(element).call(made).on('dblclick.zoom', null);
    return () => {
      select(element).on('.zoom', null);
    };
  }, [follow]);
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
