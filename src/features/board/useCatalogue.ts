import { useEffect, useState } from 'react';
import type { Catalogue, GymEntry } from '@/core/catalogue';
import type { Owner } from '@/core/tree';

/** The catalogue as this gym sees it, fetched from this server when it is first wanted (a caret opens); null until then. */
export function useCatalogue(wanted: boolean, owner: Owner): Catalogue | null {
  const [catalogue, setCatalogue] = useState<Catalogue | null>(null);
  useEffect(() => {
    if (!wanted) return;
    let current = true;
    void (async () => {
      const [{ catalogueFor, getCatalogue, withGymEntries }, own] = await Promise.all([
        import('@/core/catalogue'),
        // Without the gym's own entries the shipped ones still serve.
        fetch('/api/catalogue').then((response) => response.json() as Promise<{ entries?: GymEntry[] }>).catch(() => ({ entries: [] })), // prettier-ignore
      ]);
      if (current) setCatalogue(catalogueFor(withGymEntries(getCatalogue(), own.entries ?? []).catalogue, owner));
    })();
    return () => {
      current = false;
    };
  }, [wanted, owner]);
  return catalogue;
}
