import { getHomeGym, markDemoLoaded } from '../queries/gyms';
import type { Context } from './context';

/** Who may load the demo: `mine` for one caller, once; `there` = it was loaded; `unwanted` = nobody asked for it. */
export async function claimDemo({ db, gymId }: Context, isUnwanted: boolean): Promise<'mine' | 'there' | 'unwanted'> {
  if (isUnwanted) return (await getHomeGym(db)).demoLoadedAt ? 'there' : 'unwanted';
  return (await markDemoLoaded(db, gymId)) ? 'mine' : 'there';
}
