import { Controller, HttpCode, Post } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { documentOf } from '@riegel/paper';
import { ApiAnswer, DocumentBody } from '../../base/http/answers.js';
import { idField, IdParam } from '../../base/http/ids.js';
import { Joi, ValidBody } from '../../base/http/joi.pipe.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { PersonId } from '../../base/rights/signedIn.js';
import { jobView } from '../jobs/answers.js';
import { JobsService } from '../jobs/jobs.service.js';
import { JOB_KIND_IDS } from './jobKinds.js';
import { PrintingService } from './printing.service.js';

interface NewJob {
  id?: string;
  kind: string;
  name: string;
  openings: string[];
}

const NEW = Joi.object<NewJob>({
  id: idField,
  kind: Joi.string()
    .valid(...JOB_KIND_IDS)
    .required(),
  name: Joi.string().trim().min(1).max(120).required(),
  openings: Joi.array().items(idField).max(10_000).required(),
});

/** Starts documents that are made in the background. */
@ApiTags('jobs')
@Controller('projects/:projectId/jobs')
export class DocumentJobsController {
  constructor(
    private readonly jobs: JobsService,
    private readonly printing: PrintingService,
  ) {}

  @Post()
  @RequireRole('reader')
  @HttpCode(202)
  @DocumentBody(NEW)
  @ApiAnswer(jobView, 202)
  @ApiOperation({ summary: 'Has documents of many openings made in the background.' })
  async start(
    @IdParam('projectId') projectId: string,
    @PersonId() personId: string,
    @ValidBody(NEW) { id, kind, name, openings }: NewJob,
  ) {
    const input = await this.printing.job(projectId, documentOf(kind)!, openings);
    return this.jobs.start(projectId, personId, { ...(id ? { id } : {}), kind, name, input });
  }
}
