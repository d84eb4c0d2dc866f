import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { inTransaction } from '../../base/database/transaction.js';
import { Project } from '../../base/entities/project.entity.js';
import { invalid, Problem } from '../../base/http/problem.js';
import { TooMuchWork, WorkService } from '../../base/work/work.service.js';
import { DocumentsService } from '../documents/documents.service.js';
import { OpeningsService } from '../openings/openings.service.js';
import { unpackWrites } from '../openings/packedWrites.js';
import { ProjectsService } from '../projects/projects.service.js';
import type { ReadProjectFile } from './readProjectFile.js';

/** Whole projects, out of a file and into one. */
@Injectable()
export class ProjectFilesService {
  constructor(
    private readonly source: DataSource,
    private readonly projects: ProjectsService,
    private readonly openings: OpeningsService,
    private readonly documents: DocumentsService,
    private readonly work: WorkService,
  ) {}

  /** Makes a project from a project file: all of it in one transaction, or nothing; one event. */
  async fromFile(personId: string, bytes: Uint8Array): Promise<Project> {
    const read = await this.readFile(bytes);
    if (!read.ok) {
      if (read.title) throw new Problem(read.status, read.title);
      throw invalid(read.faults);
    }
    const { name, practice, note, documents } = read;
    const changes = unpackWrites(read.changes);
    return inTransaction(this.source, async (manager) => {
      const project = await this.projects.createIn(manager, personId, { name, practice, note });
      if (changes.length + documents.length > 0)
        await this.openings.writeIn(manager, project.id, personId, changes, 'import', documents);
      return manager.findOneByOrFail(Project, { id: project.id });
    });
  }

  private async readFile(bytes: Uint8Array): Promise<ReadProjectFile> {
    try {
      return await this.work.run('readProjectFile', bytes);
    } catch (error) {
      if (error instanceof TooMuchWork)
        throw new Problem(HttpStatus.PAYLOAD_TOO_LARGE, 'The file takes too much to read.');
      throw error;
    }
  }

  /** The project as its file. */
  async toFile(id: string): Promise<string> {
    const project = await this.projects.get(id);
    const { openings } = await this.openings.list(id);
    return this.work.run('writeProjectFile', {
      name: project.name,
      practice: project.practice,
      note: project.note,
      deciding: await this.documents.forDeciding(id),
      keying: (await this.documents.one(id, 'keying')).body,
      schedule: (await this.documents.one(id, 'schedule')).body,
      openings: openings.map(({ facts }) => facts),
    });
  }
}
