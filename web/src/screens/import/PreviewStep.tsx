import { useVirtualizer } from '@tanstack/react-virtual';
import { useRef, useState } from 'react';
import {
  phraseText,
  type ComparedRow,
  type ListComparison,
  type ListDifference,
  type Practice,
} from '@riegel/core';
import { termText } from '../../base/words.js';
import { columnName } from './columnNames.js';
import { factShown } from './shown.js';

/** What of the list a person takes over. */
export interface Taking {
  /** By row and fact; absent is as proposed. */
  facts: ReadonlyMap<string, boolean>;
  rowsLeftOut: ReadonlySet<number>;
  removed: ReadonlySet<string>;
}

export const NOTHING_DECIDED: Taking = {
  facts: new Map(),
  rowsLeftOut: new Set(),
  removed: new Set(),
};

function differenceKey(row: ComparedRow, difference: ListDifference): string {
  return `${row.at}:${difference.fact}`;
}

/** Whether a difference is taken over: what only the list changed is proposed, what was changed here is not. */
export function isTaken(taking: Taking, row: ComparedRow, difference: ListDifference): boolean {
  if (taking.rowsLeftOut.has(row.at)) return false;
  return taking.facts.get(differenceKey(row, difference)) ?? difference.by === 'list';
}

type Tab = ComparedRow['status'] | 'missing';

const TABS: { tab: Tab; title: string }[] = [
  { tab: 'added', title: 'New' },
  { tab: 'changed', title: 'Changed' },
  { tab: 'unchanged', title: 'The same' },
  { tab: 'unreadable', title: 'Not readable' },
  { tab: 'missing', title: 'Not in the list' },
];

const MOVED: Record<ListDifference['by'], string> = {
  list: '',
  here: 'changed here since the last list, which says the same as before',
  both: 'changed here and in the list',
};

/** What the list would do, row by row, before anything is done. */
export function PreviewStep({
  comparison,
  practice,
  taking,
  onTaking,
}: {
  comparison: ListComparison;
  practice: Practice;
  taking: Taking;
  onTaking: (taking: Taking) => void;
}) {
  const count = (tab: Tab) =>
    tab === 'missing'
      ? comparison.missing.length
      : comparison.rows.filter((row) => row.status === tab).length;
  const first = TABS.find(({ tab }) => (tab === 'changed' || tab === 'added') && count(tab) > 0);
  const [chosen, setTab] = useState<Tab | undefined>();
  const tab = chosen ?? first?.tab ?? 'unchanged';
  const rows = comparison.rows.filter((row) => row.status === tab);
  return (
    <>
      <div role="tablist" aria-label="What the list would do" className="flex gap-1 px-4 pt-3">
        {TABS.map(({ tab: one, title }) => (
          <button
            key={one}
            role="tab"
            aria-selected={one === tab}
            className={`border-b-[3px] px-3 py-1 ${one === tab ? 'border-brass font-semibold' : 'border-transparent text-soft'}`}
            onClick={() => setTab(one)}
          >
            {title} <span className="tabular-nums">{count(one)}</span>
          </button>
        ))}
      </div>
      {tab === 'missing' ? (
        <Missing comparison={comparison} taking={taking} onTaking={onTaking} />
      ) : (
        <Rows key={tab} rows={rows} practice={practice} taking={taking} onTaking={onTaking} />
      )}
    </>
  );
}

