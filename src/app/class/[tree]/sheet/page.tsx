import type { Metadata } from 'next';
import Link from 'next/link';
import { notFound } from 'next/navigation';
import { PrintButton } from '@/features/class/PrintButton';
import { PrintSheet } from '@/features/class/PrintSheet';
import { findSheet } from '@/server/services/classSheets';
import { getWorkplace } from '@/server/services/workplace';

export const metadata: Metadata = { title: 'Class sheet' };

export default async function SheetPage({ params }: { params: Promise<{ tree: string }> }) {
  const { db, gymId } = await getWorkplace();
  const treeId = decodeURIComponent((await params).tree);
  const sheet = await findSheet(db, gymId, treeId);
  if (!sheet) notFound();
  const id = encodeURIComponent(treeId);
  return (
    <main className="p-4 print:p-0">
      <nav aria-label="Sheet" className="mx-auto mb-4 flex w-[190mm] items-center gap-4 font-figure text-[15px] print:hidden">
        <Link href={`/class/${id}`} className="underline">
          Back to the class
        </Link>
        <PrintButton />
        <a href={`/api/trees/${id}/sheet`} className="underline">
          Save as PDF
        </a>
      </nav>
      <PrintSheet sheet={sheet} />
    </main>
  );
}
