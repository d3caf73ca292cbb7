import type { Metadata } from 'next';
import { openTree, type SearchedTreePage } from '@/app/openTree';
import { ClassScreen } from '@/features/class/ClassScreen';
import { getClasses } from '@/server/services/classes/classes';
import { findHeld } from '@/server/services/classes/held';
import { NotHere } from '@/ui/NotHere';
import { saidOfId } from '@/app/notHere';
import { findBook } from '@/server/services/trees';
import { today } from '@/server/today';

export const metadata: Metadata = { title: 'Class' };

export default async function ClassPage({ params, searchParams }: SearchedTreePage) {
  const { context, tree } = await openTree(params);
  const classes = await getClasses(context, tree);
  const { class: asked } = await searchParams;
  const shown = classes.find(({ plan }) => plan.id === asked) ?? classes[0]!;
  const missing = saidOfId(
    'class',
    typeof asked === 'string' ? asked : null,
    classes.map(({ plan }) => plan.id),
  );
  return (
    <>
      <NotHere said={missing} />
      <ClassScreen
        key={shown.plan.id}
        tree={tree}
        book={await findBook(context, tree.id)}
        plan={shown.plan}
        revision={shown.revision}
        held={await findHeld(context, tree.id)}
        today={today()}
        classes={classes.map(({ plan }) => ({ id: plan.id, name: plan.name }))}
      />
    </>
  );
}
