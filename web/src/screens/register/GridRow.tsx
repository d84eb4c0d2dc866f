import { memo, useCallback, useSyncExternalStore } from 'react';
import type { OpeningFacts, Part } from '@riegel/core';
import type { Theme } from '../../base/theme.js';
import { boltImage, boltsWords } from '../../parts/boltImage.js';
import { Figures } from '../../parts/Figure.js';
import { LevelSign } from '../../parts/Say.js';
import type { RowStore } from '../../worker/rowStore.js';
import { CellEditor, type EditorProps } from './CellEditor.js';
import { cellOf, type Line } from './columns.js';
import { fitText } from './fitText.js';
import type { Placed } from './layout.js';
import type { Unread } from './unread.js';

/** Height of a line, and widths of what stands beside the columns. */
export const ROW = 30;
export const BOLTS = 152;
export const OPEN = 26;

/** Left and right of a cell's text. */
const PADDING = 16;

export const NOTHING_UNREAD: Record<string, Unread> = {};

interface GridRowProps {
  id: string;
  facts: OpeningFacts;
  rows: RowStore;
  columns: readonly Placed[];
  width: number;
  index: number;
  active: number;
  left: number;
  right: number;
  twice: boolean;
  unread: Record<string, Unread>;
  editor: EditorProps | undefined;
  theme: Theme;
}

/**
 * One line of the grid, at its own place and of its own size, so that the browser draws it once and
 * only moves it. It looks at its own decisions alone; the grid hears of clicks by the `data-` attributes.
 */
export const GridRow = memo(function GridRow(props: GridRowProps) {
  const { id, facts, rows, columns, index, active, left, right, unread, editor } = props;
  const row = useSyncExternalStore(
    rows.subscribe,
    useCallback(() => rows.get(id), [rows, id]),
  );
  const line: Line = { id, facts, row };
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      className={`grid-row ${index % 2 ? 'odd' : ''}`}
      style={{ top: index * ROW, width: props.width }}
    >
      <div
        role="gridcell"
        className={columns[0]?.stays === undefined ? 'open' : 'frozen open'}
        style={{ width: OPEN, left: 0 }}
      >
        <a
          href={`openings/${id}`}
          data-open={id}
          tabIndex={-1}
          aria-label={`Open ${facts.mark}`}
          title="Open (Ctrl Enter)"
        >
          ›
        </a>
      </div>
      {columns.map((column, at) => {
        const fault = unread[`${id}:${column.id}`];
        const highlighted = at >= left && at <= right && left >= 0;
        const here = active === at;
        const twice = column.id === 'mark' && props.twice;
        let state = '';
        if (column.right) state += ' right';
        if (column.stays !== undefined) state += ' frozen';
        if (column.id === 'mark') state += ' font-semibold';
        if (highlighted) state += ' chosen';
        if (here) state += ' active';
        if (editor?.column === at) state += ' edited';
        if (fault) state += ' fault';
        return (
          <div
            key={column.id}
            id={`cell-${index}-${at}`}
            role="gridcell"
            data-row={index}
            data-column={at}
            aria-selected={highlighted || here}
            aria-readonly={!column.editable}
            aria-invalid={fault ? true : undefined}
            title={fault?.message}
            style={
              column.stays === undefined
                ? { width: column.width }
                : { width: column.width, left: column.stays }
            }
            className={state}
          >
            {editor?.column === at ? (
              <CellEditor column={column} editor={editor} />
            ) : fault ? (
              fitText(fault.text, column.width - PADDING)
            ) : (
              <CellText line={line} column={column} room={twice ? 20 : 0} />
            )}
            {twice && (
              <span
                className="ml-1 inline-block align-[-2px]"
                title="This mark stands more than once"
              >
                <LevelSign level="check" />
              </span>
            )}
          </div>
        );
      })}
      <div role="gridcell" style={{ width: BOLTS }}>
        {row && (
          <img
            src={boltImage(row.progress, props.theme)}
            alt={boltsWords(row.progress)}
            className="inline-block"
            height={20}
          />
        )}
      </div>
    </div>
  );
});

/** A plain cell is one text; what differs in line or mark is wrapped. */
function CellText({ line, column, room }: { line: Line; column: Placed; room: number }) {
  const { parts, text, basis } = cellOf(line, column);
  const width = column.width - PADDING - room;
  const bold = column.id === 'mark';
  const plain = parts.every((part) => typeof part === 'string');
  const fits = plain ? fitText(text, width, bold) : fitFigures(parts, width);
  const shown = fits ?? <Figures parts={parts} units={false} />;
  const mark = column.editable
    ? basis === 'given'
      ? ''
      : `basis-${basis}${basis === 'derived' && column.length ? ' text-soft' : ''}`
    : basis === 'open'
      ? 'basis-open'
      : '';
  const cut = plain ? fits !== text : fits !== undefined;
  if (!mark && !cut) return shown;
  return (
    <span className={mark || undefined} title={cut ? text : undefined}>
      {shown}
    </span>
  );
}

/** Figures without their units as they are cut, where there is no room for them; a true fraction is narrow. */
function fitFigures(parts: readonly Part[], width: number): string | undefined {
  const text = (fraction: (numerator: number, denominator: number) => string) =>
    parts
      .map((part) => {
        if (typeof part === 'string') return part;
        const { negative, whole, numerator, denominator } = part.length;
        return `${negative ? '−' : ''}${whole}${numerator > 0 ? fraction(numerator, denominator) : ''}`;
      })
      .join('');
  const narrow = text((numerator) => (numerator > 9 ? '000' : '00'));
  if (fitText(narrow, width) === narrow) return undefined;
  return fitText(
    text((numerator, denominator) => ` ${numerator}/${denominator}`),
    width,
  );
}
