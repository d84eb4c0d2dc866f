import {
  LOCK_FORMS,
  keyedDoorOf,
  type DecidedOpening,
  type KeyedDoor,
  type LevelledLock,
} from '@riegel/core';

/** A door as keys and corridors see it. */
export interface Door {
  keyed: KeyedDoor;
  level: LevelledLock;
}

/** What of a decided opening keys and corridors need. */
export function doorOf(id: string, decided: DecidedOpening): Door {
  const { facts, results } = decided;
  const { mark, from, to } = facts;
  const { kind, height } = results.securing;
  return {
    keyed: keyedDoorOf(id, decided),
    level: {
      id,
      mark,
      rooms: [from, to],
      height,
      item: kind === undefined ? 'lock' : LOCK_FORMS[kind].height,
    },
  };
}
