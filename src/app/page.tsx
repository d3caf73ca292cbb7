import type { Metadata } from 'next';
import { EmptyGym } from '@/features/week/EmptyGym';
import { WeekScreen } from '@/features/week/WeekScreen';
import { requestContext } from '@/server/services/requestContext';
import { findSummaries } from '@/server/services/store';
import { findWeek } from '@/server/services/week';
import { today } from '@/server/today';

export const metadata: Metadata = { title: 'This week' };

/** The first page: what the tree last worked on asks for. */
export default async function HomePage() {
  const context = await requestContext();
  const week = await findWeek(context, today());
  if (!week) return <EmptyGym hasDeleted={(await findSummaries(context, 'tree', { deleted: true })).length > 0} />;
  const { tree, others, changes, classes, book, stale } = week;
  return (
    <WeekScreen
      key={tree.id}
      treeId={tree.id}
      name={tree.name}
      revision={tree.revision}
      others={others.map(({ id, name }) => ({ treeId: id, name }))}
      changes={changes.map((change) => ({ ...change, madeAt: change.madeAt.toISOString() }))}
      classes={classes.map(({ id, name, date, slotMinutes, units }) => ({ id, name, date, minutes: slotMinutes, units: units.length }))}
      book={book}
      stale={stale}
    />
  );
}
