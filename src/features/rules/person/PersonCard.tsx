import type { ReactNode } from 'react';
import type { Profile, TreeDocument } from '@/core/tree';
import { PROFILE_WORDS } from '@/core/words';
import { InlineName } from '@/ui/InlineName';
import { ListLine } from '@/ui/TextLine';
import { Select } from '@/ui/Select';
import { GameList } from './GameList';
import { Habits } from './Habits';
import { OpponentFields } from './OpponentFields';

interface Props {
  readonly tree: TreeDocument;
  readonly person: Profile;
  readonly onChange: (label: string, patch: Partial<Profile>) => void;
  readonly onRemove: () => void;
  /** What else is known of him, above the way out. */
  readonly children?: ReactNode;
}

/** One person that the tree is looked at for, or against. Every change is stored at once. */
export function PersonCard({ tree, person, onChange, onRemove, children }: Props) {
  const isAthlete = person.of === 'athlete';
  const list = (field: 'off' | 'on' | 'physique') => (values: readonly string[] | undefined) =>
    onChange({ off: 'left out', on: 'kept', physique: 'build' }[field], { [field]: values && values.length > 0 ? values : undefined });
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
        A move tagged “{isAthlete ? 'not' : 'not against'} {person.physique?.[0] ?? 'short legs'}” falls away for a person who is like that.
      </p>
      {!isAthlete && <OpponentFields {...{ tree, person, onChange }} />}
      <Habits tree={tree} person={person} onChange={onChange} />
      <GameList
        {...{ tree, of: isAthlete ? 'all' : 'moves and tags', legend: isAthlete ? 'Does not do' : 'Left out against him' }}
        chosen={person.off ?? []}
        onChange={list('off')}
      />
      <GameList
        {...{ tree, of: 'moves and tags', legend: 'Stays, whatever is said above' }}
        chosen={person.on ?? []}
        onChange={list('on')}
      />
      {children}
      <button type="button" className="min-h-9 justify-self-start text-red underline" onClick={onRemove}>
        Remove this person
      </button>
    </section>
  );
}
