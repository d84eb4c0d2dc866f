import { Inject, Injectable } from '@nestjs/common';
import type { Document } from '@riegel/paper';
import { CONFIG, type Config } from '../../base/config.js';
import { bounded } from '../../base/work/bounded.js';
import { WorkService } from '../../base/work/work.service.js';
import { ScheduleService } from '../schedule/schedule.service.js';
import { SiteService } from '../site/site.service.js';
import type { StoredDocumentJob } from './makeStored.js';

/** Makes the documents of a project. */
@Injectable()
export class PrintingService {
  constructor(
    private readonly schedules: ScheduleService,
    private readonly site: SiteService,
    private readonly work: WorkService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  /**
   * Gathers what a document is made from.
   *
   * @param wanted ids of the openings it is about; of a document of one opening the only one
   */
  async job(
    projectId: string,
    document: Document,
    wanted: string[],
    options: Record<string, unknown> = {},
  ): Promise<StoredDocumentJob> {
    const dated = await this.schedules.dated(projectId);
    const records = !document.records
      ? []
      : document.scope === 'opening'
        ? await this.site.ofOpening(projectId, wanted[0]!)
        : await this.site.all(projectId);
    return {
      ...dated,
      document: document.id,
      options,
      wanted,
      address: `${this.config.publicUrl}/projects/${projectId}/site/`,
      records,
    };
  }

  /** Makes a document now, bounded in time. */
  async make(document: Document, job: StoredDocumentJob): Promise<Buffer> {
    const lane = document.heavy ? 'heavyDocument' : 'document';
    return bounded('The document', async () => Buffer.from(await this.work.run(lane, job)));
  }
}
