import type { ReactNode } from 'react';
import { AppStrip, type StripLink } from './AppStrip';

interface Props {
  readonly title: string;
  readonly links: readonly StripLink[];
  readonly isStored: boolean;
  /** Sentences that say what was not stored, and why; empty or null = all is well. */
  readonly problems: readonly (string | null)[];
  readonly children?: ReactNode;
}

/** The strip of a screen that stores each change at once: whether all is stored, and below it what was refused. */
export function StoredStrip({ title, links, isStored, problems, children }: Props) {
  const said = problems.filter((problem) => problem !== null);
  return (
    <>
      <AppStrip title={title} links={links}>
        <span role="status" className="text-[13px] text-soft">
          {isStored ? 'stored' : 'storing …'}
        </span>
        {children}
      </AppStrip>
      {said.length > 0 && (
        <p role="alert" className="border-b border-red bg-tint px-4 py-1">
          {said.join(' ')}
        </p>
      )}
    </>
  );
}
