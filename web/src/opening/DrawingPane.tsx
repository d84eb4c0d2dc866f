import { Layers, Maximize2, Minimize2, ZoomIn, ZoomOut } from 'lucide-react';
import { Popover, Tabs } from 'radix-ui';
import { useCallback, useMemo, useRef, useState, type MouseEvent } from 'react';
import { headingOf, list, VIEWS, words, type Layer, type Stage, type View } from '@riegel/core';
import { useKeys } from '../base/keys.js';
import { usePreference } from '../base/usePreference.js';
import { DrawingView, VIEW_NAMES } from '../drawing/DrawingView.js';
import { LAYER_GROUPS, assumedParts, litBy, stageOfPart } from '../drawing/parts.js';
import { useZoom } from '../drawing/useZoom.js';
import { CheckBox } from '../parts/CheckBox.js';
import { IconButton } from '../parts/IconButton.js';
import type { Bench } from '../stage/stageParts.js';
import { stackFact } from './factNames.js';
import { useHighlight, useOpeningPage } from './page.js';

const readNames = (value: unknown) => list(words(40), 20).read(value);
const NONE_HIDDEN: string[] = [];

/**
 * The drawings of an opening, and beside them the benches of the stage that is worked on. They stay while
 * stages change: what belongs to the stage is lit, the rest is quiet.
 */
export function DrawingPane({
  stage,
  benches,
  onSelect,
}: {
  stage: Stage | undefined;
  benches: readonly Bench[];
  onSelect: (part: string) => void;
}) {
  const { decided, facts, editFact } = useOpeningPage();
  const { highlighted, onHighlight } = useHighlight();
  const [view, setView] = useState<View>('elevation-outside');
  const [bench, setBench] = useState<string | undefined>();
  const [full, setFull] = useState(false);
  const [hiddenGroups, setHiddenGroups] = usePreference('layers', readNames, NONE_HIDDEN);
  const pane = useRef<HTMLDivElement>(null);
  const { look, zoomBy, whole, wasPulled, handlers } = useZoom(pane);
  const shown = benches.find(({ value }) => value === bench);
  const tabs = [
    ...VIEWS.map((one) => ({ value: one as string, name: VIEW_NAMES[one] })),
    ...benches.map(({ value, name }) => ({ value, name })),
  ];
  const current = shown ? shown.value : view;
  const show = (next: string) => {
    if (VIEWS.includes(next as View)) {
      setView(next as View);
      setBench(undefined);
    } else setBench(next);
    whole();
  };
  useKeys({
    d: () =>
      show(tabs[(tabs.findIndex(({ value }) => value === current) + 1) % tabs.length]!.value),
    f: () => setFull((before) => !before),
    '+': () => zoomBy(1.4),
    '-': () => zoomBy(1 / 1.4),
    '=': whole,
    ...(full ? { Escape: () => setFull(false) } : {}),
  });
  const hidden = useMemo(
    () =>
      new Set<Layer>(
        LAYER_GROUPS.flatMap(({ name, layers }) => (hiddenGroups.includes(name) ? layers : [])),
      ),
    [hiddenGroups],
  );
  const isLit = useMemo(() => litBy(highlighted, decided.decisions), [highlighted, decided]);
  const isQuiet = useMemo(
    () => (stage ? (part: string) => stageOfPart(part) !== stage : undefined),
    [stage],
  );
  const isAssumed = useMemo(() => assumedParts(decided), [decided]);
  // A figure of a stack is edited where it stands; every other part leads to its decision.
  const select = useCallback(
    (part: string, event: MouseEvent) => {
      if (wasPulled()) return;
      const figure = (event.currentTarget as Element).classList.contains('layer-dimension');
      const fact = figure ? stackFact(part, facts.kind) : undefined;
      if (fact) editFact(fact, event.currentTarget as Element);
      onSelect(part);
    },
    [facts.kind, editFact, onSelect, wasPulled],
  );
  const heading = headingOf(decided);
  return (
    <Tabs.Root
      value={current}
      onValueChange={show}
      className={`grid min-h-0 min-w-0 grid-rows-[auto_minmax(0,1fr)] bg-sheet ${full ? 'fixed inset-0 z-30' : ''}`}
    >
      <div className="flex min-w-0 items-center border-b border-rule pr-1 pl-2">
        <Tabs.List
          aria-label="Drawings"
          className="flex min-w-0 flex-1 overflow-x-auto [scrollbar-width:none]"
        >
          {tabs.map(({ value, name }, index) => (
            <Tabs.Trigger
              key={value}
              value={value}
              className={`shrink-0 border-b-[3px] border-transparent px-1.5 pt-1 pb-0.5 text-[12.5px] leading-5 text-soft hover:text-ink data-[state=active]:border-brass data-[state=active]:font-semibold data-[state=active]:text-ink ${index === VIEWS.length ? 'ml-2 border-l border-l-rule pl-3' : ''}`}
            >
              {name}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        <IconButton
          label={full ? 'Back beside the page' : 'Over the whole screen'}
          title={full ? 'Back (f or Escape)' : 'Over the whole screen (f)'}
          onClick={() => setFull(!full)}
        >
          {full ? <Minimize2 size={15} /> : <Maximize2 size={15} />}
        </IconButton>
      </div>
      {tabs.map(({ value, name }) => (
        <Tabs.Content
          key={value}
          value={value}
          tabIndex={-1}
          className="relative min-h-0 min-w-0 overflow-auto data-[state=inactive]:hidden"
        >
          {value === current && !shown && (
            <div className="absolute right-1 bottom-1 z-10 flex flex-col bg-sheet/80">
              <LayersMenu hidden={hiddenGroups} onHidden={setHiddenGroups} />
              <IconButton label="Larger" title="Larger (+)" onClick={() => zoomBy(1.4)}>
                <ZoomIn size={15} />
              </IconButton>
              <IconButton
                label="Smaller"
                title="Smaller (−); the whole by ="
                disabled={look.times === 1}
                onClick={() => zoomBy(1 / 1.4)}
              >
                <ZoomOut size={15} />
              </IconButton>
            </div>
          )}
          {value !== current ? null : shown ? (
            <shown.Component />
          ) : (
            <div
              ref={pane}
              className={`size-full touch-none p-2 ${look.times > 1 ? 'cursor-grab' : ''}`}
              onDoubleClick={whole}
              {...handlers}
            >
              <DrawingView
                decided={decided}
                view={view}
                title={`${heading.mark}, ${name.toLowerCase()}`}
                look={look}
                hidden={hidden}
                isLit={isLit}
                isQuiet={isQuiet}
                isAssumed={isAssumed}
                onHighlight={onHighlight}
                onSelect={select}
              />
            </div>
          )}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}

function LayersMenu({
  hidden,
  onHidden,
}: {
  hidden: readonly string[];
  onHidden: (next: string[]) => void;
}) {
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <IconButton label="Layers" title="What is drawn">
          <Layers size={15} className={hidden.length > 0 ? 'text-brass' : ''} />
        </IconButton>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content align="end" aria-label="Layers" className="sheet z-40 p-3 shadow-lg">
          {LAYER_GROUPS.map(({ name }) => (
            <CheckBox
              key={name}
              checked={!hidden.includes(name)}
              onChange={(on) =>
                onHidden(on ? hidden.filter((one) => one !== name) : [...hidden, name])
              }
            >
              {name}
            </CheckBox>
          ))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
