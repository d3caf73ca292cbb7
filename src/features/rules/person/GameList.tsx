import { EVERYTHING } from '@/core/lens';
import type { TreeDocument } from '@/core/tree';
import { sayGameItem } from '@/core/words';
import { optionsAmong } from '@/client/optionsAmong';
import { PickOne } from '@/ui/PickOne';

interface ListProps {
  readonly legend: string;
  readonly add: string;
  /** Found when the list is opened: a large tree has thousands. */
  readonly items: () => readonly { readonly key: string; readonly name: string }[];
  readonly chosen: readonly string[];
  readonly nameOf: (item: string) => string;
  readonly onChange: (chosen: readonly string[] | undefined) => void;
}

/** What was chosen of some items, each with its way out, and one more to add. */
export function PickedList({ legend, add, items, chosen, nameOf, onChange }: ListProps) {
  const set = (next: readonly string[]) => onChange(next.length > 0 ? next : undefined);
  return (
    <fieldset>
      <legend className="font-figure text-[17px] font-semibold">{legend}</legend>
      <ul>
        {chosen.map((item) => (
          <li key={item} className="flex items-baseline justify-between gap-4 border-t border-hair">
            {nameOf(item)}
            <button
              type="button"
              aria-label={`Remove ${nameOf(item)}`}
              className="min-h-8 underline"
              onClick={() => set(chosen.filter((other) => other !== item))}
            >
              Remove
            </button>
          </li>
        ))}
      </ul>
      <PickOne
        label={add}
        shown={add}
        optionsFor={(typed) => optionsAmong(items(), typed)}
        onPick={(item) => set([...new Set([...chosen, item])])}
      />
    </fieldset>
  );
}

interface Props extends Omit<ListProps, 'items' | 'nameOf' | 'add'> {
  readonly tree: TreeDocument;
  readonly of: 'moves and tags' | 'tags' | 'all';
}

/** A list of moves and tags; `all` offers everything besides. */
export function GameList({ tree, of, ...rest }: Props) {
  const items = () => {
    const tags = [...new Set(tree.transitions.flatMap((transition) => transition.tags ?? []))].sort();
    const moves = of === 'tags' ? [] : tree.transitions.map((transition) => transition.id);
    return [...(of === 'all' ? [EVERYTHING] : []), ...tags, ...moves].map((item) => ({ key: item, name: sayGameItem(tree, item) }));
  };
  return (
    <PickedList
      {...rest}
      {...{ items }}
      add={of === 'tags' ? 'Add a tag …' : 'Add a move or a tag …'}
      nameOf={(item) => sayGameItem(tree, item)}
    />
  );
}
