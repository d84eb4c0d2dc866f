import { Controller, Delete, Get, HttpCode, Inject, Post, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { Answers, AnswersFile, DocumentBody } from '../http/answers.js';
import type { Response } from 'express';
import { CONFIG, type Config } from '../config.js';
import { idField, IdParam } from '../http/ids.js';
import { Joi, ValidBody } from '../http/joi.pipe.js';
import { May } from '../rights/may.js';
import { ScheduleService } from '../schedule/schedule.service.js';
import { PersonId } from '../sessions/signedIn.js';
import { JOB_KINDS, JobsService, type JobKind } from './jobs.service.js';
import { jobView, jobs } from './answers.js';

const NEW = Joi.object<{ id?: string; kind: JobKind; name: string; openings: string[] }>({
  id: idField,
  kind: Joi.string()
    .valid(...Object.keys(JOB_KINDS))
    .required(),
  name: Joi.string().trim().min(1).max(120).required(),
  openings: Joi.array().items(idField).max(10_000).required(),
});

@ApiTags('jobs')
@Controller('projects/:projectId/jobs')
export class JobsController {
  constructor(
    private readonly jobs: JobsService,
    private readonly schedules: ScheduleService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  @Get()
  @May('reader')
  @Answers(jobs)
  @ApiOperation({ summary: 'What is being made for the project, and what was made lately.' })
  async list(@IdParam('projectId') projectId: string) {
    return { jobs: await this.jobs.list(projectId) };
  }

  @Post()
  @May('reader')
  @HttpCode(202)
  @DocumentBody(NEW)
  @Answers(jobView, 202)
  @ApiOperation({ summary: 'Has documents of many openings made in the background.' })
  async start(
    @IdParam('projectId') projectId: string,
    @PersonId() personId: string,
    @ValidBody(NEW) body: { id?: string; kind: JobKind; name: string; openings: string[] },
  ) {
    const dated = await this.schedules.dated(projectId);
    return this.jobs.start(projectId, personId, {
      ...(body.id ? { id: body.id } : {}),
      kind: body.kind,
      name: body.name,
      input: {
        ...dated,
        by: 'set',
        wanted: body.openings,
        address: `${this.config.publicUrl}/projects/${projectId}/site/`,
      },
    });
  }

  @Get(':jobId/file')
  @May('reader')
  @AnswersFile(...new Set(Object.values(JOB_KINDS).map(({ type }) => type)))
  @ApiOperation({ summary: 'The file that was made.' })
  async file(
    @IdParam('projectId') projectId: string,
    @IdParam('jobId', 'The work') id: string,
    @Res() response: Response,
  ) {
    const { name, type, bytes } = await this.jobs.file(projectId, id);
    response.attachment(name).type(type).send(bytes);
  }

  @Delete(':jobId')
  @May('reader')
  @HttpCode(204)
  @ApiOperation({ summary: 'Cancels what waits or runs; takes what has ended off the list.' })
  async cancel(
    @IdParam('projectId') projectId: string,
    @IdParam('jobId', 'The work') id: string,
  ): Promise<void> {
    await this.jobs.cancel(projectId, id);
  }
}
