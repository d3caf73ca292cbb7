import Link from 'next/link';
import type { ComponentProps } from 'react';

/** A link to another screen. Nothing is fetched before it is asked for: the server is on this machine, and makes the page at once. */
export function PageLink(props: Omit<ComponentProps<typeof Link>, 'prefetch'>) {
  return <Link prefetch={false} {...props} />;
}
