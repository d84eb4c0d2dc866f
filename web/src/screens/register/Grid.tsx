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
} from 'react';
import type { FactsPatch, Practice } from '@riegel/core';
import { cellOf, COLUMNS, editText, readCell, type Line } from './columns.js';
import type { EditorProps, Place } from './CellEditor.js';
import type { Unread } from './unread.js';
import { BOLTS, GridRow, NOTHING_UNREAD, OPEN } from './GridRow.js';

const ROW = 30;

export interface GridHandle {
  focus(): void;
  /** Moves to a line, by opening, and starts editing its mark. */
  edit(id: string): void;
}

interface GridProps {
  lines: Line[];
  practice: Practice;
  canEdit: boolean;
  twice: ReadonlySet<string>;
  unread: Record<string, Unread>;
  sorting: { id: string; desc: boolean } | undefined;
  onSort: (id: string) => void;
  onSelect: (ids: string[]) => void;
  onPatch: (changes: { id: string; patch: FactsPatch }[]) => void;
  onUnread: (key: string, unread: Unread | undefined) => void;
  onPasteBlock: (text: string, at: Place) => void;
  onOpen: (id: string) => void;
  handle: Ref<GridHandle>;
}

const clamp = (value: number, most: number) => Math.max(0, Math.min(most, value));

