import { Injectable } from '@nestjs/common';
import type { Request } from 'express';
import { DataSource, MoreThan, Not } from 'typeorm';
import { SessionRow } from '../../base/entities/session.entity.js';
import { hashOfSession } from '../../base/rights/sessionHash.js';

/** Starts and ends the sessions of people. */
@Injectable()
export class SessionsService {
  constructor(private readonly source: DataSource) {}

  /** A new session id at every sign-in, so that one set before is worth nothing. */
  async start(
    request: Request,
    values: { personId: string } | { pending: { personId: string; at: number; tries: number } },
  ): Promise<void> {
    await new Promise<void>((done, failed) =>
      request.session.regenerate((error) => (error ? failed(error as Error) : done())),
    );
    Object.assign(request.session, values, {
      device: deviceOf(String(request.headers['user-agent'] ?? '')),
      address: request.ip ?? '',
    });
    await this.save(request);
  }

  save(request: Request): Promise<void> {
    return new Promise<void>((done, failed) =>
      request.session.save((error) => (error ? failed(error as Error) : done())),
    );
  }

  end(request: Request): Promise<void> {
    return new Promise<void>((done, failed) =>
      request.session.destroy((error) => (error ? failed(error as Error) : done())),
    );
  }

  /** Where somebody is signed in, the last used first. */
  async list(personId: string, request: Request) {
    const rows = await this.source.getRepository(SessionRow).find({
      where: { personId, expiresAt: MoreThan(new Date()) },
      order: { seenAt: 'DESC', id: 'ASC' },
    });
    const own = hashOfSession(request.sessionID);
    return rows.map(({ id, device, address, createdAt, seenAt }) => ({
      id,
      device,
      address,
      at: createdAt.toISOString(),
      seen: seenAt.toISOString(),
      current: id === own,
    }));
  }

  async endOne(personId: string, hash: string): Promise<boolean> {
    const { affected } = await this.source.getRepository(SessionRow).delete({ personId, id: hash });
    return affected === 1;
  }

  /** Ends all of somebody's sessions but the one that asks. */
  async endOthers(personId: string, request: Request): Promise<void> {
    await this.source
      .getRepository(SessionRow)
      .delete({ personId, id: Not(hashOfSession(request.sessionID)) });
  }

  async endAll(personId: string): Promise<void> {
    await this.source.getRepository(SessionRow).delete({ personId });
  }
}

/** A browser by what it calls itself: enough to tell one's own apart. */
export function deviceOf(agent: string): string {
  const browser = /Edg\//.test(agent)
    ? 'Edge'
    : /Firefox\//.test(agent)
      ? 'Firefox'
      : /Chrom(e|ium)\//.test(agent)
        ? 'Chrome'
        : /Safari\//.test(agent)
          ? 'Safari'
          : agent === ''
            ? 'something'
            : agent.split(/[\s/]/)[0]!.slice(0, 40);
  const system = /Android/.test(agent)
    ? 'Android'
    : /iPhone|iPad/.test(agent)
      ? 'iOS'
      : /Windows/.test(agent)
        ? 'Windows'
        : /Mac OS/.test(agent)
          ? 'macOS'
          : /Linux|X11/.test(agent)
            ? 'Linux'
            : '';
  return system ? `${browser} on ${system}` : browser;
}
