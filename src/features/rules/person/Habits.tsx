import { danglingIn, isOfPlace } from '@/core/people';
import { FAMILIES, indexOf, type Habit, type Profile, type TreeDocument, VALUE_KINDS } from '@/core/tree';
import { plural, sayEvery, sayHabit, sayValue, SHARE_CHOICES } from '@/core/words';
import { ChanceSelect } from '@/client/ChanceSelect';
import { optionsAmong } from '@/client/optionsAmong';
import { PickOne } from '@/ui/PickOne';

interface Props {
  readonly tree: TreeDocument;
  readonly person: Profile;
  readonly onChange: (label: string, patch: Partial<Profile>) => void;
}
/** What a habit is about, whatever its share. */
const keyOf = (habit: Habit): string =>
  JSON.stringify(isOfPlace(habit) ? [habit.position, habit.value] : { family: habit.family, kind: habit.kind });

/** Families of places, each with the kinds of what can be shown there. */
function familyHabits(tree: TreeDocument): { key: string; name: string }[] {
  const shown = new Set(
    tree.positions.flatMap(({ family, reads }) =>
      reads.filter(({ kind }) => kind !== 'timing').flatMap(({ values }) => values.map(({ kind }) => `${family} ${kind}`)),
    ),
  );
  return FAMILIES.flatMap((family) =>
    VALUE_KINDS.filter((kind) => shown.has(`${family} ${kind}`)).map((kind) => ({
      key: JSON.stringify({ family, kind }),
      name: sayEvery(family, kind),
    })),
  );
}
const placeHabits = (tree: TreeDocument): { key: string; name: string }[] =>
  tree.positions.flatMap((position) =>
    position.reads
      .filter((read) => read.kind !== 'timing')
      .flatMap((read) => read.values)
      .map((value) => ({ key: JSON.stringify([position.id, value.id]), name: `${position.name}: ${sayValue(position, value.id)}` })),
  );

/** What he shows more or less often than others do, at one place or wherever places are alike. */
export function Habits({ tree, person, onChange }: Props) {
  const habits = person.habits ?? [];
  const index = indexOf(tree);
  const set = (next: readonly Habit[]) => onChange('habits', { habits: next.length > 0 ? next : undefined });
  const lost = danglingIn(tree, { tree: tree.id, habits }).habits;
  const known = habits.filter((habit) => !isOfPlace(habit) || !lost.includes(habit));
  const gone = lost.map(({ position, value }) => `${index.positions.get(position)?.name ?? position}: ${value}`);
  return (
    <fieldset>
      <legend className="font-figure text-[17px] font-semibold">Habits</legend>
      <p className="text-[13px] text-soft">
        What he shows more or less often than others do. What is said of one place comes before what is said of all places of a kind; what
        nothing is said of keeps its share as far as it fits.
      </p>
      <ul>
        {known.map((habit) => (
          <li key={keyOf(habit)} className="flex flex-wrap items-baseline gap-x-4 border-t border-hair">
            <span className="flex-1">{sayHabit(tree, habit)}</span>
            <ChanceSelect
              label={`How often: ${sayHabit(tree, habit)}`}
              labelled="heard"
              value={habit.share}
              byDefault={null}
              choices={SHARE_CHOICES}
              onChange={(share) => share !== undefined && set(habits.map((item) => (item === habit ? { ...habit, share } : item)))}
            />
            <button
              type="button"
              aria-label={`Remove ${sayHabit(tree, habit)}`}
              className="min-h-8 underline"
              onClick={() => set(habits.filter((item) => item !== habit))}
            >
              Remove
            </button>
          </li>
        ))}
      </ul>
      {lost.length > 0 && (
        <p className="border-l-[3px] border-red pl-2">
          {plural(lost.length, 'habit')} of something that this tree no longer has: {gone.join(', ')}. Kept, in case it comes back.{' '}
          <button type="button" className="min-h-8 underline" onClick={() => set(known)}>
            Forget {lost.length === 1 ? 'it' : 'them'}
          </button>
        </p>
      )}
      <PickOne
        label="Add a habit"
        shown="Add a habit …"
        optionsFor={(typed) => optionsAmong([...familyHabits(tree), ...placeHabits(tree)], typed)}
        onPick={(key) => {
          const about = JSON.parse(key) as [string, string] | Omit<Extract<Habit, { family: unknown }>, 'share'>;
          const share = 0.6;
          const habit: Habit = Array.isArray(about) ? { position: about[0], value: about[1], share } : { ...about, share };
          set([...habits.filter((item) => keyOf(item) !== key), habit]);
        }}
      />
    </fieldset>
  );
}
