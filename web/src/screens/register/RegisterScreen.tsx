import {
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  useReactTable,
  type ColumnDef,
  type SortingState,
} from '@tanstack/react-table';
import { ClipboardPaste, FileUp, PencilLine, Plus, Trash2 } from 'lucide-react';
import { lazy, Suspense, useCallback, useMemo, useRef, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { toast } from 'sonner';
import { duplicateMarks, type OpeningFacts } from '@riegel/core';
import { useKeys } from '../../app/keys.js';
import { loadPaste } from '../../app/pages.js';
import { useProject } from '../../data/project.js';
import { BoltStack } from '../../parts/BoltRow.js';
import { LevelSign } from '../../parts/Say.js';
import { useRows } from '../../worker/client.js';
import { sharesOf } from '../../worker/progress.js';
import { cellOf, COLUMNS, readCell, type Line } from './columns.js';
import { EditManyDialog } from './EditManyDialog.js';
import type { Place } from './CellEditor.js';
import { Grid, type GridHandle } from './Grid.js';
import { TakeMenu } from './TakeMenu.js';
import { useUnread } from './unread.js';

const PasteDialog = lazy(loadPaste);

const marks = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });

const columns: ColumnDef<Line, string>[] = COLUMNS.map((column) => ({
  id: column.id,
  accessorFn: (line) => cellOf(line, column).text,
  sortingFn: (a, b, id) => marks.compare(a.getValue(id), b.getValue(id)),
}));