function Rows({
  rows,
  practice,
  taking,
  onTaking,
}: {
  rows: ComparedRow[];
  practice: Practice;
  taking: Taking;
  onTaking: (taking: Taking) => void;
}) {
  const scroller = useRef<HTMLDivElement>(null);
  const virtual = useVirtualizer({
    count: rows.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => 34,
    overscan: 10,
  });
  const toggleRow = (row: ComparedRow) => {
    const rowsLeftOut = new Set(taking.rowsLeftOut);
    if (!rowsLeftOut.delete(row.at)) rowsLeftOut.add(row.at);
    onTaking({ ...taking, rowsLeftOut });
  };
  const toggle = (row: ComparedRow, difference: ListDifference) => {
    const facts = new Map(taking.facts);
    facts.set(differenceKey(row, difference), !isTaken(taking, row, difference));
    onTaking({ ...taking, facts });
  };
  if (rows.length === 0) return <p className="flex-1 p-6 text-soft">There are none.</p>;
  return (
    <div ref={scroller} className="min-h-0 flex-1 overflow-auto px-4 pb-4" tabIndex={0}>
      <div className="sheet relative" style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map((item) => {
          const row = rows[item.index]!;
          const out = taking.rowsLeftOut.has(row.at);
          return (
            <div
              key={row.at}
              data-index={item.index}
              data-row={row.mark}
              ref={virtual.measureElement}
              className="absolute left-0 grid w-full grid-cols-[28px_48px_100px_1fr] items-baseline gap-2 border-b border-rule/70 px-2 py-1.5"
              style={{ transform: `translateY(${item.start}px)` }}
            >
              {row.status === 'added' || row.status === 'changed' ? (
                <input
                  type="checkbox"
                  aria-label={`Take ${row.mark}`}
                  checked={!out}
                  onChange={() => toggleRow(row)}
                />
              ) : (
                <span />
              )}
              <span className="text-right text-xs text-soft">row {row.at + 1}</span>
              <span className={`font-semibold ${out ? 'line-through' : ''}`}>
                {row.mark || '–'}
              </span>
              <div className="min-w-0">
                <RowText row={row} practice={practice} taking={taking} onToggle={toggle} />
              </div>
            </div>
          );
        })}
      </div>
    </div>
  );
}

function RowText({
  row,
  practice,
  taking,
  onToggle,
}: {
  row: ComparedRow;
  practice: Practice;
  taking: Taking;
  onToggle: (row: ComparedRow, difference: ListDifference) => void;
}) {
  const unread = row.unread.map((cell) => (
    <span key={cell.column} className="mr-4 text-ochre">
      {columnName(cell.column)} “{cell.typed}” not read
    </span>
  ));
  if (row.fault)
    return (
      <span className="text-oxide">
        {phraseText(row.fault, { system: practice.system })} {unread}
      </span>
    );
  if (row.status === 'changed')
    return (
      <>
        {row.differences.map((difference) => (
          <label key={difference.fact} className="mr-6 inline-flex items-baseline gap-1.5">
            <input
              type="checkbox"
              aria-label={`Take ${termText(`fact.${difference.fact}`)} of ${row.mark}`}
              disabled={taking.rowsLeftOut.has(row.at)}
              checked={isTaken(taking, row, difference)}
              onChange={() => onToggle(row, difference)}
            />
            <span className="text-soft">{termText(`fact.${difference.fact}`)}</span>
            <span className="line-through decoration-soft">
              {factShown(difference.fact, difference.before, practice)}
            </span>
            <span aria-hidden>→</span>
            <span className="font-semibold">
              {factShown(difference.fact, difference.after, practice)}
            </span>
            {MOVED[difference.by] && (
              <span className="text-xs text-ochre">{MOVED[difference.by]}</span>
            )}
          </label>
        ))}
        {unread}
      </>
    );
  const { mark: _, kind, ...facts } = row.facts;
  return (
    <>
      <span className="mr-4">{termText(`short.kind.${kind}`)}</span>
      {row.status === 'added' &&
        Object.entries(facts).map(([fact, value]) => (
          <span key={fact} className="mr-4 inline-block">
            <span className="text-soft">{termText(`fact.${fact}`)}</span>{' '}
            {factShown(fact, value, practice)}
          </span>
        ))}
      {unread}
    </>
  );
}

function Missing({
  comparison,
  taking,
  onTaking,
}: {
  comparison: ListComparison;
  taking: Taking;
  onTaking: (taking: Taking) => void;
}) {
  const toggle = (id: string) => {
    const removed = new Set(taking.removed);
    if (!removed.delete(id)) removed.add(id);
    onTaking({ ...taking, removed });
  };
  return (
    <div className="min-h-0 flex-1 overflow-auto px-4 pb-4" tabIndex={0}>
      <p className="py-2 text-soft">
        These openings of the project stand nowhere in the list. They are kept, unless you mark them
        to be deleted.
      </p>
      <ul className="columns-3">
        {comparison.missing.map(({ id, mark, wasListed }) => (
          <li key={id}>
            <label className="flex gap-2">
              <input
                type="checkbox"
                aria-label={`Delete ${mark}`}
                checked={taking.removed.has(id)}
                onChange={() => toggle(id)}
              />
              <span className="font-semibold">{mark}</span>
              {wasListed && <span className="text-ochre">was in the last list</span>}
              {taking.removed.has(id) && <span className="text-oxide">will be deleted</span>}
            </label>
          </li>
        ))}
      </ul>
    </div>
  );
}
