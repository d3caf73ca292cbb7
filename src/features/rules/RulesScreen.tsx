'use client';
import { useEffect, useRef, useState } from 'react';
import { StaleDialog } from '@/client/store/StaleDialog';
import type { Named } from '@/client/store/documentState';
import { worstOf } from '@/client/store/documentState';
import type { Session } from '@/client/store/session';
import { useDocument } from '@/client/store/useDocument';
import { useUndoKeys } from '@/client/useUndoKeys';
import { screenLinks } from '@/client/screenLinks';
import { gameIn, profileOf, withGame, type Opponent } from '@/core/people';
import type { Profile, TreeDocument } from '@/core/tree';
import { buttonClass } from '@/ui/Field';
import { StoredStrip } from '@/ui/StoredStrip';
import { AthleteFields } from './AthleteFields';
import { Entries } from './Entries';
import { GroupCard } from './GroupCard';
import { PersonCard } from './PersonCard';
import { RuleCard } from './RuleCard';
import { useGymBook, type BookKind, type OpenedBook } from './useGymBook';

const NEW: Record<BookKind, Named & Record<string, unknown>> = {
  ruleCard: { id: 'rule-card', name: 'New rule card', contexts: [], forbidden: [], points: [] },
  athlete: { id: 'person', name: 'New person' },
  opponent: { id: 'opponent', name: 'New opponent' },
  group: { id: 'group', name: 'New group', members: [] },
};
const WHAT: Record<BookKind, string> = { ruleCard: 'rule card', athlete: 'card', opponent: 'card', group: 'group' };
/** Which of the tree's lists names documents of a kind. */
const NAMED_IN = { ruleCard: 'ruleCards', athlete: 'athletes', opponent: 'opponents' } as const;

interface Chosen {
  readonly kind: BookKind;
  readonly id: string;
}
interface Props {
  readonly tree: TreeDocument;
  readonly revision: number;
  readonly book: OpenedBook;
}

/** A person's patch, as one tree sees him, put to the person that the gym keeps. */
function withPatch<P extends Opponent>(
  person: P,
  treeId: string,
  { off, on, habits, ...rest }: Partial<Profile>,
  said: readonly string[],
): P {
  const game = {
    ...gameIn(person, treeId),
    ...Object.fromEntries(Object.entries({ off, on, habits }).filter(([key]) => said.includes(key))),
  };
  const { of: _of, id: _id, ...fields } = rest;
  return withGame({ ...person, ...fields }, game);
}

