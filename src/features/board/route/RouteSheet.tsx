import { useMemo, type Dispatch } from 'react';
import { Working } from '@/client/Working';
import { gripsAlong, toBreakAlong, transitionsOnRoute } from '@/core/grips';
import { threatsUnderRules, type RouteEnds } from '@/core/structure';
import { indexOf, positionOf, type Contact, type PositionId, type TreeDocument } from '@/core/tree';
import { plural, sayFewestTrades, sayHandsAlong, sayHis, sayRoutesTo, sayToBreak } from '@/core/words';
import { StripButton } from '@/ui/StripButton';
import type { BoardAction } from '../boardState';
import { PositionSelect } from '../sheet/PositionSelect';
import type { Ways } from './useRoutes';

interface Props {
  /** The tree under the filter. */
  readonly tree: TreeDocument;
  readonly ways: Ways;
  readonly ends: RouteEnds;
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
    <>
      <ul>
        {threats.map(({ transition, position, forbiddenBy }) => (
          <li key={transition} className="py-0.5">
            <span className="text-red">{sayHis(index.transitions.get(transition)!.name)}</span> in {positionOf(index, position).name}
            {forbiddenBy.length > 0 && <span className="text-soft"> (not under {forbiddenBy.map((id) => cards.get(id)).join(', ')})</span>}
          </li>
        ))}
      </ul>
      <p className="text-soft">Tap early; check the current rule book.</p>
    </>
  );
}

/** The hands along this way: what of his to break first, how often each of mine trades, what survives longest. */
function Hands({ tree, route, on }: { tree: TreeDocument; route: readonly PositionId[]; on: readonly Contact[] }) {
  const transitions = useMemo(() => transitionsOnRoute(tree, route, on), [tree, route, on]);
  const along = useMemo(() => gripsAlong(transitions), [transitions]);
  const { unwritten } = along;
  return (
    <p>
      {on.length > 0 && <strong className="font-semibold text-his">{sayToBreak(toBreakAlong(transitions, on))} </strong>}
      {sayHandsAlong(along)}{' '}
      {unwritten.length > 0 && (
        <span className="text-soft">
          Steps are not written for {plural(unwritten.length, 'move')} of {transitions.length}.
        </span>
      )}
    </p>
  );
}

function Title({ children }: { readonly children: string }) {
  return <h3 className="mt-4 border-t border-hair pt-3 text-[15px] tracking-wide uppercase">{children}</h3>;
}

/** Beside one route: where it begins and ends, which of the ways it is, and only what concerns it. */
export function RouteSheet({ tree, ways: { answer, routes, at, route }, ends, gripsOn, dispatch }: Props) {
  const index = indexOf(tree);
  const { trades = null, goals: found = [] } = answer.value ?? {};
  const goals = found.filter(({ goal }) => index.positions.has(goal));
  const by = (patch: Partial<RouteEnds>) => dispatch({ type: 'ends', ends: { ...ends, ...patch } });
  const step = (to: number) => dispatch({ type: 'route', route: (to + routes.length) % routes.length });
  return (
    <section aria-label="One route">
      <h2 className="text-[29px]">One route</h2>
      <div className="mt-2 grid gap-2">
        <PositionSelect
          tree={tree}
          among={tree.starts.map(({ position }) => position)}
          label="From"
          none="any guard"
          value={ends.from ?? undefined}
          onChange={(id) => by({ from: id ?? null })}
        />
        <PositionSelect
          tree={tree}
          among={goals.map(({ goal }) => goal)}
          label="To"
          none="any goal"
          value={ends.to ?? undefined}
          onChange={(id) => by({ to: id ?? null })}
        />
        <PositionSelect
          tree={tree}
          label="Through"
          none="any place"
          value={ends.through ?? undefined}
          onChange={(id) => by({ through: id ?? null })}
        />
      </div>
      <Working what="Looking for the ways" answer={answer} />
      {route && (
        <>
          <p className="mt-3 font-figure text-[17px]" role="status">
            Way {at + 1} of the {routes.length} shortest: {plural(route.length - 1, 'exchange')}.
          </p>
          <div className="flex gap-4">
            <StripButton disabled={routes.length < 2} onClick={() => step(at - 1)}>
              Way before
            </StripButton>
            <StripButton disabled={routes.length < 2} onClick={() => step(at + 1)}>
              Next way
            </StripButton>
          </div>
          <Title>He threatens on it</Title>
          <Threats tree={tree} route={route} />
          <Title>My hands on it</Title>
          <Hands tree={tree} route={route} on={gripsOn} />
          <p>
            {trades === null ? (
              <span className="text-soft">{sayFewestTrades(null)}</span>
            ) : (
              <button
                type="button"
                className="min-h-8 text-left underline"
                onClick={() => dispatch({ type: 'route', route: trades.route })}
              >
                {sayFewestTrades(trades)}
              </button>
            )}
          </p>
        </>
      )}
      {!route && answer.value && (
        <p className="mt-3">
          {ends.through === null ? 'No way leads from there to a goal yet.' : 'No way from a start to a goal goes through here yet.'}
        </p>
      )}
      <Title>Ways to each goal</Title>
      {goals.length === 0 && answer.value && <p className="text-soft">No goal is reached yet.</p>}
      {goals.map((item) => (
        <button
          key={item.goal}
          type="button"
          aria-pressed={ends.to === item.goal}
          className="block min-h-9 w-full border-b border-hair text-left hover:bg-tint"
          onClick={() => by({ to: ends.to === item.goal ? null : item.goal })}
        >
          <span className="font-figure text-[15px] font-semibold">{positionOf(index, item.goal).name}</span>{' '}
          <span className="text-soft">{sayRoutesTo(item)}</span>
        </button>
      ))}
    </section>
  );
}
