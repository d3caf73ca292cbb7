import type { Metadata } from 'next';
import { FilesScreen } from '@/features/files/FilesScreen';
import { findTrees } from '@/server/services/trees';
import { getWorkplace } from '@/server/services/workplace';

export const metadata: Metadata = { title: 'Files' };

export default async function FilesPage() {
  const { db, gymId } = await getWorkplace();
  const trees = await findTrees(db, gymId);
  return (
    <FilesScreen
      rows={trees.map(({ updatedAt, ...tree }) => ({ ...tree, updated: updatedAt.toISOString().slice(0, 16).replace('T', ' ') }))}
    />
  );
}
