import { randomUUID } from 'node:crypto';
import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource, In, type EntityManager } from 'typeorm';
import type { OpeningFacts } from '@riegel/core';
import { DocumentsService, type DocumentWrite } from '../documents/documents.service.js';
import type { DocumentName } from '../documents/document.entity.js';
import { EventRow, ofOpening, type Change, type EventKind } from '../events/event.entity.js';
import { invalid, Problem } from '../http/problem.js';
import { listedColumns, Opening } from './opening.entity.js';

/** One change of a bulk write. */
export type Write =
  | { op: 'create'; id?: string; facts: OpeningFacts }
  | { op: 'update'; id: string; version: number; facts: OpeningFacts }
  | { op: 'delete'; id: string; version: number };

/** What the screens keep of an opening. */
export interface OpeningView {
  id: string;
  version: number;
  facts: OpeningFacts;
}

const view = (opening: Opening): OpeningView => ({
  id: opening.id,
  version: opening.version,
  facts: opening.facts,
});

const same = (a: unknown, b: unknown) => canonical(a) === canonical(b);

/** JSON with sorted keys: MariaDB and browsers need not keep their order. */
function canonical(value: unknown): string {
  return JSON.stringify(value, (_, inner: unknown) =>
    typeof inner === 'object' && inner !== null && !Array.isArray(inner)
      ? Object.fromEntries(Object.entries(inner).sort(([a], [b]) => (a < b ? -1 : 1)))
      : inner,
  );
}

/** Rows inserted by one statement. */
const CHUNK = 500;

/** Below this many, rows are updated one by one. */
const FEW = 20;

/** The most openings a project holds. */
const MOST_OPENINGS = 20_000;

@Injectable()
export class OpeningsService {
  constructor(
    private readonly source: DataSource,
    private readonly documents: DocumentsService,
  ) {}

  async list(projectId: string): Promise<OpeningView[]> {
    const rows = await this.source
      .getRepository(Opening)
      .find({ where: { projectId }, order: { createdAt: 'ASC', mark: 'ASC', id: 'ASC' } });
    return rows.map(view);
  }

  async one(projectId: string, id: string): Promise<OpeningView | undefined> {
    const row = await this.source.getRepository(Opening).findOneBy({ projectId, id });
    return row ? view(row) : undefined;
  }

  /**
   * Does all writes in one transaction with one event, or none. A stale write answers 409 with the
   * current state of every stale opening; a write that was already done (sent again after a lost
   * answer) counts as done.
   */
  async write(
    projectId: string,
    personId: string,
    writes: Write[],
    kind?: EventKind,
    documents: DocumentWrite[] = [],
  ): Promise<OpeningView[]> {
    return this.source.transaction(async (manager) => {
      const ids = writes.flatMap((one) => (one.id ? [one.id] : []));
      const before = await this.locked(manager, ids);
      const changes: Change[] = [];
      const replaced: { current: Opening; facts: OpeningFacts }[] = [];
      const stale: Opening[] = [];
      const gone: string[] = [];
      const created: Opening[] = [];
      const views: OpeningView[] = [];
      for (const one of writes) {
        const current = one.id ? before.get(one.id) : undefined;
        if (current && current.projectId !== projectId)
          throw invalid([{ field: 'id', message: 'That identifier is taken.' }]);
        if (one.op === 'create') {
          if (current) {
            if (!same(current.facts, one.facts)) stale.push(current);
            views.push(view(current));
            continue;
          }
          const opening = manager.create(Opening, {
            id: one.id ?? randomUUID(),
            projectId,
            facts: one.facts,
            version: 1,
            ...listedColumns(one.facts),
          });
          created.push(opening);
          changes.push({ openingId: opening.id, before: null, after: one.facts });
          views.push(view(opening));
          continue;
        }
        if (!current) {
          if (one.op === 'update') gone.push(one.id);
          continue;
        }
        if (one.op === 'update' && same(current.facts, one.facts)) {
          views.push(view(current));
          continue;
        }
        if (current.version !== one.version) {
          stale.push(current);
          continue;
        }
        if (one.op === 'delete') {
          await manager.delete(Opening, { id: one.id, version: one.version });
          changes.push({ openingId: one.id, before: current.facts, after: null });
        } else {
          replaced.push({ current, facts: one.facts });
          changes.push({ openingId: one.id, before: current.facts, after: one.facts });
          views.push({ id: one.id, version: current.version + 1, facts: one.facts });
        }
      }
      if (stale.length > 0 || gone.length > 0) await this.refuse(manager, projectId, stale, gone);
      await this.replaceAll(manager, replaced);
      await this.insert(manager, projectId, created);
      changes.push(...(await this.documents.write(manager, projectId, documents)));
      if (changes.length > 0) {
        await manager.insert(EventRow, {
          projectId,
          personId,
          changes: changes as never,
          kind: kind ?? kindOf(writes, documents),
        });
      }
      return views;
    });
  }

  private async locked(manager: EntityManager, ids: string[]): Promise<Map<string, Opening>> {
    if (ids.length === 0) return new Map();
    const rows = await manager.find(Opening, {
      where: { id: In(ids) },
      lock: { mode: 'pessimistic_write' },
    });
    return new Map(rows.map((row) => [row.id, row]));
  }

  private async replace(
    manager: EntityManager,
    current: Opening,
    facts: OpeningFacts,
  ): Promise<void> {
    await manager.update(
      Opening,
      { id: current.id, version: current.version },
      { facts: facts as never, version: current.version + 1, ...listedColumns(facts) },
    );
  }

