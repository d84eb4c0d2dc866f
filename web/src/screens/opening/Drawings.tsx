import { useCallback, useDeferredValue, useRef, useState, type MouseEvent } from 'react';
import { Tabs } from 'radix-ui';
import {
  headingOf,
  unitsOf,
  VIEWS,
  type DecidedOpening,
  type FactsPatch,
  type View,
} from '@riegel/core';
import { DrawingView, VIEW_NAMES } from '../../drawing/DrawingView.js';
import { factOfPart, StackEditor } from './StackEditor.js';
import { WithFractions } from '../../parts/WithFractions.js';

/** The drawings: one large, the others small beside it, and the title block of a sheet. */
export function Drawings({
  decided,
  view,
  onView,
  highlighted,
  onHighlight,
  onSelect,
  canEdit,
  onPatch,
}: {
  decided: DecidedOpening;
  view: View;
  onView: (view: View) => void;
  highlighted: string | undefined;
  onHighlight: (part: string | undefined) => void;
  onSelect: (part: string) => void;
  canEdit: boolean;
  onPatch: (patch: FactsPatch) => void;
}) {
  const pane = useRef<HTMLDivElement>(null);
  const [editing, setEditing] = useState<
    { part: string; at: { x: number; y: number } } | undefined
  >();
  const close = useCallback(() => setEditing(undefined), []);
  const { kind } = decided.facts;
  // A figure of the stack is edited where it stands; every other part leads to its decision.
  const select = useCallback(
    (part: string, event: MouseEvent) => {
      const figure = (event.currentTarget as Element).classList.contains('layer-dimension');
      const box = pane.current?.getBoundingClientRect();
      if (figure && box && factOfPart(part, kind)) {
        const x = Math.min(event.clientX - box.left, box.width - 152);
        const y = Math.min(event.clientY - box.top, box.height - 320);
        setEditing({ part, at: { x, y: Math.max(0, y) } });
      }
      onSelect(part);
    },
    [kind, onSelect],
  );
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
      ref={pane}
      className="relative grid min-h-0 grid-rows-[minmax(0,1fr)_auto_auto] bg-sheet"
    >
      {editing && (
        <StackEditor
          part={editing.part}
          at={editing.at}
          decided={decided}
          units={unitsOf(decided)}
          canEdit={canEdit}
          onPatch={onPatch}
          onClose={close}
        />
      )}
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
              highlighted={highlighted}
              onHighlight={onHighlight}
              onSelect={select}
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
