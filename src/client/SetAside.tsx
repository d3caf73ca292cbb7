import { useState, type ReactNode } from 'react';

interface Props {
  /** The next action for the finding, beside "Set aside …". */
  readonly children: ReactNode;
  /** Null = it cannot be set aside here. */
  readonly onReason: ((reason: string) => void) | null;
}

/** What can be done about a finding: the next action, or setting it aside with a reason. */
export function SetAside({ children, onReason }: Props) {
  const [reason, setReason] = useState<string | null>(null);
  if (reason === null)
    return (
      <p className="flex gap-4 font-figure text-[15px]">
        {children}
        {onReason && (
          <button type="button" className="min-h-8 text-soft underline" onClick={() => setReason('')}>
            Set aside …
          </button>
        )}
      </p>
    );
  return (
    <form
      className="flex gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim() !== '') onReason?.(reason.trim());
      }}
    >
      <input
        autoFocus
        aria-label="Why it may stay as it is"
        placeholder="because …"
        maxLength={160}
        value={reason}
        onChange={(event) => setReason(event.target.value)}
        onKeyDown={(event) => event.key === 'Escape' && setReason(null)}
        className="min-h-8 flex-1 border-b-2 border-red bg-paper font-figure text-[15px] outline-none"
      />
      <button type="submit" className="min-h-8 font-figure text-[15px] underline" disabled={reason.trim() === ''}>
        Set aside
      </button>
    </form>
  );
}
