import type { Metadata } from 'next';
import { PageLink } from '@/ui/PageLink';
import { notFound } from 'next/navigation';
import { openTree, type SearchedTreePage } from '@/app/openTree';
import { idToAddress } from '@/contracts/address';
import { PrintButton } from '@/ui/PrintButton';
import { PrintSheet } from '@/features/class/PrintSheet';
import { findSheet } from '@/server/services/classes/classes';

export const metadata: Metadata = { title: 'Class sheet' };

export default async function SheetPage({ params, searchParams }: SearchedTreePage) {
  const { context, tree } = await openTree(params);
  const { class: asked } = await searchParams;
  const named = typeof asked === 'string' ? asked : null;
  const sheet = await findSheet(context, tree.id, named);
  if (!sheet) notFound();
  const id = idToAddress(tree.id);
  const query = named === null ? '' : `?class=${encodeURIComponent(named)}`;
  return (
    <main className="p-4 print:p-0">
      <nav aria-label="Sheet" className="mx-auto mb-4 flex w-[190mm] max-w-full items-center gap-4 font-figure text-[15px] print:hidden">
        <PageLink href={`/class/${id}${query}`} className="underline">
          Back to the class
        </PageLink>
        <PrintButton />
        <a href={`/api/trees/${id}/sheet${query}`} className="underline">
          Save as PDF
        </a>
        <a href={`/api/trees/${id}/classPocket${query}`} className="underline">
          Pocket page
        </a>
      </nav>
      {/* A page is as wide as paper, also on a phone. */}
      <div role="region" aria-label="The sheet" tabIndex={0} className="overflow-x-auto print:overflow-visible">
        <PrintSheet sheet={sheet} />
      </div>
    </main>
  );
}
