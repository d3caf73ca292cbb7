import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { openTree, type SearchedTreePage } from '@/app/openTree';
import { idToAddress } from '@/contracts/address';
import { FeederCards } from '@/features/class/FeederCards';
import { findCards } from '@/server/services/classes/classes';
import { PageLink } from '@/ui/PageLink';
import { PrintButton } from '@/ui/PrintButton';

export const metadata: Metadata = { title: 'Feeder cards' };

export default async function CardsPage({ params, searchParams }: SearchedTreePage) {
  const { context, tree } = await openTree(params);
  const { class: asked } = await searchParams;
  const named = typeof asked === 'string' ? asked : null;
  const cards = await findCards(context, tree.id, named);
  if (!cards) notFound();
  const query = named === null ? '' : `?class=${encodeURIComponent(named)}`;
  return (
    <main className="p-4 print:p-0">
      <nav aria-label="Cards" className="mx-auto mb-4 flex w-[190mm] max-w-full items-center gap-4 font-figure text-[15px] print:hidden">
        <PageLink href={`/class/${idToAddress(tree.id)}${query}`} className="underline">
          Back to the class
        </PageLink>
        <PrintButton />
        <a href={`/api/trees/${idToAddress(tree.id)}/cards${query}`} className="underline">
          Save as PDF
        </a>
      </nav>
      <FeederCards cards={cards} />
    </main>
  );
}
