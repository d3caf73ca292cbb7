import type { Dispatch, ReactNode } from 'react';
import type { HiddenBy } from '@/core/lens';
import { isUnstopped, showsAt, type ShownHere } from '@/core/structure';
import {
  heightOf,
  indexOf,
  landingsOf,
  LINES,
  positionOf,
  type Position,
  type PositionId,
  type Transition,
  type TreeDocument,
} from '@/core/tree';
import {
  asSentence,
  cautionsAt,
  ENDING_WORDS,
  HIDDEN_WORDS,
  NOTHING_SPECIAL,
  sayAttempt,
  sayCleared,
  sayMove,
  sayOutcome,
  sayShown,
  shareText,
  TEMPO_WORDS,
  WHATEVER,
} from '@/core/words';
import type { BoardAction, Caret } from '../boardState';
import { LineTicks } from '../LineTicks';
import type { Shut } from '../shut';

interface Props {
  readonly tree: TreeDocument;
  readonly hidden: ReadonlyMap<string, HiddenBy>;
  readonly shut: ReadonlyMap<string, Shut>;
  readonly position: Position;
  readonly caret: Caret | null;
  /** The open line: it stands under the show that it speaks of. */
  readonly line: ReactNode;
  readonly dispatch: Dispatch<BoardAction>;
  readonly onGo: (to: PositionId) => void;
}

/** A move with why, what shuts it, and a row for each place that it leads to. */
function Move({ tree, transition, hidden, shut, onGo }: Pick<Props, 'tree' | 'hidden' | 'shut' | 'onGo'> & { transition: Transition }) {
  const index = indexOf(tree);
  const mine = transition.actor === 'owner';
  const hiddenBy = hidden.get(transition.id);
  const says = shut.get(transition.id)?.says;
  return (
    <div className={`ml-3 border-l-[3px] pl-3 ${mine ? 'border-ink' : 'border-his'}`}>
      {landingsOf(transition).map((to) => (
        <button
          key={to}
          type="button"
          onClick={() => onGo(to)}
          className={`flex min-h-12 w-full items-center justify-between gap-3 py-1 text-left ${hiddenBy ? 'text-soft line-through' : mine ? '' : 'text-his'}`}
        >
          <span>{sayMove(transition)}</span>
          <span className="max-w-[45%] shrink-0 text-right font-figure text-[17px] font-medium">
            <span className="sr-only">, lands on </span>
            {positionOf(index, to).name}
          </span>
        </button>
      ))}
      {[
        ...(hiddenBy ? [HIDDEN_WORDS[hiddenBy]] : []),
        ...(says === undefined ? [] : [says]),
        ...(isUnstopped(tree, transition) ? ['nothing of mine stops it'] : []),
        ...(transition.reason ? [`why: ${transition.reason}`] : []),
        ...(transition.outcomes ?? []).map((outcome) => sayOutcome(tree, positionOf(index, transition.from), outcome)),
      ].map((note) => (
        <p key={note} className="pb-1 text-[14px] text-soft">
          {note}
        </p>
      ))}
    </div>
  );
}

/** One rung: what he shows here as rows, my answers under each, what he gets in his colour. */
export function WalkPlace({ tree, hidden, shut, position, caret, line, dispatch, onGo }: Props) {
  const index = indexOf(tree);
  const { ends, tempo, tempoReason, unfinished } = position;
  const shows = showsAt(position, index.from.get(position.id) ?? []);
  const typed = caret !== null && 'value' in caret ? caret.value : null;
  const care = cautionsAt(tree, position);
  const isTypedUnder = shows.some(({ value }) => value !== null && value.id === typed);
  const section = ({ read, value, answers, falls }: ShownHere) => {
    const broken = value !== null && !tree.isSwapped && answers.every(({ id }) => hidden.has(id));
    const words = read !== null && value !== null ? sayShown(read, value.name) : position.reads.length > 0 ? NOTHING_SPECIAL : WHATEVER;
    const ask = () => {
      if (read && value) dispatch({ type: 'caret', caret: { kind: 'answer', position: position.id, read: read.id, value: value.id } });
    };
    return (
      <div key={value?.id ?? ''} data-shows={value?.id ?? ''} className="mt-4 border-t-2 border-hair">
        <h3 className={`flex min-h-12 items-center justify-between gap-3 text-[19px] leading-tight ${broken ? 'text-red' : 'text-his'}`}>
          {words}
          {read && value && <span className="shrink-0 text-[14px] font-normal text-soft">{shareText(read, value.id)}</span>}
        </h3>
        {[...answers, ...falls].map((transition) => (
          <Move key={transition.id} {...{ tree, transition, hidden, shut, onGo }} />
        ))}
        {value !== null && value.id === typed && line}
        {value !== null && value.id !== typed && (
          <button
            type="button"
            onClick={ask}
            className={`ml-3 min-h-12 text-left ${broken ? 'w-[calc(100%-12px)] border-b-2 border-red text-red' : 'text-soft underline'}`}
          >
            {broken ? 'No answer yet. I …' : tree.isSwapped ? 'What I get: I …' : 'Another answer: I …'}
          </button>
        )}
      </div>
    );
  };
  return (
    <>
      <h2 tabIndex={-1} className="mt-2 text-[29px] leading-tight outline-none">
        {position.name}
      </h2>
      <p className="mt-1 flex items-center gap-3 font-figure text-[17px]">
        <LineTicks lines={position.lines} className="w-6" />
        {sayCleared(position.lines)}
      </p>
      <p className="mt-1">
        <strong className="font-semibold">{ends ? asSentence(`the climb ends here: ${ENDING_WORDS[ends]}`) : TEMPO_WORDS[tempo]}</strong>{' '}
        {!ends && tempoReason}
      </p>
      {unfinished && !ends && <p>{asSentence(sayAttempt(LINES[heightOf(position.lines)]))}</p>}
      {shows.map(section)}
      {shows.length === 0 && !ends && <p className="mt-3 text-soft">Nothing that he shows here is drawn yet.</p>}
      <div className="mt-4 border-t-2 border-hair">
        {!isTypedUnder && line}
        {(
          [
            [tree.isSwapped ? 'I …' : 'he …', { kind: 'value', position: position.id }],
            ['I … (whatever he does)', { kind: 'answer', position: position.id, read: null, value: null }],
          ] as const
        ).map(([words, opens]) => (
          <button key={words} type="button" className="mr-5 min-h-12 underline" onClick={() => dispatch({ type: 'caret', caret: opens })}>
            {words}
          </button>
        ))}
        <button type="button" className="min-h-12 underline" onClick={() => dispatch({ type: 'sheet', sheet: 'rung' })}>
          All about this place
        </button>
      </div>
      {care.length > 0 && (
        <div className="mt-3 border-l-[3px] border-red pl-2">
          {care.map((caution) => (
            <p key={caution}>{caution}</p>
          ))}
          <p className="text-soft">Your gym’s rules and the event’s rule book come first.</p>
        </div>
      )}
    </>
  );
}
