import type { EntityManager } from 'typeorm';
import { notFound } from '../../base/http/problem.js';
import { chunks } from '../../base/openingRows/openingRows.js';
import { ofOpening, type Change, type EventKind } from '../../base/entities/event.entity.js';
import type { EventChangeRow } from '../../base/entities/eventChange.entity.js';

const weight = ({ before, after }: Change) => (before?.length ?? 0) + (after?.length ?? 0);

/**
 * Writes an event, the last thing in its transaction. Its place in the project's feed is taken last of
 * all and held until the commit: nobody can be told a later one before it (no gap, none out of order). Gives that place.
 */
export async function writeEvent(
  manager: EntityManager,
  event: { projectId: string; personId: string; kind: EventKind },
  changes: readonly Change[],
): Promise<number> {
  const { projectId, personId, kind } = event;
  const { insertId } = (await manager.query(
    'INSERT INTO event (project_id, person_id, kind, size) VALUES (?, ?, ?, ?)',
    [projectId, personId, kind, changes.length],
  )) as { insertId: number };
  let position = 0;
  for (const part of chunks(changes, weight)) {
    await manager.query(
      `INSERT INTO event_change (event_id, position, opening_id, document, \`before\`, \`after\`) VALUES ${part.map(() => '(?, ?, ?, ?, ?, ?)').join(', ')}`,
      part.flatMap((change) => [
        insertId,
        position++,
        ofOpening(change) ? change.openingId : null,
        ofOpening(change) ? null : change.document,
        change.before,
        change.after,
      ]),
    );
  }
  const { insertId: seq, affectedRows } = (await manager.query(
    'UPDATE project_feed SET seq = LAST_INSERT_ID(seq + 1) WHERE project_id = ?',
    [projectId],
  )) as { insertId: number; affectedRows: number };
  if (affectedRows !== 1) throw notFound('The project');
  await manager.query('UPDATE event SET seq = ? WHERE id = ?', [seq, insertId]);
  return seq;
}

/** An event's changes, some at a time: a large one need not fit into memory beside everything else. */
export async function* readChanges(
  manager: EntityManager,
  eventId: string,
): AsyncGenerator<Change[]> {
  for (let last = -1; ;) {
    const rows = (await manager.query(
      'SELECT position, opening_id AS openingId, document, `before`, `after` FROM event_change WHERE event_id = ? AND position > ? ORDER BY position LIMIT 100',
      [eventId, last],
    )) as Pick<EventChangeRow, 'position' | 'openingId' | 'document' | 'before' | 'after'>[];
    if (rows.length === 0) return;
    last = rows.at(-1)!.position;
    yield rows.map(({ openingId, document, before, after }) =>
      openingId === null ? { document: document!, before, after } : { openingId, before, after },
    );
  }
}
