import { ClipboardPaste, FileUp, PencilLine, Plus, Trash2, X } from 'lucide-react';
import {
  lazy,
  Suspense,
  useCallback,
  useDeferredValue,
  useMemo,
  useRef,
  useState,
  useSyncExternalStore,
} from 'react';
import { Link, useNavigate } from 'react-router';
import { toast } from 'sonner';
import { duplicateMarks, type OpeningFacts } from '@riegel/core';
import { useKeys } from '../../base/keys.js';
import type { OpeningView } from '../../base/api.js';
import { loadPaste } from './loadPaste.js';
import { useOpenings, useProject } from '../../data/project.js';
import { useRows } from '../../worker/client.js';
import type { RowStore } from '../../worker/rowStore.js';
import { columnOf, readCell } from './columns.js';
import { ColumnsPopover } from './ColumnsPopover.js';
import { EditManyDialog } from './EditManyDialog.js';
import type { Place } from './CellEditor.js';
import { Grid, type GridHandle } from './Grid.js';
import { OPEN } from './GridRow.js';
import {
  frozenTo,
  LAYOUT,
  moved,
  placed,
  readLayout,
  toggled,
  withWidth,
  type Placed,
} from './layout.js';
import { AS_ENTERED, ordered, pressed, valuesOf, type Order } from './order.js';
import { TakeMenu } from './TakeMenu.js';
import { RolesDialog } from './RolesDialog.js';
import { Totals } from './Totals.js';
import { useSetNumbers } from './useSetNumbers.js';
import { useUnread } from './unread.js';
import { usePreference } from '../../base/usePreference.js';
import { readViews, type View } from './views.js';
import { ViewsMenu } from './ViewsMenu.js';

const PasteDialog = lazy(loadPaste);

const NO_VIEWS: View[] = [];

/** Openings in the order that is asked for; decided again as lines come only where they have a say in it. */
function useOrdered(
  openings: readonly OpeningView[],
  rows: RowStore,
  columns: readonly Placed[],
  order: Order,
) {
  const asked =
    order.search !== '' || order.sorting.length > 0 || Object.keys(order.filters).length > 0;
  const version = useSyncExternalStore(rows.subscribe, asked ? rows.version : never);
  return useMemo(
    () =>
      ordered(
        openings,
        (id) => rows.get(id),
        columns.map(({ id }) => id),
        order,
      ),
    // The version tells that the rows changed.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [openings, rows, columns, order, version],
  );
}

const never = () => 0;

/** The register: every opening on a line, typed, pasted and filled like a list on paper. */
export function RegisterScreen() {
  const { project, practice, basis, canEdit, edit, create, remove } = useProject();
  const { openings } = useOpenings();
  const { rows, busy } = useRows(project.id, openings, basis);
  const [layout, setLayout] = usePreference('register', readLayout, LAYOUT);
  const [views, setViews] = usePreference('registerViews', readViews, NO_VIEWS);
  const [order, setOrder] = useState<Order>(AS_ENTERED);
  const [selected, setSelected] = useState<string[]>([]);
  const [paste, setPaste] = useState<{ text: string; at: Place | undefined } | undefined>();
  const [many, setMany] = useState(false);
  const [roles, setRoles] = useState(false);
  const { unread, setUnread } = useUnread(project.id);
  const grid = useRef<GridHandle>(null);
  const navigate = useNavigate();

  const columns = useMemo(() => placed(layout, OPEN), [layout]);
  useSetNumbers(
    project.id,
    columns.some(({ id }) => id === 'set'),
    rows,
  );
  const sought = useDeferredValue(order);
  const lines = useOrdered(openings, rows, columns, sought);
  // Marks that stand twice are looked for when there is time.
  const all = useDeferredValue(openings);
  const twice = useMemo(() => duplicateMarks(all.map((opening) => opening.facts.mark)), [all]);

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
    setOrder(AS_ENTERED);
    setTimeout(() => grid.current?.edit(id!), 60);
  }, [openings, create]);
  useKeys({
    ...(canEdit
      ? { 'Alt+a': add, a: add, 'Alt+e': () => selected.length > 0 && setMany(true) }
      : {}),
  });
  const onSelect = useCallback((ids: string[]) => setSelected(ids), []);
  const filtered = useMemo(() => new Set(Object.keys(order.filters)), [order.filters]);
  const keep = (id: string, values: readonly string[] | undefined) =>
    setOrder((before) => {
      const filters = { ...before.filters };
      if (values) filters[id] = values;
      else delete filters[id];
      return { ...before, filters };
    });
  const head = {
    sorting: order.sorting,
    filtered,
    onSort: useCallback(
      (id: string, more: boolean) =>
        setOrder((before) => ({ ...before, sorting: pressed(before.sorting, id, more) })),
      [],
    ),
    onWidth: (id: string, width: number) => setLayout(withWidth(layout, id, width)),
    menuOf: ({ id, stays }: Placed) => ({
      frozen: stays !== undefined,
      values: () => valuesOf(openings, (one) => rows.get(one), id),
      kept: order.filters[id],
      onKeep: (values: readonly string[] | undefined) => keep(id, values),
      onSort: (desc: boolean) => setOrder((before) => ({ ...before, sorting: [{ id, desc }] })),
      onMove: (by: number) =>
        setLayout(
          moved(layout, id, Math.max(0, layout.columns.findIndex((one) => one.id === id) + by)),
        ),
      onFreeze: () => setLayout(frozenTo(layout, id)),
      onHide: id === 'mark' ? undefined : () => setLayout(toggled(layout, id)),
    }),
  };

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
        const column = columns[at.column + c];
        if (!column?.editable) return;
        const read = readCell({ ...line, row: rows.get(line.id) }, column, text, practice);
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
          <div className="flex flex-wrap gap-1.5">
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
        <ColumnsPopover layout={layout} onLayout={setLayout} />
        <ViewsMenu
          views={views}
          onTake={(view) => {
            setLayout(view.layout);
            setOrder(view.order);
          }}
          onKeep={(name) =>
            setViews([...views.filter((one) => one.name !== name), { name, layout, order }])
          }
          onDelete={(name) => setViews(views.filter((one) => one.name !== name))}
        />
        <input
          className="field w-44"
          type="search"
          placeholder="Search"
          aria-label="Search"
          value={order.search}
          onChange={(event) => setOrder({ ...order, search: event.target.value })}
        />
        {Object.entries(order.filters).map(([id, values]) => (
          <button
            key={id}
            className="flex h-7 max-w-56 items-center gap-1 border border-brass bg-brass-wash px-2 text-xs"
            title="Show all again"
            onClick={() => keep(id, undefined)}
          >
            <span className="truncate">
              {columnOf(id)!.title}:{' '}
              {values.length === 1 ? values[0] || 'empty' : `${values.length} values`}
            </span>
            <X size={12} />
          </button>
        ))}
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
            openings={lines}
            rows={rows}
            columns={columns}
            head={head}
            practice={practice}
            canEdit={canEdit}
            busy={busy || sought !== order}
            twice={twice}
            unread={unread}
            onSelect={onSelect}
            onPatch={edit}
            onUnread={setUnread}
            onPasteBlock={(text, at) => setPaste({ text, at })}
            onOpen={(id) => void navigate(`openings/${id}`)}
          />
        )}
      </div>
      <Totals
        openings={openings.length}
        shown={lines.length}
        rows={rows}
        busy={busy}
        onRoles={canEdit ? () => setRoles(true) : undefined}
      />
      {roles && (
        <RolesDialog
          openings={openings}
          rows={rows}
          onClose={() => setRoles(false)}
          onConfirm={edit}
        />
      )}
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
