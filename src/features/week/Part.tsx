import type { ReactNode } from 'react';

/** A part of the first page under its title. */
export function Part({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section aria-label={title} className="mt-6 border-t-2 border-ink pt-2 first:mt-0">
      <h2 className="text-[22px]">{title}</h2>
      {children}
    </section>
  );
}
