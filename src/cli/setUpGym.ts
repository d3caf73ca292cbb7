import { connect } from '@/server/db/client';
import { savePlan } from '@/server/services/classPlans';
import { claimDemo, getGym } from '@/server/services/gym';
import { createTree } from '@/server/services/trees';
import { demoPlan } from '../../demo/demoPlan';
import { demoTree } from '../../demo/demoTree';

/** Makes the gym and, unless told otherwise, loads the demo tree and its next class once. */
export async function main(args: readonly string[]): Promise<number> {
  const db = connect(process.env.DATABASE_URL ?? '', 1);
  try {
    const gym = await getGym(db);
    if (args.includes('--empty')) {
      if (gym.demoLoadedAt)
        console.log(
          'red-ladder: this data folder already holds the demo gym; --empty leaves it as it is. For an empty start set RED_LADDER_DATA to a new folder.',
        );
      return 0;
    }
    if (await claimDemo(db, gym.gymId)) {
      const tree = demoTree();
      await createTree(db, gym.gymId, tree);
      await savePlan(db, gym.gymId, tree.id, demoPlan(tree), 0);
    }
    return 0;
  } finally {
    await db.end({ timeout: 5 });
  }
}
