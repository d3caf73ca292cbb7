import type { Db } from '../db/client';

export interface GymRow {
  readonly gymId: string;
  readonly name: string;
  readonly demoLoadedAt: Date | null;
}

export async function maybeOneGym(db: Db): Promise<GymRow | null> {
  const [row] = await db<GymRow[]>`select gym_id, name, demo_loaded_at from gyms order by created_at, gym_id limit 1`;
  return row ?? null;
}
export async function insertGym(db: Db, name: string): Promise<GymRow> {
  const [row] = await db<GymRow[]>`insert into gyms (name) values (${name}) returning gym_id, name, demo_loaded_at`;
  return row!;
}
/** True for the one caller that marked the demo as loaded. */
export async function markDemoLoaded(db: Db, gymId: string): Promise<boolean> {
  const rows = await db`update gyms set demo_loaded_at = now() where gym_id = ${gymId} and demo_loaded_at is null returning gym_id`;
  return rows.length === 1;
}
