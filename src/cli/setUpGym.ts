import type { TreeDocument } from '@/core/tree';
import { connect } from '@/server/db/client';
import { localContext, type Context } from '@/server/services/context';
import { createDocument } from '@/server/services/documents';
import { claimDemo } from '@/server/services/demo';
import { addHeld } from '@/server/services/classes/held';
import { findDocument, saveEdits } from '@/server/services/store';
import { storeTree } from '@/server/services/trees';
import { upgradeGym } from '@/server/services/upgrade';
import { editBetween } from '@/server/services/writing';
import { demoPlan } from '../../demo/demoPlan';
import { demoAthletes, demoGroups, demoHeld } from '../../demo/demoPeople';
import { demoTree } from '../../demo/demoTree';
import { today } from '@/server/today';

/** Athletes, groups, and the classes of the last weeks. Those who came with the tree get what only the gym knows of them. */
async function addDemoPeople(context: Context, tree: TreeDocument, today: string): Promise<void> {
  for (const athlete of demoAthletes(today)) {
    const known = await findDocument(context, 'athlete', athlete.id);
    if (!known) await createDocument(context, 'athlete', athlete, null);
    else {
      const edit = editBetween('athlete', known.document, { ...known.document, ...athlete }, 'age, size, level');
      await saveEdits(context, 'athlete', athlete.id, { baseRevision: known.revision, edits: [edit] });
    }
  }
  for (const group of demoGroups()) await createDocument(context, 'group', group, null);
  for (const held of demoHeld(tree, today)) await addHeld(context, tree.id, held);
}

/** Makes the gym, brings what it has to the present form and, unless told otherwise, loads the demo tree and its next class once. */
export async function main(args: readonly string[]): Promise<number> {
  const db = connect(process.env.DATABASE_URL ?? '', 1);
  try {
    const context = await localContext(db, null);
    await upgradeGym(context);
    const isEmpty = args.includes('--empty');
    const claim = await claimDemo(context, isEmpty);
    if (isEmpty && claim === 'there')
      console.log(
        'red-ladder: this data folder already holds the demo gym; --empty leaves it as it is. For an empty start set RED_LADDER_DATA to a new folder.',
      );
    if (claim !== 'mine') return 0;
    const tree = demoTree();
    const { treeId } = await storeTree(context, tree);
    await addDemoPeople(context, tree, today());
    await createDocument(context, 'class', { id: treeId, name: 'Next class', tree: treeId, ...demoPlan() }, null);
    return 0;
  } finally {
    await db.end({ timeout: 5 });
  }
}
