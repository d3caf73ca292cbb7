import { PageLink } from './PageLink';
import type { ReactNode } from 'react';

export interface StripLink {
  readonly href: string;
  readonly label: string;
  readonly current?: boolean;
}

/** The strip over every screen: the name, where one is, and what the screen puts in between. */
export function AppStrip({ title, links, children }: { title: string; links: readonly StripLink[]; children?: ReactNode }) {
  return (
    <header className="flex min-h-10 flex-wrap items-center gap-x-5 border-b-2 border-ink px-4 font-figure text-[15px] print:hidden">
      <PageLink href="/" className="py-2 font-semibold tracking-wide text-red">
        RED LADDER
      </PageLink>
      <span className="max-w-52 truncate font-medium">{title}</span>
      <div className="flex flex-1 flex-wrap items-center gap-x-4">{children}</div>
      <nav aria-label="Screens" className="flex gap-x-4">
        {links.map((link) => (
          <PageLink
            key={link.href}
            href={link.href}
            aria-current={link.current ? 'page' : undefined}
            className={`py-2 ${link.current ? 'font-medium underline decoration-red decoration-2 underline-offset-4' : 'text-soft hover:text-ink'}`}
          >
            {link.label}
          </PageLink>
        ))}
      </nav>
    </header>
  );
}
