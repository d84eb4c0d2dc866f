import { useRef, type KeyboardEvent } from 'react';
import { listOf } from '../../parts/RoomList.js';
import { optionsOf, type RegisterColumn } from './columns.js';

export interface Place {
  row: number;
  column: number;
}

/** A cell being edited. */
export interface EditorProps {
  column: number;
  initial: string;
  /** Selected as a whole, so that typing replaces it. */
  whole: boolean;
  place: Place;
  commit: (text: string, then: Place | undefined) => void;
  cancel: () => void;
}

/** The field that lies over a cell while it is edited. */
export function CellEditor({ column, editor }: { column: RegisterColumn; editor: EditorProps }) {
  const options = optionsOf(column);
  const { place } = editor;
  const done = useRef(false);
  // Letters walk through a list's options; only a click, Enter or Tab takes one.
  const keyed = useRef(false);
  const finish = (text: string, then: Place | undefined) => {
    if (done.current) return;
    done.current = true;
    editor.commit(text, then);
  };
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement | HTMLSelectElement>) => {
    event.stopPropagation();
    keyed.current = true;
    const { value } = event.currentTarget;
    if (event.key === 'Escape') {
      done.current = true;
      editor.cancel();
    } else if (event.key === 'Enter') {
      event.preventDefault();
      finish(value, { row: place.row + (event.shiftKey ? -1 : 1), column: place.column });
    } else if (event.key === 'Tab') {
      event.preventDefault();
      finish(value, { row: place.row, column: place.column + (event.shiftKey ? -1 : 1) });
    }
  };
  const shape =
    'absolute inset-0 z-10 h-full w-full border-2 border-brass bg-sheet px-1.5 text-ink outline-none';
  if (options) {
    const known = options.some(([code]) => code === editor.initial);
    return (
      <select
        autoFocus
        aria-label={column.title}
        className={shape}
        defaultValue={known ? editor.initial : ''}
        onKeyDown={onKeyDown}
        onBlur={(event) => finish(event.target.value, undefined)}
        onPointerDown={() => (keyed.current = false)}
        onChange={(event) => !keyed.current && finish(event.target.value, place)}
      >
        {column.id !== 'kind' && <option value="">–</option>}
        {options.map(([code, words]) => (
          <option key={code} value={code}>
            {words}
          </option>
        ))}
        {column.id !== 'kind' && <option value="unknown">unknown</option>}
      </select>
    );
  }
  return (
    <input
      autoFocus
      onFocus={(event) => editor.whole && event.target.select()}
      aria-label={column.title}
      className={`${shape} ${column.right ? 'text-right' : ''}`}
      list={listOf(column.id)}
      defaultValue={editor.initial}
      onKeyDown={onKeyDown}
      onBlur={(event) => finish(event.target.value, undefined)}
      onPaste={(event) => event.stopPropagation()}
      onCopy={(event) => event.stopPropagation()}
    />
  );
}
