import { useEffect, useState } from 'react';
import type { Catalogue } from '@/core/catalogue';
import type { Owner } from '@/core/tree';
import { readOwnWords } from './ownWords';

/** The catalogue as this gym sees it, fetched from this server when it is first wanted (a caret opens); null until then. */
export function useCatalogue(wanted: boolean, owner: Owner): Catalogue | null {
  const [catalogue, setCatalogue] = useState<Catalogue | null>(null);
  useEffect(() => {
    if (!wanted) return;
    let current = true;
    void (async () => {
      const [{ catalogueFor, entriesOf, getCatalogue, withGymEntries }, own] = await Promise.all([
        import('@/core/catalogue'),
        readOwnWords(),
      ]);
      const entries = own ? entriesOf(own) : [];
      if (current) setCatalogue(catalogueFor(withGymEntries(getCatalogue(), entries).catalogue, owner));
    })();
    return () => {
      current = false;
    };
  }, [wanted, owner]);
  return catalogue;
}
