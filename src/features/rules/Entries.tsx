interface Props {
  readonly items: readonly { readonly id: string; readonly name: string }[];
  readonly chosen: string | null;
  readonly onPick: (id: string) => void;
}

/** A list of names, the chosen one marked. */
export function Entries({ items, chosen, onPick }: Props) {
  return (
    <ul>
      {items.map(({ id, name }) => (
        <li key={id} className="border-t border-hair">
          <button
            type="button"
            aria-current={id === chosen}
            className={`min-h-10 w-full text-left font-figure text-[17px] break-words ${id === chosen ? 'font-semibold underline decoration-red decoration-2 underline-offset-4' : ''}`}
            onClick={() => onPick(id)}
          >
            {name}
          </button>
        </li>
      ))}
    </ul>
  );
}
