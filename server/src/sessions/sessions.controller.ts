import { Controller, Delete, Get, HttpCode, HttpStatus, Inject, Post, Req } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { Throttle } from '@nestjs/throttler';
import type { Request } from 'express';
import { CONFIG, type Config } from '../config.js';
import { DocumentBody, Joi, ValidBody } from '../http/joi.pipe.js';
import { Problem } from '../http/problem.js';
import { PeopleService } from '../people/people.service.js';
import type { Person } from '../people/person.entity.js';

const signIn = Joi.object({
  email: Joi.string()
    .email({ tlds: { allow: false } })
    .max(254)
    .required()
    .label('E-mail'),
  password: Joi.string().max(200).required().label('Password'),
});
const demo = Joi.object({ personId: Joi.string().uuid().required() });
const accept = Joi.object({
  token: Joi.string().max(100).required(),
  name: Joi.string().trim().max(120).label('Name'),
  email: Joi.string()
    .email({ tlds: { allow: false } })
    .max(254)
    .label('E-mail'),
  password: Joi.string().min(10).max(200).label('Password'),
}).and('name', 'email', 'password');

/** Tight: passwords and links are guessed at here. */
const GUESSING = { default: { limit: 30, ttl: 60_000 } };

const shown = (person: Person) => ({ id: person.id, name: person.name, email: person.email });

@ApiTags('session')
@Controller('session')
export class SessionsController {
  constructor(
    private readonly people: PeopleService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  @Get()
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
  @Throttle(GUESSING)
  @ApiOperation({ summary: 'Signs in with address and password.' })
  @DocumentBody(signIn)
  async signIn(
    @Req() request: Request,
    @ValidBody(signIn) body: { email: string; password: string },
  ) {
    return this.start(request, await this.people.authenticate(body.email, body.password));
  }

  @Post('demo')
  @ApiOperation({ summary: 'Signs in as a demo person; in a demo only.' })
  @DocumentBody(demo)
  async demo(@Req() request: Request, @ValidBody(demo) body: { personId: string }) {
    const person = this.config.demo ? await this.people.find(body.personId) : null;
    if (!person?.demo)
      throw new Problem(HttpStatus.NOT_FOUND, 'There is nobody of that name in a demo here.');
    return this.start(request, person);
  }

  @Post('accept')
  @Throttle(GUESSING)
  @ApiOperation({ summary: 'Uses a one-time link, with a new account or as the person signed in.' })
  @DocumentBody(accept)
  async accept(
    @Req() request: Request,
    @ValidBody(accept) body: { token: string; name?: string; email?: string; password?: string },
  ) {
    const { token, name, email, password } = body;
    const signedIn = request.session.personId;
    if (!signedIn && !(name && email && password)) {
      throw new Problem(
        HttpStatus.UNPROCESSABLE_ENTITY,
        'Name, e-mail and a password are needed.',
        { errors: [{ field: 'name', message: 'Name is missing.' }] },
      );
    }
    const who = name && email && password ? { name, email, password } : { personId: signedIn! };
    const { person, projectId } = await this.people.accept(token, who);
    return { ...(await this.start(request, person)), projectId };
  }

  @Delete()
  @HttpCode(HttpStatus.NO_CONTENT)
  @ApiOperation({ summary: 'Signs out.' })
  async signOut(@Req() request: Request): Promise<void> {
    await new Promise<void>((done, failed) =>
      request.session.destroy((error) => (error ? failed(error) : done())),
    );
  }

  /** A new session id at every sign-in, so that one set before is worth nothing. */
  private async start(request: Request, person: Person) {
    await new Promise<void>((done, failed) =>
      request.session.regenerate((error) => (error ? failed(error) : done())),
    );
    request.session.personId = person.id;
    await new Promise<void>((done, failed) =>
      request.session.save((error) => (error ? failed(error) : done())),
    );
    return { person: shown(person) };
  }
}
