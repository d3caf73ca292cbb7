import { connect } from '@/server/db/client';
import { localContext } from '@/server/services/context';
import { createDocument } from '@/server/services/documents';
import { claimDemo } from '@/server/services/demo';
import { storeTree } from '@/server/services/trees';
import { upgradeGym } from '@/server/services/upgrade';
import { demoPlan } from '../../demo/demoPlan';
import { demoTree } from '../../demo/demoTree';

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
    await createDocument(context, 'class', { id: treeId, name: 'Next class', tree: treeId, ...demoPlan(tree) }, null);
    return 0;
  } finally {
    await db.end({ timeout: 5 });
  }
}
