'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { restoreDocument } from '@/client/documents';
import { WHO_COOKIE } from '@/contracts/whoName';
import { AppStrip } from '@/ui/AppStrip';
import { screenLinks } from '@/client/screenLinks';
import { LocalTime } from '@/ui/LocalTime';
import { TextLine } from '@/ui/TextLine';
import { LongList } from '@/ui/LongList';

interface Change {
  readonly revision: number;
  readonly label: string;
  readonly madeAt: string;
  readonly madeBy: string | null;
}
interface Props {
  readonly tree: { readonly id: string; readonly name: string };
  readonly revision: number;
  /** What this browser calls itself in the log. */
  readonly who: string | null;
  /** Latest first. */
  readonly changes: readonly Change[];
}

/** Everything that was changed in the tree, and the way back to any of it. */
export function HistoryScreen({ tree, revision, who, changes }: Props) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const goBack = async (to: number) => {
    setBusy(true);
    setProblem(null);
    const answer = await restoreDocument('tree', tree.id, to, revision);
    if (!answer.ok) setProblem(answer.status === 0 ? `${answer.problems.join(' ')} Nothing was changed.` : answer.problems.join(' '));
    setBusy(false);
    router.refresh();
  };
  const callMe = (name: string) => {
    const age = name === '' ? 0 : 60 * 60 * 24 * 365;
    document.cookie = `${WHO_COOKIE}=${encodeURIComponent(name)}; path=/; max-age=${age}; samesite=strict`;
    router.refresh();
  };
  const row = (to: number, label: string, madeAt: string | null, madeBy: string | null) => (
    <div className="flex flex-wrap items-baseline gap-x-6 border-t border-hair py-1">
      <span className="w-36 font-figure text-[15px] text-soft">{madeAt !== null && <LocalTime iso={madeAt} />}</span>
      <span className="w-28 font-figure text-[15px] text-soft">{madeBy ?? ''}</span>
      <span className="min-w-52 flex-1 break-words">{label}</span>
      {to === revision ? (
        <span className="min-h-9 py-1.5 font-figure text-[15px] font-medium">as it is now</span>
      ) : (
        <button type="button" disabled={busy} className="min-h-9 font-figure text-[15px] underline" onClick={() => void goBack(to)}>
          Go back to here
        </button>
      )}
    </div>
  );
  return (
    <div className="min-h-dvh">
      <AppStrip title={tree.name} links={screenLinks(tree.id, 'Log')} />
      <main id="content" tabIndex={-1} className="outline-none mx-auto max-w-4xl p-6">
        <h1 className="text-[29px]">Log of changes</h1>
        <p className="text-soft">Going back is a change like any other: it is added to the log, and nothing after it is lost.</p>
        <div className="mt-2 max-w-60">
          <TextLine label="What you are called in the log" value={who ?? ''} hint="Kim" maxLength={80} onChange={callMe} />
        </div>
        {problem && (
          <p role="alert" className="my-2 border-l-[3px] border-red pl-3">
            {problem}
          </p>
        )}
        <LongList
          className="mt-3"
          about={45}
          rows={[
            ...changes.map((change) => ({
              key: String(change.revision),
              drawn: () => row(change.revision, change.label, change.madeAt, change.madeBy),
            })),
            { key: '1', drawn: () => row(1, 'the beginning', null, null) },
          ]}
        />
      </main>
    </div>
  );
}
