import { useVirtualizer } from '@tanstack/react-virtual';
import {
  useEffect,
  useImperativeHandle,
  useMemo,
  useRef,
  useState,
  type ClipboardEvent,
  type KeyboardEvent,
  type MouseEvent,
  type Ref,
  type RefObject,
} from 'react';
import type { FactsPatch, Practice } from '@riegel/core';
import type { OpeningView } from '../../base/api.js';
import { useTheme } from '../../base/theme.js';
import type { RowStore } from '../../worker/rowStore.js';
import { copied, emptied, filledDown, pasted, stepTo, taken, type Written } from './cells.js';
import { editText, type Line } from './columns.js';
import type { EditorProps, Place } from './CellEditor.js';
import { GridHead, type HeadProps } from './GridHead.js';
import { BOLTS, GridRow, NOTHING_UNREAD, OPEN, ROW } from './GridRow.js';
import type { Placed } from './layout.js';
import type { Unread } from './unread.js';

export interface GridHandle {
  focus(): void;
  /** Moves to a line, by opening, and starts editing its mark. */
  edit(id: string): void;
}

interface GridProps {
  openings: readonly OpeningView[];
  rows: RowStore;
  columns: readonly Placed[];
  head: Omit<HeadProps, 'columns' | 'width' | 'unit' | 'menu' | 'onMenu'>;
  practice: Practice;
  canEdit: boolean;
  /** Lines are still being decided or searched, so that they may still move. */
  busy: boolean;
  twice: ReadonlySet<string>;
  unread: Record<string, Unread>;
  onSelect: (ids: string[]) => void;
  onPatch: (changes: { id: string; patch: FactsPatch }[]) => void;
  onUnread: (key: string, unread: Unread | undefined) => void;
  onPasteBlock: (text: string, at: Place) => void;
  onOpen: (id: string) => void;
  handle: Ref<GridHandle>;
}

const clamp = (value: number, most: number) => Math.max(0, Math.min(most, value));

/** Whether a box is narrower than what is in it: only then columns have to stay, which costs at every scroll. */
function useNarrower(box: RefObject<HTMLDivElement | null>, width: number): boolean {
  const [room, setRoom] = useState(0);
  useEffect(() => {
    const watcher = new ResizeObserver(([entry]) => setRoom(entry!.contentRect.width));
    watcher.observe(box.current!);
    return () => watcher.disconnect();
  }, [box]);
  return room < width;
}

