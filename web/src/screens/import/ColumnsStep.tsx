import {
  DndContext,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { headingsAt, REMARK, type ColumnGuess, type ListMapping } from '@riegel/core';
import { columnName, OTHER_COLUMNS, USUAL_COLUMNS } from './columnNames.js';
import { CheckBox } from '../../parts/CheckBox.js';
import { Select } from '../../parts/Select.js';

const SHOWN_ROWS = 12;

const BY: Record<ColumnGuess['by'], string> = {
  memory: 'as last time',
  name: 'by its name',
  contents: 'by its contents',
  none: '',
};

/** A fact that can be dragged onto the column it stands in. */
function Chip({ column, used }: { column: string; used: boolean }) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: `chip:${column}`,
    data: { column },
  });
  return (
    <button
      type="button"
      ref={setNodeRef}
      {...listeners}
      {...attributes}
      className={`touch-none rounded-full border px-3 py-0.5 ${used ? 'border-rule text-soft' : 'border-brass bg-sheet'} ${isDragging ? 'relative z-20 shadow' : ''}`}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
    >
      {columnName(column)}
    </button>
  );
}

function ColumnHead({
  at,
  heading,
  column,
  guess,
  onColumn,
}: {
  at: number;
  heading: string;
  column: string;
  guess: ColumnGuess | undefined;
  onColumn: (column: string) => void;
}) {
  const { setNodeRef, isOver } = useDroppable({ id: `column:${at}`, data: { at } });
  const guessed = guess && guess.column === column && guess.by !== 'none' ? guess : undefined;
  return (
    <th
      ref={setNodeRef}
      className={`min-w-36 border-r border-rule p-2 text-left align-top font-normal ${isOver ? 'bg-brass/20' : column && column !== REMARK ? '' : 'bg-paper'}`}
    >
      <select
        className={`field w-full ${column && column !== REMARK ? 'font-semibold' : 'text-soft'}`}
        aria-label={`Column ${heading || at + 1} is`}
        value={column}
        onChange={(event) => onColumn(event.target.value)}
      >
        <option value="">Leave out</option>
        <option value={REMARK}>Into the notes</option>
        <optgroup label="Usual">
          {USUAL_COLUMNS.map((name) => (
            <option key={name} value={name}>
              {columnName(name)}
            </option>
          ))}
        </optgroup>
        <optgroup label="Further facts">
          {OTHER_COLUMNS.map((name) => (
            <option key={name} value={name}>
              {columnName(name)}
            </option>
          ))}
        </optgroup>
      </select>
      <div className="mt-1 truncate" title={heading}>
        {heading || <span className="text-soft italic">no heading</span>}
      </div>
      <div className="h-4 text-xs text-soft">
        {guessed &&
          `${BY[guessed.by]}${guessed.reads < 1 ? `, ${Math.round(guessed.reads * 100)} % read` : ''}`}
      </div>
    </th>
  );
}

/** What each column of the list means: by menu, or by dragging a fact onto it. */
export function ColumnsStep({
  cells,
  mapping,
  guesses,
  onMapping,
}: {
  cells: string[][];
  mapping: ListMapping;
  guesses: ColumnGuess[];
  onMapping: (mapping: ListMapping) => void;
}) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  const set = (at: number, column: string) => {
    const columns = mapping.columns.map((before, index) =>
      index === at ? column : column && column !== REMARK && before === column ? '' : before,
    );
    onMapping({ ...mapping, columns });
  };
  const dropped = ({ active, over }: DragEndEvent) => {
    const at = over?.data.current?.['at'] as number | undefined;
    const column = active.data.current?.['column'] as string;
    if (at !== undefined) set(at, column);
  };
  const heading = headingsAt(cells, mapping.headerRow);
  const rows = cells.slice(mapping.headerRow + 1).filter((row) => row.some((cell) => cell.trim()));
  return (
    <DndContext sensors={sensors} onDragEnd={dropped}>
      <div className="flex flex-wrap gap-2 border-b border-rule bg-paper px-4 py-2">
        <span className="caps self-center pr-2">drag onto a column</span>
        {USUAL_COLUMNS.map((column) => (
          <Chip key={column} column={column} used={mapping.columns.includes(column)} />
        ))}
      </div>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-1 px-4 py-2 text-soft">
        <span className="flex items-center gap-2">
          Headings in row
          <Select
            label="Headings in row"
            className="text-ink"
            value={String(mapping.headerRow)}
            onChange={(row) => onMapping({ ...mapping, headerRow: Number(row) })}
            options={[
              { value: '-1', text: 'none' },
              ...cells.slice(0, 30).map((row, index) => ({
                value: String(index),
                text: `${index + 1}: ${row
                  .filter((cell) => cell.trim())
                  .slice(0, 3)
                  .join(', ')
                  .slice(0, 40)}`,
              })),
            ]}
          />
        </span>
        <span className="flex items-center gap-2">
          Bare numbers are
          <Select
            label="Bare numbers are"
            className="text-ink"
            value={mapping.system}
            onChange={(system) =>
              onMapping({ ...mapping, system: system as ListMapping['system'] })
            }
            options={[
              { value: 'inch', text: 'inches' },
              { value: 'metric', text: 'millimetres' },
            ]}
          />
        </span>
        <CheckBox
          checked={mapping.decimalComma}
          onChange={(decimalComma) => onMapping({ ...mapping, decimalComma })}
        >
          Decimal comma
        </CheckBox>
      </div>
      <div className="min-h-0 flex-1 overflow-auto px-4">
        <table className="sheet border-separate border-spacing-0">
          <thead className="sticky top-0 z-10 bg-sheet">
            <tr>
              {mapping.columns.map((column, at) => (
                <ColumnHead
                  key={at}
                  at={at}
                  heading={(heading[at] ?? '').trim()}
                  column={column}
                  guess={guesses[at]}
                  onColumn={(next) => set(at, next)}
                />
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.slice(0, SHOWN_ROWS).map((row, index) => (
              <tr key={index}>
                {mapping.columns.map((column, at) => (
                  <td
                    key={at}
                    className={`max-w-64 truncate border-t border-r border-rule/70 px-2 py-1 ${column ? '' : 'text-soft line-through decoration-1'}`}
                  >
                    {row[at]}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
        <p className="py-2 text-soft">
          {rows.length > SHOWN_ROWS && `The first ${SHOWN_ROWS} of ${rows.length} filled rows. `}
          Rows that are a section’s heading or repeat the headings are passed over.
        </p>
      </div>
    </DndContext>
  );
}
