import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import type { KnownSet, ScheduleSettings } from '@riegel/core';
import { inTransaction } from '../../base/database/transaction.js';
import { DocumentsService } from '../documents/documents.service.js';
import { FeedService } from '../events/feed.service.js';
import { invalid, Problem } from '../../base/http/problem.js';
import { OpeningsService } from '../openings/openings.service.js';
import { ProjectsService } from '../projects/projects.service.js';
import { bounded } from '../../base/work/bounded.js';
import { WorkService } from '../../base/work/work.service.js';
import type { MadeSchedule } from './makeSchedule.js';
import type { StoredScheduleJob } from './storedJob.js';
import { SetNumber } from '../../base/entities/setNumber.entity.js';

/** How often numbering starts again because somebody else gave numbers meanwhile. */
const TRIES = 5;

/** Schedules kept for the next who asks, by the characters they have. */
const KEPT_CHARACTERS = 30_000_000;

interface Kept {
  stamp: string;
  made: Promise<{ job: StoredScheduleJob; schedule: MadeSchedule }>;
  size: number;
}

/** The schedule of a project, its stable set numbers and its documents. */
@Injectable()
export class ScheduleService {
  /** The newest schedule of a project, also while it is being made: who asks meanwhile waits for it. */
  private readonly kept = new Map<string, Kept>();

  constructor(
    private readonly source: DataSource,
    private readonly openings: OpeningsService,
    private readonly projects: ProjectsService,
    private readonly documents: DocumentsService,
    private readonly work: WorkService,
    private readonly feed: FeedService,
  ) {}

  /** Changes whenever the schedule may: whoever holds one of the same stamp holds this one. */
  async stamp(projectId: string): Promise<string> {
    const [seq, { version }] = await Promise.all([
      this.feed.seq(projectId),
      this.projects.get(projectId),
    ]);
    return `"s${this.feed.place(seq)}.${version}"`;
  }

  async schedule(projectId: string, stamp: string): Promise<MadeSchedule> {
    return (await this.numbered(projectId, stamp)).schedule;
  }

  /** A building model with the decided data of its doors. */
  async model(
    projectId: string,
    bytes: Uint8Array,
  ): Promise<{ bytes: Uint8Array; written: number }> {
    const job = await this.dated(projectId);
    const made = await bounded('The schedule', () =>
      this.work.run('writeModel', { ...job, model: bytes }),
    );
    if (!made)
      throw invalid([
        { field: 'file', message: 'This is no whole IFC4 or IFC2x3 model with doors.' },
      ]);
    return made;
  }

  /** What documents are made from, with the set numbers as they stand and today's date. */
  async dated(projectId: string): Promise<StoredScheduleJob> {
    const { job, schedule } = await this.numbered(projectId, await this.stamp(projectId));
    return { ...job, known: schedule.known, date: new Date().toISOString().slice(0, 10) };
  }

  private async numbered(projectId: string, stamp: string): Promise<Awaited<Kept['made']>> {
    const before = this.kept.get(projectId);
    if (before?.stamp === stamp) return before.made;
    const entry: Kept = { stamp, made: this.make(projectId), size: 0 };
    this.kept.delete(projectId);
    this.kept.set(projectId, entry);
    try {
      const made = await entry.made;
      entry.size =
        2 * made.schedule.json.length +
        made.job.openings.reduce((sum, { facts }) => sum + facts.length, 0);
      this.forget();
      return made;
    } catch (error) {
      if (this.kept.get(projectId) === entry) this.kept.delete(projectId);
      throw error;
    }
  }

  /** Lets the oldest go while more is kept than may be. */
  private forget(): void {
    let sum = [...this.kept.values()].reduce((total, { size }) => total + size, 0);
    for (const [projectId, { size }] of this.kept) {
      if (sum <= KEPT_CHARACTERS) return;
      this.kept.delete(projectId);
      sum -= size;
    }
  }

  /** What a schedule is made from, as it stands. */
  private async job(projectId: string): Promise<StoredScheduleJob> {
    const project = await this.projects.get(projectId);
    const { openings } = await this.openings.list(projectId);
    return {
      projectName: project.name,
      practice: project.practice,
      note: project.note,
      date: '',
      deciding: await this.documents.forDeciding(projectId),
      settings: await this.settings(projectId),
      keying: (await this.documents.one(projectId, 'keying')).body,
      openings: openings.map(({ id, facts }) => ({ id, facts })),
      known: await knownSets(this.source.manager, projectId),
    };
  }

  private async settings(projectId: string): Promise<ScheduleSettings> {
    const { body } = await this.documents.one(projectId, 'schedule');
    return body === null ? {} : ((JSON.parse(body) ?? {}) as ScheduleSettings);
  }

  private async make(projectId: string): Promise<Awaited<Kept['made']>> {
    const job = await this.job(projectId);
    for (let attempt = 0; attempt < TRIES; attempt++) {
      const schedule = await bounded('The schedule', () => this.work.run('schedule', job));
      const known = await this.keepNumbers(projectId, job.known, schedule.known);
      if (!known) return { job, schedule };
      job.known = known;
    }
    throw new Problem(
      HttpStatus.CONFLICT,
      'Set numbers are being given by somebody else just now. Try again in a moment.',
    );
  }

  /** Keeps numbers given for the first time; gives what stands now if somebody else gave some meanwhile. */
  private keepNumbers(
    projectId: string,
    from: KnownSet[],
    given: KnownSet[],
  ): Promise<KnownSet[] | undefined> {
    const text = (set: KnownSet) => JSON.stringify([set.signature, set.openings]);
    const before = new Map(from.map((set) => [set.number, text(set)]));
    const changed = given.filter((set) => before.get(set.number) !== text(set));
    if (changed.length === 0) return Promise.resolve(undefined);
    return inTransaction(this.source, async (manager) => {
      await manager.query('SELECT id FROM project WHERE id = ? FOR UPDATE', [projectId]);
      const now = await knownSets(manager, projectId);
      if (JSON.stringify(now) !== JSON.stringify(from)) return now;
      await manager.upsert(
        SetNumber,
        changed.map((set) => ({ projectId, ...set })),
        ['projectId', 'number'],
      );
      return undefined;
    });
  }
}

async function knownSets(manager: EntityManager, projectId: string): Promise<KnownSet[]> {
  const rows = await manager.find(SetNumber, { where: { projectId }, order: { number: 'ASC' } });
  return rows.map(({ number, signature, openings }) => ({ number, signature, openings }));
}
