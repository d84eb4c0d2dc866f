import { Controller, Delete, Get, HttpCode, HttpStatus, Inject, Post, Req } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { ApiAnswer, DocumentBody } from '../../base/http/answers.js';
import type { Request } from 'express';
import { SecondFactorService } from '../people/secondFactor.service.js';
import { AuditService } from '../../base/audit/audit.service.js';
import { CONFIG, type Config } from '../../base/config.js';
import { ThrottleAttempts } from '../../base/http/throttleAttempts.js';
import { idField } from '../../base/http/ids.js';
import { Joi, ValidBody } from '../../base/http/joi.pipe.js';
import { Problem } from '../../base/http/problem.js';
import { LinksService } from '../people/links.service.js';
import { PeopleService } from '../people/people.service.js';
import type { Person } from '../../base/entities/person.entity.js';
import { ResetsService } from '../people/resets.service.js';
import { SignInDelays } from '../people/signInDelays.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { SessionsService } from './sessions.service.js';
import { joined, sessionView, signedIn, started } from './answers.js';

const emailField = Joi.string()
  .email({ tlds: { allow: false } })
  .max(254)
  .label('E-mail');
export const newPassword = Joi.string().min(10).max(200).label('Password');
const token = Joi.string().max(100).required().label('Link');
const signIn = Joi.object({
  email: emailField.required(),
  password: Joi.string().max(200).required().label('Password'),
});
const second = Joi.object({ code: Joi.string().max(40).required().label('Code') });
const demo = Joi.object({ personId: idField.required() });
const accept = Joi.object({
  token,
  name: Joi.string().trim().max(120).label('Name'),
  email: emailField,
  password: newPassword,
}).and('name', 'email', 'password');
const forgotten = Joi.object({ email: emailField.required() });
const reset = Joi.object({ token, password: newPassword.required() });

const SECOND_MS = 5 * 60_000;
const SECOND_TRIES = 5;

const shown = (person: Person) => ({
  id: person.id,
  name: person.name,
  email: person.email,
  admin: person.admin,
});

