import { randomUUID } from 'node:crypto';
import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import type { DoorFacts, OpeningFacts } from '@riegel/core';
import { ask } from '../../base/database/ask.js';
import { inTransaction } from '../../base/database/transaction.js';
import { DocumentsService } from '../documents/documents.service.js';
import type { DocumentName } from '../../base/entities/document.entity.js';
import type { DocumentWrite } from '../documents/readDocument.js';
import { ofOpening, type Change, type EventKind } from '../../base/entities/event.entity.js';
import { readChanges, writeEvent } from '../events/eventRows.js';
import { FeedService } from '../events/feed.service.js';
import { invalid, Problem } from '../../base/http/problem.js';
import {
  chunks,
  deleteOpenings,
  firstVersions,
  insertOpenings,
  lockOpenings,
  replaceOpenings,
  type LockedOpening,
} from '../../base/openingRows/openingRows.js';
import {
  listedColumns,
  unfolded,
  type OpeningText,
  type StoredFacts,
} from '../../base/openingRows/openingText.js';
import type { Write } from './write.js';

/** The most openings a project holds. */
const MAX_OPENINGS = 20_000;

/** A refusal tells at most so many stale openings; the rest is told when these are settled. */
const MAX_STALE = 100;

/** Rows of a list read at a time. */
const PAGE = 500;

@Injectable()
export class OpeningsService {
  constructor(
    private readonly source: DataSource,
    private readonly documents: DocumentsService,
    private readonly feed: FeedService,
  ) {}

  /** Every opening in the order they were made, and the number of the project's newest event by then. */
  async list(projectId: string): Promise<{ seq: number; openings: OpeningText[] }> {
    // One snapshot: what is read page by page is all of the same moment.
    return this.source.transaction('REPEATABLE READ', async (manager) => {
      const seq = await this.feed.seq(projectId, manager);
      const openings: OpeningText[] = [];
      let after = ['1000-01-01', ''] as [string, string];
      for (;;) {
        const rows = (await manager.query(
          `SELECT id, version, facts, DATE_FORMAT(created_at, '%Y-%m-%d %H:%i:%s.%f') AS made FROM opening
            WHERE project_id = ? AND (created_at > ? OR (created_at = ? AND id > ?)) ORDER BY created_at, id LIMIT ${PAGE}`,
          [projectId, after[0], after[0], after[1]],
        )) as (OpeningText & { made: string })[];
        for (const { id, version, facts } of rows) openings.push({ id, version, facts });
        if (rows.length < PAGE) return { seq, openings };
        const last = rows.at(-1)!;
        after = [last.made, last.id];
      }
    });
  }

  /** What of every opening the ways out of the building depend on. */
  async edges(projectId: string): Promise<DoorFacts[]> {
    const rows = await ask<Record<keyof DoorFacts, string | null>>(
      this.source,
      `SELECT JSON_VALUE(facts, '$.from') AS \`from\`, JSON_VALUE(facts, '$.to') AS \`to\`,
              JSON_VALUE(facts, '$.egress') AS egress, JSON_VALUE(facts, '$.escape') AS escape
         FROM opening WHERE project_id = ? ORDER BY created_at, id`,
      [projectId],
    );
    // JSON_VALUE gives booleans as 1 and 0.
    const truth = (text: string | null) =>
      text === null ? undefined : text === 'unknown' ? text : text === '1' || text === 'true';
    return rows.map(({ from, to, egress, escape }) => ({
      from: from ?? undefined,
      to: to ?? undefined,
      egress: truth(egress),
      escape: (escape ?? undefined) as DoorFacts['escape'],
    }));
  }

  async one(projectId: string, id: string): Promise<OpeningText | undefined> {
    const [row] = await ask<OpeningText>(
      this.source,
      'SELECT id, version, facts FROM opening WHERE id = ? AND project_id = ?',
      [id, projectId],
    );
    return row;
  }

  /**
   * Does all writes in one transaction with one event, or none. A stale write answers 409 with the
   * current state of every stale opening; a write that was already done (sent again after a lost
   * answer) counts as done.
   */
  write(
    projectId: string,
    personId: string,
    writes: readonly Write[],
    kind?: EventKind,
    documents: readonly DocumentWrite[] = [],
  ): Promise<OpeningText[]> {
    return inTransaction(this.source, (manager) =>
      this.writeIn(manager, projectId, personId, writes, kind, documents),
    );
  }

