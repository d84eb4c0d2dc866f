import { Plus, RotateCcw, Trash2 } from 'lucide-react';
import { useState } from 'react';
import {
  figureType,
  valueTable,
  withFigure,
  type FigureType,
  type Practice,
  type PracticeChange,
  type ValueName,
} from '@riegel/core';
import { termText } from '../../base/words.js';
import { figureText, optionWords, readFigure } from './figureText.js';
import { VALUE_WORDS } from './groups.js';

/** One figure; a fault stays with what was typed until it can be read. */
function FigureInput({
  label,
  words,
  figure,
  type,
  practice,
  disabled,
  onFigure,
}: {
  label: string;
  /** The group of terms that names its options. */
  words?: string | undefined;
  figure: unknown;
  type: FigureType;
  practice: Practice;
  disabled: boolean;
  onFigure: (figure: unknown) => void;
}) {
  const { system } = practice;
  const shown = figureText(figure, type, system);
  const [typed, setTyped] = useState<string | undefined>();
  const [fault, setFault] = useState('');
  if (disabled || Array.isArray(figure))
    return (
      <span className="px-1 tabular-nums">
        {type.type === 'choice' ? optionWords(shown, words) : shown}
      </span>
    );
  if (type.type === 'choice' || type.type === 'yes-no') {
    const options = type.type === 'choice' ? type.options : ['yes', 'no'];
    return (
      <select
        className="field"
        aria-label={label}
        value={shown}
        onChange={(event) =>
          onFigure(type.type === 'yes-no' ? event.target.value === 'yes' : event.target.value)
        }
      >
        {figure === undefined && <option value="">–</option>}
        {options.map((option) => (
          <option key={option} value={option}>
            {optionWords(option, words)}
          </option>
        ))}
      </select>
    );
  }
  const commit = () => {
    if (typed === undefined || typed.trim() === shown) {
      setTyped(undefined);
      setFault('');
      return;
    }
    const read = readFigure(typed, type, system);
    if ('fault' in read) {
      setFault(read.fault);
      return;
    }
    setFault('');
    setTyped(undefined);
    onFigure(read.figure);
  };
  return (
    <span className="inline-flex flex-col">
      <input
        className={`field ${type.type !== 'text' ? 'w-24 text-right' : shown.length > 24 ? 'w-80' : 'w-36'}`}
        title={shown.length > 40 ? shown : undefined}
        aria-label={label}
        aria-invalid={fault !== ''}
        value={typed ?? shown}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === 'Enter') commit();
          if (event.key === 'Escape') {
            setTyped(undefined);
            setFault('');
          }
        }}
      />
      {fault && (
        <span role="alert" className="max-w-40 text-xs text-oxide">
          {fault}
        </span>
      )}
    </span>
  );
}

const KIND_WORDS = { limit: 'limit', preference: 'preference', default: 'default' };

