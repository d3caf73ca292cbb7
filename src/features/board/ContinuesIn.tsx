import Link from 'next/link';
import { useState } from 'react';
import type { Position } from '@/core/tree';
import { Field, selectClass } from '@/ui/Field';

interface Other {
  readonly treeId: string;
  readonly name: string;
}
interface Place {
  readonly id: string;
  readonly name: string;
}
interface Props {
  readonly position: Position;
  readonly onChange: (label: string, patch: Partial<Position>) => void;
}

const get = async <T,>(path: string): Promise<T | null> => {
  const response = await fetch(path).catch(() => null);
  return response?.ok ? ((await response.json()) as T) : null;
};

/** A link to a place of another tree, where this one goes on: no copy, and no dead end. */
export function ContinuesIn({ position, onChange }: Props) {
  const [trees, setTrees] = useState<readonly Other[] | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const [places, setPlaces] = useState<readonly Place[]>([]);
  const [problem, setProblem] = useState(false);
  const link = position.continuesIn;
  const open = async () => {
    const found = await get<{ trees: Other[] }>('/api/trees');
    setProblem(!found);
    setTrees(found?.trees ?? null);
  };
  const choose = async (treeId: string) => {
    setChosen(treeId);
    const file = await get<{ positions: Place[] }>(`/api/trees/${encodeURIComponent(treeId)}/file`);
    setProblem(!file);
    setPlaces(file?.positions ?? []);
  };
  if (link)
    return (
      <p>
        <Link className="underline" href={`/board/${encodeURIComponent(link.tree)}?show=hub&at=${encodeURIComponent(link.position)}`}>
          Goes on in “{link.tree}”
        </Link>{' '}
        <button type="button" className="min-h-8 text-red underline" onClick={() => onChange('link removed', { continuesIn: undefined })}>
          Remove the link
        </button>
      </p>
    );
  return (
    <>
      {trees === null ? (
        <button type="button" className="min-h-9 justify-self-start underline" onClick={() => void open()}>
          It goes on in another tree …
        </button>
      ) : (
        <Field label="It goes on in the tree">
          <select className={selectClass} value={chosen ?? ''} onChange={(event) => void choose(event.target.value)}>
            <option value="">choose a tree</option>
            {trees.map((tree) => (
              <option key={tree.treeId} value={tree.treeId}>
                {tree.name}
              </option>
            ))}
          </select>
        </Field>
      )}
      {chosen !== null && places.length > 0 && (
        <Field label="at the place">
          <select
            className={selectClass}
            value=""
            onChange={(event) =>
              event.target.value !== '' && onChange('goes on elsewhere', { continuesIn: { tree: chosen, position: event.target.value } })
            }
          >
            <option value="">choose a place</option>
            {places.map((place) => (
              <option key={place.id} value={place.id}>
                {place.name}
              </option>
            ))}
          </select>
        </Field>
      )}
      {problem && <p className="text-red">The server does not answer. Nothing was linked.</p>}
    </>
  );
}
