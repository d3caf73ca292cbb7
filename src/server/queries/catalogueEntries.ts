import { gymEntrySchema } from '@/contracts/gymEntry';
import type { GymEntry } from '@/core/catalogue';
import type { Db } from '../db/client';

export async function manyGymEntries(db: Db, gymId: string): Promise<GymEntry[]> {
  const rows = await db`select body from catalogue_entries where gym_id = ${gymId} order by kind, entry_id`;
  return rows.map((row) => gymEntrySchema.parse(row.body) as GymEntry);
}

export async function putGymEntry(db: Db, gymId: string, entry: GymEntry): Promise<void> {
  await db`insert into catalogue_entries (gym_id, kind, entry_id, body) values (${gymId}, ${entry.kind}, ${entry.id}, ${db.json(entry as never)})
    on conflict (gym_id, kind, entry_id) do update set body = excluded.body, updated_at = now()`;
}

export async function deleteGymEntry(db: Db, gymId: string, { kind, id }: Pick<GymEntry, 'kind' | 'id'>): Promise<void> {
  await db`delete from catalogue_entries where gym_id = ${gymId} and kind = ${kind} and entry_id = ${id}`;
}
