'use client';
import { idToAddress } from '@/contracts/address';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import type { Answer } from '@/client/api';
import { bringBackDocument, copyDocument, deleteDocument, importTree, renameDocument, type TakenTree } from '@/client/documents';
import { NewTree } from '@/client/NewTree';
import { AppStrip } from '@/ui/AppStrip';
import { buttonClass } from '@/ui/Field';
import { TreeRow, type FileRow } from './TreeRow';

interface Props {
  readonly rows: readonly FileRow[];
  /** Trees that were deleted and can be brought back. */
  readonly deleted: readonly { readonly treeId: string; readonly name: string }[];
}

interface Failure {
  readonly what: string;
  readonly problems: readonly string[];
}
const NOT_IMPORTED = 'This file was not taken in.';

/** What was not done, beside where it was asked for. */
function Failed({ what, problems }: Failure) {
  return (
    <div role="alert" className="my-3 border-l-[3px] border-red pl-3 break-words">
      <p className="font-semibold">{what}</p>
      <ul>
        {problems.map((problem, i) => (
          <li key={i}>{problem}</li>
        ))}
      </ul>
    </div>
  );
}

/** Trees of this gym: open, take along as a file, take in from a file. */
export function FilesScreen({ rows, deleted }: Props) {
  const router = useRouter();
  const input = useRef<HTMLInputElement>(null);
  const [replace, setReplace] = useState(false);
  const [busy, setBusy] = useState(false);
  /** What was not done, in a few words, and why. */
  const [failed, setFailed] = useState<Failure | null>(null);
  /** A tree that was taken in with something to be said about it. */
  const [taken, setTaken] = useState<TakenTree | null>(null);
  const open = (treeId: string) => router.push(`/board/${idToAddress(treeId)}`);

  const takeIn = async (file: File | undefined) => {
    if (!file) return;
    setBusy(true);
    setFailed(null);
    const answer = await importTree(file, replace);
    setBusy(false);
    if (input.current) input.current.value = '';
    if (!answer.ok) setFailed({ what: NOT_IMPORTED, problems: answer.problems });
    else if (answer.value.notes.length > 0) setTaken(answer.value);
    else open(answer.value.treeId);
  };
  const tell = async <T,>(what: string, answer: Promise<Answer<T>>, then: (value: T) => void) => {
    const got = await answer;
    setFailed(got.ok ? null : { what, problems: got.problems });
    if (got.ok) then(got.value);
  };
  const refresh = () => router.refresh();
  const copy = ({ treeId, name }: FileRow) =>
    tell('Nothing was copied.', copyDocument('tree', treeId, `${name}, copy`.slice(0, 160)), refresh);
  const rename = ({ treeId, name: from, revision }: FileRow, to: string) =>
    tell(`The tree was not renamed to “${to}”.`, renameDocument('tree', treeId, revision, from, to), refresh);
  const remove = ({ treeId }: FileRow) => tell('Nothing was deleted.', deleteDocument('tree', treeId), refresh);
  const bringBack = (treeId: string) => tell('Nothing was brought back.', bringBackDocument('tree', treeId), refresh);
  return (
    <div className="min-h-dvh">
      <AppStrip
        title="Files"
        links={[
          { href: '/', label: 'This week' },
          { href: '/files', label: 'Files', current: true },
        ]}
      />
      <main
        id="content"
        tabIndex={-1}
        className="outline-none mx-auto grid max-w-5xl grid-cols-[minmax(0,1fr)] gap-8 p-6 [overflow-wrap:anywhere]"
      >
        <section>
          <h1 className="text-[29px]">Trees of this gym</h1>
          {failed && failed.what !== NOT_IMPORTED && <Failed {...failed} />}
          <ul>
            {rows.map((row) => (
              <TreeRow
                key={row.treeId}
                row={row}
                onCopy={() => void copy(row)}
                onRename={(name) => void rename(row, name)}
                onDelete={() => void remove(row)}
              />
            ))}
          </ul>
          {rows.length === 0 && <p>No tree yet.</p>}
          {deleted.length > 0 && (
            <details className="mt-2 border-t border-hair">
              <summary className="min-h-9 py-1.5 font-figure text-[15px]">Deleted: {deleted.length}</summary>
              <ul>
                {deleted.map(({ treeId, name }) => (
                  <li key={treeId} className="flex flex-wrap items-baseline gap-x-6">
                    <span className="min-w-0 flex-1 break-words">{name}</span>
                    <button type="button" className="min-h-9 font-figure text-[15px] underline" onClick={() => void bringBack(treeId)}>
                      Bring it back
                    </button>
                  </li>
                ))}
              </ul>
            </details>
          )}
          <h2 className="mt-6 text-[19px]">Begin another</h2>
          <NewTree />
        </section>
        <section className="border-t-2 border-ink pt-4">
          <h2 className="text-[24px]">Import a tree file</h2>
          <p>
            A tree file is plain JSON with everything in the tree, or a zip with one and its pictures; a colleague can send one. It is
            checked whole first: either all of it is taken in, or nothing.
          </p>
          <label className="mt-2 flex min-h-9 items-center gap-2">
            <input type="checkbox" checked={replace} onChange={(event) => setReplace(event.target.checked)} />
            If a tree with the same id is here, make the file its next revision (otherwise it becomes a tree of its own)
          </label>
          <label className="mt-2 grid gap-1">
            <span className="font-figure text-[15px] font-medium">Tree file</span>
            <input
              ref={input}
              type="file"
              accept=".json,.zip,application/json,application/zip"
              disabled={busy}
              className="min-h-9"
              onChange={(event) => void takeIn(event.target.files?.[0])}
            />
          </label>
          {busy && <p role="status">Reading the file …</p>}
          {failed?.what === NOT_IMPORTED && <Failed {...failed} />}
          {taken && (
            <div role="status" className="mt-3 border-l-[3px] border-red pl-3 break-words">
              <p className="font-semibold">The tree was taken in.</p>
              {taken.notes.map((note) => (
                <p key={note}>{note}</p>
              ))}
              <button type="button" className={`${buttonClass} mt-2`} onClick={() => open(taken.treeId)}>
                Open it
              </button>
            </div>
          )}
        </section>
      </main>
    </div>
  );
}
