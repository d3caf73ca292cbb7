'use client';
import { useEffect, useRef, useState, type RefObject } from 'react';
import type { Named } from '@/client/store/documentState';
import type { TreeDocument } from '@/core/tree';
import type { BookKind, CardKind, GymBookEdits } from './useGymBook';

const NEW: Record<BookKind, Named & Record<string, unknown>> = {
  ruleCard: { id: 'rule-card', name: 'New rule card', contexts: [], forbidden: [], points: [] },
  athlete: { id: 'person', name: 'New person' },
  opponent: { id: 'opponent', name: 'New opponent' },
  group: { id: 'group', name: 'New group', members: [] },
};
/** Which of the tree's lists names documents of a kind. */
export const NAMED_IN = { ruleCard: 'ruleCards', athlete: 'athletes', opponent: 'opponents' } as const;

export interface Chosen {
  readonly kind: CardKind;
  readonly id: string;
}
export interface Cards {
  readonly chosen: Chosen | null;
  /** What was removed last and can be brought back. */
  readonly removed: { readonly kind: BookKind; readonly id: string; readonly name: string } | null;
  readonly problem: string | null;
  /** The element that shows the chosen card. */
  readonly sheet: RefObject<HTMLDivElement | null>;
  pick(what: Chosen): void;
  /** The tree takes along what it names, or leaves it in the gym. */
  take(what: Chosen, itsName: string, on: boolean): void;
  add(kind: BookKind): void;
  remove(what: { readonly kind: BookKind; readonly id: string }, itsName: string): Promise<void>;
  bringBack(): Promise<void>;
  clearProblem(): void;
}

/** A chosen card comes into sight where it lies below the lists; of a new one the name is typed next. */
function useInSight(picked: { readonly isNew: boolean } | null): RefObject<HTMLDivElement | null> {
  const sheet = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const below = sheet.current;
    if (!picked || !below) return;
    if (below.getBoundingClientRect().top > window.innerHeight / 2) below.scrollIntoView({ block: 'start' });
    if (picked.isNew) below.querySelector<HTMLInputElement | HTMLTextAreaElement>('input, textarea')?.select();
  }, [picked]);
  return sheet;
}

/** Which card is shown; cards made, removed and brought back. New cards and people belong to the tree on which they were written. */
export function useCards(
  book: GymBookEdits,
  tree: TreeDocument,
  edit: (label: string, change: (tree: TreeDocument) => TreeDocument) => void,
  /** The person that was asked for; null = none. */
  asked: string | null,
): Cards {
  const person = (['athlete', 'opponent'] as const).find((kind) => book[kind].items.some((item) => item.id === asked));
  const cards = book.ruleCard.items;
  const first = cards.find((card) => tree.ruleCards?.includes(card.id)) ?? cards[0];
  const [chosen, setChosen] = useState<Chosen | null>(
    person && asked !== null ? { kind: person, id: asked } : first ? { kind: 'ruleCard', id: first.id } : null,
  );
  const [removed, setRemoved] = useState<Cards['removed']>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [picked, setPicked] = useState<{ readonly isNew: boolean } | null>(person ? { isNew: false } : null);
  const sheet = useInSight(picked);
  const show = (what: Chosen, isNew: boolean) => {
    setChosen(what);
    setPicked({ isNew });
  };
  const take: Cards['take'] = ({ kind, id }, itsName, on) => {
    if (kind === 'group' || kind === 'settings') return;
    const field = NAMED_IN[kind];
    edit(on ? `“${itsName}” goes along in the file` : `“${itsName}” stays out of the file`, (now) => {
      const others = (now[field] ?? []).filter((item) => item !== id);
      return { ...now, [field]: on ? [...others, id] : others };
    });
  };
  const add: Cards['add'] = (kind) => {
    // An id of its own before the server is asked, so that the tree may name what is not stored yet.
    const id = `${NEW[kind].id}-${crypto.randomUUID().slice(0, 8)}`;
    (book[kind].create as (document: Named) => void)({ ...NEW[kind], id });
    take({ kind, id }, NEW[kind].name, true);
    show({ kind, id }, true);
  };
  const remove: Cards['remove'] = async (what, itsName) => {
    const gone = await book[what.kind].remove(what.id);
    setProblem(gone.ok ? null : `${gone.problems.join(' ')} Nothing was removed; try again.`);
    if (!gone.ok) return;
    setRemoved({ ...what, name: itsName });
    setChosen(null);
  };
  const bringBack = async () => {
    if (!removed) return;
    const back = await book[removed.kind].bringBack(removed.id);
    setProblem(back.ok ? null : back.problems.join(' '));
    if (!back.ok) return;
    setChosen(removed);
    setRemoved(null);
  };
  return {
    ...{ chosen, removed, problem, sheet, take, add, remove, bringBack },
    pick: (what) => show(what, false),
    clearProblem: () => setProblem(null),
  };
}
