import { memo } from 'react';
import { BoltRow } from '../../parts/BoltRow.js';
import { Figures } from '../../parts/Figure.js';
import { LevelSign } from '../../parts/Say.js';
import { CellEditor, type EditorProps } from './CellEditor.js';
import { cellOf, COLUMNS, type Line, type RegisterColumn } from './columns.js';
import { unpackProgress } from '../../worker/progress.js';
import type { Unread } from './unread.js';

/** Widths of the columns beside the facts. */
export const BOLTS = 140;
export const OPEN = 26;

export const NOTHING_UNREAD: Record<string, Unread> = {};

/** One line of the grid; the grid hears of clicks by the `data-` attributes. */
export const GridRow = memo(function GridRow({
  line,
  index,
  active,
  left,
  right,
  twice,
  unread,
  editor,
}: {
  line: Line;
  index: number;
  active: number;
  left: number;
  right: number;
  twice: boolean;
  unread: Record<string, Unread>;
  editor: EditorProps | undefined;
}) {
  return (
    <div
      role="row"
      aria-rowindex={index + 2}
      className={`flex h-[30px] border-b border-rule/60 ${index % 2 ? 'bg-wash/35' : ''}`}
    >
      <div role="gridcell" style={{ width: OPEN }} className="flex items-center justify-center">
        <a
          href={`openings/${line.id}`}
          data-open={line.id}
          tabIndex={-1}
          aria-label={`Open ${line.facts.mark}`}
          title="Open (Ctrl Enter)"
          className="px-1.5 pb-1 text-lg leading-none text-soft hover:text-brass"
        >
          ›
        </a>
      </div>
      {COLUMNS.map((column, at) => {
        const fault = unread[`${line.id}:${column.id}`];
        const highlighted = at >= left && at <= right && left >= 0;
        const state = [
          column.right ? 'justify-end' : '',
          column.id === 'mark' ? 'sticky left-0 z-10 bg-sheet font-semibold' : '',
          highlighted ? '!bg-brass-wash' : '',
          active === at ? 'shadow-[inset_0_0_0_2px_var(--brass)]' : '',
          fault ? 'text-oxide shadow-[inset_3px_0_0_var(--oxide)]' : '',
        ];
        return (
          <div
            key={column.id}
            id={`cell-${index}-${at}`}
            role="gridcell"
            data-row={index}
            data-column={at}
            aria-selected={highlighted || active === at}
            aria-readonly={!column.editable}
            aria-invalid={fault ? true : undefined}
            title={fault?.message}
            style={{ width: column.width }}
            className={`relative flex h-full shrink-0 items-center overflow-hidden px-2 whitespace-nowrap ${state.join(' ')}`}
          >
            {editor?.column === at ? (
              <CellEditor column={column} editor={editor} />
            ) : fault ? (
              fault.text
            ) : (
              <CellText line={line} column={column} />
            )}
            {column.id === 'mark' && twice && (
              <span className="ml-1" title="This mark stands more than once">
                <LevelSign level="check" />
              </span>
            )}
          </div>
        );
      })}
      <div role="gridcell" style={{ width: BOLTS }} className="flex items-center px-1.5">
        {line.row && <BoltRow bolts={unpackProgress(line.row.progress)} width={13} />}
      </div>
    </div>
  );
});

function CellText({ line, column }: { line: Line; column: RegisterColumn }) {
  const cell = cellOf(line, column);
  return (
    <span
      className={`overflow-hidden text-ellipsis ${column.editable ? `basis-${cell.basis}` : cell.basis === 'open' ? 'basis-open' : ''} ${cell.basis === 'derived' && column.length && column.editable ? 'text-soft' : ''}`}
      title={cell.text.length > 14 ? cell.text : undefined}
    >
      <Figures parts={cell.parts} units={false} />
    </span>
  );
}
