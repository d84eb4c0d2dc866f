import { memo, useRef, type PointerEvent } from 'react';
import { ChevronDown } from 'lucide-react';
import { Popover } from 'radix-ui';
import { ColumnMenu, type ColumnMenuProps } from './ColumnMenu.js';
import { BOLTS, OPEN } from './GridRow.js';
import type { Placed } from './layout.js';
import type { Sorting } from './order.js';

export interface HeadProps {
  columns: readonly Placed[];
  width: number;
  unit: string;
  sorting: readonly Sorting[];
  filtered: ReadonlySet<string>;
  /** The column whose menu is open. */
  menu: string | undefined;
  onMenu: (id: string | undefined) => void;
  onSort: (id: string, add: boolean) => void;
  onWidth: (id: string, width: number) => void;
  menuOf: (column: Placed) => Omit<ColumnMenuProps, 'column'>;
}

/** The heads of the grid: sorted by a press, with Shift by several; each with a menu and an edge to pull. */
export const GridHead = memo(function GridHead(props: HeadProps) {
  const { columns, width, unit, sorting, filtered, menu, onMenu, onSort, onWidth } = props;
  return (
    <div role="row" aria-rowindex={1} className="grid-head" style={{ width }}>
      <div role="columnheader" className="frozen" style={{ width: OPEN, left: 0 }}>
        <span className="sr-only">Open</span>
      </div>
      {columns.map((column) => {
        const at = sorting.findIndex((one) => one.id === column.id);
        const sorted = sorting[at];
        return (
          <div
            key={column.id}
            role="columnheader"
            data-column-id={column.id}
            aria-sort={sorted ? (sorted.desc ? 'descending' : 'ascending') : 'none'}
            style={
              column.stays === undefined
                ? { width: column.width }
                : { width: column.width, left: column.stays }
            }
            className={`group ${column.stays === undefined ? 'relative' : 'frozen'}`}
          >
            <button
              type="button"
              tabIndex={-1}
              onClick={(event) => onSort(column.id, event.shiftKey)}
              title={`${column.title}: sort; with Shift by several`}
              className={`caps flex h-8 w-full items-center gap-1 px-2 ${column.right ? 'justify-end' : ''}`}
            >
              <span className="truncate">{column.title}</span>
              {column.length && <span className="normal-case">{unit}</span>}
              {sorted && (
                <span aria-hidden>
                  {sorted.desc ? '↓' : '↑'}
                  {sorting.length > 1 && at + 1}
                </span>
              )}
            </button>
            <Popover.Root
              open={menu === column.id}
              onOpenChange={(open) => onMenu(open ? column.id : undefined)}
            >
              <Popover.Trigger asChild>
                <button
                  type="button"
                  tabIndex={-1}
                  aria-label={`Filter ${column.title}`}
                  className={`absolute right-1 top-1.5 flex size-5 items-center justify-center bg-paper hover:text-brass focus-visible:opacity-100 ${filtered.has(column.id) ? 'text-brass' : 'text-soft opacity-0 group-hover:opacity-100'} ${menu === column.id ? 'opacity-100' : ''}`}
                >
                  <ChevronDown size={14} strokeWidth={filtered.has(column.id) ? 3 : 2} />
                </button>
              </Popover.Trigger>
              {menu === column.id && <ColumnMenu column={column} {...props.menuOf(column)} />}
            </Popover.Root>
            <Edge width={column.width} onWidth={(next) => onWidth(column.id, next)} />
          </div>
        );
      })}
      <div role="columnheader" className="caps flex h-8 items-center px-2" style={{ width: BOLTS }}>
        Progress
      </div>
    </div>
  );
});

/** The edge of a column, pulled to the width that is wanted. */
function Edge({ width, onWidth }: { width: number; onWidth: (width: number) => void }) {
  const from = useRef<{ x: number; width: number } | undefined>(undefined);
  const pull = (event: PointerEvent<HTMLSpanElement>) => {
    if (from.current) onWidth(from.current.width + event.clientX - from.current.x);
  };
  return (
    <span
      aria-hidden
      className="absolute -right-1 top-0 z-10 h-8 w-2 cursor-col-resize touch-none hover:bg-brass/40"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        from.current = { x: event.clientX, width };
      }}
      onPointerMove={pull}
      onPointerUp={(event) => {
        pull(event);
        from.current = undefined;
      }}
    />
  );
}
