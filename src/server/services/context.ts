import type { Db } from '../db/client';
import { getHomeGym } from '../queries/gyms';

/** In which gym, and in whose name, a service works: the first argument of each. */
export interface Context {
  readonly db: Db;
  readonly gymId: string;
  /** As the browser calls its user; null = it does not say. There is no sign-in yet. */
  readonly member: string | null;
}

/** The context of a program that runs on the machine itself. */
export const localContext = async (db: Db, member: string | null): Promise<Context> => ({
  db,
  gymId: (await getHomeGym(db)).gymId,
  member,
});
