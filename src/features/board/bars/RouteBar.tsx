import { useMemo, type Dispatch } from 'react';
import { threatsUnderRules } from '@/core/structure';
import { gripsAlong, transitionsOnRoute, toBreakAlong } from '@/core/grips';
import { indexOf, positionOf, type Contact, type PositionId, type TreeDocument } from '@/core/tree';
import { plural, sayHandsAlong, sayHis, sayToBreak } from '@/core/words';
import { StripButton } from '@/ui/StripButton';
import type { BoardAction } from '../boardState';

interface Props {
  /** The tree under the filter. */
  readonly tree: TreeDocument;
  readonly routes: readonly (readonly PositionId[])[];
  /** Which of the routes is shown; counted on beyond the last from the first. */
  readonly at: number;
  /** His grips that are on now. */
  readonly gripsOn: readonly Contact[];
  readonly dispatch: Dispatch<BoardAction>;
}

/** Every submission he has within one move of this way, and the rule cards under which it falls away. */
function Threats({ tree, route }: { tree: TreeDocument; route: readonly PositionId[] }) {
  const threats = useMemo(() => threatsUnderRules(tree, route), [tree, route]);
  const index = indexOf(tree);
  if (threats.length === 0) return <p className="text-soft">No submission of his is drawn along this way.</p>;
  const cards = new Map((tree.ruleSets ?? []).map((card) => [card.id, card.name]));
  return (
    <p>
      <strong className="font-semibold text-red">{plural(threats.length, 'threat')} on it:</strong>{' '}
      {threats.map(({ transition, position, forbiddenBy }, i) => (
        <span key={transition}>
          {i > 0 && '; '}
          {sayHis(index.transitions.get(transition)!.name)} in {positionOf(index, position).name}
          {forbiddenBy.length > 0 && <span className="text-soft"> (not under {forbiddenBy.map((id) => cards.get(id)).join(', ')})</span>}
        </span>
      ))}
      . <span className="text-soft">Tap early; check the current rule book.</span>
    </p>
  );
}

/** The hands along this way: what of his to break first, how often each of mine trades, what survives longest. */
function Hands({ tree, route, on }: { tree: TreeDocument; route: readonly PositionId[]; on: readonly Contact[] }) {
  const transitions = useMemo(() => transitionsOnRoute(tree, route, on), [tree, route, on]);
  const along = useMemo(() => gripsAlong(transitions), [transitions]);
  const { unwritten } = along;
  const toBreak = toBreakAlong(transitions, on);
  if (unwritten.length === transitions.length && on.length === 0) return null;
  return (
    <p>
      {on.length > 0 && <strong className="font-semibold text-his">{sayToBreak(toBreak)} </strong>}
      {sayHandsAlong(along)}{' '}
      {unwritten.length > 0 && (
        <span className="text-soft">
          Steps are not written for {plural(unwritten.length, 'move')} of {transitions.length}.
        </span>
      )}
    </p>
  );
}

/** Over one route: which of them it is, the way to the next, and what he threatens along it. */
export function RouteBar({ tree, routes, at, gripsOn, dispatch }: Props) {
  const route = routes[at % Math.max(1, routes.length)];
  return (
    <div className="border-b border-hair px-4 pb-1 font-figure text-[15px]">
      <div className="flex items-center gap-3">
        {route
          ? `Way ${(at % routes.length) + 1} of the ${routes.length} shortest`
          : 'No way from a start to a goal goes through here yet.'}
        <StripButton disabled={routes.length < 2} onClick={() => dispatch({ type: 'route', route: (at + 1) % routes.length })}>
          Next way
        </StripButton>
      </div>
      {route && <Threats tree={tree} route={route} />}
      {route && <Hands tree={tree} route={route} on={gripsOn} />}
    </div>
  );
}
