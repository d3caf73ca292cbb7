import type { ReactNode } from 'react';
import { danglingIn } from '@/core/people';
import { EVERYTHING } from '@/core/lens';
import { indexOf, positionOf, type Profile, type TreeDocument } from '@/core/tree';
import { plural, PROFILE_WORDS, sayGameItem, sayValue, SHARE_CHOICES } from '@/core/words';
import { InlineName } from '@/ui/InlineName';
import { ListLine } from '@/ui/TextLine';
import { Select } from '@/ui/Select';
import { ChanceSelect } from '@/client/ChanceSelect';
import { optionsAmong } from '@/client/optionsAmong';
import { PickOne } from '@/ui/PickOne';

interface Props {
  readonly tree: TreeDocument;
  readonly person: Profile;
  readonly onChange: (label: string, patch: Partial<Profile>) => void;
  readonly onRemove: () => void;
  /** What else is known of him, above the way out. */
  readonly children?: ReactNode;
}

interface GameListProps {
  readonly tree: TreeDocument;
  readonly legend: string;
  readonly add: string;
  /** Ids of moves, tags, or everything. */
  readonly chosen: readonly string[];
  readonly withEverything: boolean;
  readonly onChange: (chosen: string[]) => void;
}

/** A list of moves and tags, each with its way out, and one more to add. */
function GameList({ tree, legend, add, chosen, withEverything, onChange }: GameListProps) {
  const items = () => {
    const tags = [...new Set(tree.transitions.flatMap((transition) => transition.tags ?? []))].sort();
    const all = [...(withEverything ? [EVERYTHING] : []), ...tags, ...tree.transitions.map((transition) => transition.id)];
    return all.map((item) => ({ key: item, name: sayGameItem(tree, item) }));
  };
  return (
    <fieldset>
      <legend className="font-figure text-[17px] font-semibold">{legend}</legend>
      <ul>
        {chosen.map((item) => (
          <li key={item} className="flex items-baseline justify-between gap-4 border-t border-hair">
            {sayGameItem(tree, item)}
            <button type="button" className="min-h-8 underline" onClick={() => onChange(chosen.filter((other) => other !== item))}>
              Remove
            </button>
          </li>
        ))}
      </ul>
      <PickOne
        label={add}
        shown={add}
        optionsFor={(typed) => optionsAmong(items(), typed)}
        onPick={(item) => onChange([...new Set([...chosen, item])])}
      />
    </fieldset>
  );
}

/** What he shows more or less often than others do. */
function Habits({ tree, person, onChange }: Omit<Props, 'onRemove' | 'children'>) {
  const habits = person.habits ?? [];
  const index = indexOf(tree);
  const set = (next: typeof habits) => onChange('habits', { habits: next.length > 0 ? next : undefined });
  const shows = () =>
    tree.positions.flatMap((position) =>
      position.reads
        .filter((read) => read.kind !== 'timing')
        .flatMap((read) => read.values)
        .map((value) => ({ key: JSON.stringify([position.id, value.id]), name: `${position.name}: ${sayValue(position, value.id)}` })),
    );
  const lost = danglingIn(tree, { tree: tree.id, habits }).habits;
  const known = habits.filter((habit) => !lost.includes(habit));
  const gone = lost.map(({ position, value }) => `${index.positions.get(position)?.name ?? position}: ${value}`);
  return (
    <fieldset>
      <legend className="font-figure text-[17px] font-semibold">Habits</legend>
      <ul>
        {known.map((habit) => (
          <li key={`${habit.position} ${habit.value}`} className="flex flex-wrap items-baseline gap-x-4 border-t border-hair">
            <span className="flex-1">
              {positionOf(index, habit.position).name}: {sayValue(positionOf(index, habit.position), habit.value)}
            </span>
            <ChanceSelect
              label="How often"
              labelled="heard"
              value={habit.share}
              byDefault={null}
              choices={SHARE_CHOICES}
              onChange={(share) => share !== undefined && set(habits.map((item) => (item === habit ? { ...habit, share } : item)))}
            />
            <button type="button" className="min-h-8 underline" onClick={() => set(habits.filter((item) => item !== habit))}>
              Remove
            </button>
          </li>
        ))}
      </ul>
      {habits.length > known.length && (
        <p className="border-l-[3px] border-red pl-2">
          {plural(habits.length - known.length, 'habit')} of something that this tree no longer has: {gone.join(', ')}. Kept, in case it
          comes back.{' '}
          <button type="button" className="min-h-8 underline" onClick={() => set(known)}>
            Forget {habits.length - known.length === 1 ? 'it' : 'them'}
          </button>
        </p>
      )}
      <PickOne
        label="Add a habit"
        shown="Add a habit …"
        optionsFor={(typed) => optionsAmong(shows(), typed)}
        onPick={(key) => {
          const [position, value] = JSON.parse(key) as [string, string];
          set([...habits.filter((item) => item.position !== position || item.value !== value), { position, value, share: 0.6 }]);
        }}
      />
    </fieldset>
  );
}

/** One person that the tree is looked at for, or against. Every change is stored at once. */
export function PersonCard({ tree, person, onChange, onRemove, children }: Props) {
  const list = (field: 'off' | 'on' | 'physique') => (values: string[]) =>
    onChange({ off: 'left out', on: 'kept', physique: 'build' }[field], { [field]: values.length > 0 ? values : undefined });
  return (
    <section aria-label={person.name} className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-4 break-words">
      <div>
        <InlineName
          key={person.id}
          label="Name of the person"
          value={person.name}
          className="text-[24px]"
          onChange={(name) => onChange('renamed', { name })}
        />
        <p className="text-soft">
          {PROFILE_WORDS[person.of]} What is said below of moves and habits is said of “{tree.name}”.
        </p>
      </div>
      <div className="flex flex-wrap gap-6">
        <Select
          label="Better side"
          none="not said"
          value={person.betterSide}
          options={[
            ['left', 'left'],
            ['right', 'right'],
          ]}
          onChange={(betterSide) => onChange('better side', { betterSide })}
        />
        <ListLine
          label="What he or she is like"
          values={person.physique ?? []}
          hint="short legs, heavy, beginner"
          onChange={list('physique')}
        />
      </div>
      <p className="text-[13px] text-soft">
        A move tagged “{person.of === 'athlete' ? 'not' : 'not against'} {person.physique?.[0] ?? 'short legs'}” falls away for a person who
        is like that.
      </p>
      <GameList
        tree={tree}
        legend={person.of === 'athlete' ? 'Does not do' : 'Knows it, so it will not work'}
        add="Add a move or a tag …"
        chosen={person.off ?? []}
        withEverything={person.of === 'athlete'}
        onChange={list('off')}
      />
      <GameList
        tree={tree}
        legend="Stays, whatever is said above"
        add="Add a move or a tag …"
        chosen={person.on ?? []}
        withEverything={false}
        onChange={list('on')}
      />
      <Habits tree={tree} person={person} onChange={onChange} />
      {children}
      <button type="button" className="min-h-9 justify-self-start text-red underline" onClick={onRemove}>
        Remove this person
      </button>
    </section>
  );
}