/** The register: every opening on a line, typed, pasted and filled like a list on paper. */
export function RegisterScreen() {
  const { project, practice, basis, openings, canEdit, edit, create, remove } = useProject();
  const { rows, busy } = useRows(openings, basis);
  const [search, setSearch] = useState('');
  const [sorting, setSorting] = useState<SortingState>([]);
  const [selected, setSelected] = useState<string[]>([]);
  const [paste, setPaste] = useState<{ text: string; at: Place | undefined } | undefined>();
  const [many, setMany] = useState(false);
  const { unread, setUnread } = useUnread(project.id);
  const grid = useRef<GridHandle>(null);
  const navigate = useNavigate();

  const data = useMemo<Line[]>(
    () => openings.map(({ id, facts }) => ({ id, facts, row: rows.get(id) })),
    [openings, rows],
  );
  const table = useReactTable({
    data,
    columns,
    state: { sorting, globalFilter: search },
    onSortingChange: setSorting,
    globalFilterFn: 'includesString',
    getRowId: (line) => line.id,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
  });
  const model = table.getRowModel().rows;
  const lines = useMemo(() => model.map((row) => row.original), [model]);
  const twice = useMemo(
    () => duplicateMarks(openings.map((opening) => opening.facts.mark)),
    [openings],
  );
  const totals = useMemo(() => {
    const shown = openings.flatMap(({ id }) => rows.get(id) ?? []);
    const sum = (key: 'stops' | 'checks' | 'open') => shown.reduce((all, row) => all + row[key], 0);
    return {
      stops: sum('stops'),
      checks: sum('checks'),
      open: sum('open'),
      shares: sharesOf(shown.map((row) => row.progress)),
    };
  }, [openings, rows]);

  const add = useCallback(() => {
    const used = new Set(openings.map((opening) => opening.facts.mark));
    const last = openings.at(-1)?.facts.mark ?? '100';
    let mark = last;
    do
      mark = /\d+(?!.*\d)/.test(mark)
        ? mark.replace(/\d+(?!.*\d)/, (digits) =>
            String(Number(digits) + 1).padStart(digits.length, '0'),
          )
        : `${mark} 2`;
    while (used.has(mark));
    const [id] = create([{ mark, kind: 'single' }]);
    setSearch('');
    setTimeout(() => grid.current?.edit(id!), 60);
  }, [openings, create]);
  useKeys({
    ...(canEdit
      ? { 'Alt+a': add, a: add, 'Alt+e': () => selected.length > 0 && setMany(true) }
      : {}),
  });
  const onSelect = useCallback((ids: string[]) => setSelected(ids), []);
  const onSort = (id: string) =>
    setSorting((before) =>
      before[0]?.id !== id ? [{ id, desc: false }] : before[0].desc ? [] : [{ id, desc: true }],
    );

  const addPasted = (list: OpeningFacts[]) => {
    create(list);
    setPaste(undefined);
    toast(`${list.length} opening${list.length === 1 ? '' : 's'} added.`);
  };
  const writeOver = (cells: string[][], at: Place) => {
    const changes: { id: string; patch: object }[] = [];
    cells.forEach((row, r) => {
      const line = lines[at.row + r];
      if (!line) return;
      let patch = {};
      row.forEach((text, c) => {
        const column = COLUMNS[at.column + c];
        if (!column?.editable) return;
        const read = readCell(line, column, text, practice);
        if ('fault' in read) setUnread(`${line.id}:${column.id}`, { text, message: read.fault });
        else patch = { ...patch, ...read.patch };
      });
      changes.push({ id: line.id, patch });
    });
    edit(changes);
    setPaste(undefined);
  };

  return (
    <div className="flex h-full flex-col">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-2 px-4 py-2">
        <h1 className="sr-only">Register</h1>
        {canEdit && (
          <div className="flex gap-1.5">
            <button className="button primary" onClick={add} title="Add an opening (Alt A)">
              <Plus size={16} /> Add
            </button>
            <button className="button" onClick={() => setPaste({ text: '', at: undefined })}>
              <ClipboardPaste size={16} /> Paste
            </button>
            <Link className="button" to="import" title="Import a door list from a file">
              <FileUp size={16} /> Import
            </Link>
            <button
              className="button"
              disabled={selected.length === 0}
              onClick={() => setMany(true)}
              title="Edit the selected openings together (Alt E)"
            >
              <PencilLine size={16} /> Edit {selected.length > 1 ? selected.length : ''}
            </button>
            <button
              className="button"
              disabled={selected.length === 0}
              aria-label="Delete the selected openings"
              title="Delete the selected openings"
              onClick={() => {
                remove(selected);
                toast(
                  `${selected.length} opening${selected.length === 1 ? '' : 's'} deleted. Undo brings them back.`,
                );
              }}
            >
              <Trash2 size={16} />
            </button>
          </div>
        )}
        <TakeMenu projectId={project.id} />
        <input
          className="field w-32"
          type="search"
          placeholder="Search"
          aria-label="Search"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
        />
        <div className="ml-auto flex items-center gap-3">
          <span className="flex items-center gap-2 text-xs text-soft" aria-live="polite">
            <span>
              {lines.length === openings.length
                ? openings.length
                : `${lines.length} of ${openings.length}`}{' '}
              openings{busy ? ', deciding …' : ''}
            </span>
            <span className="flex items-center gap-1">
              <LevelSign level="stop" />
              {totals.stops}
            </span>
            <span className="flex items-center gap-1">
              <LevelSign level="check" />
              {totals.checks}
            </span>
            <span>{totals.open} open</span>
          </span>
          <div className="max-[1180px]:hidden">
            <BoltStack shares={totals.shares} />
          </div>
        </div>
      </div>
      <div className="min-h-0 flex-1">
        {openings.length === 0 ? (
          <div className="flex h-full flex-col items-center justify-center gap-3 border-t border-rule bg-sheet">
            <h2 className="text-lg">No openings yet</h2>
            <p className="max-w-md text-center text-soft">
              Paste the architect’s door list from a spreadsheet, or add openings one by one. Riegel
              sizes, hands and hangs each as you type.
            </p>
            {canEdit && (
              <div className="flex gap-2">
                <button
                  className="button primary"
                  onClick={() => setPaste({ text: '', at: undefined })}
                >
                  <ClipboardPaste size={16} /> Paste a list
                </button>
                <Link className="button" to="import">
                  <FileUp size={16} /> Import a file
                </Link>
                <button className="button" onClick={add}>
                  <Plus size={16} /> Add the first
                </button>
              </div>
            )}
          </div>
        ) : (
          <Grid
            handle={grid}
            lines={lines}
            practice={practice}
            canEdit={canEdit}
            twice={twice}
            unread={unread}
            sorting={sorting[0]}
            onSort={onSort}
            onSelect={onSelect}
            onPatch={edit}
            onUnread={setUnread}
            onPasteBlock={(text, at) => setPaste({ text, at })}
            onOpen={(id) => void navigate(`openings/${id}`)}
          />
        )}
      </div>
      {paste && (
        <Suspense fallback={null}>
          <PasteDialog
            initial={paste.text}
            practice={practice}
            onClose={() => setPaste(undefined)}
            onAdd={addPasted}
            onColumns={(text) => void navigate('import', { state: { pasted: text } })}
            onOver={
              paste.at && lines.length > 0 ? (cells) => writeOver(cells, paste.at!) : undefined
            }
          />
        </Suspense>
      )}
      <EditManyDialog
        open={many}
        list={openings
          .filter((opening) => selected.includes(opening.id))
          .map((opening) => opening.facts)}
        practice={practice}
        onClose={() => setMany(false)}
        onApply={(patch) => edit(selected.map((id) => ({ id, patch })))}
      />
    </div>
  );
}
