import { HttpStatus, Injectable, type OnModuleDestroy } from '@nestjs/common';
import type { Request, Response } from 'express';
import { DataSource } from 'typeorm';
import type { DocumentName } from '../../base/entities/document.entity.js';
import { Problem } from '../../base/http/problem.js';
import { hashOfSession } from '../../base/rights/sessionHash.js';
import type { EventKind } from '../../base/entities/event.entity.js';
import { FeedService } from './feed.service.js';

/** How often the feed is looked at for other people's writes. */
const LOOK_MS = 500;
const COMMENT_MS = 25_000;

/** Streams one person may hold open on this server. */
const MAX_STREAMS = 24;

/** Up to so many openings an event names them; with more the list is read anew. */
const MAX_NAMED = 50;

/** Further behind than this is not caught up event by event. */
const MAX_BEHIND = 500;
const PAGE = 100;

/** Bytes that may wait for one listener; who reads no faster is let go and comes back. */
const MAX_WAITING = 1_000_000;

/** What an event changed. */
interface Touched {
  openings: string[];
  documents: DocumentName[];
}
const NOT_NAMED = { openings: null, documents: null };

interface Listener {
  projectId: string;
  personId: string;
  sessionHash: string;
  last: number;
  response: Response;
  end(): void;
}

interface FeedRow {
  id: string;
  seq: string;
  personId: string;
  kind: EventKind;
  size: number;
}

/** History, and telling other open screens what changed. The event table is the only memory. */
@Injectable()
export class EventsService implements OnModuleDestroy {
  private readonly listeners = new Set<Listener>();
  private timer: NodeJS.Timeout | undefined;
  private looking = false;

  constructor(
    private readonly source: DataSource,
    private readonly feed: FeedService,
  ) {}

  /** How many streams are open here. */
  get streams(): number {
    return this.listeners.size;
  }

  /** The last writes, newest first, with who wrote; of one opening with what it was before and after. */
  async history(projectId: string, openingId?: string): Promise<string> {
    const rows = (await this.source.query(
      openingId
        ? `SELECT e.id, e.kind, e.undone, e.created_at AS at, e.size, p.name AS who, c.before, c.after
             FROM event_change c JOIN event e ON e.id = c.event_id LEFT JOIN person p ON p.id = e.person_id
            WHERE c.opening_id = ? AND e.project_id = ? ORDER BY e.id DESC LIMIT 200`
        : `SELECT e.id, e.kind, e.undone, e.created_at AS at, e.size, p.name AS who, NULL AS \`before\`, NULL AS \`after\`
             FROM event e LEFT JOIN person p ON p.id = e.person_id WHERE e.project_id = ? ORDER BY e.id DESC LIMIT 200`,
      openingId ? [openingId, projectId] : [projectId],
    )) as {
      id: string;
      kind: EventKind;
      undone: number;
      at: Date;
      size: number;
      who: string | null;
      before: string | null;
      after: string | null;
    }[];
    const named = openingId ? new Map<string, Touched>() : await this.named(rows);
    const events = rows.map((row) => {
      const { openings, documents } = named.get(String(row.id)) ?? NOT_NAMED;
      const head = JSON.stringify({
        id: String(row.id),
        kind: row.kind,
        undone: Boolean(row.undone),
        at: new Date(row.at).toISOString(),
        by: row.who ?? 'somebody',
        count: row.size,
        openings,
        documents,
      });
      const change = openingId
        ? `{"openingId":"${openingId}","before":${row.before ?? 'null'},"after":${row.after ?? 'null'}}`
        : '';
      return `${head.slice(0, -1)},"changes":[${change}]}`;
    });
    return `{"events":[${events.join(',')}]}`;
  }

