import { connection } from 'next/server';
import { getDb, type Db } from '../db/client';
import { getGym } from './gym';

export interface Workplace {
  readonly db: Db;
  readonly gymId: string;
}

/** The database and gym that a request works in. */
export async function getWorkplace(): Promise<Workplace> {
  await connection();
  const db = getDb();
  return { db, gymId: (await getGym(db)).gymId };
}
