import { useEffect, useState } from 'react';
import type { Catalogue } from '@/core/catalogue';

/** The catalogue, fetched from this server once the board stands; null until then. */
export function useCatalogue(): Catalogue | null {
  const [catalogue, setCatalogue] = useState<Catalogue | null>(null);
  useEffect(() => {
    let current = true;
    void import('@/core/catalogue').then(({ getCatalogue }) => current && setCatalogue(getCatalogue()));
    return () => {
      current = false;
    };
  }, []);
  return catalogue;
}
