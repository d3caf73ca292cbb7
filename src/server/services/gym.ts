import type { Db } from '../db/client';
import { insertGym, markDemoLoaded, maybeOneGym, type GymRow } from '../queries/gyms';

/** The machine's one gym, made at first use. */
export async function getGym(db: Db): Promise<GymRow> {
  return (await maybeOneGym(db)) ?? insertGym(db, 'My gym');
}

/** True for the one caller who may load the demo; false ever after. */
export const claimDemo = (db: Db, gymId: string): Promise<boolean> => markDemoLoaded(db, gymId);
