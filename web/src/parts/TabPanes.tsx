import { Tabs } from 'radix-ui';
import type { ReactNode } from 'react';

export interface Pane {
  value: string;
  name: string;
  content: ReactNode;
}

/** Panes side by side behind tabs, each scrolling by itself; the first is open. */
export function TabPanes({ label, panes }: { label: string; panes: readonly Pane[] }) {
  return (
    <Tabs.Root
      defaultValue={panes[0]!.value}
      className="grid min-h-0 grid-rows-[auto_1fr] border-l border-rule"
    >
      <Tabs.List aria-label={label} className="flex gap-1 border-b border-rule px-4 pt-2">
        {panes.map(({ value, name }) => (
          <Tabs.Trigger
            key={value}
            value={value}
            className="border-b-[3px] border-transparent px-3 py-1 text-soft data-[state=active]:border-brass data-[state=active]:font-semibold data-[state=active]:text-ink"
          >
            {name}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {panes.map(({ value, content }) => (
        <Tabs.Content
          key={value}
          value={value}
          className="min-h-0 overflow-auto px-4 py-3"
          tabIndex={0}
        >
          {content}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}
