import { Controller, Delete, Get, HttpCode, Patch, Post, Req, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { ApiAnswer, DocumentBody } from '../../base/http/answers.js';
import type { Request, Response } from 'express';
import { isOwnPractice, PRACTICE_IDS } from '@riegel/core';
import { unfoldDeciding } from '../documents/decidingBasis.js';
import { documentJson, DocumentsService } from '../documents/documents.service.js';
import { IdParam } from '../../base/http/ids.js';
import { Joi, ValidBody } from '../../base/http/joi.pipe.js';
import { invalid } from '../../base/http/problem.js';
import { sendJson } from '../../base/http/sendJson.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { PersonId } from '../../base/rights/signedIn.js';
import { Access } from '../../base/rights/access.js';
import { ProjectsService } from './projects.service.js';
import { plainProject, projects, wholeProject } from './answers.js';

const name = Joi.string().trim().min(1).max(120).label('Name');
const practice = Joi.string()
  .valid(...PRACTICE_IDS)
  .label('Practice');
const note = Joi.string().allow('').max(4000).label('Note');
const create = Joi.object({ name: name.required(), practice: practice.required(), note });

/** A project may also name one of its own practices, which it must have. */
const ownOrShipped = Joi.string().max(40).label('Practice');
const update = Joi.object({
  version: Joi.number().integer().required(),
  name,
  practice: ownOrShipped,
  note,
});

@ApiTags('projects')
@Controller('projects')
export class ProjectsController {
  constructor(
    private readonly access: Access,
    private readonly projects: ProjectsService,
    private readonly documents: DocumentsService,
  ) {}

  @Get()
  @RequireRole('signed-in')
  @ApiAnswer(projects)
  @ApiOperation({ summary: 'One’s own projects.' })
  async list(@PersonId() person: string) {
    return { projects: await this.projects.listFor(person) };
  }

  @Post()
  @RequireRole('signed-in')
  @ApiAnswer(plainProject, 201)
  @ApiOperation({ summary: 'Makes an empty project, owned by whoever asks.' })
  @DocumentBody(create)
  create(
    @PersonId() person: string,
    @ValidBody(create) body: { name: string; practice: string; note?: string },
  ) {
    return this.projects.create(person, body);
  }

  @Get(':projectId')
  @RequireRole('reader')
  @ApiAnswer(wholeProject)
  @ApiOperation({ summary: 'One project with one’s role in it.' })
  async get(
    @IdParam('projectId', 'The project') id: string,
    @PersonId() person: string,
    @Req() request: Request,
    @Res() response: Response,
  ) {
    const names = ['practices', 'building', 'catalogue', 'locks', 'keying', 'schedule'] as const;
    const [role, project, documents] = await Promise.all([
      this.access.need(id, person, 'reader'),
      this.projects.get(id),
      this.documents.some(id, names),
    ]);
    const head = JSON.stringify({ ...project, role });
    const parts = documents.map((one) => `"${one.name}":${documentJson(one)}`);
    await sendJson(request, response, `${head.slice(0, -1)},${parts.join(',')}}`);
  }

  @Patch(':projectId')
  @RequireRole('owner')
  @ApiAnswer(plainProject)
  @ApiOperation({ summary: 'Renames a project or gives it another practice.' })
  @DocumentBody(update)
  async update(
    @IdParam('projectId', 'The project') id: string,
    @ValidBody(update)
    body: { version: number; name?: string; practice?: string; note?: string },
  ) {
    const { version, ...values } = body;
    if (values.practice !== undefined) await this.checkPractice(id, values.practice);
    return this.projects.update(id, version, values);
  }

  private async checkPractice(id: string, practiceId: string): Promise<void> {
    const own = isOwnPractice(practiceId)
      ? unfoldDeciding(await this.documents.forDeciding(id)).practices.map((edited) => edited.id)
      : PRACTICE_IDS;
    if (!(own as readonly string[]).includes(practiceId))
      throw invalid([{ field: 'practice', message: 'The project has no such practice.' }]);
  }

  @Delete(':projectId')
  @RequireRole('owner')
  @HttpCode(204)
  @ApiOperation({ summary: 'Deletes a project with everything in it.' })
  async remove(@IdParam('projectId', 'The project') id: string): Promise<void> {
    await this.projects.remove(id);
  }
}
