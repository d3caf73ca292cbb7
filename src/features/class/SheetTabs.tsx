import type { ReactNode } from 'react';
import { Tabs } from 'radix-ui';

const SHEET_TABS = [
  ['class', 'This class'],
  ['propose', 'Propose'],
  ['pairs', 'Pairs'],
  ['after', 'After class'],
] as const;
export type SheetTab = (typeof SHEET_TABS)[number][0];

/** What the side sheet is about. */
export function SheetTabs({ tab, onTab, children }: { tab: SheetTab; onTab: (tab: SheetTab) => void; children: ReactNode }) {
  return (
    <Tabs.Root value={tab} onValueChange={(next) => onTab(next as SheetTab)}>
      <Tabs.List aria-label="Side sheet" className="mb-3 flex flex-wrap gap-x-4 border-b border-hair font-figure text-[15px]">
        {SHEET_TABS.map(([key, words]) => (
          <Tabs.Trigger
            key={key}
            value={key}
            className="min-h-9 border-b-2 border-transparent text-soft data-[state=active]:border-red data-[state=active]:font-medium data-[state=active]:text-ink"
          >
            {words}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {SHEET_TABS.map(([key]) => (
        <Tabs.Content key={key} value={key} className="outline-none">
          {key === tab && children}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}