/** The gym's rule cards and people: what a tree can be looked at under, for and against. */
export function RulesScreen({ tree: opened, revision, book: openedBook }: Props) {
  const { document: tree, stored, edit, session, state } = useDocument<TreeDocument>('tree', { document: opened, revision });
  const book = useGymBook(openedBook);
  const { ruleCard, athlete, opponent, group } = book;
  const first = ruleCard.items.find((card) => tree.ruleCards?.includes(card.id)) ?? ruleCard.items[0];
  const [chosen, setChosen] = useState<Chosen | null>(first ? { kind: 'ruleCard', id: first.id } : null);
  const [removed, setRemoved] = useState<(Chosen & { readonly name: string }) | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const sheet = useRef<HTMLDivElement>(null);
  const [picked, setPicked] = useState<{ readonly isNew: boolean } | null>(null);
  /** A chosen card comes into sight where it lies below the lists; of a new one the name is typed next. */
  useEffect(() => {
    const below = sheet.current;
    if (!picked || !below) return;
    if (below.getBoundingClientRect().top > window.innerHeight / 2) below.scrollIntoView({ block: 'start' });
    if (picked.isNew) below.querySelector('input')?.select();
  }, [picked]);
  const show = (what: Chosen, isNew: boolean) => {
    setChosen(what);
    setPicked({ isNew });
  };
  const list = chosen && book[chosen.kind];
  const current = chosen && list!.sessionOf(chosen.id);
  useUndoKeys({ onUndo: () => current?.undo(), onRedo: () => current?.redo() });
  const tags = [...new Set(tree.transitions.flatMap((move) => move.tags ?? []))].sort();

  /** The tree takes along what it names: new cards and people belong to the tree on which they were written. */
  const take = ({ kind, id }: Chosen, itsName: string, on: boolean) => {
    if (kind === 'group') return;
    const field = NAMED_IN[kind];
    edit(on ? `goes along: ${itsName}` : `stays here: ${itsName}`, (now) => {
      const others = (now[field] ?? []).filter((item) => item !== id);
      return { ...now, [field]: on ? [...others, id] : others };
    });
  };
  const add = (kind: BookKind) => {
    // An id of its own before the server is asked, so that the tree may name what is not stored yet.
    const id = `${NEW[kind].id}-${crypto.randomUUID().slice(0, 8)}`;
    (book[kind].create as (document: Named) => void)({ ...NEW[kind], id });
    take({ kind, id }, NEW[kind].name, true);
    show({ kind, id }, true);
  };
  const remove = async (what: Chosen, itsName: string) => {
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
  const goes = (kind: keyof typeof NAMED_IN, { id, name }: Named) => (
    <label className="flex min-h-9 items-center gap-2 text-soft">
      <input
        type="checkbox"
        checked={tree[NAMED_IN[kind]]?.includes(id) ?? false}
        onChange={(event) => take({ kind, id }, name, event.target.checked)}
      />
      goes along in the file of “{tree.name}”
    </label>
  );
  const person = (kind: 'athlete' | 'opponent', id: string) => {
    const found = (kind === 'athlete' ? athlete : opponent).items.find((item) => item.id === id);
    if (!found) return null;
    const said = (label: string): string => `${found.name}: ${label}`;
    return (
      <PersonCard
        tree={tree}
        person={profileOf(found, kind, tree.id)}
        onChange={(label, patch) => book[kind].edit(id, said(label), (now) => withPatch(now, tree.id, patch, Object.keys(patch)))}
        onRemove={() => void remove({ kind, id }, found.name)}
      >
        {kind === 'athlete' && (
          <AthleteFields athlete={found} onChange={(label, patch) => athlete.edit(id, said(label), (now) => ({ ...now, ...patch }))} />
        )}
        {goes(kind, found)}
      </PersonCard>
    );
  };
  const card = chosen?.kind === 'ruleCard' ? ruleCard.items.find((item) => item.id === chosen.id) : undefined;
  const groupShown = chosen?.kind === 'group' ? group.items.find((item) => item.id === chosen.id) : undefined;
  const missing = (['ruleCard', 'athlete', 'opponent'] as const).flatMap((kind) =>
    (tree[NAMED_IN[kind]] ?? []).filter((id) => !book[kind].items.some((item) => item.id === id)),
  );
  const stale = [...(['ruleCard', 'athlete', 'opponent', 'group'] as const)]
    .map((kind) => [kind, book[kind].stale] as const)
    .find(([, one]) => one !== null);
  const pick = (kind: BookKind) => (id: string) => show({ kind, id }, false);
  return (
    <div className="min-h-dvh">
      <StoredStrip
        title={tree.name}
        links={screenLinks(tree.id, null)}
        stored={worstOf([stored, book.stored])}
        problems={[problem]}
        onRead={() => {
          setProblem(null);
          book.read();
          session.dispatch({ type: 'read' });
        }}
      />
      <main className="mx-auto grid max-w-5xl grid-cols-[minmax(0,1fr)] gap-8 p-6 [overflow-wrap:anywhere] md:grid-cols-[240px_minmax(0,1fr)]">
        <nav aria-label="Cards">
          <h1 className="text-[29px]">Rules</h1>
          <Entries items={ruleCard.items} chosen={chosen?.kind === 'ruleCard' ? chosen.id : null} onPick={pick('ruleCard')} />
          <button type="button" className={`${buttonClass} mt-3`} onClick={() => add('ruleCard')}>
            Write a card
          </button>
          <h2 className="mt-6 text-[24px]">People</h2>
          <Entries items={athlete.items} chosen={chosen?.kind === 'athlete' ? chosen.id : null} onPick={pick('athlete')} />
          <button type="button" className={`${buttonClass} mt-3`} onClick={() => add('athlete')}>
            Add a person
          </button>
          <h2 className="mt-6 text-[24px]">Opponents</h2>
          <Entries items={opponent.items} chosen={chosen?.kind === 'opponent' ? chosen.id : null} onPick={pick('opponent')} />
          <button type="button" className={`${buttonClass} mt-3`} onClick={() => add('opponent')}>
            Add an opponent
          </button>
          <h2 className="mt-6 text-[24px]">Groups</h2>
          <Entries items={group.items} chosen={chosen?.kind === 'group' ? chosen.id : null} onPick={pick('group')} />
          <button type="button" className={`${buttonClass} mt-3`} onClick={() => add('group')}>
            Make a group
          </button>
        </nav>
        <div ref={sheet} className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4">
          {removed && (
            <p role="status" className="border-l-[3px] border-red pl-2 break-words">
              “{removed.name}” was removed.{' '}
              <button type="button" className="min-h-8 underline" onClick={() => void bringBack()}>
                Bring it back
              </button>
            </p>
          )}
          {missing.length > 0 && (
            <p className="border-l-[3px] border-red pl-2 break-words">
              This tree names what is no longer in the gym: {missing.join(', ')}. The reference is kept, in case it comes back.
            </p>
          )}
          {chosen && (chosen.kind === 'athlete' || chosen.kind === 'opponent') && person(chosen.kind, chosen.id)}
          {card && (
            <>
              <RuleCard
                key={card.id}
                card={card}
                tags={tags}
                onSave={(next) => ruleCard.edit(card.id, `rules: ${next.name}`, (now) => withForm(now, card, next))}
                onRemove={() => void remove({ kind: 'ruleCard', id: card.id }, card.name)}
              />
              {goes('ruleCard', card)}
            </>
          )}
          {groupShown && (
            <GroupCard
              group={groupShown}
              athletes={athlete.items}
              onChange={(label, patch) => group.edit(groupShown.id, `${groupShown.name}: ${label}`, (now) => ({ ...now, ...patch }))}
              onRemove={() => void remove({ kind: 'group', id: groupShown.id }, groupShown.name)}
            />
          )}
          {!chosen && ruleCard.items.length === 0 && (
            <p className="text-soft">
              No card yet. Write one from the rule book of your next event; the board then shows what falls away under it.
            </p>
          )}
        </div>
      </main>
      <StaleDialog what="tree" state={state} session={session} />
      {stale && <StaleDialog what={WHAT[stale[0]]} state={(stale[1] as Session<Named>).getState()} session={stale[1] as Session<Named>} />}
    </div>
  );
}

/** Only what was changed on the form: the rest may have been changed by somebody else meanwhile. */
function withForm<T extends object>(now: T, before: T, next: T): T {
  const fields = [...new Set([...Object.keys(before), ...Object.keys(next)])] as (keyof T)[];
  const changed = fields.filter((field) => JSON.stringify(before[field]) !== JSON.stringify(next[field]));
  return { ...now, ...Object.fromEntries(changed.map((field) => [field, next[field]])) };
}
