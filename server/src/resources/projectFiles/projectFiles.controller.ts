import { Controller, Get, Header, Post, Req, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { ApiAnswer, DocumentBody } from '../../base/http/answers.js';
import { TakesJsonBytes } from '../../base/http/body.guard.js';
import { IdParam } from '../../base/http/ids.js';
import { Joi } from '../../base/http/joi.pipe.js';
import { Problem } from '../../base/http/problem.js';
import { sendJson } from '../../base/http/sendJson.js';
import { anything } from '../../base/http/shapes.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { PersonId } from '../../base/rights/signedIn.js';
import { plainProject } from '../projects/answers.js';
import { ProjectFilesService } from './projectFiles.service.js';

const file = Joi.object().unknown(true);
const FILE_LIMIT = 24_000_000;

/** Project files, in and out. */
@ApiTags('projects')
@Controller('projects')
export class ProjectFilesController {
  constructor(private readonly files: ProjectFilesService) {}

  @Post('file')
  @RequireRole('signed-in')
  @TakesJsonBytes(FILE_LIMIT)
  @ApiAnswer(plainProject, 201)
  @ApiOperation({
    summary: 'Makes a project from a project file (docs/project-file.md), whole or not at all.',
  })
  @DocumentBody(file)
  fromFile(@PersonId() person: string, @Req() request: Request) {
    if (!Buffer.isBuffer(request.body)) throw new Problem(422, 'Send the project file itself.');
    return this.files.fromFile(person, new Uint8Array(request.body));
  }

  @Get(':projectId/file')
  @RequireRole('reader')
  @Header('Content-Disposition', 'attachment; filename="project.riegel.json"')
  @ApiAnswer(anything)
  @ApiOperation({ summary: 'The whole project as its file.' })
  async toFile(
    @IdParam('projectId', 'The project') id: string,
    @Req() request: Request,
    @Res() response: Response,
  ) {
    await sendJson(request, response, await this.files.toFile(id));
  }
}
