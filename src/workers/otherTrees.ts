import { idToAddress } from '@/contracts/address';
import { linksElsewhere } from '@/core/odds';
import { treeInGym, type GymBook } from '@/core/people';
import { checkTree, type TreeDocument } from '@/core/tree';

/** How long a tree that was read for what goes on in it counts as the gym's, in milliseconds. */
const FRESH_MS = 60_000;

/** The window's questions wait for it: no longer than this, in milliseconds. */
const PATIENCE_MS = 20_000;

/** A tree of the gym as it is stored; null = it is not there, or the server does not answer. */
export async function fetchTree(id: string, at?: number): Promise<{ readonly document: TreeDocument; readonly revision: number } | null> {
  const response = await fetch(`/api/documents/tree/${idToAddress(id)}${at === undefined ? '' : `?at=${at}`}`, {
    signal: AbortSignal.timeout(PATIENCE_MS),
  }).catch(() => null);
  if (!response?.ok) return null;
  const read = (await response.json()) as { document: TreeDocument; revision: number };
  return checkTree(read.document).ok ? read : null;
}

/** The other trees of the gym in which one goes on, read when they are asked for and kept for a minute. */
export class OtherTrees {
  private readonly known = new Map<string, { readonly tree: TreeDocument | null; readonly until: number }>();
  private book: GymBook | null = null;

  async of(tree: TreeDocument, book: GymBook): Promise<ReadonlyMap<string, TreeDocument>> {
    if (this.book !== book) this.known.clear();
    this.book = book;
    const found = new Map<string, TreeDocument>();
    for (const id of new Set(linksElsewhere(tree).map((link) => link.tree))) {
      const other = await this.read(id, book);
      if (other) found.set(id, other);
    }
    return found;
  }
  private async read(id: string, book: GymBook): Promise<TreeDocument | null> {
    const known = this.known.get(id);
    if (known && known.until > performance.now()) return known.tree;
    const read = await fetchTree(id);
    const tree = read && treeInGym(read.document, book);
    this.known.set(id, { tree, until: performance.now() + FRESH_MS });
    return tree;
  }
}
