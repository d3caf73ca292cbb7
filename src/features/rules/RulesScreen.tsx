'use client';
import { useState } from 'react';
import { useTreeEdits } from '@/client/useTreeEdits';
import { freshId, type Profile, type RuleSet, type TreeDocument } from '@/core/tree';
import { buttonClass } from '@/ui/Field';
import { screenLinks } from '@/ui/screenLinks';
import { StoredStrip } from '@/ui/StoredStrip';
import { PersonCard } from './PersonCard';
import { RuleCard } from './RuleCard';

const withPeople = (tree: TreeDocument, change: (people: readonly Profile[]) => readonly Profile[]): TreeDocument => ({
  ...tree,
  profiles: change(tree.profiles ?? []),
});
const withCards = (tree: TreeDocument, change: (cards: readonly RuleSet[]) => readonly RuleSet[]): TreeDocument => ({
  ...tree,
  ruleSets: change(tree.ruleSets ?? []),
});

/** The rule cards and the people of a tree: what it can be looked at under, for and against. */
export function RulesScreen({ tree: opened, revision }: { tree: TreeDocument; revision: number }) {
  const { tree, isStored, problem, edit } = useTreeEdits(opened, revision);
  const cards = tree.ruleSets ?? [];
  const [chosen, setChosen] = useState<string | null>(cards[0]?.id ?? null);
  const people = tree.profiles ?? [];
  const [whom, setWhom] = useState<string | null>(null);
  const person = people.find((item) => item.id === whom);
  const card = person ? undefined : (cards.find((item) => item.id === chosen) ?? cards[0]);
  const tags = [...new Set(tree.transitions.flatMap((move) => move.tags ?? []))].sort();
  const add = () => {
    const id = freshId('rule card', new Set(cards.map((item) => item.id)));
    edit('a rule card', (now) =>
      withCards(now, (list) => [...list, { id, name: 'New rule card', contexts: [], forbidden: [], points: [] }]),
    );
    setChosen(id);
    setWhom(null);
  };
  const addPerson = () => {
    const id = freshId('person', new Set(people.map((item) => item.id)));
    edit('a person', (now) => withPeople(now, (list) => [...list, { id, name: 'New person', of: 'athlete' }]));
    setWhom(id);
  };
  const entry = (id: string, name: string, current: boolean, onPress: () => void) => (
    <li key={id} className="border-t border-hair">
      <button
        type="button"
        aria-current={current}
        className={`min-h-10 w-full text-left font-figure text-[17px] ${current ? 'font-semibold underline decoration-red decoration-2 underline-offset-4' : ''}`}
        onClick={onPress}
      >
        {name}
      </button>
    </li>
  );
  return (
    <div className="min-h-dvh">
      <StoredStrip title={tree.name} links={screenLinks(tree.id, null)} isStored={isStored} problems={[problem]} />
      <main className="mx-auto grid max-w-5xl grid-cols-[minmax(0,1fr)] gap-8 p-6 md:grid-cols-[240px_minmax(0,1fr)]">
        <nav aria-label="Cards">
          <h1 className="text-[29px]">Rules</h1>
          <ul>
            {cards.map((item) =>
              entry(item.id, item.name, item === card, () => {
                setChosen(item.id);
                setWhom(null);
              }),
            )}
          </ul>
          <button type="button" className={`${buttonClass} mt-3`} onClick={add}>
            Write a card
          </button>
          <h2 className="mt-6 text-[24px]">People</h2>
          <ul>{people.map((item) => entry(item.id, item.name, item === person, () => setWhom(item.id)))}</ul>
          <button type="button" className={`${buttonClass} mt-3`} onClick={addPerson}>
            Add a person
          </button>
        </nav>
        {person ? (
          <PersonCard
            tree={tree}
            person={person}
            onChange={(label, patch) =>
              edit(`${person.name}: ${label}`, (now) =>
                withPeople(now, (list) => list.map((item) => (item.id === person.id ? { ...item, ...patch } : item))),
              )
            }
            onRemove={() => {
              edit(`${person.name} removed`, (now) => withPeople(now, (list) => list.filter((item) => item.id !== person.id)));
              setWhom(null);
            }}
          />
        ) : card ? (
          <RuleCard
            key={card.id}
            card={card}
            tags={tags}
            onSave={(next) =>
              edit(`rules: ${next.name}`, (now) => withCards(now, (list) => list.map((item) => (item.id === next.id ? next : item))))
            }
            onRemove={() =>
              edit(`rules removed: ${card.name}`, (now) => withCards(now, (list) => list.filter((item) => item.id !== card.id)))
            }
          />
        ) : (
          <p className="text-soft">
            No card yet. Write one from the rule book of your next event; the board then shows what falls away under it.
          </p>
        )}
      </main>
    </div>
  );
}
