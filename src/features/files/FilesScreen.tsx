'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import type { Refusal } from '@/contracts/changes';
import type { Owner } from '@/core/tree';
import { AppStrip } from '@/ui/AppStrip';
import { buttonClass } from '@/ui/Field';
import { plural } from '@/ui/figures';

export interface FileRow {
  readonly treeId: string;
  readonly name: string;
  readonly revision: number;
  readonly positions: number;
  readonly updated: string;
}
type Outcome = { readonly treeId: string } | Refusal;

async function send(file: File, replace: boolean): Promise<Outcome> {
  try {
    const response = await fetch(`/api/trees${replace ? '?mode=replace' : ''}`, { method: 'POST', body: file });
    return (await response.json()) as Outcome;
  } catch {
    return { problems: ['The server does not answer. Nothing was stored.'] };
  }
}

/** Trees of this gym: open, take along as a file, take in from a file. */
export function FilesScreen({ rows }: { rows: readonly FileRow[] }) {
  const router = useRouter();
  const input = useRef<HTMLInputElement>(null);
  const [replace, setReplace] = useState(false);
  const [busy, setBusy] = useState(false);
  const [problems, setProblems] = useState<readonly string[]>([]);

  const takeIn = async (file: File | undefined) => {
    if (!file) return;
    setBusy(true);
    setProblems([]);
    const outcome = await send(file, replace);
    setBusy(false);
    if (input.current) input.current.value = '';
    if ('problems' in outcome) setProblems(outcome.problems);
    else router.push(`/board/${encodeURIComponent(outcome.treeId)}`);
  };
  const copy = async ({ treeId, name }: FileRow) => {
    const response = await fetch(`/api/trees/${encodeURIComponent(treeId)}/copy`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name: `${name}, copy`.slice(0, 160) }),
    }).catch(() => null);
    const outcome = (await response?.json().catch(() => null)) as Outcome | null;
    if (!outcome || 'problems' in outcome) setProblems(outcome?.problems ?? ['The server does not answer. Nothing was copied.']);
    else router.refresh();
  };
  const makeEmpty = async (owner: Owner) => {
    const response = await fetch('/api/trees/empty', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ owner }),
    }).catch(() => null);
    const outcome = (await response?.json().catch(() => null)) as Outcome | null;
    if (!outcome || 'problems' in outcome) setProblems(outcome?.problems ?? ['The server does not answer. Nothing was stored.']);
    else router.push(`/board/${encodeURIComponent(outcome.treeId)}`);
  };

  return (
    <div className="min-h-dvh">
      <AppStrip
        title="Files"
        links={[
          { href: '/', label: 'Board' },
          { href: '/files', label: 'Files', current: true },
        ]}
      />
      <main className="mx-auto grid max-w-5xl gap-8 p-6">
        <section>
          <h1 className="text-[29px]">Trees of this gym</h1>
          <ul>
            {rows.map((row) => (
              <li key={row.treeId} className="flex flex-wrap items-center gap-x-6 border-t border-hair py-1">
                <Link
                  href={`/board/${encodeURIComponent(row.treeId)}`}
                  className="min-h-9 min-w-52 flex-1 py-1.5 font-figure text-[17px] font-medium hover:underline"
                >
                  {row.name}
                </Link>
                <span className="text-soft">{plural(row.positions, 'position')}</span>
                <span className="text-soft">
                  changed {row.updated}, revision {row.revision}
                </span>
                <Link href={`/history/${encodeURIComponent(row.treeId)}`} className="min-h-9 py-1.5 font-figure text-[15px] underline">
                  Log
                </Link>
                <Link href={`/rules/${encodeURIComponent(row.treeId)}`} className="min-h-9 py-1.5 font-figure text-[15px] underline">
                  Rules and people
                </Link>
                <Link href={`/compare/${encodeURIComponent(row.treeId)}`} className="min-h-9 py-1.5 font-figure text-[15px] underline">
                  Compare
                </Link>
                <button type="button" className="min-h-9 font-figure text-[15px] underline" onClick={() => void copy(row)}>
                  Copy for a group
                </button>
                <a
                  href={`/api/trees/${encodeURIComponent(row.treeId)}/file`}
                  download
                  className="min-h-9 py-1.5 font-figure text-[15px] underline"
                >
                  Save as a file
                </a>
              </li>
            ))}
          </ul>
          {rows.length === 0 && <p>No tree yet.</p>}
          <div className="mt-3 flex flex-wrap gap-4">
            <button type="button" className={buttonClass} onClick={() => void makeEmpty('passer')}>
              Begin an empty tree
            </button>
            <button type="button" className={buttonClass} onClick={() => void makeEmpty('guardPlayer')}>
              Begin one for the guard player
            </button>
          </div>
        </section>
        <section className="border-t-2 border-ink pt-4">
          <h2 className="text-[24px]">Take in a tree file</h2>
          <p>
            A tree file is plain JSON with everything in the tree; a colleague can send one. It is checked whole first: either all of it is
            taken in, or nothing.
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
              accept=".json,application/json"
              disabled={busy}
              className="min-h-9"
              onChange={(event) => void takeIn(event.target.files?.[0])}
            />
          </label>
          {busy && <p role="status">Reading the file …</p>}
          {problems.length > 0 && (
            <div role="alert" className="mt-3 border-l-[3px] border-red pl-3">
              <p className="font-semibold">This file was not taken in.</p>
              <ul>
                {problems.map((problem, i) => (
                  <li key={i}>{problem}</li>
                ))}
              </ul>
            </div>
          )}
        </section>
      </main>
    </div>
  );
}
