import { ArrowDown, ArrowLeft, ArrowRight, ArrowUp, EyeOff, Pin } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useMemo, useState } from 'react';
import { CheckBox } from '../../parts/CheckBox.js';
import type { Placed } from './layout.js';

export interface ColumnMenuProps {
  column: Placed;
  frozen: boolean;
  /** Every text of the column with how often it stands. */
  values: () => [text: string, count: number][];
  /** The texts that are shown; undefined while all are. */
  kept: readonly string[] | undefined;
  onKeep: (values: readonly string[] | undefined) => void;
  onSort: (desc: boolean) => void;
  onMove: (by: number) => void;
  onFreeze: () => void;
  onHide: (() => void) | undefined;
}

const MAX_LISTED = 200;

/** What can be done with a column: sort, filter by what stands in it, move, freeze, hide. */
export function ColumnMenu(props: ColumnMenuProps) {
  const { column, kept, onKeep } = props;
  const [words, setWords] = useState('');
  // Read once, when the menu opens: what is unticked here does not vanish from the list.
  const { values } = props;
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const all = useMemo(() => values(), []);
  const listed = useMemo(
    () => all.filter(([text]) => text.toLowerCase().includes(words.toLowerCase())),
    [all, words],
  );
  const on = (text: string) => kept === undefined || kept.includes(text);
  const toggle = (text: string) => {
    const before = kept ?? all.map(([one]) => one);
    const next = on(text) ? before.filter((one) => one !== text) : [...before, text];
    onKeep(next.length === all.length ? undefined : next);
  };
  const step = 'button bare !h-7 !justify-start !px-2';
  return (
    <Popover.Portal>
      <Popover.Content
        align="start"
        sideOffset={2}
        className="sheet z-40 w-72 p-2 shadow-lg"
        aria-label={`Column ${column.title}`}
      >
        <div className="grid grid-cols-2">
          <button className={step} onClick={() => props.onSort(false)}>
            <ArrowUp size={14} /> Ascending
          </button>
          <button className={step} onClick={() => props.onSort(true)}>
            <ArrowDown size={14} /> Descending
          </button>
          <button className={step} onClick={() => props.onMove(-1)}>
            <ArrowLeft size={14} /> Move left
          </button>
          <button className={step} onClick={() => props.onMove(1)}>
            <ArrowRight size={14} /> Move right
          </button>
          <button className={step} onClick={props.onFreeze} aria-pressed={props.frozen}>
            <Pin size={14} /> {props.frozen ? 'Unfreeze' : 'Freeze to here'}
          </button>
          {props.onHide && (
            <button className={step} onClick={props.onHide}>
              <EyeOff size={14} /> Hide
            </button>
          )}
        </div>
        <div className="mt-2 border-t border-rule pt-2">
          <input
            className="field w-full"
            type="search"
            aria-label={`Find in ${column.title}`}
            placeholder="Show only …"
            value={words}
            onChange={(event) => setWords(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === 'Enter' && listed.length > 0) onKeep(listed.map(([text]) => text));
            }}
          />
          <div className="mt-1 flex gap-3 text-xs">
            <button className="underline hover:text-brass" onClick={() => onKeep(undefined)}>
              all
            </button>
            <button
              className="underline hover:text-brass"
              onClick={() => onKeep(listed.map(([text]) => text))}
            >
              only these {listed.length}
            </button>
          </div>
          <div className="mt-1 max-h-56 overflow-auto">
            {listed.slice(0, MAX_LISTED).map(([text, count]) => (
              <CheckBox
                key={text}
                className="py-0.5"
                checked={on(text)}
                onChange={() => toggle(text)}
              >
                <span className="min-w-0 flex-1 truncate">
                  {text || <i className="text-soft">empty</i>}
                </span>
                <span className="text-soft">{count}</span>
              </CheckBox>
            ))}
            {listed.length > MAX_LISTED && (
              <p className="text-xs text-soft">
                {listed.length - MAX_LISTED} more; type to find them.
              </p>
            )}
          </div>
        </div>
      </Popover.Content>
    </Popover.Portal>
  );
}
