import { type Building } from '@riegel/core';
import { termText } from '../base/words.js';

/** Id of the list from which rooms are picked wherever one is asked for. */
const ROOM_LIST = 'rooms-of-the-building';
const STOREY_LIST = 'storeys-of-the-building';

/** The building's rooms and storeys, to pick from in any field. */
export function RoomList({ building }: { building: Building }) {
  return (
    <>
      <datalist id={ROOM_LIST}>
        {building.rooms.map((room) => (
          <option key={room.name} value={room.name}>
            {[room.number, room.storey, room.use && termText(`roomUse.${room.use}`)]
              .filter(Boolean)
              .join(', ')}
          </option>
        ))}
      </datalist>
      <datalist id={STOREY_LIST}>
        {building.storeys.map((storey) => (
          <option key={storey} value={storey} />
        ))}
      </datalist>
    </>
  );
}

/** The list a fact is picked from, if any. */
export function listOf(fact: string): string | undefined {
  if (fact === 'from' || fact === 'to') return ROOM_LIST;
  return fact === 'storey' ? STOREY_LIST : undefined;
}
