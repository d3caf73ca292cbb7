'use client';
import { useEffect, useRef, useState, type Dispatch } from 'react';
import { consequencesOf } from '@/core/structure';
import { type HiddenBy } from '@/core/lens';
import {
  namedAt,
  indexOf,
  ownerOptions,
  positionOf,
  type Position,
  type Read,
  type Transition,
  type TreeDocument,
  type Value,
} from '@/core/tree';
import {
  HIDDEN_WORDS,
  NOTHING_SPECIAL,
  WHATEVER,
  sayMidway,
  sayMove,
  sayOutcome,
  sayPrevented,
  sayShown,
  sayShowsTitle,
  inHundred,
  shareText,
} from '@/core/words';
import type { Odds } from '@/core/odds';
import type { BoardAction } from '../../boardState';
import { TickList } from '../TickList';
import { ReadHead } from './ReadHead';
import { Suggestions } from './Suggestions';
import { later } from '@/client/later';
import { firstHold, type Shut } from '../../shut';

// An editor comes when it is opened.
const TransitionEditor = later(async () => (await import('../transition/TransitionEditor')).TransitionEditor);
const ValueEditor = later(async () => (await import('./ValueEditor')).ValueEditor);

interface Props {
  readonly tree: TreeDocument;
  readonly position: Position;
  /** What I hold here; null = not known yet. */
  readonly mine: readonly string[] | null;
  readonly odds: Odds | null;
  /** Transitions that the filter hides, and why. */
  readonly hidden: ReadonlyMap<string, HiddenBy>;
  /** Options that his grips shut now. */
  readonly shut: ReadonlyMap<string, Shut>;
  /** His moves that my grips shut. */
  readonly hisShut: ReadonlyMap<string, Shut>;
  /** The show or move that was looked for: it comes into sight, opened. */
  readonly asked: string | null;
  readonly dispatch: Dispatch<BoardAction>;
}

/** Opened or not; what was looked for comes into sight, opened, with the keys on it. */
function useOpened(isAsked: boolean) {
  const [open, setOpen] = useState(isAsked);
  const head = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (!isAsked) return;
    head.current?.scrollIntoView({ block: 'center' });
    head.current?.focus({ preventScroll: true });
  }, [isAsked]);
  return { open, head, toggle: () => setOpen(!open) };
}

interface TransitionProps {
  readonly tree: TreeDocument;
  readonly transition: Transition;
  readonly mine: readonly string[] | null;
  readonly best?: boolean;
  readonly hiddenBy: HiddenBy | undefined;
  readonly shut: Shut | undefined;
  readonly isAsked: boolean;
  readonly dispatch: Dispatch<BoardAction>;
}
function Line({ tree, transition, mine, best = false, hiddenBy, shut, isAsked, dispatch }: TransitionProps) {
  const { open, head, toggle } = useOpened(isAsked);
  const to = positionOf(indexOf(tree), transition.to);
  const words = sayMove(transition);
  const prevented = sayPrevented(transition);
  const first = transition.actor === 'owner' && mine ? firstHold(tree, transition.id, new Set(mine)) : [];
  return (
    <div className="pl-3">
      <div className="flex items-baseline justify-between gap-2">
        <button
          ref={head}
          type="button"
          aria-expanded={open}
          className={`min-h-7 text-left hover:underline ${hiddenBy || shut?.status === 'blocked' || shut?.status === 'notYet' ? 'text-soft line-through decoration-hair' : transition.actor === 'owner' ? '' : 'text-his'}`}
          onClick={toggle}
        >
          {words}
          {best && !shut && <span className="text-red"> · best</span>}
          {hiddenBy && <span className="text-soft"> · {HIDDEN_WORDS[hiddenBy]}</span>}
        </button>
        <button
          type="button"
          className="shrink-0 text-right font-figure text-[15px] font-medium hover:underline"
          onClick={() => dispatch({ type: 'select', position: to.id })}
        >
          {to.name}
        </button>
      </div>
      {shut && (
        <p className="font-figure text-[14px]" data-shut={transition.id}>
          {shut.says}
        </p>
      )}
      {transition.outcomes?.map((outcome) => (
        <p key={`${outcome.to} ${outcome.ifShown.join(' ')}`} className="text-[13px] text-soft">
          {sayOutcome(tree, positionOf(indexOf(tree), transition.from), outcome)}
        </p>
      ))}
      {prevented !== null && <p className="text-[13px] text-soft">{prevented}</p>}
      {transition.midway?.map((item, i) => (
        <p key={i} className="text-[13px] text-soft">
          {sayMidway(tree, item)}
        </p>
      ))}
      {transition.reason && <p className="text-[13px] text-soft">why: {transition.reason}</p>}
      {first.length > 0 && <p className="text-[13px] text-soft">first: {first.join('; ')}</p>}
      {open && (transition.checkpoints ?? []).length > 0 && <TickList title="Look for" items={[...new Set(transition.checkpoints)]} />}
      {open && <TransitionEditor tree={tree} transition={transition} dispatch={dispatch} />}
    </div>
  );
}

