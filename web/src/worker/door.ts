import {
  LOCK_FORMS,
  passingOf,
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
export function doorOf(id: string, { facts, results }: DecidedOpening): Door {
  const { handing, securing } = results;
  const { mark, from, to, storey } = facts;
  const { kind, spec, height } = securing;
  const [outside, inside] = handing.outside === 'from' ? [from, to] : [to, from];
  return {
    keyed: { id, mark, storey, outside, inside, passing: passingOf(kind, spec) },
    level: {
      id,
      mark,
      rooms: [from, to],
      height,
      item: kind === undefined ? 'lock' : LOCK_FORMS[kind].height,
    },
  };
}