  /** Replaces many at once: rows are locked and their versions were checked. */
  private async replaceAll(
    manager: EntityManager,
    replaced: { current: Opening; facts: OpeningFacts }[],
  ): Promise<void> {
    if (replaced.length < FEW) {
      for (const { current, facts } of replaced) await this.replace(manager, current, facts);
      return;
    }
    for (let at = 0; at < replaced.length; at += CHUNK) {
      await manager.upsert(
        Opening,
        replaced.slice(at, at + CHUNK).map(({ current, facts }) => ({
          id: current.id,
          projectId: current.projectId,
          createdAt: current.createdAt,
          facts: facts as never,
          version: current.version + 1,
          ...listedColumns(facts),
        })) as never,
        ['id'],
      );
    }
  }

  private async insert(
    manager: EntityManager,
    projectId: string,
    openings: Opening[],
  ): Promise<void> {
    if (openings.length === 0) return;
    if ((await manager.countBy(Opening, { projectId })) + openings.length > MOST_OPENINGS) {
      throw new Problem(
        HttpStatus.UNPROCESSABLE_ENTITY,
        `A project holds at most ${MOST_OPENINGS} openings.`,
      );
    }
    // Openings made together keep the order they were given in.
    const now = Date.now();
    openings.forEach((opening, index) => {
      opening.createdAt = new Date(now + index);
    });
    for (let at = 0; at < openings.length; at += CHUNK) {
      await manager.insert(Opening, openings.slice(at, at + CHUNK) as never);
    }
  }

  private async refuse(
    manager: EntityManager,
    projectId: string,
    stale: Opening[],
    gone: string[],
  ): Promise<never> {
    const latest = stale[0] ? await this.lastWriter(manager, projectId, stale[0].id) : undefined;
    throw new Problem(
      HttpStatus.CONFLICT,
      gone.length > 0
        ? 'An opening was deleted by somebody in the meantime.'
        : 'Somebody changed this in the meantime.',
      {
        stale: stale.map(view),
        gone,
        ...(latest ? { by: latest } : {}),
      },
    );
  }

  private async lastWriter(
    manager: EntityManager,
    projectId: string,
    openingId: string,
  ): Promise<string | undefined> {
    const rows: { name: string }[] = await manager.query(
      'SELECT p.name FROM event e JOIN person p ON p.id = e.person_id WHERE e.project_id = ? AND e.changes LIKE ? ORDER BY e.id DESC LIMIT 1',
      [projectId, `%${openingId}%`],
    );
    return rows[0]?.name;
  }

  /** Takes the person's last standing event back, or does their last undone one again. */
  async step(
    projectId: string,
    personId: string,
    way: 'undo' | 'redo',
  ): Promise<{ openings: OpeningView[]; deleted: string[]; documents: DocumentName[] }> {
    return this.source.transaction(async (manager) => {
      const event = await this.stepEvent(manager, projectId, personId, way);
      if (!event)
        throw new Problem(
          HttpStatus.NOT_FOUND,
          way === 'undo' ? 'There is nothing of yours to undo.' : 'There is nothing to redo.',
        );
      const before = await this.locked(
        manager,
        event.changes.filter(ofOpening).map((change) => change.openingId),
      );
      const openings: OpeningView[] = [];
      const deleted: string[] = [];
      const created: Opening[] = [];
      const changes: Change[] = [];
      const documents: DocumentName[] = [];
      const replaced: { current: Opening; facts: OpeningFacts }[] = [];
      for (const change of event.changes) {
        if (!ofOpening(change)) {
          const [from, to] =
            way === 'undo' ? [change.after, change.before] : [change.before, change.after];
          await this.documents.restore(manager, projectId, change.document, to);
          changes.push({ document: change.document, before: from, after: to });
          documents.push(change.document);
          continue;
        }
        const [from, to] =
          way === 'undo' ? [change.after, change.before] : [change.before, change.after];
        const current = before.get(change.openingId);
        if (!same(current?.facts ?? null, from)) {
          throw new Problem(
            HttpStatus.CONFLICT,
            `Somebody changed opening ${current?.facts.mark ?? from?.mark ?? ''} after that; it cannot be taken back as a whole.`,
            {
              stale: current ? [view(current)] : [],
              gone: current ? [] : [change.openingId],
            },
          );
        }
        changes.push({ openingId: change.openingId, before: from, after: to });
        if (to === null) {
          await manager.delete(Opening, { id: change.openingId });
          deleted.push(change.openingId);
        } else if (current) {
          replaced.push({ current, facts: to });
          openings.push({ id: current.id, version: current.version + 1, facts: to });
        } else {
          const opening = manager.create(Opening, {
            id: change.openingId,
            projectId,
            facts: to,
            version: 1,
            ...listedColumns(to),
          });
          created.push(opening);
          openings.push(view(opening));
        }
      }
      await this.replaceAll(manager, replaced);
      await this.insert(manager, projectId, created);
      await manager.update(EventRow, { id: event.id }, { undone: way === 'undo' });
      await manager.insert(EventRow, {
        projectId,
        personId,
        changes: changes as never,
        kind: way,
      });
      return { openings, deleted, documents };
    });
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
  ): Promise<EventRow | null> {
    const own = () =>
      manager
        .createQueryBuilder(EventRow, 'event')
        .where('event.project_id = :projectId AND event.person_id = :personId', {
          projectId,
          personId,
        })
        .andWhere("event.kind NOT IN ('undo', 'redo')");
    const standing = await own().andWhere('event.undone = 0').orderBy('event.id', 'DESC').getOne();
    if (way === 'undo') return standing;
    return own()
      .andWhere('event.undone = 1 AND event.id > :after', { after: standing?.id ?? 0 })
      .orderBy('event.id', 'ASC')
      .getOne();
  }
}

function kindOf(writes: { op: Write['op'] }[], documents: DocumentWrite[]): EventKind {
  if (documents.length > 0) return 'project';
  return writes.length === 1 ? writes[0]!.op : 'bulk';
}
