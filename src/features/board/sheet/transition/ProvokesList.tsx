import { indexOf, landingsOf, positionOf, type Transition, type TreeDocument } from '@/core/tree';
import { sayShown } from '@/core/words';

interface Props {
  readonly tree: TreeDocument;
  readonly transition: Transition;
  readonly onChange: (provokes: readonly string[]) => void;
}

/** What a helper action hopes he does, at the place it leads to or, as a feint, where it is tried. */
export function ProvokesList({ tree, transition, onChange }: Props) {
  const index = indexOf(tree);
  const positions = [...new Set([...landingsOf(transition), transition.from])].map((id) => positionOf(index, id));
  const shown = positions.flatMap((position) =>
    position.reads
      .filter((read) => read.kind !== 'timing')
      .flatMap((read) => read.values.map((value) => ({ place: position, read, value }))),
  );
  if (shown.length === 0) return null;
  const now = transition.provokes ?? [];
  return (
    <fieldset>
      <legend className="text-[13px] text-soft">I do it to make him show</legend>
      {shown.map(({ place: position, read, value }) => (
        <label key={`${position.id} ${value.id}`} className="flex min-h-7 items-baseline gap-2 font-figure text-[15px]">
          <input
            type="checkbox"
            checked={now.includes(value.id)}
            onChange={(event) => onChange(event.target.checked ? [...now, value.id] : now.filter((id) => id !== value.id))}
          />
          <span>
            <span className="text-his">{sayShown(read, value.name)}</span>
            {positions.length > 1 && <span className="text-[13px] text-soft"> in {position.name}</span>}
          </span>
        </label>
      ))}
    </fieldset>
  );
}
