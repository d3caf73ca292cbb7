import type { Metadata } from 'next';
import { FilesScreen } from '@/features/files/FilesScreen';
import { requestContext } from '@/server/services/requestContext';
import { findSummaries } from '@/server/services/store';

export const metadata: Metadata = { title: 'Files' };

export default async function FilesPage() {
  const context = await requestContext();
  const [trees, deleted] = [await findSummaries(context, 'tree'), await findSummaries(context, 'tree', { deleted: true })];
  const rows = trees.map(({ id, name, revision, rows: positions, updatedAt }) => ({
    treeId: id,
    name,
    revision,
    positions,
    updated: updatedAt.toISOString(),
  }));
  return <FilesScreen rows={rows} deleted={deleted.map(({ id, name }) => ({ treeId: id, name }))} />;
}
