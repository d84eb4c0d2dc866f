import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource, IsNull, MoreThan } from 'typeorm';
import type { ReleaseDifference } from '@riegel/core';
import { inTransaction } from '../../base/database/transaction.js';
import { notFound, Problem } from '../../base/http/problem.js';
import { Project } from '../../base/entities/project.entity.js';
import type { StoredScheduleJob } from '../schedule/storedJob.js';
import { ScheduleService } from '../schedule/schedule.service.js';
import { bounded } from '../../base/work/bounded.js';
import { WorkService } from '../../base/work/work.service.js';
import type { MadeRelease } from './makeRelease.js';
import { Release, ReleaseFile, ReleaseShare } from '../../base/entities/release.entity.js';

const DAY = 24 * 3600 * 1000;
const hashOf = (token: string) => createHash('sha256').update(token).digest('hex');

/** A release as it is told. */
export interface ReleaseView {
  id: string;
  number: number;
  name: string;
  reason: string;
  personName: string;
  coreVersion: string;
  createdAt: Date;
  files: { name: string; type: string; sha256: string; size: number }[];
}

/** The state of a project as it stands, beside the numbers of its releases. */
const NOW = 'now';
export type ReleaseState = number | typeof NOW;

/** Releases of a project: made once, read for ever, held against each other, shown to readers by a link. */
@Injectable()
export class ReleasesService {
  constructor(
    private readonly source: DataSource,
    private readonly schedules: ScheduleService,
    private readonly work: WorkService,
  ) {}

  async list(projectId: string): Promise<ReleaseView[]> {
    const rows = await this.source
      .getRepository(Release)
      .find({ where: { projectId }, order: { number: 'DESC' } });
    return Promise.all(rows.map((row) => this.view(row)));
  }

  private async view(row: Release): Promise<ReleaseView> {
    const { id, number, name, reason, personName, coreVersion, createdAt } = row;
    const files = await this.source
      .getRepository(ReleaseFile)
      .find({ where: { releaseId: id }, order: { name: 'ASC' } });
    return {
      id,
      number,
      name,
      reason,
      personName,
      coreVersion,
      createdAt,
      files: files.map((file) => ({
        name: file.name,
        type: file.type,
        sha256: file.sha256,
        size: file.size,
      })),
    };
  }

  /** Freezes the project as it stands: its inputs, its openings in words, every file with its hash. */
  async make(
    projectId: string,
    personName: string,
    { name, reason }: { name: string; reason: string },
  ): Promise<ReleaseView> {
    const dated = await this.schedules.dated(projectId);
    const before = await this.source.getRepository(Release).find({
      select: { number: true, createdAt: true, reason: true, name: true },
      where: { projectId },
      order: { number: 'ASC' },
    });
    const last = before.at(-1)?.number;
    const number = (last ?? 0) + 1;
    const job: StoredScheduleJob = {
      ...dated,
      revisions: [
        ...before.map((one) => ({
          number: one.number,
          date: one.createdAt.toISOString().slice(0, 10),
          what: [one.name, one.reason].filter(Boolean).join(': '),
        })),
        { number, date: dated.date, what: [name, reason].filter(Boolean).join(': ') },
      ],
    };
    const since = last === undefined ? null : await this.wordsOf(projectId, last);
    const made = await bounded('It', () =>
      this.work.run('releaseFiles', { ...job, before: since }),
    );
    const id = randomUUID();
    await inTransaction(this.source, async (manager) => {
      await manager.query('SELECT id FROM project WHERE id = ? FOR UPDATE', [projectId]);
      const [now] = (await manager.query(
        'SELECT MAX(number) AS last FROM project_release WHERE project_id = ?',
        [projectId],
      )) as { last: number | null }[];
      if (Number(now?.last ?? 0) + 1 !== number)
        throw new Problem(
          HttpStatus.CONFLICT,
          'Somebody else issued a release just now. Look at it, then try again.',
        );
      await manager.insert(Release, {
        id,
        projectId,
        number,
        name,
        reason,
        personName,
        coreVersion: made.coreVersion,
        inputs: JSON.stringify(job),
        openings: made.openings,
      });
      // One statement each: together they may be more than one carries.
      for (const file of made.files) await manager.insert(ReleaseFile, fileRow(id, file));
    });
    return this.one(projectId, number);
  }

  async one(projectId: string, number: number): Promise<ReleaseView> {
    return this.view(await this.row(projectId, number));
  }

  private async row(projectId: string, number: number): Promise<Release> {
    const row = await this.source.getRepository(Release).findOneBy({ projectId, number });
    if (!row) throw notFound('The release');
    return row;
  }

