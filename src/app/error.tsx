'use client';
import { buttonClass } from '@/ui/Field';

/** What a coach sees when something fails that should not: what to do, without technical words. */
export default function ErrorPage({ reset }: { error: Error; reset: () => void }) {
  return (
    <main className="p-8">
      <h1 className="text-[29px]">This screen could not be shown</h1>
      <p className="mb-3">
        Everything that was stored is still stored. The database may be busy or stopped; the terminal where Red Ladder was started says
        more.
      </p>
      <button type="button" className={buttonClass} onClick={reset}>
        Try again
      </button>
    </main>
  );
}
