import { optionsAmong } from '@/client/optionsAmong';
import { indexOf, type PositionId, type TreeDocument } from '@/core/tree';
import { PickOne } from '@/ui/PickOne';

interface Props {
  readonly tree: TreeDocument;
  readonly label: string;
  /** What is shown when no place is chosen. */
  readonly none: string;
  readonly value: PositionId | undefined;
  readonly onChange: (id: PositionId | undefined) => void;
}

/** One of the places of the tree, or none. No id is empty. */
export function PositionSelect({ tree, label, none, value, onChange }: Props) {
  const shown = value === undefined ? none : (indexOf(tree).positions.get(value)?.name ?? value);
  const places = () => [{ key: '', name: none }, ...tree.positions.map(({ id, name }) => ({ key: id, name }))];
  return (
    <PickOne
      label={label}
      isOver
      shown={shown}
      optionsFor={(typed) => optionsAmong(places(), typed)}
      onPick={(id) => onChange(id === '' ? undefined : id)}
    />
  );
}
