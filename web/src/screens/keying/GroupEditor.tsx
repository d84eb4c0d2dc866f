import { useMemo, useState } from 'react';
import type { KeyedDoor, KeyGroup } from '@riegel/core';
import { CheckBox } from '../../parts/CheckBox.js';

/** Name, holders and rule of a group: everywhere, or storeys and rooms. */
export function GroupEditor({
  group,
  doors,
  canEdit,
  onSave,
}: {
  group: KeyGroup;
  doors: readonly KeyedDoor[];
  canEdit: boolean;
  onSave: (group: KeyGroup) => void;
}) {
  const [name, setName] = useState(group.name);
  const [holders, setHolders] = useState(group.holders ?? '');
  const places = useMemo(() => {
    const unique = (list: (string | undefined)[]) =>
      [...new Set(list.filter((one): one is string => Boolean(one)))].sort((a, b) =>
        a.localeCompare(b, undefined, { numeric: true }),
      );
    const keyed = doors.filter((door) => door.passing.keyed);
    return {
      storeys: unique(keyed.map((door) => door.storey)),
      rooms: unique(keyed.flatMap((door) => [door.outside, door.inside])),
    };
  }, [doors]);
  const saveTexts = () => {
    const text = holders.trim();
    if (!name.trim() || (name === group.name && text === (group.holders ?? ''))) return;
    const { holders: _, ...rest } = group;
    onSave({ ...rest, name: name.trim(), ...(text ? { holders: text } : {}) });
  };
  const toggle = (key: 'storeys' | 'rooms', value: string) =>
    onSave({
      ...group,
      [key]: group[key].includes(value)
        ? group[key].filter((one) => one !== value)
        : [...group[key], value],
    });
  return (
    <fieldset disabled={!canEdit} className="mt-3 flex flex-col gap-2">
      <label className="text-[12px] text-soft">
        Name
        <input
          className="field w-full text-ink"
          value={name}
          maxLength={80}
          onChange={(event) => setName(event.target.value)}
          onBlur={saveTexts}
        />
      </label>
      <label className="text-[12px] text-soft">
        Held by
        <input
          className="field w-full text-ink"
          value={holders}
          maxLength={200}
          placeholder="caretakers, stage crew"
          onChange={(event) => setHolders(event.target.value)}
          onBlur={saveTexts}
        />
      </label>
      <CheckBox
        checked={group.everywhere}
        disabled={!canEdit}
        onChange={(everywhere) => onSave({ ...group, everywhere })}
      >
        opens every lock
      </CheckBox>
      {!group.everywhere && (
        <>
          {places.storeys.length > 0 && (
            <div>
              <span className="text-[12px] text-soft">on storeys</span>
              <div className="flex flex-wrap gap-x-3">
                {places.storeys.map((storey) => (
                  <CheckBox
                    key={storey}
                    className="text-[13px]"
                    disabled={!canEdit}
                    checked={group.storeys.includes(storey)}
                    onChange={() => toggle('storeys', storey)}
                  >
                    {storey}
                  </CheckBox>
                ))}
              </div>
            </div>
          )}
          <div>
            <span className="text-[12px] text-soft">to and from rooms</span>
            <div className="max-h-56 overflow-auto border border-rule px-2 py-1" tabIndex={0}>
              {places.rooms.map((room) => (
                <CheckBox
                  key={room}
                  className="text-[13px]"
                  disabled={!canEdit}
                  checked={group.rooms.includes(room)}
                  onChange={() => toggle('rooms', room)}
                >
                  {room}
                </CheckBox>
              ))}
            </div>
          </div>
        </>
      )}
    </fieldset>
  );
}
