import type { Dispatch } from 'react';
import type { TreeSheet } from '@/workers/sheet';
import { indexOf, positionOf, type PositionId, type TreeDocument } from '@/core/tree';
import {
  sayAnnounced,
  sayAnswer,
  sayContinuation,
  sayDilemma,
  sayHalfDilemma,
  sayHub,
  sayMine,
  sayRoleChange,
  sayTempoChange,
  sayUnpriced,
  sayUnsureValue,
} from '@/core/words';
import type { BoardAction } from '../../boardState';
import { Fold } from '../Fold';

interface Props {
  /** The tree that the sheet was made of. */
  readonly tree: TreeDocument;
  readonly sheet: TreeSheet;
  readonly dispatch: Dispatch<BoardAction>;
}

/** What was begun and not finished, every way to the back, and the hubs by how much goes through them. */
export function TodoSections({ tree, sheet, dispatch }: Props) {
  const { todo, backTakes, roles, tempoChanges, hubs, unconfirmed, dilemmas, missedHubs, unpriced } = sheet;
  const index = indexOf(tree);
  const nameOf = (id: PositionId): string => positionOf(index, id).name;
  const line = (key: string, at: PositionId, words: string) => (
    <div key={key} className="border-t border-hair py-1">
      <button type="button" className="min-h-8 text-left hover:underline" onClick={() => dispatch({ type: 'select', position: at })}>
        <span className="font-figure text-[15px] font-semibold">{nameOf(at)}</span> {words}
      </button>
    </div>
  );
  const { positions, values, transitions } = todo.unsure;
  const fromOf = (id: string): PositionId => index.transitions.get(id)!.from;
  return (
    <>
      <Fold title="Dilemmas" count={dilemmas.dilemmas.length}>
        {() => dilemmas.dilemmas.map((pair) => line(`${pair.position} ${pair.a} ${pair.b}`, pair.position, sayDilemma(tree, pair)))}
      </Fold>
      <Fold title="Half a dilemma" count={dilemmas.oneWay.length}>
        {() => dilemmas.oneWay.map((pair) => line(`${pair.position} ${pair.a} ${pair.b}`, pair.position, sayHalfDilemma(tree, pair)))}
      </Fold>
      <Fold title="Guards that do not lead to a hub" count={missedHubs.length}>
        {() => missedHubs.map(({ hub, starts }) => line(hub, hub, `no way from ${starts.map(nameOf).join(', ')}`))}
      </Fold>
      <Fold title="What he gets is not drawn" count={unpriced.length}>
        {() => unpriced.map(({ position, value }) => line(`${position} ${value}`, position, sayUnpriced(tree, position, value)))}
      </Fold>
      <Fold title="Announced, not taught" count={todo.announced.length + todo.continuations.length}>
        {() => [
          ...todo.announced.map((item) => line(item.position, item.position, sayAnnounced(tree, item))),
          ...todo.continuations.map((item) => line(`link ${item.position}`, item.position, sayContinuation(item))),
        ]}
      </Fold>
      <Fold title="Wording not sure" count={positions.length + values.length + transitions.length}>
        {() => [
          ...positions.map((id) => line(id, id, 'the name')),
          ...values.map((item) => line(`${item.position} ${item.value}`, item.position, sayUnsureValue(tree, item))),
          ...transitions.map((id) => line(id, fromOf(id), sayMine(index.transitions.get(id)!.name))),
        ]}
      </Fold>
      <Fold title="From the catalogue, to confirm" count={unconfirmed.positions.length + unconfirmed.transitions.length}>
        {() => [
          ...unconfirmed.positions.map((id) => line(id, id, '')),
          ...unconfirmed.transitions.map((id) => line(id, fromOf(id), index.transitions.get(id)!.name)),
        ]}
      </Fold>
      <Fold title="Ways to the back" count={backTakes.length}>
        {() => backTakes.map((item) => line(item.transition, item.position, sayAnswer(tree, item.transition)))}
      </Fold>
      <Fold title="From below to on top, and back" count={roles.length}>
        {() => roles.map((change) => line(change.transition, fromOf(change.transition), sayRoleChange(tree, change)))}
      </Fold>
      <Fold title="The legs stay, the time changes" count={tempoChanges.length}>
        {() => tempoChanges.map((change) => line(change.transition, fromOf(change.transition), sayTempoChange(tree, change)))}
      </Fold>
      <Fold title="Hubs" count={hubs.length}>
        {() => hubs.map((hub) => line(hub.position, hub.position, sayHub(hub)))}
      </Fold>
    </>
  );
}
