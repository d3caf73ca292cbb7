import type { PositionId, TreeDocument } from '@/core/tree';
import { Field, selectClass } from '@/ui/Field';

interface Props {
  readonly tree: TreeDocument;
  readonly label: string;
  /** What is shown when no place is chosen. */
  readonly none: string;
  readonly value: PositionId | undefined;
  readonly onChange: (id: PositionId | undefined) => void;
}

/** One of the places of the tree, or none. */
export function PlaceSelect({ tree, label, none, value, onChange }: Props) {
  return (
    <Field label={label}>
      <select className={selectClass} value={value ?? ''} onChange={(event) => onChange(event.target.value || undefined)}>
        <option value="">{none}</option>
        {tree.positions.map((position) => (
          <option key={position.id} value={position.id}>
            {position.name}
          </option>
        ))}
      </select>
    </Field>
  );
}