/** A value of a practice: its figures, where it comes from, and what it was before it was changed. */
export function ValueEditor({
  name,
  practice,
  shipped,
  change,
  editable,
  onChange,
}: {
  name: ValueName;
  practice: Practice;
  shipped: Practice;
  change: PracticeChange | undefined;
  editable: boolean;
  onChange: (change: PracticeChange | undefined) => void;
}) {
  const sourced = practice.values[name];
  const { value } = sourced;
  const table = valueTable(value);
  const title = termText(`value.${name}`);
  const rows = VALUE_WORDS[name]?.rows;
  const set = (next: unknown) =>
    onChange({
      value: next,
      source: change?.source ?? '',
      ...(change?.note ? { note: change.note } : {}),
    });
  const cell = (rowKey: string | undefined, path: string[], figure: unknown, label: string) => (
    <FigureInput
      label={label}
      words={VALUE_WORDS[name]?.options}
      figure={figure}
      type={figureType(name, practice.values, path)}
      practice={practice}
      disabled={!editable}
      onFigure={(next) =>
        set(withFigure(value, [...(rowKey === undefined ? [] : [rowKey]), ...path], next))
      }
    />
  );
  const single = table.columns.length === 1 && table.rows.length === 1 && !table.open;
  const titled = (path: string[]) =>
    path.length === 0 ? '' : termText(`figure.${path.join('.')}`);
  return (
    <div
      data-value={name}
      className={`grid grid-cols-[220px_minmax(0,1fr)] gap-x-4 border-t border-rule/60 py-1.5 ${change ? 'border-l-4 border-l-brass pl-2' : ''}`}
    >
      <div>
        <div>{title}</div>
        <div className="text-xs text-soft">
          {KIND_WORDS[sourced.kind]} · {change ? shipped.values[name].source : sourced.source}
        </div>
      </div>
      <div className="min-w-0">
        {single ? (
          <span className="flex items-baseline gap-2">
            {cell(undefined, [], value, title)}
            {sourced.unit === 'length' && (
              <span className="text-soft">{practice.system === 'inch' ? 'in' : 'mm'}</span>
            )}
            {change && (
              <span className="text-xs text-soft">
                shipped:{' '}
                {figureText(
                  shipped.values[name].value,
                  figureType(name, shipped.values, []),
                  practice.system,
                )}
              </span>
            )}
          </span>
        ) : table.columns.length === 1 && !table.open ? (
          <div
            className={
              table.rows.length > 8
                ? `grid gap-x-3 gap-y-1 ${name === 'roleWords' ? 'grid-cols-1' : 'grid-cols-[repeat(auto-fill,minmax(190px,1fr))]'}`
                : 'flex flex-wrap gap-x-3 gap-y-1'
            }
          >
            {table.rows.map((row) => (
              <span key={row.label} className="flex flex-col">
                <span className="text-xs text-soft">{rowName(row.label!, rows)}</span>
                {cell(row.label, [], row.figures[0], `${title}, ${rowName(row.label!, rows)}`)}
              </span>
            ))}
          </div>
        ) : (
          <div className="max-h-64 overflow-auto" tabIndex={0} role="group" aria-label={title}>
            <table>
              <thead>
                <tr className="caps text-left">
                  {table.rows.some((row) => row.label !== undefined) && <th />}
                  {table.columns.map((path) => (
                    <th key={path.join('.')} className="px-1 font-normal">
                      {titled(path)}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {table.rows.map((row, index) => {
                  const named = row.label === undefined ? undefined : rowName(row.label, rows);
                  return (
                    <tr key={row.label ?? index}>
                      {named !== undefined && <td className="pr-3 text-soft">{named}</td>}
                      {table.columns.map((path, column) => (
                        <td key={path.join('.')} className="px-1 py-px align-top">
                          {cell(
                            row.label ?? (table.open ? String(index) : undefined),
                            path,
                            row.figures[column],
                            [title, named ?? index + 1, titled(path)].filter(Boolean).join(', '),
                          )}
                        </td>
                      ))}
                      {editable && table.open && table.rows.length > 1 && (
                        <td>
                          <button
                            type="button"
                            className="text-soft hover:text-oxide"
                            aria-label={`Take row ${index + 1} of ${title} out`}
                            onClick={() =>
                              set((value as unknown[]).filter((_, at) => at !== index))
                            }
                          >
                            <Trash2 size={13} />
                          </button>
                        </td>
                      )}
                    </tr>
                  );
                })}
              </tbody>
            </table>
          </div>
        )}
        {editable && table.open && (
          <button
            type="button"
            className="button bare !px-1"
            onClick={() => set([...(value as unknown[]), another(value as unknown[])])}
          >
            <Plus size={14} /> Another row
          </button>
        )}
        {change && (
          <div className="mt-1 flex flex-wrap items-center gap-2">
            <input
              className="field w-64"
              aria-label={`Source of ${title}`}
              aria-invalid={change.source.trim() === ''}
              placeholder="Where does it come from? (needed)"
              maxLength={200}
              disabled={!editable}
              value={change.source}
              onChange={(event) => onChange({ ...change, source: event.target.value })}
            />
            <input
              className="field w-64"
              aria-label={`Note on ${title}`}
              placeholder="note"
              maxLength={1000}
              disabled={!editable}
              value={change.note ?? ''}
              onChange={(event) => onChange({ ...change, note: event.target.value })}
            />
            {editable && (
              <button type="button" className="button bare" onClick={() => onChange(undefined)}>
                <RotateCcw size={14} /> Reset
              </button>
            )}
          </div>
        )}
      </div>
    </div>
  );
}

/** A new row like the last one; a name is made its own. */
function another(rows: unknown[]): unknown {
  const last = rows[rows.length - 1];
  if (typeof last !== 'object' || last === null) return last;
  const copy = { ...(last as Record<string, unknown>) };
  if (typeof copy['id'] === 'string') copy['id'] = `${copy['id']}-2`.slice(0, 60);
  return copy;
}

function rowName(label: string, own?: string): string {
  for (const group of [...(own ? [own] : []), 'construction', 'figure', 'weight']) {
    const named = termText(`${group}.${label}`);
    if (named !== `${group}.${label}`) return named;
  }
  return label;
}
