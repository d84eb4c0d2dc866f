import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import { applyPatch, guessRoomUse, renameRoom, roomKey, withRooms, type Room } from '@riegel/core';
import { ApiProblem } from '../../base/api.js';
import { useOpenings, useProject } from '../../data/project.js';
import { Select } from '../../parts/Select.js';
import { useRows } from '../../worker/client.js';
import { AddNamed } from './AddNamed.js';
import { DoorsPane } from './DoorsPane.js';
import { planOf, type Plan } from './plan.js';
import { PlanView } from './PlanView.js';
import { RoomPane } from './RoomPane.js';
import { StoreyList } from './StoreyList.js';
import type { SaveBuilding } from './saveBuilding.js';

const ALL = '*';

/** More rooms than this are drawn storey by storey. */
const MOST_AT_ONCE = 250;

/** The building: storeys as bands, rooms on them, openings between; which way people leave, and how many. */
export function BuildingScreen() {
  const { project, building, practice, basis, canEdit, write } = useProject();
  const { openings } = useOpenings();
  const { rows } = useRows(project.id, openings, basis);
  const [busy, setBusy] = useState(false);
  const [chosen, setChosen] = useState<string | undefined>();
  const whole = useMemo(() => planOf(openings, building, practice), [openings, building, practice]);
  const rooms = whole.byKey.size;
  const [storey, setStorey] = useState<string | undefined>();
  const shownStorey = storey ?? (rooms > MOST_AT_ONCE ? (whole.storeys[0]?.name ?? ALL) : ALL);
  const plan = useMemo(() => onStorey(whole, shownStorey), [whole, shownStorey]);
  const unlisted = [...whole.byKey.values()].filter(({ listed }) => !listed);

  const save: SaveBuilding = async (next, patches = []) => {
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
  const setRoom = (before: Room, after: Room) => {
    const listed = building.rooms.some(({ name }) => roomKey(name) === roomKey(before.name));
    const next = listed ? building : withRooms(building, [before]);
    const renamed = before.name !== after.name;
    void save(
      {
        ...next,
        rooms: next.rooms.map((room) =>
          roomKey(room.name) === roomKey(before.name) ? after : room,
        ),
      },
      renamed ? renameRoom(openings, before.name, after.name) : [],
    );
    if (renamed) setChosen(roomKey(after.name));
  };
  const room = chosen === undefined ? undefined : whole.byKey.get(chosen);
  const doors = whole.doors.find(({ key }) => key === chosen);
  return (
    <div className="flex h-full flex-col">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2 px-6 pt-4 pb-2">
        <h1 className="text-xl">Building</h1>
        <p className="text-soft">
          {rooms} rooms{building.storeys.length > 0 && ` on ${building.storeys.length} storeys`},{' '}
          {openings.length} openings
        </p>
        {whole.storeys.length > 1 && (
          <Select
            label="Storeys shown"
            className="!w-36"
            value={shownStorey === '' ? 'none' : shownStorey}
            options={[
              { value: ALL, text: 'all storeys' },
              ...whole.storeys.map(({ name }) => ({
                value: name === '' ? 'none' : name,
                text: name === '' ? 'on no storey' : name,
              })),
            ]}
            onChange={(value) => setStorey(value === 'none' ? '' : value)}
          />
        )}
        <span className="flex-1" />
        {canEdit && unlisted.length > 0 && (
          <span className="flex items-center gap-2">
            <span className="text-soft">
              Openings name {unlisted.length} {unlisted.length === 1 ? 'room' : 'rooms'} that{' '}
              {unlisted.length === 1 ? 'is' : 'are'} not listed yet.
            </span>
            <button
              type="button"
              className="button primary"
              disabled={busy}
              onClick={() =>
                void save(
                  withRooms(
                    building,
                    unlisted.map((one) => one.room),
                  ),
                )
              }
            >
              Take {unlisted.length === 1 ? 'it' : 'them'} over
            </button>
          </span>
        )}
      </div>
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_20rem] max-md:grid-cols-1">
        <PlanView plan={plan} rows={rows} chosen={chosen} onChoose={setChosen} />
        <aside
          aria-label="What is chosen"
          className="min-h-0 overflow-auto border-l border-rule px-4 py-3"
        >
          {room ? (
            <RoomPane
              key={room.room.name}
              place={room}
              plan={whole}
              building={building}
              canEdit={canEdit && !busy}
              onRoom={(after) => setRoom(room.room, after)}
              onSave={async (next, patches) => {
                setChosen(undefined);
                await save(next, patches);
              }}
            />
          ) : doors ? (
            <DoorsPane doors={doors} plan={whole} rows={rows} />
          ) : (
            <>
              <p className="text-soft">
                Choose a room to say what it is used for and how many people it holds, or a line to
                see the openings on it. Arrows show which way people leave.
              </p>
              {canEdit && (
                <AddNamed
                  className="mt-4"
                  label="Name of a room to add"
                  placeholder="Another room"
                  button="Add room"
                  most={80}
                  disabled={busy}
                  onName={(name) => {
                    const use = guessRoomUse(name);
                    void save(withRooms(building, [{ name, ...(use ? { use } : {}) }]));
                  }}
                />
              )}
              <StoreyList building={building} canEdit={canEdit && !busy} onSave={save} />
            </>
          )}
        </aside>
      </div>
    </div>
  );
}

/** The rooms of one storey with those that lines lead to from it. */
function onStorey(plan: Plan, name: string): Plan {
  if (name === ALL) return plan;
  const inside = new Set(
    plan.storeys
      .filter((storey) => storey.name === name)
      .flatMap(({ rooms }) => rooms.map(({ room }) => roomKey(room.name))),
  );
  const doors = plan.doors.filter(({ one, two }) => inside.has(one) || inside.has(two));
  const seen = new Set([...inside, ...doors.flatMap(({ one, two }) => [one, two])]);
  return {
    ...plan,
    doors,
    storeys: plan.storeys
      .map((storey) => ({
        ...storey,
        rooms: storey.rooms.filter(({ room }) => seen.has(roomKey(room.name))),
      }))
      .filter(({ rooms }) => rooms.length > 0),
  };
}
