'use client';
import { select } from 'd3-selection';
import { zoom, zoomIdentity, type ZoomBehavior, type ZoomTransform } from 'd3-zoom';
import { useCallback, useEffect, useRef, type RefObject } from 'react';
import { LARGEST, READABLE } from '../viewModel';

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
/** The drawn area in world px; `ground` is kept at the bottom when not all fits. */
export interface World {
  readonly width: number;
  readonly top: number;
  readonly ground: number;
}

/** A caret's line and its list, in px. */
const LIST_HEIGHT = 364;
/** Pan and zoom by d3-zoom straight on the scene's transform, so that React draws nothing while the coach pans. */
export function useZoom(anchor: { x: number; y: number } | null): ZoomApi {
  const svg = useRef<SVGSVGElement>(null);
  const scene = useRef<SVGGElement>(null);
  const overlay = useRef<HTMLDivElement>(null);
  const behavior = useRef<ZoomBehavior<SVGSVGElement, unknown> | null>(null);
  const current = useRef<ZoomTransform>(zoomIdentity);
  const at = useRef(anchor);

  const placeOverlay = useCallback(() => {
    if (!overlay.current || !at.current || !svg.current) return;
    const [x, y] = current.current.apply([at.current.x, at.current.y]);
    const room = svg.current.clientWidth - overlay.current.offsetWidth - 8;
    // A list of places needs room below its line.
    const depth = svg.current.clientHeight - (overlay.current.querySelector('[role=listbox]') ? LIST_HEIGHT : 48);
    overlay.current.style.transform = `translate(${Math.round(Math.max(8, Math.min(x, room)))}px, ${Math.round(Math.max(4, Math.min(y, depth)))}px)`;
  }, []);

  useEffect(() => {
    at.current = anchor;
    placeOverlay();
  }, [anchor, placeOverlay]);

  useEffect(() => {
    const element = svg.current!;
    const made = zoom<SVGSVGElement, unknown>()
      .scaleExtent([0.2, 3])
      .on('zoom', ({ transform }: { transform: ZoomTransform }) => {
        current.current = transform;
        scene.current?.setAttribute('transform', transform.toString());
        placeOverlay();
      });
    behavior.current = made;
    select(element).call(made).on('dblclick.zoom', null);
    return () => {
      select(element).on('.zoom', null);
    };
  }, [placeOverlay]);

  const apply = useCallback((transform: ZoomTransform) => {
    if (svg.current && behavior.current) select(svg.current).call(behavior.current.transform, transform);
  }, []);

  const fit = useCallback(
    (world: World, readable = false) => {
      const { clientWidth, clientHeight } = svg.current!;
      const across = clientWidth / world.width;
      const whole = Math.min(across, clientHeight / (world.ground - world.top));
      const k = Math.min(LARGEST, readable ? Math.max(whole, Math.min(across, READABLE)) : whole);
      const spare = clientHeight - (world.ground - world.top) * k;
      apply(
        zoomIdentity
          .translate(
            Math.max(0, (clientWidth - world.width * k) / 2),
            spare > 0 ? spare / 2 - world.top * k : clientHeight - world.ground * k,
          )
          .scale(k),
      );
    },
    [apply],
  );
  const by = useCallback((factor: number) => {
    if (svg.current && behavior.current) select(svg.current).call(behavior.current.scaleBy, factor);
  }, []);
  const show = useCallback(
    (x: number, y: number) => {
      const { clientWidth, clientHeight } = svg.current!;
      const [left, top] = current.current.apply([x, y]);
      if (left > 60 && left < clientWidth - 90 && top > 40 && top < clientHeight - 60) return;
      const { k } = current.current;
      apply(zoomIdentity.translate(clientWidth / 2 - x * k, clientHeight / 2 - y * k).scale(k));
    },
    [apply],
  );
  return { svg, scene, overlay, fit, by, show };
}
