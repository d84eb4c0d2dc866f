import { Controller, Delete, Get, HttpCode, HttpStatus, Param, Post, Req } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { ApiAnswer, DocumentBody } from '../../base/http/answers.js';
import type { Request } from 'express';
import { AuditService } from '../../base/audit/audit.service.js';
import type { AuditKind } from '../../base/entities/audit.entity.js';
import { ThrottleAttempts } from '../../base/http/throttleAttempts.js';
import { Joi, ValidBody } from '../../base/http/joi.pipe.js';
import { notFound } from '../../base/http/problem.js';
import { PeopleService } from '../people/people.service.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { newPassword } from '../sessions/sessions.controller.js';
import { SessionsService } from '../sessions/sessions.service.js';
import { PersonId } from '../../base/rights/signedIn.js';
import { SecondFactorService } from '../people/secondFactor.service.js';
import { accountView, recoveryCodes, secondBegun } from './answers.js';

const current = Joi.string().max(200).required().label('Your password');
const change = Joi.object({ current, password: newPassword.required() });
const confirmed = Joi.object({ current });
const code = Joi.object({ code: Joi.string().max(10).required().label('Code') });

/** One's own account: password, second factor, where one is signed in. */
@ApiTags('account')
@RequireRole('signed-in')
@Controller('account')
export class AccountController {
  constructor(
    private readonly people: PeopleService,
    private readonly second: SecondFactorService,
    private readonly sessions: SessionsService,
    private readonly audit: AuditService,
  ) {}

  @Get()
  @ApiAnswer(accountView)
  @ApiOperation({ summary: 'One’s own account and where one is signed in.' })
  async get(@PersonId() personId: string, @Req() request: Request) {
    const person = await this.people.find(personId);
    if (!person) throw notFound('The account');
    const [sessions, codes] = await Promise.all([
      this.sessions.list(personId, request),
      this.second.codesLeft(personId),
    ]);
    const { name, email, admin, demo } = person;
    return { name, email, admin, demo, second: { on: person.totpOn, codes }, sessions };
  }

  @Post('password')
  @HttpCode(HttpStatus.NO_CONTENT)
  @ThrottleAttempts()
  @DocumentBody(change)
  @ApiOperation({ summary: 'Changes the password; every other session ends.' })
  async changePassword(
    @PersonId() personId: string,
    @Req() request: Request,
    @ValidBody(change) body: { current: string; password: string },
  ): Promise<void> {
    const person = await this.people.confirm(personId, body.current);
    const hash = await this.people.hashed(body.password, [person.name, person.email]);
    await this.people.setPassword(personId, hash);
    await this.sessions.endOthers(personId, request);
    await this.note(request, personId, 'password-changed');
  }

  @Post('second')
  @HttpCode(200)
  @ThrottleAttempts()
  @DocumentBody(confirmed)
  @ApiAnswer(secondBegun)
  @ApiOperation({ summary: 'Begins setting up a second factor: its secret, and a picture of it.' })
  async begin(@PersonId() personId: string, @ValidBody(confirmed) body: { current: string }) {
    return this.second.begin(await this.people.confirm(personId, body.current));
  }

  @Post('second/confirm')
  @HttpCode(200)
  @ThrottleAttempts()
  @DocumentBody(code)
  @ApiAnswer(recoveryCodes)
  @ApiOperation({
    summary: 'Puts the second factor in force with a first code; gives recovery codes.',
  })
  async confirm(
    @PersonId() personId: string,
    @Req() request: Request,
    @ValidBody(code) body: { code: string },
  ) {
    const codes = await this.second.confirm(personId, body.code.replace(/\s/g, ''));
    await this.sessions.endOthers(personId, request);
    await this.note(request, personId, 'second-on');
    return { codes };
  }

  @Post('second/codes')
  @HttpCode(200)
  @ThrottleAttempts()
  @DocumentBody(confirmed)
  @ApiAnswer(recoveryCodes)
  @ApiOperation({ summary: 'New recovery codes; the old ones are worth nothing any more.' })
  async codes(@PersonId() personId: string, @ValidBody(confirmed) body: { current: string }) {
    await this.people.confirm(personId, body.current);
    return { codes: await this.second.newCodes(personId) };
  }

  @Post('second/off')
  @HttpCode(HttpStatus.NO_CONTENT)
  @ThrottleAttempts()
  @DocumentBody(confirmed)
  @ApiOperation({ summary: 'Turns the second factor off.' })
  async off(
    @PersonId() personId: string,
    @Req() request: Request,
    @ValidBody(confirmed) body: { current: string },
  ): Promise<void> {
    await this.people.confirm(personId, body.current);
    await this.second.off(personId);
    await this.note(request, personId, 'second-off');
  }

  @Delete('sessions/:sessionId')
  @HttpCode(HttpStatus.NO_CONTENT)
  @ApiOperation({ summary: 'Ends one of one’s sessions.' })
  async endOne(
    @PersonId() personId: string,
    @Req() request: Request,
    @Param('sessionId') session: string,
  ): Promise<void> {
    if (!/^[0-9a-f]{64}$/.test(session) || !(await this.sessions.endOne(personId, session)))
      throw notFound('The session');
    await this.note(request, personId, 'sessions-ended');
  }

  @Delete('sessions')
  @HttpCode(HttpStatus.NO_CONTENT)
  @ApiOperation({ summary: 'Ends all of one’s sessions but this one.' })
  async endOthers(@PersonId() personId: string, @Req() request: Request): Promise<void> {
    await this.sessions.endOthers(personId, request);
    await this.note(request, personId, 'sessions-ended');
  }

  private note(request: Request, personId: string, kind: AuditKind): Promise<void> {
    return this.audit.write({ kind, personId, address: request.ip ?? '' });
  }
}
