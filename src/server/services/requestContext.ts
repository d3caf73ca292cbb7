import { headers } from 'next/headers';
import { connection } from 'next/server';
import { whoFrom } from '@/contracts/whoName';
import { getDb } from '../db/client';
import { getHomeGym } from '../queries/gyms';
import type { Context } from './context';

declare global {
  // The gym that this machine serves: made once, never another one.
  var redLadderHome: Promise<string> | undefined;
}

/** The context of the request that is being answered. */
export async function requestContext(): Promise<Context> {
  await connection();
  const db = getDb();
  const home = (globalThis.redLadderHome ??= getHomeGym(db).then((gym) => gym.gymId));
  // A database that does not answer now may do so the next time.
  home.catch(() => (globalThis.redLadderHome = undefined));
  return { db, gymId: await home, member: whoFrom((await headers()).get('cookie')) };
}
