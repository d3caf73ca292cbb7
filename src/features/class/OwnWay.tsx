'use client';
import { useState } from 'react';
import { missOfNames } from '@/core/base';
import { landsAt, indexOf, positionOf, type Transition, type TreeDocument } from '@/core/tree';
import { sayMove } from '@/core/words';
import { PickOne } from '@/ui/PickOne';

interface Props {
  /** As the class's filter leaves it. */
  readonly tree: TreeDocument;
  readonly onTake: (branch: readonly string[]) => void;
}

const LISTED = 12;
function placesFor(tree: TreeDocument, typed: string) {
  const found = tree.positions.filter(({ name }) => missOfNames(typed, [name]) !== null);
  return { options: found.slice(0, LISTED).map(({ id, name }) => ({ key: id, label: name })), more: Math.max(0, found.length - LISTED) };
}

/** A way of the coach's own: from any place, by any moves, to where he ends it. */
export function OwnWay({ tree, onTake }: Props) {
  const [from, setFrom] = useState<string | null>(null);
  const [way, setWay] = useState<readonly string[]>([]);
  const index = indexOf(tree);
  const start = from === null ? undefined : index.positions.get(from);
  const moves = way.map((id) => index.transitions.get(id)).filter((move): move is Transition => move !== undefined);
  const last = moves.at(-1);
  const next = start ? tree.transitions.filter((move) => (last ? landsAt(last, move.from) : move.from === start.id)) : [];
  const begin = (id: string | null) => {
    setFrom(id);
    setWay([]);
  };
  return (
    <details className="mt-3">
      <summary className="min-h-8 font-figure text-[15px] font-medium">A way of your own</summary>
      <PickOne label="From" isOver shown={start?.name ?? 'pick a place'} optionsFor={(typed) => placesFor(tree, typed)} onPick={begin} />
      {moves.length > 0 && (
        <ol className="mt-1 list-decimal pl-5">
          {moves.map((move, i) => (
            <li key={i}>
              {sayMove(move)} <span className="text-soft">to {positionOf(index, move.to).name}</span>
            </li>
          ))}
        </ol>
      )}
      {start && next.length === 0 && <p className="text-soft">Nothing is drawn from there.</p>}
      {next.map((move) => (
        <button key={move.id} type="button" className="block min-h-8 text-left underline" onClick={() => setWay([...way, move.id])}>
          {moves.length > 0 ? 'then ' : ''}
          {sayMove(move)}
        </button>
      ))}
      {moves.length > 0 && (
        <p className="flex gap-4 font-figure text-[15px]">
          <button
            type="button"
            className="min-h-9 font-medium underline"
            onClick={() => {
              onTake(way);
              begin(null);
            }}
          >
            Take it in
          </button>
          <button type="button" className="min-h-9 underline" onClick={() => setWay(way.slice(0, -1))}>
            One back
          </button>
        </p>
      )}
    </details>
  );
}
