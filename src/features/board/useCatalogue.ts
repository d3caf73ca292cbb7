import { useEffect, useState } from 'react';
import type { Catalogue } from '@/core/catalogue';

/** The catalogue, fetched from this server when it is first wanted (a caret opens); null until then. */
export function useCatalogue(wanted: boolean): Catalogue | null {
  const [catalogue, setCatalogue] = useState<Catalogue | null>(null);
  useEffect(() => {
    if (!wanted) return;
    let current = true;
    void import('@/core/catalogue').then(({ getCatalogue }) => current && setCatalogue(getCatalogue()));
    return () => {
      current = false;
    };
  }, [wanted]);
  return catalogue;
}
