import { randomUUID } from 'node:crypto';
import {
  HttpStatus,
  Inject,
  Injectable,
  type OnModuleDestroy,
  type OnModuleInit,
} from '@nestjs/common';
import { DataSource } from 'typeorm';
import { notFound, Problem } from '../../base/http/problem.js';
import { TooMuchWork, WorkService } from '../../base/work/work.service.js';
import { JOB_KINDS, type JobKinds } from './jobKinds.js';
import { JobRow } from '../../base/entities/job.entity.js';

/** How long a server has a job to itself before it has to say that it still works on it. */
const HOLD_SECONDS = 20;
const HEARTBEAT_MS = 5_000;

/** How often a server looks for work that nobody told it of. */
const LOOK_MS = 3_000;

/** Given up after so many servers have died over it. */
const ATTEMPTS = 3;

/** Jobs of a project that wait or run at a time, and that are kept. */
const MOST_WAITING = 10;
const KEPT_DAYS = 7;

/** What a statement carries. */
const MOST_BYTES = 28_000_000;

/** A job as it is told, without what goes in and comes out. */
export type JobView = Pick<
  JobRow,
  'id' | 'kind' | 'name' | 'state' | 'progress' | 'why' | 'size' | 'createdAt' | 'endedAt'
>;

const COLUMNS = {
  id: true,
  kind: true,
  name: true,
  state: true,
  progress: true,
  why: true,
  size: true,
  createdAt: true,
  endedAt: true,
} as const;

/**
 * Work kept in the database and done by any server: claimed by one at a time, held by a lease that is renewed while
 * it is worked on, taken over when its server dies, and written only by who still holds it.
 */
@Injectable()
export class JobsService implements OnModuleInit, OnModuleDestroy {
  /** This server among others. */
  private readonly self = randomUUID();
  private timer: NodeJS.Timeout | undefined;
  private working: Promise<void> | undefined;
  private readonly running = new Map<string, AbortController>();
  private ended = false;

  constructor(
    private readonly source: DataSource,
    private readonly work: WorkService,
    @Inject(JOB_KINDS) private readonly kinds: JobKinds,
  ) {}

  onModuleInit(): void {
    this.timer = setInterval(() => this.look(), LOOK_MS);
    this.timer.unref();
  }

  async onModuleDestroy(): Promise<void> {
    this.ended = true;
    clearInterval(this.timer);
    for (const one of this.running.values()) one.abort();
    await this.working?.catch(() => undefined);
    // What was begun here is free for another server at once.
    await this.source
      .query(
        "UPDATE job SET state = 'waiting', holder = NULL, held_until = NULL, attempts = attempts - 1 WHERE holder = ? AND state = 'running'",
        [this.self],
      )
      .catch(() => undefined);
  }

  async start(
    projectId: string,
    personId: string,
    {
      kind,
      name,
      input,
      id = randomUUID(),
    }: { kind: string; name: string; input: unknown; id?: string },
  ): Promise<JobView> {
    const jobs = this.source.getRepository(JobRow);
    // Asked for again because its answer was lost: it is the same work.
    if (await jobs.existsBy({ id, projectId })) return this.view(projectId, id);
    const [waiting] = (await this.source.query(
      "SELECT COUNT(*) AS count FROM job WHERE project_id = ? AND state IN ('waiting', 'running')",
      [projectId],
    )) as { count: string | number }[];
    if (Number(waiting?.count) >= MOST_WAITING)
      throw new Problem(
        HttpStatus.TOO_MANY_REQUESTS,
        'Enough is being made for this project already. Wait for some of it, or cancel it.',
      );
    await this.source.query(
      `DELETE FROM job WHERE project_id = ? AND ended_at < NOW(3) - INTERVAL ${KEPT_DAYS} DAY`,
      [projectId],
    );
    await jobs.insert({ id, projectId, personId, kind, name, input: JSON.stringify(input) });
    this.look();
    return this.view(projectId, id);
  }

  async list(projectId: string): Promise<JobView[]> {
    return this.source
      .getRepository(JobRow)
      .find({ select: COLUMNS, where: { projectId }, order: { createdAt: 'DESC' }, take: 50 });
  }

  private async view(projectId: string, id: string): Promise<JobView> {
    const row = await this.source
      .getRepository(JobRow)
      .findOne({ select: COLUMNS, where: { projectId, id } });
    if (!row) throw notFound('The work');
    return row;
  }

  /** What came of a job. */
  async file(
    projectId: string,
    id: string,
  ): Promise<{ name: string; type: string; bytes: Buffer }> {
    const row = await this.source.getRepository(JobRow).findOne({
      select: { id: true, name: true, type: true, bytes: true, state: true },
      where: { projectId, id },
    });
    if (!row || row.state !== 'done' || !row.bytes) throw notFound('The file');
    return { name: row.name, type: row.type, bytes: row.bytes };
  }

