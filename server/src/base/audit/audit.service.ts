import { Injectable, Logger } from '@nestjs/common';
import type { Request } from 'express';
import { DataSource, LessThan } from 'typeorm';
import { AuditRow, type AuditKind } from '../entities/audit.entity.js';

/** How long lines are kept. */
const KEPT_DAYS = 400;
const MAX_LINES = 200;

export interface AuditEntry {
  kind: AuditKind;
  personId?: string | null;
  projectId?: string | null;
  subject?: string;
  address?: string;
}

/** The kinds that belong to an account rather than to a project; an owner sees those of members. */
const OF_ACCOUNTS = [
  'sign-in',
  'sign-in-refused',
  'second-refused',
  'sign-out',
  'password-changed',
  'password-reset',
  'second-on',
  'second-off',
  'recovery-used',
  'sessions-ended',
];

/** Who signed in, was refused, or got another role; also one log line each. */
@Injectable()
export class AuditService {
  private readonly logger = new Logger('audit');
  /** The minute in which the same refusal was last written: somebody who hammers fills no table. */
  private readonly recent = new Map<string, number>();

  constructor(private readonly source: DataSource) {}

  async write(entry: AuditEntry): Promise<void> {
    this.logger.warn(JSON.stringify(entry));
    await this.source.getRepository(AuditRow).insert({
      kind: entry.kind,
      personId: entry.personId ?? null,
      projectId: entry.projectId ?? null,
      subject: (entry.subject ?? '').toWellFormed().slice(0, 254),
      address: (entry.address ?? '').slice(0, 64),
    });
  }

  /** A right that was refused. */
  refused(request: Request, personId: string): Promise<void> {
    const projectId = request.params['projectId'];
    return this.oncePerMinute({
      kind: 'refused',
      personId,
      ...(projectId ? { projectId: String(projectId) } : {}),
      subject: `${request.method} ${request.path}`,
      address: request.ip ?? '',
    });
  }

  /** The same line at most once in a minute. */
  async oncePerMinute(entry: AuditEntry): Promise<void> {
    const minute = Math.floor(Date.now() / 60_000);
    const key = `${entry.kind} ${entry.personId} ${entry.address} ${entry.subject}`;
    if (this.recent.get(key) === minute) return;
    if (this.recent.size > 5000) this.recent.clear();
    this.recent.set(key, minute);
    await this.write(entry);
  }

  /** The lines of a project (with its members' sign-ins), or of the whole installation; newest first. */
  async list(projectId?: string, before?: string) {
    const where = projectId
      ? `(a.project_id = ? OR (a.project_id IS NULL AND a.kind IN (${OF_ACCOUNTS.map(() => '?').join(', ')})
           AND a.person_id IN (SELECT m.person_id FROM membership m WHERE m.project_id = ?)))`
      : '1 = 1';
    const rows = (await this.source.query(
      `SELECT a.id, a.kind, a.subject, a.address, a.created_at AS at, p.name AS who, p.email AS email, r.name AS project
         FROM audit a LEFT JOIN person p ON p.id = a.person_id LEFT JOIN project r ON r.id = a.project_id
        WHERE ${where} AND a.id < ? ORDER BY a.id DESC LIMIT ${MAX_LINES}`,
      [
        ...(projectId ? [projectId, ...OF_ACCOUNTS, projectId] : []),
        before ?? '18446744073709551615',
      ],
    )) as {
      id: string;
      kind: AuditKind;
      subject: string;
      address: string;
      at: Date;
      who: string | null;
      email: string | null;
      project: string | null;
    }[];
    return rows.map((row) => ({ ...row, id: String(row.id), at: new Date(row.at).toISOString() }));
  }

  async sweep(): Promise<void> {
    await this.source
      .getRepository(AuditRow)
      .delete({ createdAt: LessThan(new Date(Date.now() - KEPT_DAYS * 24 * 3600 * 1000)) });
  }
}
