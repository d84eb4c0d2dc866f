import { Controller, Get, HttpCode, HttpStatus, Patch, Post, Query, Req } from '@nestjs/common';
import { ApiOperation, ApiQuery, ApiTags } from '@nestjs/swagger';
import { ApiAnswer, DocumentBody } from '../../base/http/answers.js';
import type { Request } from 'express';
import { SecondFactorService } from '../people/secondFactor.service.js';
import type { AuditKind } from '../../base/entities/audit.entity.js';
import { AuditService } from '../../base/audit/audit.service.js';
import { lineNumber } from '../../base/audit/lineNumber.js';
import { IdParam } from '../../base/http/ids.js';
import { Joi, ValidBody } from '../../base/http/joi.pipe.js';
import { notFound, Problem } from '../../base/http/problem.js';
import { MailService } from '../../base/mail/mail.service.js';
import { LinksService } from '../people/links.service.js';
import { PeopleService } from '../people/people.service.js';
import type { Person } from '../../base/entities/person.entity.js';
import { ResetsService } from '../people/resets.service.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { SessionsService } from '../sessions/sessions.service.js';
import { VitalsService } from './vitals.service.js';
import { PersonId } from '../../base/rights/signedIn.js';
import { everybody, mailbox, vitals } from './answers.js';
import { auditLines } from '../../base/audit/answers.js';
import { linkToken } from '../people/answers.js';

const admin = Joi.object({ admin: Joi.boolean().strict().required().label('Administrator') });

/** What an administrator looks after: people, the audit log, the simulated mailbox. */
@ApiTags('installation')
@RequireRole('administrator')
@Controller('installation')
export class InstallationController {
  constructor(
    private readonly people: PeopleService,
    private readonly links: LinksService,
    private readonly resets: ResetsService,
    private readonly second: SecondFactorService,
    private readonly sessions: SessionsService,
    private readonly audit: AuditService,
    private readonly mail: MailService,
    private readonly vital: VitalsService,
  ) {}

  @Get('people')
  @ApiAnswer(everybody)
  @ApiOperation({ summary: 'Everybody with an account.' })
  async everybody() {
    return {
      people: (await this.people.all()).map(({ id, name, email, admin, demo, totpOn }) => ({
        id,
        name,
        email,
        admin,
        demo,
        second: totpOn,
      })),
    };
  }

  @Post('invitations')
  @ApiAnswer(linkToken, 201)
  @ApiOperation({ summary: 'Makes a one-time link to an account; it is shown once.' })
  async invite(@PersonId() by: string, @Req() request: Request) {
    const token = await this.links.make({ kind: 'account', createdBy: by });
    await this.note(request, by, 'invited', 'a new account');
    return { token };
  }

  @Post('people/:personId/reset')
  @HttpCode(HttpStatus.NO_CONTENT)
  @ApiOperation({ summary: 'Sends somebody the link to set a new password.' })
  async reset(
    @IdParam('personId', 'The person') id: string,
    @PersonId() by: string,
    @Req() request: Request,
  ): Promise<void> {
    const person = await this.somebody(id);
    if (!(await this.resets.send(person, 'An administrator sends it to you.', by)))
      throw new Problem(429, 'Enough of these letters were sent for now. Try again in an hour.');
    await this.note(request, by, 'reset-asked', person.email);
  }

  @Post('people/:personId/second-off')
  @HttpCode(HttpStatus.NO_CONTENT)
  @ApiOperation({ summary: 'Turns off the second factor of somebody who lost device and codes.' })
  async secondOff(
    @IdParam('personId', 'The person') id: string,
    @PersonId() by: string,
    @Req() request: Request,
  ): Promise<void> {
    const person = await this.somebody(id);
    await this.second.off(id);
    await this.sessions.endAll(id);
    await this.mail.send(
      person.email,
      'Your second factor for Riegel is off',
      `${person.name},\n\nan administrator turned off the second factor of your account. If you did not ask for that, tell them, and change your password.`,
    );
    await this.note(request, by, 'second-off', person.email);
  }

  @Patch('people/:personId')
  @HttpCode(HttpStatus.NO_CONTENT)
  @DocumentBody(admin)
  @ApiOperation({ summary: 'Makes somebody an administrator, or no longer.' })
  async setAdmin(
    @IdParam('personId', 'The person') id: string,
    @PersonId() by: string,
    @Req() request: Request,
    @ValidBody(admin) body: { admin: boolean },
  ): Promise<void> {
    const person = await this.somebody(id);
    await this.people.setAdmin(id, body.admin);
    await this.note(
      request,
      by,
      'administrator-changed',
      `${person.email}, ${body.admin ? 'administrator' : 'no longer'}`,
    );
  }

  @Get('audit')
  @ApiQuery({ name: 'before', required: false, type: String })
  @ApiAnswer(auditLines)
  @ApiOperation({
    summary: 'The audit log of the installation, newest first, 200 lines at a time.',
  })
  async log(@Query('before') before: unknown) {
    return { lines: await this.audit.list(undefined, lineNumber(before)) };
  }

  @Get('vitals')
  @ApiAnswer(vitals)
  @ApiOperation({
    summary: 'How this server is doing since the last reading: delays, memory, streams, work.',
  })
  vitals() {
    return this.vital.read();
  }

  @Get('mail')
  @ApiAnswer(mailbox)
  @ApiOperation({ summary: 'The simulated mailbox: what would be sent, newest first.' })
  async box() {
    return { letters: await this.mail.box() };
  }

  private async somebody(id: string): Promise<Person> {
    const person = await this.people.find(id);
    if (!person) throw notFound('The person');
    return person;
  }

  private note(request: Request, by: string, kind: AuditKind, subject: string): Promise<void> {
    return this.audit.write({ kind, personId: by, subject, address: request.ip ?? '' });
  }
}
