import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import { useState, type FormEvent } from 'react';
import { toast } from 'sonner';
import {
  applyPatch,
  guessRoomUse,
  renameRoom,
  ROOM_USES,
  roomKey,
  unlistedRooms,
  withRooms,
  type Building,
  type Room,
  type RoomUse,
} from '@riegel/core';
import { termText } from '../../words.js';
import { ApiProblem } from '../../app/api.js';
import { useOpenings, useProject } from '../../data/project.js';
import { IconButton } from '../../parts/IconButton.js';

/** Rooms without a storey stand below all storeys. */
const NOWHERE = '';

/** The building in section: storeys from top to bottom, the rooms on each, what each is used for. */
export function BuildingScreen() {
  const { project, building, canEdit, write } = useProject();
  const { openings } = useOpenings();
  const [busy, setBusy] = useState(false);
  const unlisted = unlistedRooms(
    openings.map((opening) => opening.facts),
    building,
  );

  const save = async (next: Building, renamed?: { before: string; after: string }) => {
    const patches = renamed ? renameRoom(openings, renamed.before, renamed.after) : [];
    const byId = new Map(openings.map((opening) => [opening.id, opening]));
    setBusy(true);
    try {
      await write({
        changes: patches.map(({ id, patch }) => {
          const { version, facts } = byId.get(id)!;
          return { op: 'update', id, version, facts: applyPatch(facts, patch) };
        }),
        documents: [{ name: 'building', version: project.building.version, body: next }],
      });
    } catch (error) {
      toast.error(
        error instanceof ApiProblem
          ? (error.errors[0]?.message ?? error.message)
          : 'That did not work.',
      );
    } finally {
      setBusy(false);
    }
  };
  const count = (room: Room) =>
    openings.filter(({ facts }) =>
      [facts.from, facts.to].some((name) => name && roomKey(name) === roomKey(room.name)),
    ).length;

  const storeys = [...building.storeys].reverse();
  const homeless = building.rooms.some((room) => !building.storeys.includes(room.storey ?? ''));
  return (
    <div className="h-full overflow-auto px-6 py-6">
      <div className="mx-auto max-w-5xl">
        <div className="mb-4 flex items-baseline gap-4">
          <h1 className="text-2xl leading-8">Building</h1>
          <p className="text-soft">
            {building.rooms.length} rooms on {building.storeys.length} storeys. What a room is used
            for tells which side of a door is its outside.
          </p>
        </div>
        {unlisted.length > 0 && canEdit && (
          <div className="sheet mb-4 flex items-center gap-4 px-4 py-3">
            <p className="min-w-0 flex-1">
              Openings name {unlisted.length} room{unlisted.length === 1 ? '' : 's'} that{' '}
              {unlisted.length === 1 ? 'is' : 'are'} not here yet:{' '}
              <span className="text-soft">
                {unlisted
                  .slice(0, 8)
                  .map((room) => room.name)
                  .join(', ')}
                {unlisted.length > 8 && ' …'}
              </span>
            </p>
            <button
              className="button primary"
              disabled={busy}
              onClick={() => void save(withRooms(building, unlisted))}
            >
              Take {unlisted.length === 1 ? 'it' : 'them'} over
            </button>
          </div>
        )}
        {canEdit && <AddStorey building={building} busy={busy} onSave={save} />}
        <ol className="border-b-4 border-ink">
          {storeys.map((storey) => (
            <Storey
              key={storey}
              storey={storey}
              building={building}
              canEdit={canEdit && !busy}
              count={count}
              onSave={save}
            />
          ))}
          {(homeless || storeys.length === 0) && (
            <Storey
              storey={NOWHERE}
              building={building}
              canEdit={canEdit && !busy}
              count={count}
              onSave={save}
            />
          )}
        </ol>
      </div>
    </div>
  );
}

type Save = (next: Building, renamed?: { before: string; after: string }) => Promise<void>;

function AddStorey({
  building,
  busy,
  onSave,
}: {
  building: Building;
  busy: boolean;
  onSave: Save;
}) {
  const [name, setName] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const storey = name.trim();
    if (!storey || building.storeys.some((one) => roomKey(one) === roomKey(storey))) return;
    void onSave({ ...building, storeys: [...building.storeys, storey] });
    setName('');
  };
  return (
    <form onSubmit={submit} className="mb-2 flex gap-2">
      <input
        className="field w-48"
        aria-label="Name of a storey to put on top"
        placeholder="Storey on top"
        maxLength={40}
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <button className="button" disabled={busy || name.trim() === ''}>
        Add storey
      </button>
    </form>
  );
}

