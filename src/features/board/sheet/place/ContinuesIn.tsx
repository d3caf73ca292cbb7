import { idToAddress } from '@/contracts/address';
import { PageLink } from '@/ui/PageLink';
import { useState } from 'react';
import { listDocuments, readDocument } from '@/client/documents';
import type { Position } from '@/core/tree';
import { Field, selectClass } from '@/ui/Field';

interface Other {
  readonly id: string;
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

/** A link to a place of another tree, where this one goes on: no copy, and no dead end. */
export function ContinuesIn({ position, onChange }: Props) {
  const [trees, setTrees] = useState<readonly Other[] | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const [places, setPlaces] = useState<readonly Place[]>([]);
  const [problem, setProblem] = useState(false);
  const link = position.continuesIn;
  const open = async () => {
    const found = await listDocuments('tree');
    setProblem(!found.ok);
    setTrees(found.ok ? found.value.documents : null);
  };
  const choose = async (treeId: string) => {
    setChosen(treeId);
    const read = await readDocument<{ positions: readonly Place[] }>('tree', treeId);
    setProblem(!read.ok);
    setPlaces(read.ok ? read.value.document.positions : []);
  };
  if (link)
    return (
      <p>
        <PageLink className="underline" href={`/board/${idToAddress(link.tree)}?show=hub&at=${encodeURIComponent(link.position)}`}>
          Goes on in “{link.tree}”
        </PageLink>{' '}
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
              <option key={tree.id} value={tree.id}>
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
