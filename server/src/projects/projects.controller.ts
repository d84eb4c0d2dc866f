import { Controller, Delete, Get, Header, HttpCode, Patch, Post, Req, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { Answers, DocumentBody } from '../http/answers.js';
import type { Request, Response } from 'express';
import { isOwnPractice, PRACTICE_IDS } from '@riegel/core';
import { unfoldDeciding } from '../documents/decidingBasis.js';
import { documentJson, DocumentsService } from '../documents/documents.service.js';
import { TakesJsonBytes } from '../http/body.guard.js';
import { IdParam } from '../http/ids.js';
import { Joi, ValidBody } from '../http/joi.pipe.js';
import { invalid, Problem } from '../http/problem.js';
import { sendJson } from '../http/sendJson.js';
import { May } from '../rights/may.js';
import { PersonId } from '../sessions/signedIn.js';
import { Access } from './access.js';
import { ProjectsService } from './projects.service.js';
import { plainProject, projects, wholeProject } from './answers.js';
import { anything } from '../http/shapes.js';

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
const file = Joi.object().unknown(true);
const FILE_LIMIT = 24_000_000;

@ApiTags('projects')
@Controller('projects')
export class ProjectsController {
  constructor(
    private readonly access: Access,
    private readonly projects: ProjectsService,
    private readonly documents: DocumentsService,
  ) {}

  @Get()
  @May('signed-in')
  @Answers(projects)
  @ApiOperation({ summary: 'One’s own projects.' })
  async list(@PersonId() person: string) {
    return { projects: await this.projects.listFor(person) };
  }

  @Post()
  @May('signed-in')
  @Answers(plainProject, 201)
  @ApiOperation({ summary: 'Makes an empty project, owned by whoever asks.' })
  @DocumentBody(create)
  create(
    @PersonId() person: string,
    @ValidBody(create) body: { name: string; practice: string; note?: string },
  ) {
    return this.projects.create(person, body);
  }

  @Post('file')
  @May('signed-in')
  @TakesJsonBytes(FILE_LIMIT)
  @Answers(plainProject, 201)
  @ApiOperation({
    summary: 'Makes a project from a project file (docs/project-file.md), whole or not at all.',
  })
  @DocumentBody(file)
  fromFile(@PersonId() person: string, @Req() request: Request) {
    if (!Buffer.isBuffer(request.body)) throw new Problem(422, 'Send the project file itself.');
    return this.projects.fromFile(person, new Uint8Array(request.body));
  }

  @Get(':projectId')
  @May('reader')
  @Answers(wholeProject)
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

  @Get(':projectId/file')
  @May('reader')
  @Header('Content-Disposition', 'attachment; filename="project.riegel.json"')
  @Answers(anything)
  @ApiOperation({ summary: 'The whole project as its file.' })
  async toFile(
    @IdParam('projectId', 'The project') id: string,
    @Req() request: Request,
    @Res() response: Response,
  ) {
    await sendJson(request, response, await this.projects.toFile(id));
  }

  @Patch(':projectId')
  @May('owner')
  @Answers(plainProject)
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
  @May('owner')
  @HttpCode(204)
  @ApiOperation({ summary: 'Deletes a project with everything in it.' })
  async remove(@IdParam('projectId', 'The project') id: string): Promise<void> {
    await this.projects.remove(id);
  }
}