  async file(releaseId: string, name: string): Promise<{ type: string; bytes: Buffer }> {
    const row = await this.source.getRepository(ReleaseFile).findOne({
      select: { releaseId: true, name: true, type: true, bytes: true },
      where: { releaseId, name },
    });
    if (!row) throw notFound('The file');
    return row;
  }

  async fileOf(projectId: string, number: number, name: string) {
    return this.file((await this.row(projectId, number)).id, name);
  }

  /** Any two states against each other, a state of now among them. */
  async compare(
    projectId: string,
    before: ReleaseState,
    after: ReleaseState,
  ): Promise<ReleaseDifference> {
    const [from, to] = await Promise.all([
      this.stateOf(projectId, before),
      this.stateOf(projectId, after),
    ]);
    return this.differences(from, to);
  }

  /** A release against what its inputs come to with today's core. */
  async today(projectId: string, number: number): Promise<ReleaseDifference> {
    const row = await this.source.getRepository(Release).findOne({
      select: { id: true, inputs: true, openings: true },
      where: { projectId, number },
    });
    if (!row) throw notFound('The release');
    return this.differences(row.openings, JSON.parse(row.inputs) as StoredScheduleJob);
  }

  private async stateOf(
    projectId: string,
    state: ReleaseState,
  ): Promise<string | StoredScheduleJob> {
    if (state === NOW) return this.schedules.dated(projectId);
    return this.wordsOf(projectId, state);
  }

  /** The openings of a release in words. */
  private async wordsOf(projectId: string, number: number): Promise<string> {
    const row = await this.source
      .getRepository(Release)
      .findOne({ select: { id: true, openings: true }, where: { projectId, number } });
    if (!row) throw notFound('The release');
    return row.openings;
  }

  private async differences(
    before: string | StoredScheduleJob,
    after: string | StoredScheduleJob,
  ): Promise<ReleaseDifference> {
    const text = await bounded('It', () => this.work.run('compareRelease', { before, after }));
    return JSON.parse(text) as ReleaseDifference;
  }

  /** A link by which anybody reads one release for some days; told once, kept as a hash. */
  async share(projectId: string, number: number, personId: string, days: number) {
    const { id } = await this.row(projectId, number);
    const token = randomBytes(24).toString('base64url');
    const expiresAt = new Date(Date.now() + days * DAY);
    const share = {
      id: randomUUID(),
      releaseId: id,
      tokenHash: hashOf(token),
      createdBy: personId,
      expiresAt,
    };
    await this.source.getRepository(ReleaseShare).insert(share);
    return { id: share.id, token, expiresAt };
  }

  async shares(projectId: string, number: number) {
    const { id } = await this.row(projectId, number);
    const rows = await this.source.getRepository(ReleaseShare).find({
      where: { releaseId: id, revokedAt: IsNull(), expiresAt: MoreThan(new Date()) },
      order: { createdAt: 'ASC' },
    });
    return rows.map(({ id: share, createdAt, expiresAt }) => ({ id: share, createdAt, expiresAt }));
  }

  async revoke(projectId: string, number: number, shareId: string): Promise<void> {
    const { id } = await this.row(projectId, number);
    const done = await this.source
      .getRepository(ReleaseShare)
      .update({ id: shareId, releaseId: id, revokedAt: IsNull() }, { revokedAt: new Date() });
    if (!done.affected) throw notFound('The link');
  }

  /** The release a link leads to: nothing else of the project is told. */
  async shared(token: string): Promise<ReleaseView & { projectName: string }> {
    const release = await this.byToken(token);
    const project = await this.source
      .getRepository(Project)
      .findOneByOrFail({ id: release.projectId });
    return { ...(await this.view(release)), projectName: project.name };
  }

  async sharedFile(token: string, name: string) {
    return this.file((await this.byToken(token)).id, name);
  }

  private async byToken(token: string): Promise<Release> {
    const share = await this.source.getRepository(ReleaseShare).findOneBy({
      tokenHash: hashOf(token),
      revokedAt: IsNull(),
      expiresAt: MoreThan(new Date()),
    });
    const release =
      share && (await this.source.getRepository(Release).findOneBy({ id: share.releaseId }));
    if (!release)
      throw new Problem(
        HttpStatus.GONE,
        'This link has run out, or was taken back. Ask whoever sent it for a new one.',
      );
    return release;
  }
}

function fileRow(releaseId: string, { name, type, bytes }: MadeRelease['files'][number]) {
  const buffer = Buffer.from(bytes);
  return {
    releaseId,
    name,
    type,
    bytes: buffer,
    size: buffer.length,
    sha256: createHash('sha256').update(buffer).digest('hex'),
  };
}