/** The grid of openings: virtualised lines, moved, edited, copied and filled by keyboard. */
export function Grid(props: GridProps) {
  const { lines, practice, canEdit, unread, onPatch, onUnread } = props;
  const scroller = useRef<HTMLDivElement>(null);
  const [active, setActive] = useState<Place>({ row: 0, column: 0 });
  const [anchor, setAnchor] = useState<Place>({ row: 0, column: 0 });
  const [editing, setEditing] = useState<
    { at: Place; initial: string; whole: boolean } | undefined
  >();
  const virtual = useVirtualizer({
    count: lines.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    overscan: 6,
  });
  const items = virtual.getVirtualItems();
  const lastRow = Math.max(0, lines.length - 1);
  const place = { row: clamp(active.row, lastRow), column: active.column };
  const range = {
    top: Math.min(place.row, clamp(anchor.row, lastRow)),
    bottom: Math.max(place.row, clamp(anchor.row, lastRow)),
    left: Math.min(place.column, anchor.column),
    right: Math.max(place.column, anchor.column),
  };

  const { onSelect } = props;
  useEffect(() => {
    onSelect(lines.slice(range.top, range.bottom + 1).map((line) => line.id));
  }, [lines, range.top, range.bottom, onSelect]);

  const move = (to: Place, keepAnchor = false) => {
    const next = { row: clamp(to.row, lastRow), column: clamp(to.column, COLUMNS.length - 1) };
    setActive(next);
    if (!keepAnchor) setAnchor(next);
    virtual.scrollToIndex(next.row);
  };
  const startEdit = (at: Place, initial?: string) => {
    const line = lines[at.row];
    const column = COLUMNS[at.column]!;
    if (!line || !canEdit || !column.editable) return;
    const kept = unread[`${line.id}:${column.id}`];
    setEditing({
      at,
      initial: initial ?? kept?.text ?? editText(line, column, practice),
      whole: initial === undefined,
    });
  };
  const commit = (text: string, then: Place | undefined) => {
    if (!editing) return;
    const line = lines[editing.at.row];
    const column = COLUMNS[editing.at.column]!;
    setEditing(undefined);
    if (line) {
      const key = `${line.id}:${column.id}`;
      if (text.trim() === editText(line, column, practice).trim()) onUnread(key, undefined);
      else {
        const read = readCell(line, column, text, practice);
        if ('fault' in read) onUnread(key, { text, message: read.fault });
        else {
          onUnread(key, undefined);
          onPatch([{ id: line.id, patch: read.patch }]);
        }
      }
    }
    if (then) {
      move(then);
      scroller.current?.focus();
    }
  };

  useImperativeHandle(props.handle, () => ({
    focus: () => scroller.current?.focus(),
    edit: (id) => {
      const row = lines.findIndex((line) => line.id === id);
      if (row < 0) return;
      move({ row, column: 0 });
      startEdit({ row, column: 0 });
    },
  }));

  /** Applies texts to cells: what can be read is one change, what cannot stays with its cell. */
  const write = (cells: { place: Place; text: string }[]) => {
    const patches = new Map<string, FactsPatch>();
    for (const { place: at, text } of cells) {
      const line = lines[at.row];
      const column = COLUMNS[at.column];
      if (!line || !column?.editable) continue;
      const key = `${line.id}:${column.id}`;
      const read = readCell(line, column, text, practice);
      if ('fault' in read) onUnread(key, { text, message: read.fault });
      else {
        onUnread(key, undefined);
        patches.set(line.id, { ...patches.get(line.id), ...read.patch });
      }
    }
    if (patches.size > 0) onPatch([...patches].map(([id, patch]) => ({ id, patch })));
  };
  const selected = (): Place[] => {
    const places: Place[] = [];
    for (let row = range.top; row <= range.bottom; row++)
      for (let column = range.left; column <= range.right; column++) places.push({ row, column });
    return places;
  };

  const onKeyDown = (event: KeyboardEvent) => {
    if (editing) return;
    const { key, shiftKey } = event;
    const control = event.ctrlKey || event.metaKey;
    const steps: Record<string, Place> = {
      ArrowUp: { row: place.row - 1, column: place.column },
      ArrowDown: { row: place.row + 1, column: place.column },
      ArrowLeft: { row: place.row, column: place.column - 1 },
      ArrowRight: { row: place.row, column: place.column + 1 },
      PageUp: { row: place.row - 18, column: place.column },
      PageDown: { row: place.row + 18, column: place.column },
      Home: { row: control ? 0 : place.row, column: 0 },
      End: { row: control ? lastRow : place.row, column: COLUMNS.length - 1 },
    };
    const step = steps[key];
    if (step) {
      event.preventDefault();
      move(step, shiftKey);
    } else if (key === 'Enter' && control && lines[place.row]) {
      event.preventDefault();
      props.onOpen(lines[place.row]!.id);
    } else if ((key === 'Enter' || key === 'F2') && !control) {
      event.preventDefault();
      startEdit(place);
    } else if (key === 'Delete' || key === 'Backspace') {
      event.preventDefault();
      if (canEdit)
        write(
          selected()
            .filter((at) => !['mark', 'kind'].includes(COLUMNS[at.column]!.id))
            .map((at) => ({ place: at, text: '' })),
        );
    } else if (control && key.toLowerCase() === 'd') {
      event.preventDefault();
      if (canEdit)
        write(
          selected()
            .filter((at) => at.row > range.top)
            .map((at) => ({
              place: at,
              text: editText(lines[range.top]!, COLUMNS[at.column]!, practice),
            })),
        );
    } else if (control && key.toLowerCase() === 'a') {
      event.preventDefault();
      setAnchor({ row: 0, column: 0 });
      setActive({ row: lastRow, column: COLUMNS.length - 1 });
    } else if (key.length === 1 && !control && !event.altKey) {
      event.preventDefault();
      startEdit(place, key);
    }
  };
  const onCopy = (event: ClipboardEvent) => {
    if (editing || lines.length === 0) return;
    event.preventDefault();
    const text = lines
      .slice(range.top, range.bottom + 1)
      .map((line) =>
        COLUMNS.slice(range.left, range.right + 1)
          .map((column) =>
            column.editable && column.id !== 'hand'
              ? editText(line, column, practice)
              : cellOf(line, column).text,
          )
          .join('\t'),
      )
      .join('\n');
    event.clipboardData.setData('text/plain', text);
  };
  const onPaste = (event: ClipboardEvent) => {
    if (editing || !canEdit) return;
    event.preventDefault();
    const text = event.clipboardData.getData('text/plain');
    const block = text
      .replace(/\r?\n$/, '')
      .split(/\r?\n/)
      .map((row) => row.split('\t'));
    if (
      lines.length === 0 ||
      block.some((row) => row.length > 2) ||
      block.length > lines.length - place.row
    )
      props.onPasteBlock(text, place);
    else if (block.length === 1 && block[0]!.length === 1)
      write(selected().map((at) => ({ place: at, text })));
    else
      write(
        block.flatMap((row, r) =>
          row.map((cell, c) => ({
            place: { row: place.row + r, column: place.column + c },
            text: cell,
          })),
        ),
      );
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
    if (COLUMNS[at.column]!.editable) startEdit(at);
    else if (lines[at.row]) props.onOpen(lines[at.row]!.id);
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
  const width = COLUMNS.reduce((sum, column) => sum + column.width, OPEN + BOLTS);
  const first = items[0]?.start ?? 0;
  return (
    <div
      ref={scroller}
      role="grid"
      aria-label="Openings"
      aria-rowcount={lines.length + 1}
      aria-colcount={COLUMNS.length + 2}
      aria-multiselectable
      aria-activedescendant={lines.length > 0 ? `cell-${place.row}-${place.column}` : undefined}
      tabIndex={0}
      onKeyDown={onKeyDown}
      onMouseDown={onMouseDown}
      onDoubleClick={onDoubleClick}
      onClick={onClick}
      onCopy={onCopy}
      onPaste={onPaste}
      className="h-full overflow-auto border-t border-rule bg-sheet text-[13px] outline-offset-[-2px] [contain:strict]"
    >
      <div
        role="row"
        aria-rowindex={1}
        className="sticky top-0 z-20 flex border-b border-ink bg-paper"
        style={{ width }}
      >
        <div role="columnheader" style={{ width: OPEN }}>
          <span className="sr-only">Open</span>
        </div>
        {COLUMNS.map((column) => (
          <div
            key={column.id}
            role="columnheader"
            aria-sort={
              props.sorting?.id === column.id
                ? props.sorting.desc
                  ? 'descending'
                  : 'ascending'
                : 'none'
            }
            style={{ width: column.width }}
            className={`shrink-0 ${column.id === 'mark' ? 'sticky left-0 z-10 bg-paper' : ''}`}
          >
            <button
              type="button"
              tabIndex={-1}
              onClick={() => props.onSort(column.id)}
              className={`caps flex h-8 w-full items-center gap-1 px-2 ${column.right ? 'justify-end' : ''}`}
            >
              <span className="truncate">{column.title}</span>
              {column.length && <span className="normal-case">{unit}</span>}
              {props.sorting?.id === column.id && (
                <span aria-hidden>{props.sorting.desc ? '↓' : '↑'}</span>
              )}
            </button>
          </div>
        ))}
        <div
          role="columnheader"
          className="caps flex h-8 items-center px-2"
          style={{ width: BOLTS }}
        >
          Progress
        </div>
      </div>
      <div role="presentation" style={{ height: virtual.getTotalSize(), width }}>
        <div role="presentation" style={{ transform: `translateY(${first}px)` }}>
          {items.map((item) => {
            const line = lines[item.index]!;
            const within = item.index >= range.top && item.index <= range.bottom;
            return (
              <GridRow
                key={line.id}
                line={line}
                index={item.index}
                active={place.row === item.index ? place.column : -1}
                left={within && several ? range.left : -1}
                right={within && several ? range.right : -1}
                twice={props.twice.has(line.facts.mark.trim().toLowerCase())}
                unread={unreadLines.has(line.id) ? unread : NOTHING_UNREAD}
                editor={editing?.at.row === item.index ? editor : undefined}
              />
            );
          })}
        </div>
      </div>
    </div>
  );
}
