import type { Dispatch, ReactNode } from 'react';
import { findSameRelation, threatsAt } from '@/core/structure';
import { findValue, indexOf, positionOf, type Position, type PositionId, type TreeDocument } from '@/core/tree';
import { plural, sayBypass, sayDilemma, sayHalfDilemma, sayHis, sayMine, sayShown } from '@/core/words';
import type { PositionAnswer } from '@/workers/position';
import type { BoardAction } from '../../boardState';

interface Props {
  readonly tree: TreeDocument;
  readonly position: Position;
  /** What the whole tree says of it. */
  readonly said: PositionAnswer;
  readonly dispatch: Dispatch<BoardAction>;
}

function Note({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section aria-label={title} className="mt-3">
      <h3 className="text-[15px] font-semibold">{title}</h3>
      {children}
    </section>
  );
}

/** What the tree says about a place beyond its own drawing: threats, dilemmas, who comes through, where it occurs again. */
export function PositionNotes({ tree, position, said, dispatch }: Props) {
  const { dilemmas: pairs, oneWay: half, starts, bypass, provoked } = said;
  const index = indexOf(tree);
  const mine = (id: string): string => sayMine(index.transitions.get(id)!.name);
  const values = (ids: readonly string[]): string =>
    ids
      .flatMap((id) => findValue(position, id) ?? [])
      .map(({ read, value }) => sayShown(read, value.name))
      .join(' or ');
  const threats = threatsAt(index, position.id);
  const same = findSameRelation(tree, position.id);
  const go = (id: PositionId) => (
    <button key={id} type="button" className="mr-3 min-h-7 underline" onClick={() => dispatch({ type: 'select', position: id })}>
      {positionOf(index, id).name}
    </button>
  );
  if (
    pairs.length + half.length + threats.length + provoked.length + same.positions.length + same.transitions.length === 0 &&
    starts < 2 &&
    bypass === null
  )
    return null;
  return (
    <div className="mt-4 border-t border-hair pt-1">
      {threats.length > 0 && (
        <Note title="Threats here">
          <p className="text-red">{threats.map((threat) => sayHis(index.transitions.get(threat.transition)!.name)).join('; ')}.</p>
        </Note>
      )}
      {pairs.length > 0 && (
        <Note title={plural(pairs.length, 'dilemma')}>
          {pairs.map((pair) => (
            <p key={`${pair.a} ${pair.b}`}>{sayDilemma(tree, pair)}</p>
          ))}
        </Note>
      )}
      {half.length > 0 && (
        <Note title="Half a dilemma">
          {half.map((pair) => (
            <p key={`${pair.a} ${pair.b}`} className="text-soft">
              {sayHalfDilemma(tree, pair)}
            </p>
          ))}
        </Note>
      )}
      {provoked.length > 0 && (
        <Note title="To make him show it">
          {provoked.map(({ transition, value, serves }) => (
            <p key={`${transition} ${value}`}>
              {values([value])}: {mine(transition)}
              {serves.length > 0 ? <>; then {serves.map(mine).join(' or ')}.</> : <span className="text-red">; no answer to it yet.</span>}
            </p>
          ))}
        </Note>
      )}
      {starts > 1 && (
        <p className="mt-3 text-soft">
          On the way of {plural(starts, 'start')} to a goal: what you change here, you change for all of them.
        </p>
      )}
      {bypass && (
        <Note title="Ways round it">
          <p className="text-soft">{sayBypass(tree, bypass)}</p>
        </Note>
      )}
      {(same.positions.length > 0 || same.transitions.length > 0) && (
        <Note title={`Also with ${position.legRelation}`}>
          {same.positions.length > 0 && <p>{same.positions.map(go)}</p>}
          {same.transitions.length > 0 && (
            <p className="text-soft">
              Would fit here:{' '}
              {same.transitions
                .slice(0, 6)
                .map((id) => `${mine(id)} (${positionOf(index, index.transitions.get(id)!.from).name})`)
                .join('; ')}
              .
            </p>
          )}
        </Note>
      )}
    </div>
  );
}
