import { Injectable } from '@nestjs/common';
import { DocumentsService } from '../documents/documents.service.js';
import { OpeningsService } from '../openings/openings.service.js';
import { ProjectsService } from '../projects/projects.service.js';
import { TooMuchWork, WorkService } from '../../base/work/work.service.js';
import type { readFileText } from './readFile.js';

type Read = Awaited<ReturnType<typeof readFileText>>;

const TOO_HARD: Read = {
  ok: false,
  why: 'The file takes too much to read. Save the list as CSV and try again.',
};

/** Door lists and catalogues in and out, all of it in worker threads. */
@Injectable()
export class ListsService {
  constructor(
    private readonly work: WorkService,
    private readonly openings: OpeningsService,
    private readonly projects: ProjectsService,
    private readonly documents: DocumentsService,
  ) {}

  /** Reads a file; `gone` ends the work when whoever asked has left. */
  async read(bytes: Uint8Array, gone?: AbortSignal): Promise<Read> {
    try {
      return await this.work.run('readList', bytes, gone);
    } catch (error) {
      if (error instanceof TooMuchWork) return TOO_HARD;
      throw error;
    }
  }

  async write(projectId: string, format: 'csv' | 'xlsx'): Promise<Buffer> {
    const { practice } = await this.projects.get(projectId);
    const { openings } = await this.openings.list(projectId);
    const bytes = await this.work.run('writeList', {
      format,
      practice,
      deciding: await this.documents.forDeciding(projectId),
      openings: openings.map(({ facts }) => facts),
    });
    return Buffer.from(bytes);
  }

  async catalogue(projectId: string, format: 'csv' | 'json'): Promise<Buffer> {
    const deciding = await this.documents.forDeciding(projectId);
    return Buffer.from(await this.work.run('writeCatalogue', { format, deciding }));
  }
}