@ApiTags('session')
@Controller('session')
export class SessionsController {
  constructor(
    private readonly people: PeopleService,
    private readonly links: LinksService,
    private readonly resets: ResetsService,
    private readonly second: SecondFactorService,
    private readonly delays: SignInDelays,
    private readonly sessions: SessionsService,
    private readonly audit: AuditService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  @Get()
  @RequireRole('anyone')
  @ApiAnswer(sessionView)
  @ApiOperation({ summary: 'Who is signed in; in a demo also who may sign in with one click.' })
  async who(@Req() request: Request) {
    const id = request.session.personId;
    const person = id ? await this.people.find(id) : null;
    const demoPeople = this.config.demo ? (await this.people.demoPeople()).map(shown) : [];
    return {
      person: person ? shown(person) : null,
      demo: this.config.demo,
      demoPeople,
      tape: this.config.tapeUrl ?? null,
    };
  }

  @Post()
  @RequireRole('anyone')
  @ThrottleAttempts()
  @ApiAnswer(signedIn, 201)
  @ApiOperation({
    summary: 'Signs in with address and password; answers `second` where a second factor is owed.',
  })
  @DocumentBody(signIn)
  async signIn(
    @Req() request: Request,
    @ValidBody(signIn) body: { email: string; password: string },
  ) {
    let person: Person;
    try {
      person = await this.people.authenticate(body.email, body.password);
    } catch (error) {
      if (error instanceof Problem) {
        const known = await this.people.byEmail(body.email);
        await this.audit.oncePerMinute({
          kind: 'sign-in-refused',
          personId: known?.id ?? null,
          subject: body.email,
          address: request.ip ?? '',
        });
      }
      throw error;
    }
    if (!person.totpOn) return this.start(request, person);
    const pending = { personId: person.id, at: Date.now(), tries: 0 };
    await this.sessions.start(request, { pending });
    return { person: null, second: true };
  }

  @Post('second')
  @RequireRole('anyone')
  @HttpCode(201)
  @ThrottleAttempts()
  @ApiAnswer(started, 201)
  @ApiOperation({ summary: 'Gives the second factor: a code of the device, or a recovery code.' })
  @DocumentBody(second)
  async giveSecond(@Req() request: Request, @ValidBody(second) { code }: { code: string }) {
    const { pending } = request.session;
    if (!pending || Date.now() - pending.at > SECOND_MS)
      throw new Problem(HttpStatus.UNAUTHORIZED, 'Begin again with address and password.');
    const account = `second ${pending.personId}`;
    await this.delays.enter(account);
    const taken = await this.second.check(pending.personId, code);
    if (!taken) {
      await this.audit.oncePerMinute({
        kind: 'second-refused',
        personId: pending.personId,
        address: request.ip ?? '',
      });
      pending.tries++;
      if (pending.tries >= SECOND_TRIES) await this.sessions.end(request);
      else await this.sessions.save(request);
      throw new Problem(HttpStatus.UNAUTHORIZED, 'This code does not fit, or was used already.');
    }
    await this.delays.clear(account);
    const person = (await this.people.find(pending.personId))!;
    if (taken === 'recovery')
      await this.audit.write({
        kind: 'recovery-used',
        personId: person.id,
        address: request.ip ?? '',
      });
    return this.start(request, person);
  }

  @Post('demo')
  @RequireRole('anyone')
  @ApiAnswer(started, 201)
  @ApiOperation({ summary: 'Signs in as a demo person; in a demo only.' })
  @DocumentBody(demo)
  async demo(@Req() request: Request, @ValidBody(demo) body: { personId: string }) {
    const person = this.config.demo ? await this.people.find(body.personId) : null;
    if (!person?.demo)
      throw new Problem(HttpStatus.NOT_FOUND, 'There is nobody of that name in a demo here.');
    return this.start(request, person);
  }

  @Post('accept')
  @RequireRole('anyone')
  @ThrottleAttempts()
  @ApiAnswer(joined, 201)
  @ApiOperation({ summary: 'Uses a one-time link, with a new account or as the person signed in.' })
  @DocumentBody(accept)
  async accept(
    @Req() request: Request,
    @ValidBody(accept) body: { token: string; name?: string; email?: string; password?: string },
  ) {
    const { name, email, password } = body;
    const signedIn = request.session.personId;
    if (!signedIn && !(name && email && password)) {
      throw new Problem(
        HttpStatus.UNPROCESSABLE_ENTITY,
        'Name, e-mail and a password are needed.',
        { errors: [{ field: 'name', message: 'Name is missing.' }] },
      );
    }
    const who = name && email && password ? { name, email, password } : { personId: signedIn! };
    const { person, projectId, role, fresh } = await this.links.accept(body.token, who);
    const where = { personId: person.id, projectId, address: request.ip ?? '' };
    if (fresh) await this.audit.write({ ...where, kind: 'account-made', subject: person.email });
    if (projectId)
      await this.audit.write({ ...where, kind: 'joined', subject: `${person.email}, ${role}` });
    if (!fresh) return { person: shown(person), projectId };
    return { ...(await this.start(request, person)), projectId };
  }

  @Post('forgotten')
  @RequireRole('anyone')
  @HttpCode(HttpStatus.NO_CONTENT)
  @ThrottleAttempts()
  @ApiOperation({
    summary:
      'Sends a link to set a new password, if the address has an account; never tells whether.',
  })
  @DocumentBody(forgotten)
  async forgotten(@Req() request: Request, @ValidBody(forgotten) { email }: { email: string }) {
    const person = await this.resets.forgotten(email);
    if (person)
      await this.audit.write({
        kind: 'reset-asked',
        personId: person.id,
        subject: email,
        address: request.ip ?? '',
      });
  }

  @Post('reset')
  @RequireRole('anyone')
  @HttpCode(HttpStatus.NO_CONTENT)
  @ThrottleAttempts()
  @ApiOperation({ summary: 'Sets a new password by a link; every session of the account ends.' })
  @DocumentBody(reset)
  async reset(
    @Req() request: Request,
    @ValidBody(reset) body: { token: string; password: string },
  ): Promise<void> {
    const person = await this.links.reset(body.token, body.password);
    await this.delays.clear(person.email);
    await this.audit.write({
      kind: 'password-reset',
      personId: person.id,
      address: request.ip ?? '',
    });
  }

  @Delete()
  @RequireRole('anyone')
  @HttpCode(HttpStatus.NO_CONTENT)
  @ApiOperation({ summary: 'Signs out.' })
  async signOut(@Req() request: Request): Promise<void> {
    const { personId } = request.session;
    await this.sessions.end(request);
    if (personId) await this.audit.write({ kind: 'sign-out', personId, address: request.ip ?? '' });
  }

  private async start(request: Request, person: Person) {
    await this.sessions.start(request, { personId: person.id });
    await this.audit.write({ kind: 'sign-in', personId: person.id, address: request.ip ?? '' });
    return { person: shown(person) };
  }
}
