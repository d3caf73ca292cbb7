import { notFound } from 'next/navigation';
import { idFromAddress } from '@/contracts/address';
import type { Context } from '@/server/services/context';
import { requestContext } from '@/server/services/requestContext';
import { findTree, type StoredTree } from '@/server/services/trees';

export interface TreePage {
  readonly params: Promise<{ tree: string }>;
}
export interface SearchedTreePage extends TreePage {
  readonly searchParams: Promise<Record<string, string | string[] | undefined>>;
}

/** The tree that an address names, or the page that says there is nothing. */
export async function openTree(params: TreePage['params']): Promise<StoredTree & { readonly context: Context }> {
  const id = idFromAddress((await params).tree);
  const context = await requestContext();
  const stored = id === null ? null : await findTree(context, id);
  if (!stored) notFound();
  return { context, ...stored };
}
