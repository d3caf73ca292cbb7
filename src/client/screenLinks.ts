import { idToAddress } from '@/contracts/address';
import type { StripLink } from '@/ui/AppStrip';

type Screen = 'Board' | 'Finder' | 'Odds' | 'Class' | 'Catalogue' | 'Files' | 'Grips' | 'Rules and people' | 'Compare' | 'Log';

/** The screens of one tree, the current one marked; `query` goes along where it means the same. */
export function screenLinks(treeId: string, current: Screen, query = ''): StripLink[] {
  const id = idToAddress(treeId);
  const along = query === '' ? '' : `?${query}`;
  const links = [
    { href: `/board/${id}${along}`, label: 'Board' },
    { href: `/finder/${id}`, label: 'Finder' },
    { href: `/odds/${id}${along}`, label: 'Odds' },
    { href: `/class/${id}`, label: 'Class' },
    { href: `/catalogue/${id}`, label: 'Catalogue' },
    { href: `/files`, label: 'Files' },
    { href: `/grips/${id}`, label: 'Grips', more: true },
    { href: `/rules/${id}`, label: 'Rules and people', more: true },
    { href: `/compare/${id}`, label: 'Compare', more: true },
    { href: `/history/${id}`, label: 'Log', more: true },
  ];
  return links.map((link) => ({ ...link, current: link.label === current }));
}
