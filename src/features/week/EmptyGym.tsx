'use client';
import { NewTree } from '@/client/NewTree';
import { AppStrip } from '@/ui/AppStrip';
import { PageLink } from '@/ui/PageLink';

/** The first page of a gym without a tree. */
export function EmptyGym({ hasDeleted }: { readonly hasDeleted: boolean }) {
  return (
    <div className="min-h-dvh">
      <AppStrip
        title="Your gym"
        links={[
          { href: '/', label: 'This week', current: true },
          { href: '/files', label: 'Files' },
        ]}
      />
      <main id="content" tabIndex={-1} className="mx-auto max-w-3xl p-6 outline-none">
        <h1 className="text-[29px]">Your first tree</h1>
        <p>
          Begin with one guard that you meet often: what he shows there, what you answer, where that gets you. Type it on the board as you
          would say it; what has no answer yet will stand on this page.
        </p>
        <NewTree />
        <p className="mt-5">
          {hasDeleted ? 'A tree that was deleted can be brought back, and a tree file imported, under ' : 'A tree file is imported under '}
          <PageLink href="/files" className="underline">
            Files
          </PageLink>
          .
        </p>
      </main>
    </div>
  );
}
