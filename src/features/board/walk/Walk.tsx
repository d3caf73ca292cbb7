'use client';
import { useEffect, useRef, type Dispatch } from 'react';
import { idToAddress } from '@/contracts/address';
import type { Catalogue } from '@/core/catalogue';
import type { HiddenBy } from '@/core/lens';
import { indexOf, type PositionId, type TreeDocument } from '@/core/tree';
import { PageLink } from '@/ui/PageLink';
import type { BoardAction, Caret } from '../boardState';
import { CaretLine } from '../caret/later';
import type { Shut } from '../shut';
import { useWay } from './useWay';
import { WalkHome } from './WalkHome';
import { WalkPlace } from './WalkPlace';

export interface WalkProps {
  /** The tree as it is looked at. */
  readonly tree: TreeDocument;
  readonly hidden: ReadonlyMap<string, HiddenBy>;
  readonly shut: ReadonlyMap<string, Shut>;
  readonly catalogue: Catalogue | null;
  readonly selected: PositionId | null;
  /** The show that was looked for: it comes into sight. */
  readonly asked: string | null;
  readonly caret: Caret | null;
  readonly skipped: ReadonlySet<string>;
  readonly dispatch: Dispatch<BoardAction>;
  readonly onFind: () => void;
}

/** The climb on a narrow screen: one rung at a time, its shows as rows, my answer under each, the way so far above. */
export function Walk({ tree, hidden, shut, catalogue, selected, asked, caret, skipped, dispatch, onFind }: WalkProps) {
  const positions = indexOf(tree).positions;
  const typedAt = caret === null ? selected : 'position' in caret ? caret.position : null;
  const position = typedAt === null ? undefined : positions.get(typedAt);
  const go = (to: PositionId | null) => dispatch({ type: 'select', position: to !== null && positions.has(to) ? to : null });
  const at = position?.id ?? null;
  const way = useWay(tree, at, go);
  const top = useRef<HTMLElement>(null);
  const seen = useRef(at);
  useEffect(() => {
    if (seen.current === at) return;
    seen.current = at;
    // Another rung is read from its name on; a line being typed keeps the keys.
    top.current?.scrollTo(0, 0);
    if (!top.current?.contains(document.activeElement)) top.current?.querySelector('h2')?.focus();
  }, [at]);
  useEffect(() => {
    if (asked !== null) top.current?.querySelector(`[data-shows="${CSS.escape(asked)}"]`)?.scrollIntoView({ block: 'center' });
  }, [asked]);
  const line = caret && <CaretLine {...{ tree, caret, catalogue, skipped, dispatch }} />;
  return (
    <section ref={top} aria-label="The climb" className="min-h-0 flex-1 overflow-y-auto p-4">
      <div className="mx-auto max-w-2xl text-[16px] [overflow-wrap:anywhere]">
        <nav aria-label="The way so far" className="flex flex-wrap items-end gap-x-2">
          <Step words="Guards" onPress={() => go(null)} />
          {way.slice(0, -1).map((id) => (
            <Step key={id} words={positions.get(id)?.name ?? ''} onPress={() => go(id)} />
          ))}
          <PageLink
            href={`/finder/${idToAddress(tree.id)}`}
            className="ml-auto inline-flex min-h-11 items-end font-figure text-[15px] underline"
          >
            What do you see?
          </PageLink>
        </nav>
        {position ? (
          <WalkPlace key={position.id} {...{ tree, hidden, shut, position, caret, line, dispatch, onGo: go }} />
        ) : (
          <WalkHome {...{ tree, line, dispatch, onFind, onGo: go }} />
        )}
      </div>
    </section>
  );
}

/** A rung of the way so far, to step back to. */
function Step({ words, onPress }: { readonly words: string; readonly onPress: () => void }) {
  return (
    <button type="button" onClick={onPress} className="min-h-11 max-w-36 pt-3 text-left font-figure text-[15px] text-soft">
      <span aria-hidden className="mb-1 block h-1 bg-ink" />
      <span className="line-clamp-2">{words}</span>
    </button>
  );
}
