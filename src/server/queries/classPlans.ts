import { z } from 'zod';
import { classPlanSchema, type ClassPlan } from '@/contracts/classPlan';
import type { Db } from '../db/client';

const row = z.object({ plan: classPlanSchema, revision: z.number() });
export interface StoredPlan {
  readonly plan: ClassPlan;
  readonly revision: number;
}

export async function maybeOnePlan(db: Db, gymId: string, treeId: string): Promise<StoredPlan | null> {
  const [found] = await db`select plan, revision from class_plans where gym_id = ${gymId} and tree_id = ${treeId}`;
  return found ? row.parse(found) : null;
}

/** The new revision, or null if the stored plan is no longer at `baseRevision` (0 = none stored yet). */
export async function putPlan(db: Db, gymId: string, treeId: string, plan: ClassPlan, baseRevision: number): Promise<number | null> {
  const body = db.json(plan as never);
  const rows =
    baseRevision === 0
      ? await db`insert into class_plans (gym_id, tree_id, plan) values (${gymId}, ${treeId}, ${body}) on conflict (gym_id, tree_id) do nothing returning revision`
      : await db`update class_plans set plan = ${body}, revision = revision + 1, updated_at = now()
          where gym_id = ${gymId} and tree_id = ${treeId} and revision = ${baseRevision} returning revision`;
  return (rows[0]?.revision as number | undefined) ?? null;
}
