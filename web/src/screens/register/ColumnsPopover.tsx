import { ChevronDown, ChevronUp, Columns3 } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useMemo, useState } from 'react';
import { termText } from '../../base/words.js';
import { CheckBox } from '../../parts/CheckBox.js';
import { ALL_COLUMNS, columnOf } from './columns.js';
import { LAYOUT, moved, toggled, type Layout } from './layout.js';

/** Which columns the register shows, and in which order. */
export function ColumnsPopover({
  layout,
  onLayout,
}: {
  layout: Layout;
  onLayout: (next: Layout) => void;
}) {
  const [words, setWords] = useState('');
  const shown = new Set(layout.columns.map(({ id }) => id));
  const others = useMemo(() => {
    const groups = new Map<string, (typeof ALL_COLUMNS)[number][]>();
    for (const column of ALL_COLUMNS) {
      const stage = termText(`stage.${column.stage}`);
      if (!`${column.title} ${stage}`.toLowerCase().includes(words.toLowerCase())) continue;
      groups.set(stage, [...(groups.get(stage) ?? []), column]);
    }
    return [...groups];
  }, [words]);
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <button className="button" title="Choose and order the columns" aria-label="Columns">
          <Columns3 size={16} />
        </button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          aria-label="Columns"
          className="sheet z-40 grid max-h-[70vh] w-[34rem] max-w-[92vw] grid-cols-2 gap-4 overflow-hidden p-3 shadow-lg"
        >
          <section className="flex min-h-0 flex-col">
            <h3 className="caps mb-1">Shown, from the left</h3>
            <ol className="min-h-0 flex-1 overflow-auto" aria-label="Shown columns">
              {layout.columns.map(({ id }, at) => (
                <li key={id} className="flex items-center gap-1">
                  <CheckBox
                    className="min-w-0 flex-1"
                    checked
                    disabled={id === 'mark'}
                    onChange={() => onLayout(toggled(layout, id))}
                  >
                    <span className="truncate">{columnOf(id)!.title}</span>
                  </CheckBox>
                  <button
                    className="p-1 text-soft hover:text-brass disabled:opacity-30"
                    aria-label={`${columnOf(id)!.title} further left`}
                    disabled={at === 0}
                    onClick={() => onLayout(moved(layout, id, at - 1))}
                  >
                    <ChevronUp size={14} />
                  </button>
                  <button
                    className="p-1 text-soft hover:text-brass disabled:opacity-30"
                    aria-label={`${columnOf(id)!.title} further right`}
                    disabled={at === layout.columns.length - 1}
                    onClick={() => onLayout(moved(layout, id, at + 1))}
                  >
                    <ChevronDown size={14} />
                  </button>
                </li>
              ))}
            </ol>
            <button className="button mt-2" onClick={() => onLayout(LAYOUT)}>
              As at first
            </button>
          </section>
          <section className="flex min-h-0 flex-col">
            <input
              className="field mb-2 w-full"
              type="search"
              aria-label="Find a column"
              placeholder="Find a column"
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
            <div className="min-h-0 flex-1 overflow-auto">
              {others.map(([stage, columns]) => (
                <div key={stage} className="mb-2">
                  <h3 className="caps">{stage}</h3>
                  {columns.map(({ id, title }) => (
                    <CheckBox
                      key={id}
                      checked={shown.has(id)}
                      disabled={id === 'mark'}
                      onChange={() => onLayout(toggled(layout, id))}
                    >
                      {title}
                    </CheckBox>
                  ))}
                </div>
              ))}
            </div>
          </section>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
