'use client';
import { useId, useRef, type ReactNode } from 'react';
import { PageLink } from './PageLink';
import { ScreenKeys, type ScreenKey } from './ScreenKeys';

export interface StripLink {
  readonly href: string;
  readonly label: string;
  readonly current?: boolean;
  /** In the menu only, unless it is where one is. */
  readonly more?: boolean;
  /** Of the current one: what its keys do. */
  readonly keys?: readonly ScreenKey[];
}
interface Props {
  readonly title: string;
  readonly links: readonly StripLink[];
  /** What stands in the strip where there is room for it, and in the menu where there is not. */
  readonly children?: ReactNode;
  /** What is always in sight. */
  readonly always?: ReactNode;
}

function Screen({ link, className = '' }: { readonly link: StripLink; readonly className?: string }) {
  const look = link.current ? 'font-medium underline decoration-red decoration-2 underline-offset-4' : 'text-soft hover:text-ink';
  return (
    <PageLink href={link.href} aria-current={link.current ? 'page' : undefined} className={`py-2 ${look} ${className}`}>
      {link.label}
    </PageLink>
  );
}

/** The strip over every screen, one row at every width: the name, where one is, what the screen puts in between, and a menu. */
export function AppStrip({ title, links, children, always }: Props) {
  const id = useId();
  const menu = useRef<HTMLDivElement>(null);
  const shown = links.filter((link) => !link.more || link.current);
  const more = links.filter((link) => link.more && !link.current);
  return (
    <header className="relative flex min-h-10 items-center gap-x-5 border-b-2 border-ink px-4 font-figure text-[15px] whitespace-nowrap print:hidden max-xl:gap-x-3">
      <a href="#content" className="absolute top-0 left-0 z-30 bg-paper px-4 py-2 not-focus:sr-only">
        Skip to the content
      </a>
      <PageLink href="/" className="py-2 font-semibold tracking-wide text-red">
        <span className="max-sm:sr-only">RED LADDER</span>
        <span aria-hidden="true" className="sm:hidden">
          RL
        </span>
      </PageLink>
      <span className="max-w-52 min-w-0 truncate font-medium">{title}</span>
      <div className="flex shrink-0 grow items-center gap-x-4 max-xl:justify-end">
        <div className="flex flex-1 items-center gap-x-4 max-xl:hidden">{children}</div>
        {always}
      </div>
      <nav aria-label="Screens" className="flex gap-x-4 max-xl:hidden">
        {shown.map((link) => (
          <Screen key={link.href} link={link} />
        ))}
      </nav>
      <ScreenKeys keys={links.find(({ current }) => current)?.keys ?? []} />
      <button type="button" popoverTarget={id} className={`min-h-9 text-soft hover:text-ink ${more.length === 0 ? 'xl:hidden' : ''}`}>
        <span className="xl:hidden">Menu</span>
        <span className="max-xl:hidden">More</span>
      </button>
      <div
        ref={menu}
        id={id}
        popover="auto"
        className="fixed top-10 right-0 left-auto m-0 max-h-[calc(100dvh-3rem)] min-w-56 overflow-y-auto border-2 border-ink bg-paper p-3 text-ink"
        // Whatever is pressed in it was what it was opened for.
        onClick={(event) => (event.target as HTMLElement).closest('a, button:not([aria-haspopup])') && menu.current?.hidePopover()}
      >
        <nav aria-label="All screens" className="grid">
          {shown.map((link) => (
            <Screen key={link.href} link={link} className="min-h-11 xl:hidden" />
          ))}
          {more.map((link) => (
            <Screen key={link.href} link={link} className="min-h-11" />
          ))}
        </nav>
        {children && <div className="mt-2 grid justify-items-start gap-1 border-t border-hair pt-2 xl:hidden">{children}</div>}
      </div>
    </header>
  );
}
