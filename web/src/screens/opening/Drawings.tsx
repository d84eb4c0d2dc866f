import { useDeferredValue } from 'react';
import { Tabs } from 'radix-ui';
import { headingOf, VIEWS, type DecidedOpening, type View } from '@riegel/core';
import { DrawingView, VIEW_NAMES } from '../../drawing/DrawingView.js';
import { WithFractions } from '../../parts/WithFractions.js';

/** The drawings: one large, the others small beside it, and the title block of a sheet. */
export function Drawings({
  decided,
  view,
  onView,
  lit,
  onLight,
  onSelect,
}: {
  decided: DecidedOpening;
  view: View;
  onView: (view: View) => void;
  lit: string | undefined;
  onLight: (part: string | undefined) => void;
  onSelect: (part: string) => void;
}) {
  const heading = headingOf(decided);
  // The large drawing follows at once; the small ones when there is time.
  const later = useDeferredValue(decided);
  const block: [string, string][] = [
    ['opening', heading.size],
    ['hand', heading.hand],
    ['rating', heading.rating],
    ['clear', heading.clearWidth],
  ];
  return (
    <Tabs.Root
      value={view}
      onValueChange={(next) => onView(next as View)}
      className="grid min-h-0 grid-rows-[minmax(0,1fr)_auto_auto] bg-sheet"
    >
      {VIEWS.map((one) => (
        <Tabs.Content
          key={one}
          value={one}
          tabIndex={-1}
          className="min-h-0 p-2 data-[state=inactive]:hidden"
        >
          {one === view && (
            <DrawingView
              decided={decided}
              view={one}
              lit={lit}
              onLight={onLight}
              onSelect={onSelect}
              title={`${heading.mark}, ${VIEW_NAMES[one].toLowerCase()}`}
            />
          )}
        </Tabs.Content>
      ))}
      <Tabs.List aria-label="Drawings" className="flex gap-1 border-t border-rule px-2 pt-1">
        {VIEWS.map((one) => (
          <Tabs.Trigger
            key={one}
            value={one}
            className="group flex min-w-0 flex-1 flex-col items-center border-b-[3px] border-transparent px-1 pb-1 data-[state=active]:border-brass"
          >
            <span
              aria-hidden
              className="pointer-events-none h-[76px] w-full opacity-70 group-data-[state=active]:opacity-100"
            >
              <DrawingView decided={later} view={one} title="" />
            </span>
            <span className="text-[11px] leading-4 text-soft group-data-[state=active]:text-ink">
              {VIEW_NAMES[one]}
            </span>
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      <dl className="grid grid-cols-[1.5fr_1.3fr_0.8fr_1fr] border-t-2 border-ink">
        {block.map(([name, value]) => (
          <div key={name} className="min-w-0 border-r border-rule px-3 py-1 last:border-r-0">
            <dt className="caps">{name}</dt>
            <dd
              className={`truncate text-[15px] leading-5 ${value === 'open' ? 'basis-open' : ''}`}
              title={value}
            >
              <WithFractions text={value || '–'} />
            </dd>
          </div>
        ))}
      </dl>
    </Tabs.Root>
  );
}
