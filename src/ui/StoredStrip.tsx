import type { ReactNode } from 'react';
import { AppStrip, type StripLink } from './AppStrip';

/** Whether all is stored, in a word, and why not. */
export interface Stored {
  readonly word: string;
  readonly why: string | null;
}

/** What waits for the server is over when it answers, not when it was read. */
export const WAITS = 'not stored yet';

/** The one word of a strip that says whether all is stored. */
export const StoredStatus = ({ stored, className = '' }: { stored: Stored; className?: string }) => (
  <span role="status" className={`text-[13px] text-soft ${className}`}>
    {stored.word}
  </span>
);

/** Below a strip: what was not stored and why, with the way to say that it was read. */
export function StoredAlert({ why, onRead }: { why: readonly (string | null)[]; onRead?: () => void }) {
  const said = why.filter((sentence) => sentence !== null);
  if (said.length === 0) return null;
  return (
    <p role="alert" className="flex flex-wrap items-baseline justify-between gap-x-4 border-b border-red bg-tint px-4 py-1 break-words">
      <span className="min-w-0">{said.join(' ')}</span>
      {onRead && (
        <button type="button" className="min-h-8 font-figure text-[15px] underline" onClick={onRead}>
          I have read it
        </button>
      )}
    </p>
  );
}

interface Props {
  readonly title: string;
  readonly links: readonly StripLink[];
  readonly stored: Stored;
  /** Further sentences, of what is no edit of the document. */
  readonly problems?: readonly (string | null)[];
  readonly onRead?: () => void;
  readonly children?: ReactNode;
}

/** The strip of a screen that stores each change at once. */
export function StoredStrip({ title, links, stored, problems = [], onRead, children }: Props) {
  return (
    <>
      <AppStrip title={title} links={links} always={<StoredStatus stored={stored} />}>
        {children}
      </AppStrip>
      <StoredAlert why={[stored.why, ...problems]} onRead={stored.word === WAITS ? undefined : onRead} />
    </>
  );
}
