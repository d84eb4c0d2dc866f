import { Store, type SessionData } from 'express-session';
import { LessThan, type DataSource } from 'typeorm';
import { ask } from '../../base/database/ask.js';
import type { Role } from '../../base/entities/membership.entity.js';
import { requestContext } from '../../base/rights/requestContext.js';
import { hashOfSession } from '../../base/rights/sessionHash.js';
import { SessionRow } from '../../base/entities/session.entity.js';

interface Row {
  data: string;
  personId: string | null;
  createdAt: Date;
  seenAt: Date;
  expiresAt: Date;
  role?: Role | null;
}

/** How long after a use the next is written down: not every request writes. */
const SEEN_MS = 60_000;

export interface SessionLimits {
  idleMs: number;
  wholeMs: number;
}

/**
 * Keeps sessions in the database, so that several servers can stand behind one balancer. A session ends
 * when it was not used for so long, and after so long whatever happens.
 */
export class SessionStore extends Store {
  constructor(
    private readonly source: DataSource,
    private readonly limits: SessionLimits,
  ) {
    super();
  }

  override get(id: string, done: (error: unknown, session?: SessionData | null) => void): void {
    this.read(hashOfSession(id)).then(
      (session) => done(null, session),
      (error: unknown) => done(error),
    );
  }

  private async read(hash: string): Promise<SessionData | null> {
    const about = requestContext();
    const [row] = await ask<Row>(
      this.source,
      about?.projectId
        ? `SELECT s.data, s.person_id AS personId, s.created_at AS createdAt, s.seen_at AS seenAt, s.expires_at AS expiresAt, m.role
             FROM session s LEFT JOIN membership m ON m.project_id = ? AND m.person_id = s.person_id WHERE s.id = ?`
        : 'SELECT data, person_id AS personId, created_at AS createdAt, seen_at AS seenAt, expires_at AS expiresAt FROM session WHERE id = ?',
      about?.projectId ? [about.projectId, hash] : [hash],
    );
    const now = Date.now();
    if (!row || row.expiresAt.getTime() <= now) return null;
    if (about?.projectId && row.personId)
      Object.assign(about, { personId: row.personId, role: row.role ?? null });
    if (now - row.seenAt.getTime() > SEEN_MS) {
      const end = this.end(row.createdAt.getTime(), now);
      await this.source.query(
        'UPDATE session SET seen_at = ?, expires_at = ? WHERE id = ? AND expires_at > ?',
        [new Date(now), end, hash, new Date(now)],
      );
    }
    return JSON.parse(row.data) as SessionData;
  }

  private end(created: number, now: number): Date {
    return new Date(Math.min(now + this.limits.idleMs, created + this.limits.wholeMs));
  }

  override set(id: string, session: SessionData, done?: (error?: unknown) => void): void {
    const now = Date.now();
    const { device = '', address = '', personId = null } = session;
    this.source
      .query(
        `INSERT INTO session (id, person_id, data, device, address, created_at, seen_at, expires_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?)
         ON DUPLICATE KEY UPDATE person_id = VALUES(person_id), data = VALUES(data)`,
        [
          hashOfSession(id),
          personId,
          JSON.stringify(session),
          device.slice(0, 160),
          address.slice(0, 64),
          new Date(now),
          new Date(now),
          this.end(now, now),
        ],
      )
      .then(() => done?.())
      .catch((error: unknown) => done?.(error));
  }

  override destroy(id: string, done?: (error?: unknown) => void): void {
    this.source
      .getRepository(SessionRow)
      .delete({ id: hashOfSession(id) })
      .then(() => done?.())
      .catch((error: unknown) => done?.(error));
  }

  /** Removes what has run out. */
  async sweep(): Promise<void> {
    await this.source.getRepository(SessionRow).delete({ expiresAt: LessThan(new Date()) });
  }
}
