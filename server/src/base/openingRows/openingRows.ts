import type { EntityManager } from 'typeorm';
import type { OpeningText, StoredFacts } from './openingText.js';

/** Rows written or read by one statement: small enough that none holds the thread for long. */
const CHUNK = 250;

/** An opening as it stands, locked. */
export interface LockedOpening extends OpeningText {
  projectId: string;
}

/** Characters of one statement's values: well below what the database takes at a time. */
const CHUNK_CHARACTERS = 4_000_000;

/** The parts of a list, so many at a time, or fewer where they are long. */
export function* chunks<T>(
  list: readonly T[],
  length: (one: T) => number = () => 0,
): Generator<T[]> {
  let part: T[] = [];
  let characters = 0;
  for (const one of list) {
    if (part.length > 0 && (part.length >= CHUNK || characters + length(one) > CHUNK_CHARACTERS)) {
      yield part;
      part = [];
      characters = 0;
    }
    part.push(one);
    characters += length(one);
  }
  if (part.length > 0) yield part;
}

const factsLength = ({ facts }: { facts: StoredFacts }) => facts.text.length;

const marks = (list: readonly unknown[]) => list.map(() => '?').join(', ');

/** Locks openings, of whatever project, in the order of their ids: two writers never wait for each other. */
export async function lockOpenings(
  manager: EntityManager,
  ids: readonly string[],
): Promise<Map<string, LockedOpening>> {
  const found = new Map<string, LockedOpening>();
  for (const part of chunks([...ids].sort())) {
    const rows = (await manager.query(
      `SELECT id, project_id AS projectId, version, facts FROM opening WHERE id IN (${marks(part)}) ORDER BY id FOR UPDATE`,
      part,
    )) as LockedOpening[];
    for (const row of rows) found.set(row.id, row);
  }
  return found;
}

interface Row {
  id: string;
  version: number;
  facts: StoredFacts;
}

const COLUMNS = 'id, project_id, mark, kind, from_room, to_room, storey, facts, version';

const valuesOf = (projectId: string, { id, version, facts: { text, columns } }: Row) => [
  id,
  projectId,
  columns.mark,
  columns.kind,
  columns.fromRoom,
  columns.toRoom,
  columns.storey,
  text,
  version,
];

/** Inserts openings, in the order given. */
export async function insertOpenings(
  manager: EntityManager,
  projectId: string,
  openings: readonly Row[],
): Promise<void> {
  const now = Date.now();
  let index = 0;
  for (const part of chunks(openings, factsLength)) {
    await manager.query(
      `INSERT INTO opening (${COLUMNS}, created_at) VALUES ${part.map(() => '(?, ?, ?, ?, ?, ?, ?, ?, ?, ?)').join(', ')}`,
      part.flatMap((row) => [...valuesOf(projectId, row), new Date(now + index++)]),
    );
  }
}

/** Replaces the facts of locked openings and raises their versions. */
export async function replaceOpenings(
  manager: EntityManager,
  projectId: string,
  openings: readonly Row[],
): Promise<void> {
  for (const part of chunks(openings, factsLength)) {
    // The rows exist and are locked: the insertion always ends in the update.
    await manager.query(
      `INSERT INTO opening (${COLUMNS}) VALUES ${part.map(() => '(?, ?, ?, ?, ?, ?, ?, ?, ?)').join(', ')}
       ON DUPLICATE KEY UPDATE mark = VALUES(mark), kind = VALUES(kind), from_room = VALUES(from_room),
         to_room = VALUES(to_room), storey = VALUES(storey), facts = VALUES(facts), version = VALUES(version)`,
      part.flatMap((row) => valuesOf(projectId, { ...row, version: row.version + 1 })),
    );
  }
}

export async function deleteOpenings(
  manager: EntityManager,
  ids: readonly string[],
): Promise<void> {
  for (const part of chunks(ids))
    await manager.query(`DELETE FROM opening WHERE id IN (${marks(part)})`, part);
}

/**
 * The version an opening starts with when it is made: above every one it had before it was deleted, so
 * that a write from that time is stale.
 */
export async function firstVersions(
  manager: EntityManager,
  ids: readonly string[],
): Promise<Map<string, number>> {
  const versions = new Map<string, number>();
  for (const part of chunks(ids)) {
    const rows = (await manager.query(
      `SELECT opening_id AS id, COUNT(*) AS past FROM event_change WHERE opening_id IN (${marks(part)}) GROUP BY opening_id`,
      part,
    )) as { id: string; past: string | number }[];
    for (const { id, past } of rows) versions.set(id, Number(past) + 1);
  }
  return versions;
}
