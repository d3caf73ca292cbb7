import { optionsAmong } from '@/client/optionsAmong';
import { indexOf, positionOf, type PositionId, type TreeDocument } from '@/core/tree';
import { PickOne } from '@/ui/PickOne';

interface Props {
  readonly tree: TreeDocument;
  readonly label: string;
  /** What is shown when no place is chosen. */
  readonly none: string;
  readonly value: PositionId | undefined;
  readonly onChange: (id: PositionId | undefined) => void;
  /** Only these; absent = all of the tree. */
  readonly among?: readonly PositionId[];
}

/** One of the places of the tree, or none. No id is empty. */
export function PositionSelect({ tree, label, none, value, onChange, among }: Props) {
  const shown = value === undefined ? none : (indexOf(tree).positions.get(value)?.name ?? value);
  const listed = () => (among ? among.map((id) => positionOf(indexOf(tree), id)) : tree.positions);
  const places = () => [{ key: '', name: none }, ...listed().map(({ id, name }) => ({ key: id, name }))];
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
