import { idToAddress } from '@/contracts/address';
import type { StripLink } from '@/ui/AppStrip';
import { SCREEN_KEYS, type Screen } from './screenKeys';

/** The screens of one tree, the current one marked; `query` goes along where it means the same. */
export function screenLinks(treeId: string, current: Screen, query = ''): StripLink[] {
  const id = idToAddress(treeId);
  const along = query === '' ? '' : `?${query}`;
  const links = [
    { href: '/', label: 'This week' },
    { href: `/board/${id}${along}`, label: 'Board' },
    { href: `/finder/${id}`, label: 'Finder' },
    { href: `/odds/${id}${along}`, label: 'Odds' },
    { href: `/class/${id}`, label: 'Class' },
    { href: `/course/${id}`, label: 'Course', more: true },
    { href: `/plan/${id}${along}`, label: 'Game plan', more: true },
    { href: `/catalogue/${id}`, label: 'Catalogue', more: true },
    { href: `/files`, label: 'Files', more: true },
    { href: `/grips/${id}`, label: 'Grips', more: true },
    { href: `/rules/${id}`, label: 'Rules and people', more: true },
    { href: `/compare/${id}`, label: 'Compare', more: true },
    { href: `/history/${id}`, label: 'Log', more: true },
  ];
  return links.map((link) => (link.label === current ? { ...link, current: true, keys: SCREEN_KEYS[current] ?? [] } : link));
}