type LinesProps = Pick<Props, 'tree' | 'mine' | 'hidden' | 'shut' | 'hisShut' | 'asked' | 'dispatch'> & {
  readonly transitions: readonly Transition[];
  /** The one that the odds put first; null = none is put before the others. */
  readonly best?: string | null;
};
function Lines({ transitions, best = null, tree, mine, hidden, shut, hisShut, asked, dispatch }: LinesProps) {
  return transitions.map((transition) => (
    <Line
      // What is looked for is opened anew.
      key={`${transition.id} ${transition.id === asked}`}
      {...{ tree, transition, mine, dispatch }}
      isAsked={transition.id === asked}
      hiddenBy={hidden.get(transition.id)}
      shut={(transition.actor === 'owner' ? shut : hisShut).get(transition.id)}
      best={transition.id === best}
    />
  ));
}

interface ShownProps extends Props {
  readonly read: Read;
  readonly value: Value;
}

/** One thing he shows: its share, my answers, and what he gets if they fail. */
function Shown(props: ShownProps) {
  const { tree, hidden, position, read, value, odds, asked, dispatch } = props;
  const { open, head, toggle } = useOpened(value.id === asked);
  const index = indexOf(tree);
  const answers = ownerOptions(index, position.id).filter((t) => namedAt(t.when, read.id).includes(value.id));
  const falls = consequencesOf(index, position.id, read.id, value.id);
  const choices = odds?.positions.find((item) => item.position === position.id)?.choices ?? [];
  const best = new Set(
    choices
      .filter((choice) => choice.shown.some((group) => group.read === read.id && group.values.includes(value.id)))
      .map((choice) => choice.best),
  );
  const broken = !tree.isSwapped && answers.every((transition) => hidden.has(transition.id));
  return (
    <div className="mt-2">
      <div className="flex items-baseline justify-between gap-2 font-figure text-[15px]">
        <button
          ref={head}
          type="button"
          aria-expanded={open}
          className={`min-h-7 text-left font-medium hover:underline ${broken ? 'text-red' : 'text-his'}`}
          onClick={toggle}
        >
          {sayShown(read, value.name)}
          {value.unsure && ' ?'}
        </button>
        <span className="shrink-0 text-[13px] text-soft">{shareText(read, value.id)}</span>
      </div>
      {open && <ValueEditor tree={tree} position={position} read={read} value={value} dispatch={dispatch} />}
      <Lines {...props} transitions={answers} best={answers.length > 1 && best.size === 1 ? ([...best][0] ?? null) : null} />
      {broken && (
        <button
          type="button"
          data-answer={`${position.id}/${value.id}`}
          className="ml-3 min-h-8 w-[calc(100%-12px)] border-b-2 border-red text-left text-red"
          onClick={() => dispatch({ type: 'caret', caret: { kind: 'answer', position: position.id, read: read.id, value: value.id } })}
        >
          No answer yet. <span className="font-figure font-medium">I …</span>
        </button>
      )}
      {broken && <Suggestions {...{ tree, position, read, value, dispatch }} />}
      <Lines {...props} transitions={falls} />
    </div>
  );
}

/** "He shows, I answer": the heart of the side sheet. */
export function ShowsList(props: Props) {
  const { tree, position, odds, dispatch } = props;
  const silent = ownerOptions(indexOf(tree), position.id).filter((transition) => Object.keys(transition.when ?? {}).length === 0);
  return (
    <>
      <h3 className="mt-4 border-t border-hair pt-3 text-[15px] tracking-wide uppercase">{sayShowsTitle(tree)}</h3>
      {position.reads.map((read) => (
        <div key={read.id}>
          <ReadHead tree={tree} position={position} read={read} dispatch={dispatch} />
          {read.values.map((value) => (
            <Shown key={`${value.id} ${value.id === props.asked}`} {...props} read={read} value={value} />
          ))}
        </div>
      ))}
      {silent.length > 0 && (
        <p className="mt-2 font-figure text-[15px] font-medium text-his">{position.reads.length > 0 ? NOTHING_SPECIAL : WHATEVER}</p>
      )}
      <Lines {...props} transitions={silent} />
      <div className="mt-2 flex gap-4 font-figure text-[15px]">
        <button
          type="button"
          className="min-h-9 text-his underline"
          onClick={() => dispatch({ type: 'caret', caret: { kind: 'value', position: position.id } })}
        >
          {tree.isSwapped ? 'I …' : 'he …'}
        </button>
        <button
          type="button"
          className="min-h-9 underline"
          onClick={() => dispatch({ type: 'caret', caret: { kind: 'answer', position: position.id, read: null, value: null } })}
        >
          I … (whatever he does)
        </button>
      </div>
      {odds && position.reads.length === 0 && (
        <p className="text-[13px] text-soft">Nothing he does here is drawn yet, so {inHundred(0.5)} is kept back for it.</p>
      )}
    </>
  );
}
