import type { HeldClass } from '@/core/classes';
import { insertFacts, manyFacts } from '../../queries/facts';
import type { Context } from '../context';

const KIND = 'classHeld';

/** Writes down a class that was held; the same one twice is written once. */
export async function addHeld(context: Context, treeId: string, { id, ...said }: Omit<HeldClass, 'tree'>): Promise<void> {
  await insertFacts(context.db, context.gymId, KIND, [{ id, body: { ...said, tree: treeId } }], context.member);
}

/** The classes held of a tree, as they were written down. */
export async function findHeld(context: Context, treeId: string): Promise<HeldClass[]> {
  const facts = await manyFacts(context.db, context.gymId, KIND);
  return facts.map(({ id, body }) => ({ id, ...(body as Omit<HeldClass, 'id'>) })).filter(({ tree }) => tree === treeId);
}
