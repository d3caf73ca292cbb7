import type { Athlete, Group } from '@/core/people';
import { InlineName } from '@/ui/InlineName';

interface Props {
  readonly group: Group;
  readonly athletes: readonly Athlete[];
  readonly onChange: (label: string, patch: Partial<Group>) => void;
  readonly onRemove: () => void;
}

/** Athletes who train together. Who is no longer in the gym keeps his place, and is named. */
export function GroupCard({ group, athletes, onChange, onRemove }: Props) {
  const gone = group.members.filter((id) => !athletes.some((athlete) => athlete.id === id));
  const set = (id: string, on: boolean) => {
    const others = group.members.filter((member) => member !== id);
    onChange('who is in it', { members: on ? [...others, id] : others });
  };
  return (
    <section aria-label={group.name} className="grid min-w-0 grid-cols-[minmax(0,1fr)] gap-4 break-words">
      <InlineName
        key={group.id}
        label="Name of the group"
        value={group.name}
        className="text-[24px]"
        onChange={(name) => onChange('renamed', { name })}
      />
      <fieldset>
        <legend className="font-figure text-[17px] font-semibold">Who is in it</legend>
        {athletes.length === 0 && <p className="text-soft">Add your athletes first; then tick here who trains together.</p>}
        {athletes.map((athlete) => (
          <label key={athlete.id} className="flex min-h-9 items-center gap-2 border-t border-hair">
            <input
              type="checkbox"
              checked={group.members.includes(athlete.id)}
              onChange={(event) => set(athlete.id, event.target.checked)}
            />
            {athlete.name}
          </label>
        ))}
      </fieldset>
      {gone.length > 0 && (
        <p className="border-l-[3px] border-red pl-2">
          No longer in the gym: {gone.join(', ')}. Kept in the group, in case they come back.{' '}
          <button
            type="button"
            className="min-h-8 underline"
            onClick={() => onChange('who is in it', { members: group.members.filter((id) => !gone.includes(id)) })}
          >
            Take them out
          </button>
        </p>
      )}
      <button type="button" className="min-h-9 justify-self-start text-red underline" onClick={onRemove}>
        Remove this group
      </button>
    </section>
  );
}
