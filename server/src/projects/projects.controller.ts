import {
  Controller,
  Delete,
  Get,
  Header,
  HttpCode,
  Param,
  Patch,
  Post,
  Res,
  UseGuards,
} from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { isOwnPractice, PRACTICE_IDS } from '@riegel/core';
import { DocumentsService } from '../documents/documents.service.js';
import { invalid } from '../http/problem.js';
import { DocumentBody, Joi, ValidBody } from '../http/joi.pipe.js';
import { PeopleService } from '../people/people.service.js';
import { PersonId, SignedInGuard } from '../sessions/signedIn.js';
import { Access } from './access.js';
import { ROLES, type Role } from './membership.entity.js';
import { ProjectsService } from './projects.service.js';

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
const role = Joi.object({
  role: Joi.string()
    .valid(...ROLES)
    .required()
    .label('Role'),
});
const file = Joi.object().unknown(true);

@ApiTags('projects')
@UseGuards(SignedInGuard)
@Controller('projects')
export class ProjectsController {
  constructor(
    private readonly access: Access,
    private readonly projects: ProjectsService,
    private readonly people: PeopleService,
    private readonly documents: DocumentsService,
  ) {}

  @Get()
  @ApiOperation({ summary: 'One’s own projects.' })
  async list(@PersonId() person: string) {
    return { projects: await this.projects.listFor(person) };
  }

  @Post()
  @ApiOperation({ summary: 'Makes an empty project, owned by whoever asks.' })
  @DocumentBody(create)
  create(
    @PersonId() person: string,
    @ValidBody(create) body: { name: string; practice: string; note?: string },
  ) {
    return this.projects.create(person, body);
  }

  @Post('file')
  @ApiOperation({ summary: 'Makes a project from a project file (docs/project-file.md).' })
  @DocumentBody(file)
  fromFile(@PersonId() person: string, @ValidBody(file) body: unknown) {
    return this.projects.fromFile(person, body);
  }

  @Get(':projectId')
  @ApiOperation({ summary: 'One project with one’s role in it.' })
  async get(@Param('projectId') id: string, @PersonId() person: string) {
    const mine = await this.access.need(id, person, 'reader');
    const [project, practices, building, catalogue, locks, keying] = await Promise.all([
      this.projects.get(id),
      this.documents.one(id, 'practices'),
      this.documents.one(id, 'building'),
      this.documents.one(id, 'catalogue'),
      this.documents.one(id, 'locks'),
      this.documents.one(id, 'keying'),
    ]);
    return { ...project, role: mine, practices, building, catalogue, locks, keying };
  }

  @Get(':projectId/file')
  @Header('Content-Disposition', 'attachment; filename="project.riegel.json"')
  @ApiOperation({ summary: 'The whole project as its file.' })
  async toFile(
    @Param('projectId') id: string,
    @PersonId() person: string,
    @Res() response: Response,
  ) {
    await this.access.need(id, person, 'reader');
    response.type('application/json').send(await this.projects.toFile(id));
  }

  @Patch(':projectId')
  @ApiOperation({ summary: 'Renames a project or gives it another practice.' })
  @DocumentBody(update)
  async update(
    @Param('projectId') id: string,
    @PersonId() person: string,
    @ValidBody(update)
    body: { version: number; name?: string; practice?: string; note?: string },
  ) {
    await this.access.need(id, person, 'owner');
    const { version, ...values } = body;
    if (values.practice !== undefined) await this.checkPractice(id, values.practice);
    return this.projects.update(id, version, values);
  }

  private async checkPractice(id: string, practiceId: string): Promise<void> {
    const own = isOwnPractice(practiceId)
      ? (await this.documents.forDeciding(id)).practices.map((edited) => edited.id)
      : PRACTICE_IDS;
    if (!(own as readonly string[]).includes(practiceId))
      throw invalid([{ field: 'practice', message: 'The project has no such practice.' }]);
  }

  @Delete(':projectId')
  @HttpCode(204)
  @ApiOperation({ summary: 'Deletes a project with everything in it.' })
  async remove(@Param('projectId') id: string, @PersonId() person: string): Promise<void> {
    await this.access.need(id, person, 'owner');
    await this.projects.remove(id);
  }

  @Get(':projectId/members')
  @ApiOperation({ summary: 'Who is in the project, with which role.' })
  async members(@Param('projectId') id: string, @PersonId() person: string) {
    await this.access.need(id, person, 'reader');
    return { members: await this.projects.members(id) };
  }

  @Post(':projectId/invitations')
  @ApiOperation({ summary: 'Makes a one-time link into the project; it is shown once.' })
  @DocumentBody(role)
  async invite(
    @Param('projectId') id: string,
    @PersonId() person: string,
    @ValidBody(role) body: { role: Role },
  ) {
    await this.access.need(id, person, 'owner');
    return { token: await this.people.invite({ id, role: body.role }) };
  }

  @Patch(':projectId/members/:personId')
  @HttpCode(204)
  @ApiOperation({ summary: 'Changes somebody’s role.' })
  @DocumentBody(role)
  async setRole(
    @Param('projectId') id: string,
    @Param('personId') member: string,
    @PersonId() person: string,
    @ValidBody(role) body: { role: Role },
  ): Promise<void> {
    await this.access.need(id, person, 'owner');
    await this.projects.setRole(id, member, body.role);
  }

  @Delete(':projectId/members/:personId')
  @HttpCode(204)
  @ApiOperation({ summary: 'Takes somebody out of the project; anybody may leave.' })
  async removeMember(
    @Param('projectId') id: string,
    @Param('personId') member: string,
    @PersonId() person: string,
  ): Promise<void> {
    await this.access.need(id, person, member === person ? 'reader' : 'owner');
    await this.projects.setRole(id, member, null);
  }
}
