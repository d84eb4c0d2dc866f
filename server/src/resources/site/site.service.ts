import { Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { readSiteRecord, type Due, type SiteRecord } from '@riegel/core';
import { inTransaction } from '../../base/database/transaction.js';
import { writeEvent } from '../events/eventRows.js';
import { invalid } from '../../base/http/problem.js';

/** Records that are handed out together. */
const PAGE = 2000;

/** Entries of a list across projects. */
const MOST_DUE = 20_000;
const MOST_FOUND = 300;

/** Records as they are fetched, and where to go on. */
export interface SitePage {
  /** JSON, a list of records. */
  json: string;
  seq: number;
  more: boolean;
}

/** Where a product stands. */
export interface Installed {
  projectId: string;
  project: string;
  openingId: string;
  mark: string;
  words: string;
  batch?: string | undefined;
  setting?: string | undefined;
  at: string;
}

/** Records of fitting, proving and keeping: added once, never changed, the same for all devices. */
@Injectable()
export class SiteService {
  constructor(private readonly source: DataSource) {}

  /** The records written after a place in the feed, in its order. */
  async since(projectId: string, since: number): Promise<SitePage> {
    const rows = (await this.source.query(
      `SELECT seq, body FROM site_record WHERE project_id = ? AND seq > ? ORDER BY seq, id LIMIT ${PAGE + 1}`,
      [projectId, since],
    )) as { seq: string; body: string }[];
    const more = rows.length > PAGE;
    // A write is handed out whole: a page ends between two of them, unless one fills it.
    const cut = more ? rows[PAGE]!.seq : undefined;
    const whole = rows.filter(({ seq }) => seq !== cut);
    const page = whole.length > 0 ? whole : await this.write(projectId, cut!);
    return {
      json: `[${page.map(({ body }) => body).join(',')}]`,
      seq: page.length > 0 ? Number(page.at(-1)!.seq) : since,
      more,
    };
  }

  private write(projectId: string, seq: string): Promise<{ seq: string; body: string }[]> {
    return this.source.query(
      'SELECT seq, body FROM site_record WHERE project_id = ? AND seq = ? ORDER BY id',
      [projectId, seq],
    );
  }

  /** The records of one opening. */
  async ofOpening(projectId: string, openingId: string): Promise<SiteRecord[]> {
    const rows = (await this.source.query(
      'SELECT body FROM site_record WHERE project_id = ? AND opening_id = ? ORDER BY at, id',
      [projectId, openingId],
    )) as { body: string }[];
    return rows.map(({ body }) => JSON.parse(body) as SiteRecord);
  }

  /** All records of a project, by opening. */
  async all(projectId: string): Promise<SiteRecord[]> {
    const rows = (await this.source.query(
      'SELECT body FROM site_record WHERE project_id = ? ORDER BY opening_id, at, id',
      [projectId],
    )) as { body: string }[];
    return rows.map(({ body }) => JSON.parse(body) as SiteRecord);
  }

  /**
   * Keeps records; those that were sent before (a lost answer) count as kept. All or none: what is no record is told
   * by its place, and the device keeps it; so it does those of openings that are not here.
   */
  async add(
    projectId: string,
    personId: string,
    sent: readonly unknown[],
  ): Promise<{ added: number; missing: string[] }> {
    const records = sent.map((one, at) => {
      const record = readSiteRecord(one);
      if (!record)
        throw invalid([
          { field: `records.${at}`, message: 'This is no record that Riegel keeps.' },
        ]);
      return record;
    });
    return inTransaction(this.source, async (manager) => {
      const ids = [...new Set(records.map(({ id }) => id))];
      const openings = [...new Set(records.map(({ openingId }) => openingId))];
      const known = new Set(
        (
          (await manager.query(`SELECT id FROM site_record WHERE id IN (${marks(ids)})`, ids)) as {
            id: string;
          }[]
        ).map(({ id }) => id),
      );
      const there = new Set(
        (
          (await manager.query(
            `SELECT id FROM opening WHERE project_id = ? AND id IN (${marks(openings)})`,
            [projectId, ...openings],
          )) as { id: string }[]
        ).map(({ id }) => id),
      );
      const fresh = new Map(
        records
          .filter(({ id, openingId }) => !known.has(id) && there.has(openingId))
          .map((record) => [record.id, record]),
      );
      // Of an opening that is not here yet, or no more: the device keeps them.
      const missing = records
        .filter(({ id, openingId }) => !known.has(id) && !there.has(openingId))
        .map(({ id }) => id);
      if (fresh.size === 0) return { added: 0, missing };
      const seq = await writeEvent(manager, { projectId, personId, kind: 'site' }, []);
      await this.insert(manager, { projectId, personId, seq }, [...fresh.values()]);
      await this.due(manager, projectId, [...fresh.values()]);
      return { added: fresh.size, missing };
    });
  }

  private async insert(
    manager: EntityManager,
    { projectId, personId, seq }: { projectId: string; personId: string; seq: number },
    records: readonly SiteRecord[],
  ): Promise<void> {
    await manager.query(
      `INSERT INTO site_record (id, project_id, opening_id, kind, person_id, at, seq, words, body) VALUES ${records.map(() => '(?, ?, ?, ?, ?, ?, ?, ?, ?)').join(', ')}`,
      records.flatMap((record) => [
        record.id,
        projectId,
        record.openingId,
        record.kind,
        personId,
        new Date(record.at),
        seq,
        record.kind === 'installed'
          ? [record.words, record.batch ?? ''].join(' ').trim().slice(0, 500)
          : '',
        JSON.stringify(record),
      ]),
    );
  }

  /** The day of the next look, by the round signed last, whichever device's comes first. */
  private async due(
    manager: EntityManager,
    projectId: string,
    records: readonly SiteRecord[],
  ): Promise<void> {
    for (const record of records)
      if (record.kind === 'signed')
        await manager.query(
          `INSERT INTO site_due (opening_id, project_id, due, at) VALUES (?, ?, ?, ?)
             ON DUPLICATE KEY UPDATE due = IF(VALUES(at) >= at, VALUES(due), due), at = GREATEST(at, VALUES(at))`,
          [record.openingId, projectId, record.due ?? null, new Date(record.at)],
        );
  }

  /** What is due in the projects a person is in, soonest first, up to a day; so many at most. */
  async dueFor(personId: string, until: string, most = MOST_DUE): Promise<Due[]> {
    return this.source.query(
      `SELECT d.project_id AS projectId, p.name AS project, d.opening_id AS openingId, o.mark,
              o.from_room AS \`from\`, o.to_room AS \`to\`, DATE_FORMAT(d.due, '%Y-%m-%d') AS due
         FROM (SELECT s.project_id, s.opening_id, s.due FROM membership m JOIN site_due s ON s.project_id = m.project_id
                WHERE m.person_id = ? AND s.due IS NOT NULL AND s.due <= ? ORDER BY s.due LIMIT ${most}) d
         JOIN project p ON p.id = d.project_id JOIN opening o ON o.id = d.opening_id
        ORDER BY d.due, p.name, o.mark`,
      [personId, until],
    );
  }

  /** How many are due on each day up to one, in the projects a person is in. */
  async dueDays(personId: string, until: string): Promise<{ due: string; count: number }[]> {
    const rows = (await this.source.query(
      `SELECT DATE_FORMAT(s.due, '%Y-%m-%d') AS due, COUNT(*) AS count
         FROM membership m JOIN site_due s ON s.project_id = m.project_id JOIN opening o ON o.id = s.opening_id
        WHERE m.person_id = ? AND s.due IS NOT NULL AND s.due <= ? GROUP BY s.due`,
      [personId, until],
    )) as { due: string; count: string }[];
    return rows.map(({ due, count }) => ({ due, count: Number(count) }));
  }

  /** Where something stands, across the projects a person is in: all words must be found. */
  async installed(personId: string, text: string): Promise<{ found: Installed[]; more: boolean }> {
    const words = text.split(/\s+/).filter(Boolean).slice(0, 8);
    if (words.length === 0) return { found: [], more: false };
    const like = words.map((word) => `%${word.replace(/[\\%_]/g, (sign) => `\\${sign}`)}%`);
    // The last word on each part of an opening is what stands there.
    const rows = (await this.source.query(
      `SELECT r.project_id AS projectId, p.name AS project, r.opening_id AS openingId, o.mark, r.body
         FROM membership m JOIN site_record r ON r.project_id = m.project_id AND r.kind = 'installed'
         JOIN project p ON p.id = r.project_id JOIN opening o ON o.id = r.opening_id
        WHERE m.person_id = ? AND ${like.map(() => 'r.words LIKE ?').join(' AND ')}
          AND NOT EXISTS (SELECT 1 FROM site_record l WHERE l.opening_id = r.opening_id AND l.kind = 'installed'
                AND JSON_VALUE(l.body, '$.part') = JSON_VALUE(r.body, '$.part')
                AND (l.at > r.at OR (l.at = r.at AND l.id > r.id)))
        ORDER BY p.name, o.mark LIMIT ${MOST_FOUND + 1}`,
      [personId, ...like],
    )) as { projectId: string; project: string; openingId: string; mark: string; body: string }[];
    const found = rows.slice(0, MOST_FOUND).map(({ body, ...row }): Installed => {
      const { words: what, batch, setting, at } = JSON.parse(body) as Installed;
      return { ...row, words: what, batch, setting, at };
    });
    return { found, more: rows.length > MOST_FOUND };
  }
}

const marks = (list: readonly unknown[]) => list.map(() => '?').join(', ');