  /** The same as part of a transaction. */
  async writeIn(
    manager: EntityManager,
    projectId: string,
    personId: string,
    writes: readonly Write[],
    kind: EventKind | undefined,
    documents: readonly DocumentWrite[],
  ): Promise<OpeningText[]> {
    const before = await lockOpenings(
      manager,
      writes.flatMap((one) => (one.id ? [one.id] : [])),
    );
    const made = writes.flatMap((one) => (one.op === 'create' && one.id ? [one.id] : []));
    const first = await firstVersions(manager, made);
    const changes: Change[] = [];
    const replaced: { id: string; version: number; facts: StoredFacts }[] = [];
    const created: { id: string; version: number; facts: StoredFacts }[] = [];
    const deleted: string[] = [];
    const stale: LockedOpening[] = [];
    const gone: string[] = [];
    const views: OpeningText[] = [];
    for (const one of writes) {
      const current = one.id ? before.get(one.id) : undefined;
      if (current && current.projectId !== projectId)
        throw invalid([{ field: 'id', message: 'That identifier is taken.' }]);
      if (one.op === 'create') {
        if (current) {
          if (current.facts !== one.facts.text) stale.push(current);
          views.push(current);
          continue;
        }
        const id = one.id ?? randomUUID();
        const version = first.get(id) ?? 1;
        created.push({ id, version, facts: one.facts });
        changes.push({ openingId: id, before: null, after: one.facts.text });
        views.push({ id, version, facts: one.facts.text });
        continue;
      }
      if (!current) {
        if (one.op === 'update') gone.push(one.id);
        continue;
      }
      if (one.op === 'update' && current.facts === one.facts.text) {
        views.push(current);
        continue;
      }
      if (current.version !== one.version) {
        stale.push(current);
        continue;
      }
      if (one.op === 'delete') {
        deleted.push(one.id);
        changes.push({ openingId: one.id, before: current.facts, after: null });
      } else {
        replaced.push({ id: one.id, version: current.version, facts: one.facts });
        changes.push({ openingId: one.id, before: current.facts, after: one.facts.text });
        views.push({ id: one.id, version: current.version + 1, facts: one.facts.text });
      }
    }
    if (stale.length > 0 || gone.length > 0) await this.refuse(manager, stale, gone);
    await deleteOpenings(manager, deleted);
    await replaceOpenings(manager, projectId, replaced);
    await this.insert(manager, projectId, created);
    changes.push(...(await this.documents.write(manager, projectId, [...documents])));
    if (changes.length > 0)
      await writeEvent(
        manager,
        { projectId, personId, kind: kind ?? kindOf(writes, documents) },
        changes,
      );
    return views.map(({ id, version, facts }) => ({ id, version, facts }));
  }

  private async insert(
    manager: EntityManager,
    projectId: string,
    openings: readonly { id: string; version: number; facts: StoredFacts }[],
  ): Promise<void> {
    if (openings.length === 0) return;
    const [{ count } = { count: 0 }] = (await manager.query(
      'SELECT COUNT(*) AS count FROM opening WHERE project_id = ?',
      [projectId],
    )) as { count: string | number }[];
    if (Number(count) + openings.length > MAX_OPENINGS) {
      throw new Problem(
        HttpStatus.UNPROCESSABLE_ENTITY,
        `A project holds at most ${MAX_OPENINGS} openings.`,
      );
    }
    await insertOpenings(manager, projectId, openings);
  }

  private async refuse(
    manager: EntityManager,
    stale: LockedOpening[],
    gone: string[],
  ): Promise<never> {
    const latest = stale[0] ? await this.lastWriter(manager, stale[0].id) : undefined;
    throw new Problem(
      HttpStatus.CONFLICT,
      gone.length > 0
        ? 'An opening was deleted by somebody in the meantime.'
        : 'Somebody changed this in the meantime.',
      {
        stale: stale.slice(0, MAX_STALE).map(unfolded),
        gone,
        ...(latest ? { by: latest } : {}),
      },
    );
  }

  private async lastWriter(manager: EntityManager, openingId: string): Promise<string | undefined> {
    const rows = (await manager.query(
      'SELECT p.name FROM event_change c JOIN event e ON e.id = c.event_id JOIN person p ON p.id = e.person_id WHERE c.opening_id = ? ORDER BY c.event_id DESC LIMIT 1',
      [openingId],
    )) as { name: string }[];
    return rows[0]?.name;
  }

