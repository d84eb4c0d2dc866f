import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import type { Request, Response } from 'express';
import { DataSource } from 'typeorm';
import { PeopleService } from '../people/people.service.js';
import { EventRow, ofOpening } from './event.entity.js';

/** How often the event table is looked at for other people's writes. */
const LOOK_MS = 1000;
const COMMENT_MS = 25_000;

interface Listener {
  projectId: string;
  last: string;
  response: Response;
}

/** History, and telling other open screens what changed. The event table is the only memory. */
@Injectable()
export class EventsService implements OnModuleDestroy {
  private readonly listeners = new Set<Listener>();
  private timer: NodeJS.Timeout | undefined;
  private looking = false;

  constructor(
    private readonly source: DataSource,
    private readonly people: PeopleService,
  ) {}

  /** The last writes, newest first, with the names of who wrote. */
  async history(projectId: string, openingId?: string) {
    const query = this.source
      .getRepository(EventRow)
      .createQueryBuilder('event')
      .where('event.project_id = :projectId', { projectId });
    if (openingId)
      query.andWhere('event.changes LIKE :like', {
        like: `%"${openingId.replace(/[%_\\]/g, '')}"%`,
      });
    const rows = await query.orderBy('event.id', 'DESC').take(200).getMany();
    const names = new Map(
      (await this.people.named([...new Set(rows.map((row) => row.personId))])).map((person) => [
        person.id,
        person.name,
      ]),
    );
    return rows.map((row) => ({
      id: row.id,
      kind: row.kind,
      undone: Boolean(row.undone),
      at: row.createdAt.toISOString(),
      by: names.get(row.personId) ?? 'somebody',
      count: row.changes.filter(ofOpening).length,
      documents: row.changes.flatMap((change) => (ofOpening(change) ? [] : [change.document])),
      changes: row.changes
        .filter(ofOpening)
        .filter((change) => !openingId || change.openingId === openingId)
        .slice(0, 20),
    }));
  }

  /** Keeps a response open and writes a line for every write of others and one's own. */
  async stream(projectId: string, request: Request, response: Response): Promise<void> {
    const newest = await this.source
      .getRepository(EventRow)
      .findOne({ where: { projectId }, order: { id: 'DESC' }, select: { id: true } });
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store',
      Connection: 'keep-alive',
      'X-Accel-Buffering': 'no',
    });
    response.write(': open\n\n');
    const listener: Listener = { projectId, last: newest?.id ?? '0', response };
    this.listeners.add(listener);
    this.timer ??= setInterval(() => void this.look(), LOOK_MS);
    const comment = setInterval(() => response.write(': here\n\n'), COMMENT_MS);
    request.on('close', () => {
      clearInterval(comment);
      this.listeners.delete(listener);
      if (this.listeners.size === 0) {
        clearInterval(this.timer);
        this.timer = undefined;
      }
    });
  }

  /** One look for every project that somebody watches. */
  private async look(): Promise<void> {
    if (this.looking) return;
    this.looking = true;
    try {
      for (const projectId of new Set([...this.listeners].map((listener) => listener.projectId)))
        await this.tell(projectId);
    } catch {
      // The database is away; listeners stay and hear of everything once it is back.
    } finally {
      this.looking = false;
    }
  }

  private async tell(projectId: string): Promise<void> {
    const watching = [...this.listeners].filter((listener) => listener.projectId === projectId);
    const since = watching
      .map((listener) => BigInt(listener.last))
      .reduce((a, b) => (a < b ? a : b));
    const rows = await this.source
      .getRepository(EventRow)
      .createQueryBuilder('event')
      .where('event.project_id = :projectId AND event.id > :since', {
        projectId,
        since: since.toString(),
      })
      .orderBy('event.id', 'ASC')
      .take(100)
      .getMany();
    for (const row of rows) {
      const data = JSON.stringify({
        id: row.id,
        personId: row.personId,
        kind: row.kind,
        openings: row.changes.filter(ofOpening).map((change) => change.openingId),
        documents: row.changes.flatMap((change) => (ofOpening(change) ? [] : [change.document])),
      });
      for (const listener of watching) {
        if (BigInt(listener.last) >= BigInt(row.id)) continue;
        listener.last = row.id;
        listener.response.write(`id: ${row.id}\ndata: ${data}\n\n`);
      }
    }
  }

  onModuleDestroy(): void {
    clearInterval(this.timer);
    for (const { response } of this.listeners) response.end();
    this.listeners.clear();
  }
}
