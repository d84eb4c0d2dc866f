import { useVirtualizer } from '@tanstack/react-virtual';
import { useRef } from 'react';
import { Link } from 'react-router';
import { opensDoor, type KeyedDoor, type KeyGroup, type Keying } from '@riegel/core';
import { openingAddress } from '../../stage/openingPages.js';
import { useProject } from '../../data/project.js';

const ROW = 28;
const COLUMN = 76;

/** The group with a door made an exception of, or no longer one. */
function toggled(group: KeyGroup, door: KeyedDoor): KeyGroup {
  const plain = {
    ...group,
    plus: group.plus.filter((mark) => mark !== door.mark),
    minus: group.minus.filter((mark) => mark !== door.mark),
  };
  const wanted = !opensDoor(group, door);
  if (opensDoor(plain, door) === wanted) return plain;
  return wanted
    ? { ...plain, plus: [...plain.plus, door.mark] }
    : { ...plain, minus: [...plain.minus, door.mark] };
}

/** Doors with a key down, groups across: what opens what; a cell makes or takes back an exception. */
export function KeyTable({
  doors,
  keying,
  chosen,
  canEdit,
  onGroup,
}: {
  doors: readonly KeyedDoor[];
  keying: Keying;
  chosen: string | undefined;
  canEdit: boolean;
  onGroup: (group: KeyGroup) => void;
}) {
  const { project } = useProject();
  const pane = useRef<HTMLDivElement>(null);
  const rows = useVirtualizer({
    count: doors.length,
    getScrollElement: () => pane.current,
    estimateSize: () => ROW,
    overscan: 12,
  });
  const columns = ['96px', 'minmax(150px,1fr)', ...keying.groups.map(() => `${COLUMN}px`)].join(
    ' ',
  );
  return (
    <div
      className="grid min-h-0 grid-rows-[auto_1fr] max-[1000px]:overflow-x-auto"
      role="region"
      aria-label="Keying table"
    >
      <div
        className="grid items-end border-b-2 border-ink px-4 pt-3 pb-1 text-[13px] font-semibold"
        style={{ gridTemplateColumns: columns }}
      >
        <span>Door</span>
        <span>locked against → behind</span>
        {keying.groups.map((group) => (
          <span
            key={group.id}
            className={`truncate px-1 text-center ${group.id === chosen ? 'bg-brass-wash' : ''}`}
            title={group.name}
          >
            {group.name}
          </span>
        ))}
      </div>
      <div ref={pane} className="overflow-auto px-4" tabIndex={0}>
        {doors.length === 0 && (
          <p className="py-6 text-soft">
            No door has a keyed lock yet. Say in the register which doors are locked against people.
          </p>
        )}
        <div className="relative" style={{ height: rows.getTotalSize() }}>
          {rows.getVirtualItems().map(({ index, start }) => {
            const door = doors[index]!;
            return (
              <div
                key={door.id}
                data-door={door.mark}
                className="absolute inset-x-0 grid items-center border-b border-rule"
                style={{
                  gridTemplateColumns: columns,
                  height: ROW,
                  transform: `translateY(${start}px)`,
                }}
              >
                <Link
                  className="truncate font-semibold hover:text-brass"
                  to={openingAddress(project.id, door.id, 'securing')}
                >
                  {door.mark}
                </Link>
                <span className="truncate text-[13px] text-soft">
                  {door.outside ?? '?'} → {door.inside ?? '?'}
                </span>
                {keying.groups.map((group) => {
                  const opens = opensDoor(group, door);
                  const exception =
                    group.plus.includes(door.mark) || group.minus.includes(door.mark);
                  return (
                    <button
                      key={group.id}
                      type="button"
                      disabled={!canEdit}
                      aria-pressed={opens}
                      aria-label={`${group.name} opens ${door.mark}`}
                      title={
                        exception
                          ? 'An exception; press to take it back'
                          : opens
                            ? 'Opens it by its rule; press to except it'
                            : 'Does not open it; press to add it'
                      }
                      className={`h-full ${group.id === chosen ? 'bg-brass-wash/60' : ''} hover:bg-wash`}
                      onClick={() => onGroup(toggled(group, door))}
                    >
                      <KeyMark opens={opens} exception={exception} />
                    </button>
                  );
                })}
              </div>
            );
          })}
        </div>
      </div>
    </div>
  );
}

/** A bow with its bit where the key opens; hollow where it does not; a ring around an exception. */
function KeyMark({ opens, exception }: { opens: boolean; exception: boolean }) {
  return (
    <svg viewBox="0 0 30 16" width="30" height="16" className="mx-auto block" aria-hidden>
      {opens ? (
        <path
          d="M4 8a4 4 0 1 0 8 0a4 4 0 1 0-8 0M12 8h12M19 8v4M23 8v4"
          fill="none"
          stroke="var(--brass)"
          strokeWidth="2"
        />
      ) : (
        <path d="M12 8h6" stroke="var(--rule)" strokeWidth="2" />
      )}
      {exception && (
        <rect
          x="1"
          y="1"
          width="28"
          height="14"
          rx="7"
          fill="none"
          stroke={opens ? 'var(--brass)' : 'var(--oxide)'}
          strokeDasharray="3 2"
        />
      )}
    </svg>
  );
}
