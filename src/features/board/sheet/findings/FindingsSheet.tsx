'use client';
import { idToAddress } from '@/contracts/address';
import { PageLink } from '@/ui/PageLink';
import type { Dispatch } from 'react';
import { SetAside } from '@/client/SetAside';
import { Working } from '@/client/Working';
import type { TreeSheet } from '@/workers/sheet';
import type { Answer } from '@/workers/useAnswer';
import { FINDING_KINDS, mendOf, type Finding, type Findings, type Mend } from '@/core/findings';
import type { TreeView } from '@/core/lens';
import { withDismissal, withoutDismissal, type TreeDocument } from '@/core/tree';
import { findingText, findingTitle, GOAL_WORDS, plural } from '@/core/words';
import { later } from '@/client/later';
import { Unfold } from '@/ui/Unfold';
import type { BoardAction } from '../../boardState';
import { combinationCaret } from '../../typing/branch';
import { Fold } from '../Fold';
import { LadderSections } from './LadderSections';
import { TodoSections } from './TodoSections';

const AboutTree = later(async () => (await import('./AboutTree')).AboutTree);

interface Props {
  readonly tree: TreeDocument;
  /** The tree that the findings were made of; they are put into words with it, since a newer one may lack what they name. */
  readonly of: TreeView;
  readonly answer: Answer<TreeSheet>;
  readonly dispatch: Dispatch<BoardAction>;
}

/** Leads to where the finding is put right: the caret for what is missing, else the place itself. */
function goTo(mend: Mend, dispatch: Dispatch<BoardAction>): void {
  dispatch({ type: 'select', position: mend.position });
  if (mend.at === 'answer') {
    const { position, read, value } = mend;
    dispatch({ type: 'caret', caret: { kind: 'answer', position, read, value } });
  }
  if (mend.at === 'combination') dispatch({ type: 'caret', caret: combinationCaret(mend.position, mend.combination) });
  if (mend.at === 'show') dispatch({ type: 'caret', caret: { kind: 'value', position: mend.position } });
}

interface ItemProps {
  readonly tree: TreeDocument;
  readonly of: TreeDocument;
  readonly finding: Finding;
  readonly dispatch: Dispatch<BoardAction>;
}

function Item({ tree, of, finding, dispatch }: ItemProps) {
  const text = findingText(of, finding);
  const mend = mendOf(of, finding);
  const dismiss = (reason: string) =>
    dispatch({ type: 'edit', label: `set aside: ${text.place}`, tree: withDismissal(tree, { finding: finding.key, reason }) });
  return (
    <div className="border-t border-hair py-2" data-finding={finding.key}>
      <p className="font-figure text-[15px]">
        <span className="font-semibold">{text.place}</span>:{' '}
        <span className={finding.kind === 'unanswered' ? 'font-medium text-red' : 'font-medium'}>{text.what}</span>
      </p>
      <p className="text-soft">{text.why}</p>
      <SetAside onReason={dismiss}>
        {mend.at === 'grips' ? (
          <PageLink
            className="min-h-8 font-medium underline decoration-red decoration-2 underline-offset-4"
            href={`/grips/${idToAddress(tree.id)}?${mend.transition === null ? `place=${encodeURIComponent(mend.position)}` : `at=${encodeURIComponent(mend.transition)}`}`}
          >
            {text.action}
          </PageLink>
        ) : (
          <button
            type="button"
            className="min-h-8 font-medium underline decoration-red decoration-2 underline-offset-4"
            onClick={() => goTo(mend, dispatch)}
          >
            {text.action}
          </button>
        )}
      </SetAside>
    </div>
  );
}