/** The grid of openings: virtualised lines, moved, edited, copied and filled by keyboard. */
export function Grid(props: GridProps) {
  const { openings, rows, practice, canEdit, unread, onPatch, onUnread } = props;
  const theme = useTheme();
  const [menu, setMenu] = useState<string | undefined>();
  const lineAt = (row: number): Line | undefined => {
    const opening = openings[row];
    return opening && { id: opening.id, facts: opening.facts, row: rows.get(opening.id) };
  };
  const scroller = useRef<HTMLDivElement>(null);
  const width = props.columns.reduce((sum, column) => sum + column.width, OPEN + BOLTS);
  const scrolls = useNarrower(scroller, width);
  const columns = useMemo(
    () => (scrolls ? props.columns : props.columns.map((one) => ({ ...one, stays: undefined }))),
    [scrolls, props.columns],
  );
  const [active, setActive] = useState<Place>({ row: 0, column: 0 });
  const [anchor, setAnchor] = useState<Place>({ row: 0, column: 0 });
  const [editing, setEditing] = useState<
    { at: Place; initial: string; whole: boolean } | undefined
  >();
  const virtual = useVirtualizer({
    count: openings.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    overscan: 6,
  });
  const items = virtual.getVirtualItems();
  const lastRow = Math.max(0, openings.length - 1);
  const place = {
    row: clamp(active.row, lastRow),
    column: clamp(active.column, columns.length - 1),
  };
  const range = {
    top: Math.min(place.row, clamp(anchor.row, lastRow)),
    bottom: Math.max(place.row, clamp(anchor.row, lastRow)),
    left: Math.min(place.column, anchor.column),
    right: Math.max(place.column, anchor.column),
  };

  const { onSelect } = props;
  useEffect(() => {
    onSelect(openings.slice(range.top, range.bottom + 1).map(({ id }) => id));
  }, [openings, range.top, range.bottom, onSelect]);

  const move = (to: Place, keepAnchor = false) => {
    const next = { row: clamp(to.row, lastRow), column: clamp(to.column, columns.length - 1) };
    setActive(next);
    if (!keepAnchor) setAnchor(next);
    virtual.scrollToIndex(next.row);
  };
  const startEdit = (at: Place, initial?: string) => {
    const line = lineAt(at.row);
    const column = columns[at.column]!;
    if (!line || !canEdit || !column.editable) return;
    const kept = unread[`${line.id}:${column.id}`];
    setEditing({
      at,
      initial: initial ?? kept?.text ?? editText(line, column, practice),
      whole: initial === undefined,
    });
  };
  /** Applies texts to cells: what can be read is one change, what cannot stays with its cell. */
  const write = (written: readonly Written[]) => {
    const { patches, unread: told } = taken(written, lineAt, columns, practice);
    for (const [key, one] of told) onUnread(key, one);
    if (patches.length > 0) onPatch(patches);
  };

  const commit = (text: string, then: Place | undefined) => {
    if (!editing) return;
    const line = lineAt(editing.at.row);
    const column = columns[editing.at.column]!;
    setEditing(undefined);
    if (line) {
      if (text.trim() === editText(line, column, practice).trim())
        onUnread(`${line.id}:${column.id}`, undefined);
      else write([{ place: editing.at, text }]);
    }
    if (then) {
      move(then);
      scroller.current?.focus();
    }
  };

  useImperativeHandle(props.handle, () => ({
    focus: () => scroller.current?.focus(),
    edit: (id) => {
      const row = openings.findIndex((opening) => opening.id === id);
      if (row < 0) return;
      move({ row, column: 0 });
      startEdit({ row, column: 0 });
    },
  }));

  const onKeyDown = (event: KeyboardEvent) => {
    if (editing) return;
    const { key, shiftKey } = event;
    const control = event.ctrlKey || event.metaKey;
    const last = { row: lastRow, column: columns.length - 1 };
    const step = event.altKey ? undefined : stepTo(key, place, last, control);
    if (step) {
      event.preventDefault();
      move(step, shiftKey);
    } else if (key === 'Enter' && control && openings[place.row]) {
      event.preventDefault();
      props.onOpen(openings[place.row]!.id);
    } else if (key === 'ArrowDown' && event.altKey) {
      event.preventDefault();
      setMenu(columns[place.column]!.id);
    } else if ((key === 'Enter' || key === 'F2') && !control) {
      event.preventDefault();
      startEdit(place);
    } else if (key === 'Delete' || key === 'Backspace') {
      event.preventDefault();
      if (canEdit) write(emptied(range, columns));
    } else if (control && key.toLowerCase() === 'd') {
      event.preventDefault();
      const first = lineAt(range.top);
      if (canEdit && first) write(filledDown(range, first, columns, practice));
    } else if (control && key.toLowerCase() === 'a') {
      event.preventDefault();
      setAnchor({ row: 0, column: 0 });
      setActive({ row: lastRow, column: columns.length - 1 });
    } else if (key.length === 1 && !control && !event.altKey) {
      event.preventDefault();
      startEdit(place, key);
    }
  };
  const onCopy = (event: ClipboardEvent) => {
    if (editing || openings.length === 0) return;
    event.preventDefault();
    const lines = openings
      .slice(range.top, range.bottom + 1)
      .map((_, at) => lineAt(range.top + at)!);
    const text = copied(lines, columns.slice(range.left, range.right + 1), practice);
    event.clipboardData.setData('text/plain', text);
  };
  const onPaste = (event: ClipboardEvent) => {
    if (editing || !canEdit) return;
    event.preventDefault();
    const text = event.clipboardData.getData('text/plain');
    const written = pasted(text, range, place, openings.length);
    if (written) write(written);
    else props.onPasteBlock(text, place);
  };

  // Rows know nothing of handlers, so that one that did not change is not drawn again.
  const placeOf = (target: EventTarget): Place | undefined => {
    const cell = (target as HTMLElement).closest<HTMLElement>('[data-row]');
    return cell
      ? { row: Number(cell.dataset['row']), column: Number(cell.dataset['column']) }
      : undefined;
  };
  const onMouseDown = (event: MouseEvent) => {
    const at = placeOf(event.target);
    if (at && !editing) move(at, event.shiftKey);
  };
  const onDoubleClick = (event: MouseEvent) => {
    const at = placeOf(event.target);
    if (!at) return;
    if (columns[at.column]!.editable) startEdit(at);
    else if (openings[at.row]) props.onOpen(openings[at.row]!.id);
  };
  const onClick = (event: MouseEvent) => {
    const link = (event.target as HTMLElement).closest<HTMLElement>('a[data-open]');
    if (!link || event.ctrlKey || event.metaKey || event.shiftKey) return;
    event.preventDefault();
    props.onOpen(link.dataset['open']!);
  };
  const editor: EditorProps | undefined = editing && {
    column: editing.at.column,
    initial: editing.initial,
    whole: editing.whole,
    place: editing.at,
    commit,
    cancel: () => {
      setEditing(undefined);
      scroller.current?.focus();
    },
  };
  const unreadLines = useMemo(
    () => new Set(Object.keys(unread).map((key) => key.split(':')[0]!)),
    [unread],
  );
  const several = range.top !== range.bottom || range.left !== range.right;
  const unit = practice.system === 'inch' ? 'in' : 'mm';
  return (
    <div
      ref={scroller}
      role="grid"
      aria-label="Openings"
      aria-rowcount={openings.length + 1}
      aria-colcount={columns.length + 2}
      aria-multiselectable
      aria-busy={props.busy}
      aria-activedescendant={openings.length > 0 ? `cell-${place.row}-${place.column}` : undefined}
      tabIndex={0}
      onKeyDown={onKeyDown}
      onMouseDown={onMouseDown}
      onDoubleClick={onDoubleClick}
      onClick={onClick}
      onCopy={onCopy}
      onPaste={onPaste}
      className="h-full overflow-auto border-t border-rule bg-sheet text-[13px] outline-offset-[-2px] [contain:strict]"
    >
      <GridHead
        {...props.head}
        columns={columns}
        width={width}
        unit={unit}
        menu={menu}
        onMenu={setMenu}
      />
      <div
        role="presentation"
        style={{ height: virtual.getTotalSize(), width, position: 'relative' }}
      >
        {items.map((item) => {
          const opening = openings[item.index]!;
          const within = item.index >= range.top && item.index <= range.bottom;
          return (
            <GridRow
              key={opening.id}
              id={opening.id}
              facts={opening.facts}
              rows={rows}
              columns={columns}
              width={width}
              index={item.index}
              active={place.row === item.index ? place.column : -1}
              left={within && several ? range.left : -1}
              right={within && several ? range.right : -1}
              twice={props.twice.has(opening.facts.mark.trim().toLowerCase())}
              unread={unreadLines.has(opening.id) ? unread : NOTHING_UNREAD}
              editor={editing?.at.row === item.index ? editor : undefined}
              theme={theme}
            />
          );
        })}
      </div>
    </div>
  );
}
