import type { Db } from '../db/client';

export interface GymRow {
  readonly gymId: string;
  readonly name: string;
  readonly demoLoadedAt: Date | null;
}

/** The gym that this machine serves, made at first use by whoever comes first. */
export async function getHomeGym(db: Db): Promise<GymRow> {
  const find = () => db<GymRow[]>`select gym_id, name, demo_loaded_at from gyms where is_home`;
  const [known] = await find();
  if (known) return known;
  await db`insert into gyms (name, is_home) values ('My gym', true) on conflict do nothing`;
  const [made] = await find();
  return made!;
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
