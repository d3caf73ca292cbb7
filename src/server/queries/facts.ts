import type { Db } from '../db/client';

/** Something that happened: written once, under an id that the window made. */
export interface Fact {
  readonly id: string;
  readonly body: object;
}

/** Writes facts; one that is there already is left as it is. How many were new. */
export async function insertFacts(db: Db, gymId: string, kind: string, facts: readonly Fact[], madeBy: string | null): Promise<number> {
  if (facts.length === 0) return 0;
  const rows = facts.map(({ id, body }) => ({ gym_id: gymId, kind, fact_id: id, body: db.json(body as never), made_by: madeBy }));
  return (await db`insert into facts ${db(rows as never)} on conflict (gym_id, kind, fact_id) do nothing returning fact_id`).length;
}
export const manyFacts = (db: Db, gymId: string, kind: string) => db<{ id: string; body: object; madeBy: string | null; madeAt: Date }[]>`
  select fact_id as id, body, made_by, made_at from facts where gym_id = ${gymId} and kind = ${kind} order by made_at, fact_id`;