  /** Ends a job that waits or runs; takes one that has ended off the list. */
  async cancel(projectId: string, id: string): Promise<void> {
    const ended = (await this.source.query(
      "UPDATE job SET state = 'cancelled', holder = NULL, held_until = NULL, ended_at = NOW(3) WHERE id = ? AND project_id = ? AND state IN ('waiting', 'running')",
      [id, projectId],
    )) as { affectedRows: number };
    this.running.get(id)?.abort();
    if (ended.affectedRows > 0) return;
    const gone = await this.source.getRepository(JobRow).delete({ id, projectId });
    if (!gone.affected) throw notFound('The work');
  }

  /** Works on what waits, one after the other; told of new work it goes on looking. */
  look(): void {
    if (this.ended || this.working) return;
    this.working = this.workOn()
      .catch(() => undefined)
      .finally(() => {
        this.working = undefined;
      });
  }

  private async workOn(): Promise<void> {
    for (let job = await this.claim(); job && !this.ended; job = await this.claim())
      await this.do(job);
  }

  /** Takes the oldest job that waits, or whose server has not been heard of; nobody else gets it. */
  private async claim(): Promise<JobRow | undefined> {
    const free = "(state = 'waiting' OR (state = 'running' AND held_until < NOW(3)))";
    await this.source.query(
      `UPDATE job SET state = 'failed', holder = NULL, why = 'It was begun several times and never ended.', ended_at = NOW(3) WHERE state = 'running' AND held_until < NOW(3) AND attempts >= ${ATTEMPTS}`,
    );
    const rows = (await this.source.query(
      `SELECT id FROM job WHERE ${free} ORDER BY created_at LIMIT 5`,
    )) as { id: string }[];
    for (const { id } of rows) {
      const taken = (await this.source.query(
        `UPDATE job SET state = 'running', holder = ?, held_until = NOW(3) + INTERVAL ${HOLD_SECONDS} SECOND, attempts = attempts + 1, progress = 0 WHERE id = ? AND ${free}`,
        [this.self, id],
      )) as { affectedRows: number };
      if (taken.affectedRows === 1)
        return (
          (await this.source
            .getRepository(JobRow)
            .createQueryBuilder('job')
            .addSelect('job.input')
            .where('job.id = :id', { id })
            .getOne()) ?? undefined
        );
    }
    return undefined;
  }

  private async do({ id, kind, input }: JobRow): Promise<void> {
    const gone = new AbortController();
    this.running.set(id, gone);
    let done = 0;
    const beat = setInterval(() => void this.beat(id, done, gone), HEARTBEAT_MS);
    beat.unref();
    try {
      const { job, type, inputOf } = this.kindOf(kind);
      const bytes = Buffer.from(
        (await this.work.run(
          job,
          inputOf(JSON.parse(input) as object) as never,
          gone.signal,
          (share) => {
            // The first tenth is told at once, so that somebody sees it move.
            const told = share >= done + 0.1;
            done = share;
            if (told) void this.beat(id, done, gone);
          },
        )) as Uint8Array,
      );
      if (bytes.length > MOST_BYTES) throw new TooLarge();
      await this.source.query(
        "UPDATE job SET state = 'done', progress = 1, type = ?, size = ?, bytes = ?, ended_at = NOW(3), holder = NULL, held_until = NULL WHERE id = ? AND holder = ? AND state = 'running'",
        [type, bytes.length, bytes, id, this.self],
      );
    } catch (error) {
      if (this.ended || gone.signal.aborted) return;
      const why =
        error instanceof TooLarge
          ? 'It became larger than can be kept. Choose fewer openings.'
          : error instanceof TooMuchWork
            ? 'It took longer than it may. Choose fewer openings.'
            : 'It could not be made.';
      await this.source
        .query(
          "UPDATE job SET state = 'failed', why = ?, ended_at = NOW(3), holder = NULL, held_until = NULL WHERE id = ? AND holder = ? AND state = 'running'",
          [why, id, this.self],
        )
        .catch(() => undefined);
    } finally {
      clearInterval(beat);
      this.running.delete(id);
    }
  }

  private kindOf(kind: string): JobKinds[string] {
    const found = this.kinds[kind];
    if (!found) throw new Error(`There is no job “${kind}”.`);
    return found;
  }

  /** Says that it is still worked on and how far it is; somebody who took it over or cancelled it ends it here. */
  private async beat(id: string, done: number, gone: AbortController): Promise<void> {
    try {
      const kept = (await this.source.query(
        `UPDATE job SET held_until = NOW(3) + INTERVAL ${HOLD_SECONDS} SECOND, progress = ? WHERE id = ? AND holder = ? AND state = 'running'`,
        [Math.min(done, 0.99), id, this.self],
      )) as { affectedRows: number };
      if (kept.affectedRows === 0) gone.abort();
    } catch {
      // The database is away for a moment: the lease lasts longer than that.
    }
  }
}

class TooLarge extends Error {}
