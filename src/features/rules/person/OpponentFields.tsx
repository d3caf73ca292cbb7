import { idToAddress } from '@/contracts/address';
import { queryOf } from '@/contracts/filterQuery';
import { PageLink } from '@/ui/PageLink';
import { indexOf, type Profile, type TreeDocument } from '@/core/tree';
import { sayGameItem } from '@/core/words';
import { GameList, PickedList } from './GameList';

interface Props {
  readonly tree: TreeDocument;
  readonly person: Profile;
  readonly onChange: (label: string, patch: Partial<Profile>) => void;
}

/** What is said of an opponent alone: his guards, what he is strong against, and what he knows. */
export function OpponentFields({ tree, person, onChange }: Props) {
  const index = indexOf(tree);
  const guards = () => tree.starts.map(({ position }) => ({ key: position, name: index.positions.get(position)?.name ?? position }));
  const own = () => tree.transitions.filter(({ actor }) => actor === 'owner').map(({ id }) => ({ key: id, name: sayGameItem(tree, id) }));
  const knows = person.knows ?? [];
  return (
    <>
      <PickedList
        legend="Guards he plays"
        add="Add a guard …"
        items={guards}
        chosen={person.guards ?? []}
        nameOf={(id) => index.positions.get(id)?.name ?? `“${id}”, which this tree no longer has`}
        onChange={(next) => onChange('guards', { guards: next })}
      />
      <GameList
        {...{ tree, of: 'tags', legend: 'Strong against: works less often' }}
        chosen={person.strongAgainst ?? []}
        onChange={(next) => onChange('strong against', { strongAgainst: next })}
      />
      <GameList
        {...{ tree, of: 'moves and tags', legend: 'Knows: works no better than when it is stopped' }}
        chosen={knows}
        onChange={(next) => onChange('knows', { knows: next })}
      />
      {(knows.length > 0 || (person.varied ?? []).length > 0) && (
        <PickedList
          legend="Varied against him: of what he knows, this comes in another form"
          add="Add a move …"
          items={own}
          chosen={person.varied ?? []}
          nameOf={(id) => sayGameItem(tree, id)}
          onChange={(next) => onChange('varied', { varied: next })}
        />
      )}
      <label className="flex min-h-9 items-center gap-2">
        <input
          type="checkbox"
          checked={person.knowsGame ?? false}
          onChange={(event) => onChange('knows the game', { knowsGame: event.target.checked ? true : undefined })}
        />
        Knows my whole game: two thirds of the time he picks what hurts most
      </label>
      <PageLink
        className="min-h-8 justify-self-start underline"
        href={`/plan/${idToAddress(tree.id)}?${queryOf({ profiles: [person.id] })}`}
      >
        The game plan against {person.name}
      </PageLink>
    </>
  );
}
