'use client';
import { Tooltip } from 'radix-ui';
import type { ReactElement } from 'react';

/** Words that come when its one child is pointed at or focused. What must be known is said elsewhere too: a finger points at nothing. */
export function Tip({ words, children }: { readonly words: string; readonly children: ReactElement }) {
  return (
    <Tooltip.Provider delayDuration={300}>
      <Tooltip.Root>
        <Tooltip.Trigger asChild>{children}</Tooltip.Trigger>
        <Tooltip.Portal>
          <Tooltip.Content
            sideOffset={4}
            collisionPadding={8}
            className="z-30 max-w-72 bg-ink px-2 py-1 font-figure text-[14px] text-paper"
          >
            {words}
          </Tooltip.Content>
        </Tooltip.Portal>
      </Tooltip.Root>
    </Tooltip.Provider>
  );
}
