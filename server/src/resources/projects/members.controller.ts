import { Controller, Delete, Get, HttpCode, Patch, Post, Query, Req } from '@nestjs/common';
import { ApiOperation, ApiQuery, ApiTags } from '@nestjs/swagger';
import { ApiAnswer, DocumentBody } from '../../base/http/answers.js';
import type { Request } from 'express';
import type { AuditKind } from '../../base/entities/audit.entity.js';
import { AuditService } from '../../base/audit/audit.service.js';
import { IdParam } from '../../base/http/ids.js';
import { Joi, ValidBody } from '../../base/http/joi.pipe.js';
import { notFound, Problem } from '../../base/http/problem.js';
import { lineNumber } from '../../base/audit/lineNumber.js';
import { LinksService } from '../people/links.service.js';
import { PeopleService } from '../people/people.service.js';
import { ResetsService } from '../people/resets.service.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { PersonId } from '../../base/rights/signedIn.js';
import { Access } from '../../base/rights/access.js';
import { ROLES, type Role } from '../../base/entities/membership.entity.js';
import { ProjectsService } from './projects.service.js';
import { invitations, members } from './answers.js';
import { auditLines } from '../../base/audit/answers.js';
import { linkToken } from '../people/answers.js';

const role = Joi.object({
  role: Joi.string()
    .valid(...ROLES)
    .required()
    .label('Role'),
});

/** Who is in a project, the links into it, and its audit log. */
@ApiTags('members')
@Controller('projects/:projectId')
export class MembersController {
  constructor(
    private readonly access: Access,
    private readonly projects: ProjectsService,
    private readonly people: PeopleService,
    private readonly links: LinksService,
    private readonly resets: ResetsService,
    private readonly audit: AuditService,
  ) {}

  @Get('members')
  @RequireRole('reader')
  @ApiAnswer(members)
  @ApiOperation({ summary: 'Who is in the project, with which role.' })
  async members(@IdParam('projectId') id: string) {
    return { members: await this.projects.members(id) };
  }

  @Patch('members/:personId')
  @RequireRole('owner')
  @HttpCode(204)
  @ApiOperation({ summary: 'Changes somebody’s role.' })
  @DocumentBody(role)
  async setRole(
    @IdParam('projectId') id: string,
    @IdParam('personId', 'The member') member: string,
    @PersonId() by: string,
    @Req() request: Request,
    @ValidBody(role) body: { role: Role },
  ): Promise<void> {
    await this.projects.setRole(id, member, body.role);
    await this.note(request, id, by, 'role-changed', `${await this.address(member)}, ${body.role}`);
  }

  @Delete('members/:personId')
  @RequireRole('reader')
  @HttpCode(204)
  @ApiOperation({ summary: 'Takes somebody out of the project, as its owner; anybody may leave.' })
  async removeMember(
    @IdParam('projectId') id: string,
    @IdParam('personId', 'The member') member: string,
    @PersonId() by: string,
    @Req() request: Request,
  ): Promise<void> {
    if (member !== by)
      await this.access.need(id, by, 'owner').catch(async (error: unknown) => {
        await this.audit.refused(request, by);
        throw error;
      });
    await this.projects.setRole(id, member, null);
    const kind = member === by ? 'left' : 'taken-out';
    await this.note(request, id, by, kind, await this.address(member));
  }

  @Post('members/:personId/reset')
  @RequireRole('owner')
  @HttpCode(204)
  @ApiOperation({ summary: 'Sends a member the link to set a new password; only they get it.' })
  async reset(
    @IdParam('projectId') id: string,
    @IdParam('personId', 'The member') member: string,
    @PersonId() by: string,
    @Req() request: Request,
  ): Promise<void> {
    const members = await this.projects.members(id);
    const person = members.some(({ personId }) => personId === member)
      ? await this.people.find(member)
      : null;
    if (!person) throw notFound('The member');
    if (!(await this.resets.send(person, 'The owner of a project of yours sends it.', by)))
      throw new Problem(429, 'Enough of these letters were sent for now. Try again in an hour.');
    await this.note(request, id, by, 'reset-asked', person.email);
  }

  @Get('invitations')
  @RequireRole('owner')
  @ApiAnswer(invitations)
  @ApiOperation({ summary: 'The links into the project that can still be used.' })
  async invitations(@IdParam('projectId') id: string) {
    return { invitations: await this.links.open(id) };
  }

  @Post('invitations')
  @RequireRole('owner')
  @ApiAnswer(linkToken, 201)
  @ApiOperation({ summary: 'Makes a one-time link into the project; it is shown once.' })
  @DocumentBody(role)
  async invite(
    @IdParam('projectId') id: string,
    @PersonId() by: string,
    @Req() request: Request,
    @ValidBody(role) body: { role: Role },
  ) {
    const token = await this.links.make({
      kind: 'project',
      projectId: id,
      role: body.role,
      createdBy: by,
    });
    await this.note(request, id, by, 'invited', body.role);
    return { token };
  }

  @Delete('invitations/:invitationId')
  @RequireRole('owner')
  @HttpCode(204)
  @ApiOperation({ summary: 'Makes a link worthless.' })
  async revoke(
    @IdParam('projectId') id: string,
    @IdParam('invitationId', 'The link') invitation: string,
    @PersonId() by: string,
    @Req() request: Request,
  ): Promise<void> {
    const revoked = await this.links.revoke(id, invitation);
    await this.note(request, id, by, 'invitation-revoked', revoked ?? '');
  }

  @Get('audit')
  @RequireRole('owner')
  @ApiQuery({ name: 'before', required: false, type: String })
  @ApiAnswer(auditLines)
  @ApiOperation({
    summary:
      'The project’s audit log with its members’ sign-ins, newest first, 200 lines at a time.',
  })
  async log(@IdParam('projectId') id: string, @Query('before') before: unknown) {
    return { lines: await this.audit.list(id, lineNumber(before)) };
  }

  private async address(personId: string): Promise<string> {
    return (await this.people.find(personId))?.email ?? '';
  }

  private note(
    request: Request,
    projectId: string,
    personId: string,
    kind: AuditKind,
    subject: string,
  ): Promise<void> {
    return this.audit.write({ kind, projectId, personId, subject, address: request.ip ?? '' });
  }
}
