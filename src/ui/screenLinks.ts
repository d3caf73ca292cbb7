import type { StripLink } from './AppStrip';

/** The screens of one tree, the current one marked. */
export function screenLinks(treeId: string, current: 'Board' | 'Finder' | 'Odds' | 'Class' | 'Catalogue' | 'Files' | null): StripLink[] {
  const id = encodeURIComponent(treeId);
  const links = [
    { href: `/board/${id}`, label: 'Board' },
    { href: `/finder/${id}`, label: 'Finder' },
    { href: `/odds/${id}`, label: 'Odds' },
    { href: `/class/${id}`, label: 'Class' },
    { href: `/catalogue/${id}`, label: 'Catalogue' },
    { href: `/files`, label: 'Files' },
  ];
  return links.map((link) => ({ ...link, current: link.label === current }));
}
