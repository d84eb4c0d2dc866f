import { Store, type SessionData } from 'express-session';
import { LessThan, type DataSource } from 'typeorm';
import { SessionRow } from './session.entity.js';

/** How long a session lasts without use. */
export const SESSION_MS = 14 * 24 * 3600 * 1000;

/** Keeps sessions in the database, so that several servers can stand behind one balancer. */
export class SessionStore extends Store {
  constructor(private readonly source: DataSource) {
    super();
  }

  override get(id: string, done: (error: unknown, session?: SessionData | null) => void): void {
    this.source
      .getRepository(SessionRow)
      .findOneBy({ id })
      .then((row) =>
        done(
          null,
          row && row.expiresAt.getTime() > Date.now()
            ? (JSON.parse(row.data) as SessionData)
            : null,
        ),
      )
      .catch((error: unknown) => done(error));
  }

  override set(id: string, session: SessionData, done?: (error?: unknown) => void): void {
    const row = { id, data: JSON.stringify(session), expiresAt: new Date(Date.now() + SESSION_MS) };
    this.source
      .getRepository(SessionRow)
      .upsert(row, ['id'])
      .then(() => done?.())
      .catch((error: unknown) => done?.(error));
  }

  override destroy(id: string, done?: (error?: unknown) => void): void {
    this.source
      .getRepository(SessionRow)
      .delete({ id })
      .then(() => done?.())
      .catch((error: unknown) => done?.(error));
  }

  /** Removes what has run out. */
  async sweep(): Promise<void> {
    await this.source.getRepository(SessionRow).delete({ expiresAt: LessThan(new Date()) });
  }
}