/** How many ways lead from a guard to a goal: by places passed, and counting parallel answers apart. */
function RouteCounts({ tree, findings, dispatch }: Pick<Props, 'tree' | 'dispatch'> & { findings: Findings }) {
  const { byPositions, byTransitions, status } = findings.routes;
  const more = status === 'budget' ? 'more than ' : '';
  return (
    <section aria-label="Ways up" className="mt-3 border-t border-hair pt-2">
      <h3 className="text-[15px] font-semibold tracking-wide uppercase">Ways up</h3>
      {byPositions === 0 ? (
        <p>No way leads from a guard to {GOAL_WORDS[tree.owner]} yet.</p>
      ) : (
        <>
          <p>
            {more}
            {byPositions} from a guard to a goal by the places passed, {more}
            {byTransitions} counting parallel answers apart; {plural(findings.productiveCycles.length, 'loop costs', 'loops cost')} no
            lines.
          </p>
          <button
            type="button"
            className="min-h-8 font-figure text-[15px] underline"
            onClick={() => dispatch({ type: 'view', view: 'route' })}
          >
            Show the shortest first
          </button>
        </>
      )}
    </section>
  );
}

/** Everything found in the tree, by kind, beside the board. */
export function FindingsSheet({ tree, of: spoken, answer, dispatch }: Props) {
  const { value, pending } = answer;
  if (!value) return <Working what="Looking through the tree" answer={answer} />;
  const { findings } = value;
  const of = spoken.shown;
  const known = new Set(tree.positions.map((position) => position.id));
  const list = findings.list.filter((finding) => known.has(finding.position));
  const reasons = new Map((tree.dismissals ?? []).map((item) => [item.finding, item.reason]));
  const open = list.filter((finding) => !reasons.has(finding.key));
  const aside = list.filter((finding) => reasons.has(finding.key));
  return (
    <section aria-label="Findings" aria-busy={pending}>
      <Working what="Looking through the tree" answer={answer} />
      <h2 className="text-[29px]">What needs you</h2>
      {open.length === 0 && (
        <p>
          {tree.positions.length === 0
            ? 'Draw the first guard on the board; what has no answer will be listed here.'
            : 'Nothing is open: every value drawn has an answer and every way leads on.'}
        </p>
      )}
      {FINDING_KINDS.map((kind) => {
        const items = open.filter((finding) => finding.kind === kind);
        return (
          <Fold
            key={kind}
            title={findingTitle(kind)}
            count={items.length}
            begins={kind === 'unanswered' || kind === 'unstopped' || kind === 'uncovered'}
            urgent
          >
            {() => items.map((finding) => <Item key={finding.key} tree={tree} of={of} finding={finding} dispatch={dispatch} />)}
          </Fold>
        );
      })}
      <TodoSections tree={spoken.seen} sheet={value} dispatch={dispatch} />
      <LadderSections tree={spoken.seen} ladder={value.ladder} loops={findings.productiveCycles} dispatch={dispatch} />
      {tree.positions.length > 0 && <RouteCounts tree={tree} findings={findings} dispatch={dispatch} />}
      {findings.status === 'budget' && (
        <p className="mt-3 text-soft">There are more loops than are listed here; the search stopped early.</p>
      )}
      {aside.length > 0 && (
        <details>
          <summary className="mt-3 min-h-8 font-figure text-[15px] font-semibold tracking-wide uppercase">Set aside {aside.length}</summary>
          <ul>
            {aside.map((finding) => {
              const text = findingText(of, finding);
              return (
                <li key={finding.key} className="border-t border-hair py-2">
                  <p className="font-figure text-[15px]">
                    <span className="font-semibold">{text.place}</span>: {text.what}
                  </p>
                  <p className="text-soft">because {reasons.get(finding.key)}</p>
                  <button
                    type="button"
                    className="min-h-8 font-figure text-[15px] underline"
                    onClick={() =>
                      dispatch({ type: 'edit', label: `back on the list: ${text.place}`, tree: withoutDismissal(tree, finding.key) })
                    }
                  >
                    Put it back on the list
                  </button>
                </li>
              );
            })}
          </ul>
        </details>
      )}
      <Unfold summary="About this tree">{() => <AboutTree tree={tree} dispatch={dispatch} />}</Unfold>
    </section>
  );
}
