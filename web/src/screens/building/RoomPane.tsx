import type { ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import {
  formatFloorArea,
  LOAD_USES,
  loadUseOf,
  mergeRooms,
  parseFloorArea,
  phraseText,
  roleOfRoom,
  ROOM_USES,
  roomKey,
  type Building,
  type LoadUse,
  type Room,
  type RoomUse,
} from '@riegel/core';
import { useOpenings, useProject } from '../../data/project.js';
import { Select } from '../../parts/Select.js';
import { termText } from '../../base/words.js';
import type { SaveBuilding } from './saveBuilding.js';
import type { Plan, PlanRoom } from './plan.js';
import { TextWhenLeft } from './TextWhenLeft.js';

/** A room: its name, number, storey and use, the people in it, and how they leave. */
export function RoomPane({
  place,
  plan,
  building,
  canEdit,
  onRoom,
  onSave,
}: {
  place: PlanRoom;
  plan: Plan;
  building: Building;
  canEdit: boolean;
  onRoom: (after: Room) => void;
  onSave: SaveBuilding;
}) {
  const { practice } = useProject();
  const { openings } = useOpenings();
  const { projectId } = useParams();
  const { room, listed } = place;
  const key = roomKey(room.name);
  const set = (change: Partial<Room>) => onRoom(clean({ ...room, ...change }));
  const role = roleOfRoom(room.name, room.use, practice);
  const guessedLoad = loadUseOf({ ...room, load: undefined }, room.name, role, practice);
  const mine = plan.doors.filter(({ one, two }) => one === key || two === key);
  const others = [...plan.byKey]
    .filter(([other]) => other !== key)
    .map(([, { room: other }]) => other.name)
    .sort((a, b) => a.localeCompare(b));
  return (
    <div data-room={room.name} className="flex flex-col gap-3">
      <h2 className="text-lg">
        {room.name}
        {!listed && (
          <span className="block text-sm font-normal text-soft">named by openings only</span>
        )}
      </h2>
      <Row label="Name">
        <TextWhenLeft
          label={`Name of ${room.name}`}
          value={room.name}
          most={80}
          disabled={!canEdit}
          onText={(name) => name !== '' && set({ name })}
        />
      </Row>
      <Row label="Number">
        <TextWhenLeft
          label={`Number of ${room.name}`}
          value={room.number ?? ''}
          most={20}
          disabled={!canEdit}
          onText={(number) => set({ number: number || undefined })}
        />
      </Row>
      <Row label="Storey">
        <Select
          label={`Storey of ${room.name}`}
          className="w-full"
          value={room.storey ?? ''}
          disabled={!canEdit}
          options={[
            { value: '', text: 'none' },
            ...building.storeys.map((value) => ({ value, text: value })),
          ]}
          onChange={(storey) => set({ storey: storey || undefined })}
        />
      </Row>
      <Row label="Use">
        <Select
          label={`Use of ${room.name}`}
          className="w-full"
          value={room.use ?? ''}
          disabled={!canEdit}
          options={[
            { value: '', text: 'not known' },
            ...ROOM_USES.map((value) => ({ value, text: termText(`roomUse.${value}`) })),
          ]}
          onChange={(use) => set({ use: (use || undefined) as RoomUse | undefined })}
        />
      </Row>
      <Row label="Area">
        <TextWhenLeft
          label={`Area of ${room.name}`}
          value={room.area === undefined ? '' : formatFloorArea(room.area, practice.system)}
          most={20}
          disabled={!canEdit}
          placeholder={practice.system === 'inch' ? 'ft²' : 'm²'}
          check={(text) => {
            const read = parseFloorArea(text, practice.system);
            return read.ok ? undefined : phraseText(read.fault, practice);
          }}
          onText={(text) => {
            const read = text === '' ? undefined : parseFloorArea(text, practice.system);
            if (!read || read.ok) set({ area: read?.value });
          }}
        />
      </Row>
      <Row label="People">
        <TextWhenLeft
          label={`People in ${room.name}`}
          value={room.people === undefined ? '' : String(room.people)}
          most={6}
          disabled={!canEdit}
          placeholder={counted(place)}
          check={(text) => (/^\d{1,5}$/.test(text) ? undefined : 'A whole number of people.')}
          onText={(text) => {
            if (text === '' || /^\d{1,5}$/.test(text))
              set({ people: text === '' ? undefined : Number(text) });
          }}
        />
      </Row>
      <Row label="Counted as">
        <Select
          label={`Use by people of ${room.name}`}
          className="w-full"
          value={room.load ?? ''}
          disabled={!canEdit}
          options={[
            {
              value: '',
              text: guessedLoad ? `${termText(`load.${guessedLoad}`)} ?` : 'nobody stays in it',
            },
            ...LOAD_USES.map((value) => ({ value, text: termText(`load.${value}`) })),
          ]}
          onChange={(load) => set({ load: (load || undefined) as LoadUse | undefined })}
        />
      </Row>
      <Leaving place={place} />
      <section aria-label="Openings of the room">
        <h3 className="caps mb-1">Openings</h3>
        <ul>
          {mine.map(({ key: line, one, two, openings: list }) => {
            const other = plan.byKey.get(one === key ? two : one)?.room.name;
            return (
              <li key={line} className="flex gap-2 border-t border-rule/60 py-0.5">
                <span className="font-semibold">
                  {list.map(({ id, mark }, at) => (
                    <span key={id}>
                      {at > 0 && ', '}
                      <Link
                        className="hover:text-brass hover:underline"
                        to={`/projects/${projectId}/openings/${id}`}
                      >
                        {mark}
                      </Link>
                    </span>
                  ))}
                </span>
                <span className="min-w-0 truncate text-soft">{other}</span>
              </li>
            );
          })}
        </ul>
      </section>
      {canEdit && (
        <div className="flex flex-wrap items-center gap-2 border-t border-rule pt-3">
          {others.length > 0 && (
            <Select
              label={`Merge ${room.name} into`}
              className="!w-44"
              value=""
              options={[
                { value: '', text: 'Merge into …' },
                ...others.map((value) => ({ value, text: value })),
              ]}
              onChange={(into) => {
                if (!into) return;
                const merged = mergeRooms(building, openings, room.name, into);
                void onSave(merged.building, merged.patches);
              }}
            />
          )}
          {listed && (
            <button
              type="button"
              className="button"
              onClick={() =>
                void onSave({
                  ...building,
                  rooms: building.rooms.filter(({ name }) => roomKey(name) !== key),
                })
              }
            >
              Delete
            </button>
          )}
        </div>
      )}
    </div>
  );
}

/** What is known of the people in a room where nobody gave their number. */
function counted({ room, egress }: PlanRoom): string {
  if (egress?.own === undefined) return 'not counted';
  return room.area === undefined ? 'nobody stays in it' : `${egress.own} by its area`;
}

/** How people leave the room, and how many. */
function Leaving({ place: { egress } }: { place: PlanRoom }) {
  if (!egress || egress.safe) return null;
  const { ways, people, whole, distance } = egress;
  return (
    <p className={distance === Infinity ? 'text-oxide' : 'text-soft'}>
      {distance === Infinity
        ? 'No way out leads from here to the open.'
        : `${ways} ${ways === 1 ? 'way' : 'ways'} out; ${
            people === 0 && !whole
              ? 'people are not counted'
              : `${whole ? '' : 'at least '}${people} people leave through it`
          }.`}
    </p>
  );
}

function Row({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="grid grid-cols-[6rem_minmax(0,1fr)] items-start gap-2">
      <span className="pt-1.5 text-soft">{label}</span>
      {children}
    </div>
  );
}

/** A room without the keys that say nothing. */
function clean(room: Room): Room {
  return Object.fromEntries(
    Object.entries(room).filter(([, value]) => value !== undefined),
  ) as unknown as Room;
}
