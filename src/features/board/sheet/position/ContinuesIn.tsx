import { idToAddress } from '@/contracts/address';
import { PageLink } from '@/ui/PageLink';
import { useState } from 'react';
import { listDocuments, readDocument } from '@/client/documents';
import type { Position } from '@/core/tree';
import { Select } from '@/ui/Select';
import { optionsAmong } from '@/client/optionsAmong';
import { PickOne } from '@/ui/PickOne';

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
  const [places, setPositions] = useState<readonly Place[]>([]);
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
    setPositions(read.ok ? read.value.document.positions : []);
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
        <Select
          label="It goes on in the tree"
          value={chosen ?? undefined}
          none="choose a tree"
          options={trees.map((tree) => [tree.id, tree.name] as const)}
          onChange={(id) => void choose(id ?? '')}
        />
      )}
      {chosen !== null && places.length > 0 && (
        <PickOne
          label="at the place"
          isOver
          shown="choose a place"
          optionsFor={(typed) =>
            optionsAmong(
              places.map(({ id, name }) => ({ key: id, name })),
              typed,
            )
          }
          onPick={(id) => onChange('goes on elsewhere', { continuesIn: { tree: chosen, position: id } })}
        />
      )}
      {problem && <p className="text-red">The server does not answer. Nothing was linked.</p>}
    </>
  );
}
