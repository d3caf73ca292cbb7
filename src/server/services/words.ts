import { emptyWords, WORDS_ID, type GymsWords } from '@/core/catalogue';
import { inTransaction } from '../db/client';
import type { AnyDocument } from '@/documents';
import type { Context } from './context';
import { findDocument } from './store';
import { insertNew } from './writing';

/** The gym's words for the catalogue; an empty document is made for a gym that has said nothing yet. */
export async function getWords(context: Context): Promise<{ readonly document: GymsWords; readonly revision: number }> {
  const find = async () => {
    const found = await findDocument(context, 'catalogueWords', WORDS_ID);
    return found && { document: found.document as unknown as GymsWords, revision: found.revision };
  };
  const known = await find();
  if (known) return known;
  await inTransaction(context.db, (tx) => insertNew(tx, context, 'catalogueWords', emptyWords() as unknown as AnyDocument, null));
  return (await find())!;
}