function Storey({
  storey,
  building,
  canEdit,
  count,
  onSave,
}: {
  storey: string;
  building: Building;
  canEdit: boolean;
  count: (room: Room) => number;
  onSave: Save;
}) {
  const rooms = building.rooms.filter((room) =>
    storey === NOWHERE ? !building.storeys.includes(room.storey ?? '') : room.storey === storey,
  );
  const at = building.storeys.indexOf(storey);
  const move = (by: number) => {
    const storeys = [...building.storeys];
    storeys.splice(at, 1);
    storeys.splice(at + by, 0, storey);
    void onSave({ ...building, storeys });
  };
  const set = (before: Room, after: Room) =>
    void onSave(
      { ...building, rooms: building.rooms.map((room) => (room === before ? after : room)) },
      before.name === after.name ? undefined : { before: before.name, after: after.name },
    );
  return (
    <li className="border-t-4 border-ink pt-2 pb-4" aria-label={storey || 'On no storey'}>
      <div className="flex items-center gap-1">
        <h2 className="w-32 shrink-0 text-base">{storey || 'On no storey'}</h2>
        {canEdit && storey !== NOWHERE && (
          <>
            <IconButton
              label={`Move ${storey} up`}
              disabled={at === building.storeys.length - 1}
              onClick={() => move(1)}
            >
              <ArrowUp size={14} />
            </IconButton>
            <IconButton label={`Move ${storey} down`} disabled={at === 0} onClick={() => move(-1)}>
              <ArrowDown size={14} />
            </IconButton>
            {rooms.length === 0 && (
              <IconButton
                label={`Delete ${storey}`}
                onClick={() =>
                  void onSave({
                    ...building,
                    storeys: building.storeys.filter((one) => one !== storey),
                  })
                }
              >
                <Trash2 size={14} />
              </IconButton>
            )}
          </>
        )}
      </div>
      <ul className="mt-1 grid grid-cols-3 gap-2 pl-4 max-[1100px]:grid-cols-2">
        {rooms.map((room) => (
          <li
            key={room.name}
            data-room={room.name}
            className="sheet grid grid-cols-[52px_1fr_auto] items-center gap-1 p-1.5"
          >
            <Text
              label={`Number of ${room.name}`}
              placeholder="no."
              value={room.number ?? ''}
              most={20}
              disabled={!canEdit}
              onText={(number) => set(room, clean({ ...room, number: number || undefined }))}
            />
            <Text
              label={`Name of ${room.name}`}
              value={room.name}
              most={80}
              disabled={!canEdit}
              onText={(name) => name && set(room, { ...room, name })}
            />
            {canEdit ? (
              <IconButton
                label={`Delete ${room.name}`}
                onClick={() =>
                  void onSave({ ...building, rooms: building.rooms.filter((one) => one !== room) })
                }
              >
                <Trash2 size={14} />
              </IconButton>
            ) : (
              <span />
            )}
            <span className="pl-2 text-xs text-soft" title="Openings that name it">
              {count(room)} op.
            </span>
            <select
              className="field"
              aria-label={`Use of ${room.name}`}
              value={room.use ?? ''}
              disabled={!canEdit}
              onChange={(event) =>
                set(
                  room,
                  clean({ ...room, use: (event.target.value || undefined) as RoomUse | undefined }),
                )
              }
            >
              <option value="">use not known</option>
              {ROOM_USES.map((use) => (
                <option key={use} value={use}>
                  {termText(`roomUse.${use}`)}
                </option>
              ))}
            </select>
            {building.storeys.length > 0 && (
              <select
                className="field w-7 !px-1"
                aria-label={`Storey of ${room.name}`}
                title="Move to another storey"
                value={room.storey ?? ''}
                disabled={!canEdit}
                onChange={(event) =>
                  set(room, clean({ ...room, storey: event.target.value || undefined }))
                }
              >
                <option value="">no storey</option>
                {building.storeys.map((one) => (
                  <option key={one} value={one}>
                    {one}
                  </option>
                ))}
              </select>
            )}
          </li>
        ))}
        {canEdit && <AddRoom storey={storey} building={building} onSave={onSave} />}
      </ul>
    </li>
  );
}

/** A room without the keys that say nothing. */
function clean(room: Room): Room {
  return Object.fromEntries(
    Object.entries(room).filter(([, value]) => value !== undefined),
  ) as unknown as Room;
}

/** A text written when it is left or Enter is pressed. */
function Text({
  label,
  value,
  most,
  disabled,
  placeholder,
  onText,
}: {
  label: string;
  value: string;
  most: number;
  disabled: boolean;
  placeholder?: string;
  onText: (text: string) => void;
}) {
  const [typed, setTyped] = useState<string | undefined>();
  const commit = () => {
    if (typed !== undefined && typed.trim() !== value) onText(typed.trim());
    setTyped(undefined);
  };
  return (
    <input
      className="field w-full"
      aria-label={label}
      placeholder={placeholder}
      maxLength={most}
      disabled={disabled}
      value={typed ?? value}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur();
        if (event.key === 'Escape') setTyped(undefined);
      }}
    />
  );
}

function AddRoom({
  storey,
  building,
  onSave,
}: {
  storey: string;
  building: Building;
  onSave: Save;
}) {
  const [name, setName] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const room = name.trim();
    if (!room) return;
    const use = guessRoomUse(room);
    const next = { name: room, ...(storey ? { storey } : {}), ...(use ? { use } : {}) };
    void onSave({ ...building, rooms: [...building.rooms, next] });
    setName('');
  };
  return (
    <li className="flex items-center gap-1 p-1.5">
      <form onSubmit={submit} className="flex flex-1 gap-1">
        <input
          className="field min-w-0 flex-1"
          aria-label={`Name of a room to add on ${storey || 'no storey'}`}
          placeholder="Another room"
          maxLength={80}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <button className="button" disabled={name.trim() === ''}>
          Add
        </button>
      </form>
    </li>
  );
}