  /** Takes the person's last standing event back, or does their last undone one again. */
  step(
    projectId: string,
    personId: string,
    way: 'undo' | 'redo',
  ): Promise<{ openings: OpeningText[]; deleted: string[]; documents: DocumentName[] }> {
    return inTransaction(this.source, async (manager) => {
      // One step of a person at a time: two keys pressed at once take back two events, not one.
      await manager.query(
        'SELECT role FROM membership WHERE project_id = ? AND person_id = ? FOR UPDATE',
        [projectId, personId],
      );
      const event = await this.stepEvent(manager, projectId, personId, way);
      if (!event)
        throw new Problem(
          HttpStatus.NOT_FOUND,
          way === 'undo' ? 'There is nothing of yours to undo.' : 'There is nothing to redo.',
        );
      const openings: OpeningText[] = [];
      const deleted: string[] = [];
      const done: Change[] = [];
      const documents: DocumentName[] = [];
      for await (const part of readChanges(manager, event)) {
        const turned = part.map((change): Change =>
          way === 'undo' ? { ...change, before: change.after, after: change.before } : change,
        );
        for (const change of turned) {
          if (ofOpening(change)) continue;
          const { document, before, after } = change;
          await this.documents.restore(manager, projectId, document, before, after);
          documents.push(document);
        }
        const result = await this.restore(manager, projectId, turned.filter(ofOpening));
        openings.push(...result.openings);
        deleted.push(...result.deleted);
        done.push(...turned);
      }
      await manager.query('UPDATE event SET undone = ? WHERE id = ?', [way === 'undo', event]);
      await writeEvent(manager, { projectId, personId, kind: way }, done);
      return { openings, deleted, documents };
    });
  }

  /** Puts openings back to what they were, unless somebody changed one since. */
  private async restore(
    manager: EntityManager,
    projectId: string,
    changes: readonly { openingId: string; before: string | null; after: string | null }[],
  ): Promise<{ openings: OpeningText[]; deleted: string[] }> {
    const ids = changes.map(({ openingId }) => openingId);
    const standing = await lockOpenings(manager, ids);
    const first = await firstVersions(
      manager,
      ids.filter((id) => !standing.has(id)),
    );
    const openings: OpeningText[] = [];
    const deleted: string[] = [];
    const replaced: { id: string; version: number; facts: StoredFacts }[] = [];
    const created: { id: string; version: number; facts: StoredFacts }[] = [];
    for (const { openingId: id, before, after } of changes) {
      const current = standing.get(id);
      if ((current?.facts ?? null) !== before) {
        const mark = (JSON.parse(current?.facts ?? before ?? '{}') as Partial<OpeningFacts>).mark;
        throw new Problem(
          HttpStatus.CONFLICT,
          `Somebody changed opening ${mark ?? ''} after that; it cannot be taken back as a whole.`,
          { stale: current ? [unfolded(current)] : [], gone: current ? [] : [id] },
        );
      }
      if (after === null) {
        deleted.push(id);
        continue;
      }
      const facts = { text: after, columns: listedColumns(JSON.parse(after) as OpeningFacts) };
      if (current) {
        replaced.push({ id, version: current.version, facts });
        openings.push({ id, version: current.version + 1, facts: facts.text });
      } else {
        const version = first.get(id) ?? 1;
        created.push({ id, version, facts });
        openings.push({ id, version, facts: facts.text });
      }
    }
    await deleteOpenings(manager, deleted);
    await replaceOpenings(manager, projectId, replaced);
    await this.insert(manager, projectId, created);
    return { openings, deleted };
  }

  /**
   * Undo takes the newest standing event; redo the oldest undone one that is newer than every
   * standing event, so that a new edit ends what could be done again.
   */
  private async stepEvent(
    manager: EntityManager,
    projectId: string,
    personId: string,
    way: 'undo' | 'redo',
  ): Promise<string | undefined> {
    const own = "project_id = ? AND person_id = ? AND kind NOT IN ('undo', 'redo', 'site')";
    const ask = async (rest: string, ...values: unknown[]) =>
      (
        (await manager.query(`SELECT id FROM event WHERE ${own} AND ${rest} LIMIT 1`, [
          projectId,
          personId,
          ...values,
        ])) as { id: string }[]
      )[0]?.id;
    const standing = await ask('undone = 0 ORDER BY id DESC');
    if (way === 'undo') return standing;
    return ask('undone = 1 AND id > ? ORDER BY id', standing ?? 0);
  }

  /** Which of some openings still stand: for whoever was told of more changes than are read one by one. */
  async standing(projectId: string, ids: readonly string[]): Promise<OpeningText[]> {
    const found: OpeningText[] = [];
    for (const part of chunks(ids))
      found.push(
        ...((await this.source.query(
          `SELECT id, version, facts FROM opening WHERE project_id = ? AND id IN (${part.map(() => '?').join(', ')})`,
          [projectId, ...part],
        )) as OpeningText[]),
      );
    return found;
  }
}

function kindOf(writes: readonly Write[], documents: readonly DocumentWrite[]): EventKind {
  if (documents.length > 0) return 'project';
  return writes.length === 1 ? writes[0]!.op : 'bulk';
}
