'use client';
import { useMemo } from 'react';
import { StaleDialog } from '@/client/store/StaleDialog';
import type { Named } from '@/client/store/documentState';
import { worstOf } from '@/client/store/documentState';
import type { Session } from '@/client/store/session';
import { useDocument } from '@/client/store/useDocument';
import { useUndoKeys } from '@/client/useUndoKeys';
import { screenLinks } from '@/client/screenLinks';
import { forgettingOf, type HeldClass } from '@/core/classes';
import { profileOf } from '@/core/people';
import type { TreeDocument } from '@/core/tree';
import { sayAthleteRecord } from '@/core/words';
import { buttonClass } from '@/ui/Field';
import { StoredStrip } from '@/ui/StoredStrip';
import { AthleteFields } from './person/AthleteFields';
import { Entries } from './Entries';
import { GroupCard } from './GroupCard';
import { OnThisTree } from './OnThisTree';
import { PersonCard } from './person/PersonCard';
import { RuleCard } from './RuleCard';
import { withForm, withPatch } from './patches';
import { SettingsCard } from './SettingsCard';
import { NAMED_IN, useCards } from './useCards';
import { CARD_KINDS, useGymBook, type CardKind, type OpenedBook } from './useGymBook';

const WHAT: Record<CardKind, string> = { ruleCard: 'rule card', athlete: 'card', opponent: 'card', group: 'group', settings: 'gym' };

interface Props {
  readonly tree: TreeDocument;
  readonly revision: number;
  readonly book: OpenedBook;
  /** Classes held of the tree. */
  readonly held: readonly HeldClass[];
  /** 'YYYY-MM-DD' */
  readonly today: string;
  /** The person whose card is shown first; null = none was asked for. */
  readonly at: string | null;
}

/** The gym's rule cards and people: what a tree can be looked at under, for and against. */
export function RulesScreen({ tree: opened, revision, book: openedBook, held, today, at }: Props) {
  const { document: tree, stored, edit, session, state } = useDocument<TreeDocument>('tree', { document: opened, revision });
  const book = useGymBook(openedBook);
  const { ruleCard, athlete, opponent, group, settings } = book;
  const cards = useCards(book, tree, edit, at);
  const { chosen, removed, problem, sheet, take, add, remove } = cards;
  const current = chosen && book[chosen.kind].sessionOf(chosen.id);
  useUndoKeys({ onUndo: () => current?.undo(), onRedo: () => current?.redo() });
  const isStored = state.pending.length === 0;
  const subject = useMemo(
    () => ({
      tree,
      revision: isStored ? state.revision : null,
      book: { ruleCards: ruleCard.items, athletes: athlete.items, opponents: opponent.items },
    }),
    [tree, isStored, state.revision, ruleCard.items, athlete.items, opponent.items],
  );
  const tags = [...new Set(tree.transitions.flatMap((transition) => transition.tags ?? []))].sort();

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
      <>
        <PersonCard
          tree={tree}
          person={profileOf(found, kind, tree.id)}
          onChange={(label, patch) => book[kind].edit(id, said(label), (now) => withPatch(now, tree.id, patch, Object.keys(patch)))}
          onRemove={() => void remove({ kind, id }, found.name)}
        >
          {kind === 'athlete' && (
            <AthleteFields
              athlete={found}
              record={sayAthleteRecord(tree, held, id, today, forgettingOf(settings.items[0]))}
              onChange={(label, patch) => athlete.edit(id, said(label), (now) => ({ ...now, ...patch }))}
            />
          )}
          {goes(kind, found)}
        </PersonCard>
        <OnThisTree key={`${id} on the tree`} subject={subject} of={{ person: id }} />
      </>
    );
  };
  const card = chosen?.kind === 'ruleCard' ? ruleCard.items.find((item) => item.id === chosen.id) : undefined;
  const [settled] = settings.items;
  const groupShown = chosen?.kind === 'group' ? group.items.find((item) => item.id === chosen.id) : undefined;
  const missing = (['ruleCard', 'athlete', 'opponent'] as const).flatMap((kind) =>
    (tree[NAMED_IN[kind]] ?? []).filter((id) => !book[kind].items.some((item) => item.id === id)),
  );
  const stale = [...CARD_KINDS].map((kind) => [kind, book[kind].stale] as const).find(([, one]) => one !== null);
  const pick = (kind: CardKind) => (id: string) => cards.pick({ kind, id });
  return (
    <div className="min-h-dvh">
      <StoredStrip
        title={tree.name}
        links={screenLinks(tree.id, 'Rules and people')}
        stored={worstOf([stored, book.stored])}
        problems={[problem]}
        onRead={() => {
          cards.clearProblem();
          book.read();
          session.dispatch({ type: 'read' });
        }}
      />
      <main
        id="content"
        tabIndex={-1}
        className="outline-none mx-auto grid max-w-5xl grid-cols-[minmax(0,1fr)] gap-8 p-6 [overflow-wrap:anywhere] md:grid-cols-[240px_minmax(0,1fr)]"
      >
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
          <h2 className="mt-6 text-[24px]">Our gym</h2>
          <Entries
            items={settings.items.map(({ id }) => ({ id, name: 'What we have settled' }))}
            chosen={chosen?.kind === 'settings' ? chosen.id : null}
            onPick={pick('settings')}
          />
        </nav>
        <div ref={sheet} className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4">
          {removed && (
            <p role="status" className="border-l-[3px] border-red pl-2 break-words">
              “{removed.name}” was removed.{' '}
              <button type="button" className="min-h-8 underline" onClick={() => void cards.bringBack()}>
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
              <OnThisTree key={`${card.id} on the tree`} subject={subject} of={{ card }} />
            </>
          )}
          {chosen?.kind === 'settings' && settled && (
            <SettingsCard
              settings={settled}
              onChange={(label, patch) => settings.edit(settled.id, `our gym: ${label}`, (now) => ({ ...now, ...patch }))}
            />
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
