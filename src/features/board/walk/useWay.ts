import { useEffect, useRef, useState } from 'react';
import { indexOf, landingsOf, type PositionId, type TreeDocument } from '@/core/tree';

/** The way after another place is looked at: back along it, one step on, or anew. */
export function stepTo(tree: TreeDocument, way: readonly PositionId[], at: PositionId | null): readonly PositionId[] {
  if (at === null) return [];
  const known = way.indexOf(at);
  if (known >= 0) return way.slice(0, known + 1);
  const last = way.at(-1);
  const leads = last !== undefined && (indexOf(tree).from.get(last) ?? []).some((move) => landingsOf(move).includes(at));
  return leads ? [...way, at] : [at];
}

/** The place as the address names it. */
const placeInAddress = (): PositionId | null => new URLSearchParams(window.location.search).get('at');
function addressOf(at: PositionId | null): string {
  const params = new URLSearchParams(window.location.search);
  if (at === null) params.delete('at');
  else params.set('at', at);
  const said = params.toString();
  return said === '' ? window.location.pathname : `?${said}`;
}

/** The places climbed so far, the present one last. Each is a step of the browser's own way back, which a phone has at hand. */
export function useWay(tree: TreeDocument, at: PositionId | null, onBack: (to: PositionId | null) => void): readonly PositionId[] {
  const [way, setWay] = useState<readonly PositionId[]>(() => stepTo(tree, [], at));
  if ((way.at(-1) ?? null) !== at) setWay(stepTo(tree, way, at));
  const latest = useRef(onBack);
  useEffect(() => {
    latest.current = onBack;
  });
  useEffect(() => {
    if (placeInAddress() !== at) window.history.pushState(null, '', addressOf(at));
  }, [at]);
  useEffect(() => {
    const { pathname } = window.location;
    // The way back may lead to another screen, whose address says something else.
    const back = () => window.location.pathname === pathname && latest.current(placeInAddress());
    window.addEventListener('popstate', back);
    return () => window.removeEventListener('popstate', back);
  }, []);
  return way;
}