  /**
   * Keeps a response open and writes a line for every write of others and one's own, in the order of the
   * feed, none missed and none twice. It begins after `since` (what the listener has read, or the last
   * event it heard: `Last-Event-ID`); without it, with what is written from now on. Who is too far behind
   * is told `reset` and reads anew.
   */
  async stream(
    asked: { projectId: string; personId: string; since: string | undefined },
    request: Request,
    response: Response,
  ): Promise<void> {
    const { projectId, personId, since } = asked;
    const newest = await this.feed.seq(projectId);
    // From here to the listener's being added nothing else runs.
    const own = [...this.listeners].filter((one) => one.personId === personId);
    if (own.length >= MAX_STREAMS)
      throw new Problem(
        HttpStatus.TOO_MANY_REQUESTS,
        `Riegel is open in ${MAX_STREAMS} windows already; close one to hear of changes here.`,
      );
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store',
      Connection: 'keep-alive',
      'X-Accel-Buffering': 'no',
    });
    response.write('retry: 2000\n: open\n\n');
    const heard = since === undefined ? newest : this.feed.read(since);
    const reset = heard === undefined || heard > newest || newest - heard > MAX_BEHIND;
    if (reset) response.write(`id: ${this.feed.place(newest)}\nevent: reset\ndata: {}\n\n`);
    const comment = setInterval(() => response.write(': here\n\n'), COMMENT_MS);
    const listener: Listener = {
      projectId,
      personId,
      sessionHash: hashOfSession(request.sessionID),
      last: reset ? newest : heard!,
      response,
      end: () => {
        clearInterval(comment);
        this.listeners.delete(listener);
        response.end();
        if (this.listeners.size === 0) {
          clearInterval(this.timer);
          this.timer = undefined;
        }
      },
    };
    this.listeners.add(listener);
    request.on('close', listener.end);
    response.on('error', listener.end);
    this.timer ??= setInterval(() => void this.look(), LOOK_MS);
    if (listener.last < newest) void this.look();
  }

  /** One look for every project that somebody watches. */
  async look(): Promise<void> {
    if (this.looking) return;
    this.looking = true;
    try {
      await this.dismiss();
      const projects = [...new Set([...this.listeners].map((listener) => listener.projectId))];
      if (projects.length === 0) return;
      const rows = (await this.source.query(
        `SELECT project_id AS id, seq FROM project_feed WHERE project_id IN (${projects.map(() => '?').join(', ')})`,
        projects,
      )) as { id: string; seq: string }[];
      for (const { id, seq } of rows) await this.tell(id, Number(seq));
    } catch {
      // The database is away; listeners stay and hear of everything once it is back.
    } finally {
      this.looking = false;
    }
  }

  /** Ends the streams whose right has ended: signed out, run out, or no member any more. */
  private async dismiss(): Promise<void> {
    const listeners = [...this.listeners];
    if (listeners.length === 0) return;
    const marks = (list: unknown[]) => list.map(() => '?').join(', ');
    const hashes = [...new Set(listeners.map((one) => one.sessionHash))];
    const people = [...new Set(listeners.map((one) => one.personId))];
    const [sessions, memberships] = (await Promise.all([
      this.source.query(
        `SELECT id FROM session WHERE id IN (${marks(hashes)}) AND expires_at > UTC_TIMESTAMP(3)`,
        hashes,
      ),
      this.source.query(
        `SELECT project_id AS projectId, person_id AS personId FROM membership WHERE person_id IN (${marks(people)})`,
        people,
      ),
    ])) as [{ id: string }[], { projectId: string; personId: string }[]];
    const live = new Set(sessions.map(({ id }) => id));
    const members = new Set(memberships.map((one) => `${one.projectId} ${one.personId}`));
    for (const one of listeners)
      if (!live.has(one.sessionHash) || !members.has(`${one.projectId} ${one.personId}`)) one.end();
  }

  private async tell(projectId: string, newest: number): Promise<void> {
    for (;;) {
      const behind = [...this.listeners].filter(
        (one) => one.projectId === projectId && one.last < newest,
      );
      if (behind.length === 0) return;
      const since = behind.map((one) => one.last).reduce((a, b) => Math.min(a, b));
      const rows = (await this.source.query(
        `SELECT id, seq, person_id AS personId, kind, size FROM event WHERE project_id = ? AND seq > ? ORDER BY seq LIMIT ${PAGE}`,
        [projectId, since],
      )) as FeedRow[];
      if (rows.length === 0) return;
      const named = await this.named(rows);
      for (const row of rows) {
        const seq = Number(row.seq);
        const line = `id: ${this.feed.place(seq)}\ndata: ${JSON.stringify({
          seq,
          personId: row.personId,
          kind: row.kind,
          ...(named.get(String(row.id)) ?? NOT_NAMED),
        })}\n\n`;
        for (const one of behind) {
          if (one.last >= seq) continue;
          one.last = seq;
          one.response.write(line);
          if (one.response.writableLength > MAX_WAITING) one.end();
        }
      }
    }
  }

  /** The openings and documents of events; those of large ones are not named. */
  private async named(rows: Pick<FeedRow, 'id' | 'size'>[]): Promise<Map<string, Touched>> {
    const few = rows.filter((row) => row.size <= MAX_NAMED).map((row) => String(row.id));
    const found = new Map(
      few.map((id): [string, Touched] => [id, { openings: [], documents: [] }]),
    );
    if (few.length === 0) return found;
    const changes = (await this.source.query(
      `SELECT event_id AS eventId, opening_id AS openingId, document FROM event_change WHERE event_id IN (${few.map(() => '?').join(', ')}) ORDER BY event_id, position`,
      few,
    )) as { eventId: string; openingId: string | null; document: DocumentName | null }[];
    for (const { eventId, openingId, document } of changes) {
      const event = found.get(String(eventId));
      if (openingId) event?.openings.push(openingId);
      else if (document) event?.documents.push(document);
    }
    return found;
  }

  onModuleDestroy(): void {
    clearInterval(this.timer);
    for (const one of [...this.listeners]) one.end();
  }
}
