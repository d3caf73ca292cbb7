'use client';
import { useEffect, useMemo, useRef, useState, type Dispatch, type KeyboardEvent } from 'react';
import { useAnswer, type Subject } from '@/workers/useAnswer';
import { Working } from '@/client/Working';
import type { GymsWords } from '@/core/catalogue';
import type { PositionId, TreeDocument } from '@/core/tree';
import { buttonClass } from '@/ui/Field';
import { Select } from '@/ui/Select';
import type { BoardAction } from '../../boardState';
import { readOwnWords } from '@/client/ownWords';
import { OutlinePreview } from './OutlinePreview';
import { draftKey, draftsOf, keepDrafts, type Drafts } from './outlineDrafts';
import { modeOf, nextIndent, scopesFor, textOf, type Scope } from './scopes';

interface Props {
  /** The coach's own tree, not as it is looked at. */
  readonly tree: TreeDocument;
  readonly subject: Subject;
  readonly selected: PositionId | null;
  /** Lines that it is opened with; '' = none. */
  readonly pasted: string;
  readonly dispatch: Dispatch<BoardAction>;
}

const WAIT_MS = 250;
const WHOLE = { filter: {}, swapped: false };

/** What was typed, once the hand rests. */
function useRested(text: string): string {
  const [rested, setRested] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => setRested(text), WAIT_MS);
    return () => clearTimeout(timer);
  }, [text]);
  return rested;
}

/** What the gym has added to the catalogue; undefined = not known yet. */
function useOwnWords(): GymsWords | null | undefined {
  const [own, setOwn] = useState<GymsWords | null>();
  useEffect(() => {
    let current = true;
    void readOwnWords().then((words) => current && setOwn(words));
    return () => {
      current = false;
    };
  }, []);
  return own;
}

/** Hands a text to the browser as a file. */
function saveText(name: string, text: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type: 'text/plain' }));
  link.download = name;
  link.click();
  URL.revokeObjectURL(link.href);
}

/** A tree or a branch as lines of text: to type, to paste, to change in place, to take away. */
export function OutlineSheet({ tree, subject, selected, pasted, dispatch }: Props) {
  const [typed, setTyped] = useState(() => draftsOf(tree.id, pasted));
  const [scope, setScope] = useState<Scope>(selected === null || typed[draftKey('new', null)] ? 'new' : 'place');
  const key = draftKey(scope, selected);
  const keep = (next: Drafts) => {
    keepDrafts(tree.id, next);
    setTyped(next);
  };
  const written = typed[key]?.text;
  const drawn = useMemo(() => textOf(tree, scope, selected), [tree, scope, selected]);
  const text = written ?? drawn;
  // Somebody else, or an undo, was at these places since the first letter.
  const isOvertaken = written !== undefined && typed[key]!.from !== drawn;
  const rested = useRested(text);
  const mode = modeOf(scope);
  const own = useOwnWords();
  const isAsked = own !== undefined && written !== undefined && rested.trim() !== '';
  const answer = useAnswer<'outline'>(subject, isAsked ? { kind: 'outline', look: WHOLE, text: rested, mode, own } : null);
  const { value, asked, of } = answer;
  const isOf = value !== null && asked?.text === text && asked.mode === mode && of === subject.tree && !answer.pending;
  const isGood = isOf && value.problems.length + value.refused.length === 0;
  const lines = useRef<HTMLTextAreaElement>(null);
  const forget = () => keep(Object.fromEntries(Object.entries(typed).filter(([other]) => other !== key)));
  const put = () => {
    if (!isGood) return;
    const fresh = value.tree.starts.find(({ position }) => !tree.starts.some((start) => start.position === position));
    dispatch({
      type: 'edit',
      label: mode === 'add' ? 'outline put in' : 'outline rewritten',
      tree: value.tree,
      ...(fresh ? { select: fresh.position } : {}),
    });
    // What was put in is what is looked at.
    if (fresh) dispatch({ type: 'view', view: 'guard', guard: fresh.position });
    forget();
  };
  const onKeyDown = (event: KeyboardEvent<HTMLTextAreaElement>) => {
    event.stopPropagation();
    if (event.key === 'Escape') return dispatch({ type: 'sheet', sheet: selected === null ? 'findings' : 'rung' });
    if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
      event.preventDefault();
      put();
    } else if (event.key === 'Enter') {
      const { selectionStart, value: now } = event.currentTarget;
      const line = now.slice(now.lastIndexOf('\n', selectionStart - 1) + 1, selectionStart);
      const indent = nextIndent(line);
      if (indent === '') return;
      event.preventDefault();
      // As if typed: the browser's own undo knows it.
      document.execCommand('insertText', false, `\n${indent}`);
    }
  };
  const goTo = (line: number) => {
    const area = lines.current;
    if (!area) return;
    const before = text.split('\n').slice(0, line - 1);
    const from = before.reduce((sum, item) => sum + item.length + 1, 0);
    area.focus();
    area.setSelectionRange(from, from + (text.split('\n')[line - 1]?.length ?? 0));
  };
  return (
    <section aria-label="Outline" className="flex flex-col gap-2">
      <h2 className="text-[24px]">Outline</h2>
      <Select label="Of" labelled="beside" value={scope} options={scopesFor(selected)} onChange={(next) => next && setScope(next)} />
      <textarea
        ref={lines}
        aria-label="Outline, line by line"
        value={text}
        spellCheck={false}
        onChange={(event) => keep({ ...typed, [key]: { text: event.target.value, from: typed[key]?.from ?? drawn } })}
        onKeyDown={onKeyDown}
        placeholder={'Knee shield\n  he frames on the neck, often\n    I fold the shield → Side pin (settled)\n    he sweeps me → Swept'}
        className="h-[46vh] w-full resize-y overflow-auto border border-soft bg-paper p-2 font-figure text-[15px] whitespace-pre"
      />
      <p className="text-[13px] text-soft">
        What he shows stands under the place, my answer under that, with → where it lands. Ctrl Enter puts it in, Esc closes.
      </p>
      <div className="flex flex-wrap gap-3">
        <button type="button" className={buttonClass} disabled={!isGood} onClick={put}>
          {mode === 'add' ? 'Put it in' : 'Put the changes in'}
        </button>
        {written !== undefined && (
          <button type="button" className="min-h-9 underline" onClick={forget}>
            {mode === 'add' ? 'Throw it away' : 'As it is in the tree'}
          </button>
        )}
        {text !== '' && (
          <button type="button" className="min-h-9 underline" onClick={() => saveText(`${tree.name}.txt`, text)}>
            Save as text
          </button>
        )}
      </div>
      {isOvertaken && (
        <p role="alert" className="bg-tint px-2 py-1">
          What is written here was changed in the tree since you began. Putting yours in takes that back.
        </p>
      )}
      {isAsked && <Working what="Reading the outline" answer={answer} />}
      {isAsked && value && <OutlinePreview answer={value} stale={!isOf} onLine={goTo} />}
    </section>
  );
}
