import { useMemo } from 'react';
import { indexOf, type PositionId, type TreeDocument } from '@/core/tree';
import { useAnswer, type Answer, type Subject } from '@/workers/useAnswer';
import type { Look } from '@/workers/questions';
import type { RoutesAnswer } from '@/workers/routes';
import type { BoardState } from '../boardState';

export interface Ways {
  readonly answer: Answer<RoutesAnswer>;
  /** Those whose places are all still there: an answer of a moment ago may name one that is gone. */
  readonly routes: readonly (readonly PositionId[])[];
  /** Which of them is shown, counted on beyond the last from the first. */
  readonly at: number;
  readonly route: readonly PositionId[] | undefined;
}
interface Asked {
  readonly subject: Subject;
  readonly look: Look;
  /** The tree under the filter. */
  readonly shown: TreeDocument;
  readonly state: Pick<BoardState, 'view' | 'ends' | 'gripsOn' | 'route'>;
}
const NONE: Ways['routes'] = [];

/** The ways between the chosen ends, found away from the screen while one route is looked at. */
export function useRoutes({ subject, look, shown, state: { view, ends, gripsOn, route } }: Asked): Ways {
  const answer = useAnswer<'routes'>(subject, view === 'route' ? { kind: 'routes', look, ends, on: gripsOn } : null);
  const found = answer.value?.routes ?? NONE;
  const routes = useMemo(() => {
    const { positions } = indexOf(shown);
    return found.filter((way) => way.every((id) => positions.has(id)));
  }, [found, shown]);
  const at = route % Math.max(1, routes.length);
  return { answer, routes, at, route: routes[at] };
}
