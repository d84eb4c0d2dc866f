import { useMemo, useState } from 'react';
import { accessMatrix, type KeyedDoor, type KeyGroup } from '@riegel/core';
import { CheckBox } from '../../parts/CheckBox.js';
import { Select } from '../../parts/Select.js';

/** Rooms the holders of a key come to and by which doors; rooms barred; rooms nobody is free to leave. */
export function WhoGoesWhere({
  doors,
  group,
  outdoors,
}: {
  doors: readonly KeyedDoor[];
  group: KeyGroup | undefined;
  outdoors: readonly string[];
}) {
  const [leftOpen, setLeftOpen] = useState(false);
  const [from, setFrom] = useState('');
  const rooms = useMemo(
    () =>
      [
        ...new Set(
          doors
            .flatMap((door) => [door.outside, door.inside])
            .filter((room): room is string => room !== undefined),
        ),
      ].sort((a, b) => a.localeCompare(b)),
    [doors],
  );
  const starts = useMemo(() => (from ? [from] : outdoors), [from, outdoors]);
  const reach = useMemo(
    () => accessMatrix(doors, group, starts, leftOpen),
    [doors, group, starts, leftOpen],
  );
  const held = reach.reached.filter((room) => !room.freeOut);
  const sorted = [...reach.reached].sort(
    (a, b) => a.by.length - b.by.length || a.name.localeCompare(b.name),
  );
  return (
    <section
      aria-label="Who can go where"
      className="min-h-0 overflow-auto border-l border-rule px-4 py-3"
      tabIndex={0}
    >
      <h2 className="border-b-2 border-ink text-base">
        Where {group ? `“${group.name}”` : 'somebody without a key'} comes
      </h2>
      <div className="mt-2 flex flex-col gap-1 text-[13px]">
        <div className="flex items-center gap-2 text-soft">
          from
          <Select
            label="from"
            className="min-w-0 flex-1 text-ink"
            value={from}
            onChange={setFrom}
            options={[
              {
                value: '',
                text: outdoors.length > 0 ? `outdoors (${outdoors.join(', ')})` : 'choose a room',
              },
              ...rooms.map((room) => ({ value: room, text: room })),
            ]}
          />
        </div>
        <CheckBox checked={leftOpen} onChange={setLeftOpen}>
          doors that can stand unlocked do
        </CheckBox>
      </div>
      {starts.length === 0 ? (
        <p className="mt-3 text-soft">
          No room is outdoors by its use or name. Choose where people come from.
        </p>
      ) : (
        <>
          <p className="mt-2" role="status">
            <b>{reach.reached.length}</b> rooms reached, <b>{reach.barred.length}</b> not
          </p>
          {held.length > 0 && (
            <p className="mt-2 border-l-4 border-oxide px-2 text-[13px]">
              <b className="text-oxide">Without a key nobody is sure to get out of</b>{' '}
              {held.map((room) => room.name).join(', ')}: every way from there has a lock that can
              hold people, or one that is not decided.
            </p>
          )}
          {reach.unknown.length > 0 && (
            <p className="mt-2 border-l-4 border-ochre px-2 text-[13px]">
              Not known yet: the locks of {reach.unknown.slice(0, 8).join(', ')}
              {reach.unknown.length > 8 && ` and ${reach.unknown.length - 8} more`}.
            </p>
          )}
          <ul className="mt-2">
            {sorted.map((room) => (
              <li key={room.name} data-room={room.name} className="border-b border-rule py-0.5">
                <span className="font-semibold">{room.name}</span>
                <span className="block text-xs text-soft">
                  {room.by.length === 0 ? 'the start' : `by ${room.by.join(', ')}`}
                </span>
              </li>
            ))}
          </ul>
          {reach.barred.length > 0 && (
            <>
              <h3 className="mt-3 border-b border-ink text-[13px]">Barred</h3>
              <p className="text-[13px] text-soft">{reach.barred.join(', ')}</p>
            </>
          )}
        </>
      )}
    </section>
  );
}
