import { Controller, Delete, Get, HttpCode, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { ApiAnswer, ApiFileAnswer } from '../../base/http/answers.js';
import type { Response } from 'express';
import { IdParam } from '../../base/http/ids.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { JobsService } from './jobs.service.js';
import { jobs } from './answers.js';

@ApiTags('jobs')
@Controller('projects/:projectId/jobs')
export class JobsController {
  constructor(private readonly jobs: JobsService) {}

  @Get()
  @RequireRole('reader')
  @ApiAnswer(jobs)
  @ApiOperation({ summary: 'What is being made for the project, and what was made lately.' })
  async list(@IdParam('projectId') projectId: string) {
    return { jobs: await this.jobs.list(projectId) };
  }

  @Get(':jobId/file')
  @RequireRole('reader')
  @ApiFileAnswer('application/pdf', 'application/zip')
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
  @RequireRole('reader')
  @HttpCode(204)
  @ApiOperation({ summary: 'Cancels what waits or runs; takes what has ended off the list.' })
  async cancel(
    @IdParam('projectId') projectId: string,
    @IdParam('jobId', 'The work') id: string,
  ): Promise<void> {
    await this.jobs.cancel(projectId, id);
  }
}
