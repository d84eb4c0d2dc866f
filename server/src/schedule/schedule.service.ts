import { join } from 'node:path';
import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { Piscina } from 'piscina';
import { DataSource } from 'typeorm';
import type { KnownSet, Schedule } from '@riegel/core';
import { CONFIG, type Config } from '../config.js';
import { DocumentsService } from '../documents/documents.service.js';
import { OpeningsService } from '../openings/openings.service.js';
import { ProjectsService } from '../projects/projects.service.js';
import { schedulePdf, scheduleOf, type ScheduleJob } from './pdf/schedulePdf.js';
import { SetNumber } from './setNumber.entity.js';

/** The schedule of a project, its stable set numbers and its documents. */
@Injectable()
export class ScheduleService implements OnModuleDestroy {
  private pool: Piscina | undefined;

  constructor(
    private readonly source: DataSource,
    private readonly openings: OpeningsService,
    private readonly projects: ProjectsService,
    private readonly documents: DocumentsService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  private async job(projectId: string): Promise<ScheduleJob> {
    const project = await this.projects.get(projectId);
    const openings = await this.openings.list(projectId);
    return {
      projectName: project.name,
      practice: project.practice,
      ...(await this.documents.forDeciding(projectId)),
      note: project.note,
      date: new Date().toISOString().slice(0, 10),
      openings: openings.map(({ id, facts }) => ({ id, facts })),
      known: [],
    };
  }

  /** The schedule with its set numbers; numbers given for the first time are kept from then on. */
  private async numbered(projectId: string): Promise<{ job: ScheduleJob; schedule: Schedule }> {
    const job = await this.job(projectId);
    return this.source.transaction(async (manager) => {
      // One reader at a time gives out numbers.
      await manager.query('SELECT id FROM project WHERE id = ? FOR UPDATE', [projectId]);
      const rows = await manager.find(SetNumber, {
        where: { projectId },
        order: { number: 'ASC' },
      });
      job.known = rows.map(({ number, signature, openings }): KnownSet => ({
        number,
        signature,
        openings,
      }));
      const schedule = scheduleOf(job);
      const before = new Map(
        job.known.map((set) => [set.number, JSON.stringify([set.signature, set.openings])]),
      );
      const changed = schedule.known.filter(
        (set) => before.get(set.number) !== JSON.stringify([set.signature, set.openings]),
      );
      if (changed.length > 0) {
        await manager.upsert(
          SetNumber,
          changed.map((set) => ({ projectId, ...set })),
          ['projectId', 'number'],
        );
      }
      job.known = schedule.known;
      return { job, schedule };
    });
  }

  async schedule(projectId: string): Promise<Schedule> {
    return (await this.numbered(projectId)).schedule;
  }

  async pdf(projectId: string): Promise<Buffer> {
    const { job } = await this.numbered(projectId);
    if (!this.config.workers) return schedulePdf(job);
    this.pool ??= new Piscina({
      filename: join(import.meta.dirname, 'pdf', 'worker.js'),
      minThreads: 0,
      maxThreads: 1,
      idleTimeout: 30_000,
      maxQueue: 20,
      resourceLimits: { maxOldGenerationSizeMb: 512 },
    });
    return Buffer.from((await this.pool.run(job)) as Uint8Array);
  }

  async onModuleDestroy(): Promise<void> {
    await this.pool?.destroy();
  }
}
