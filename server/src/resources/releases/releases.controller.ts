import {
  Controller,
  Delete,
  Get,
  Headers,
  HttpCode,
  Param,
  Post,
  Query,
  Res,
} from '@nestjs/common';
import { ApiHeader, ApiOperation, ApiTags } from '@nestjs/swagger';
import { ApiAnswer, ApiFileAnswer, DocumentBody, DocumentQuery } from '../../base/http/answers.js';
import type { Response } from 'express';
import { DOCUMENTS } from '@riegel/paper';
import { ThrottleAttempts } from '../../base/http/throttleAttempts.js';
import { IdParam } from '../../base/http/ids.js';
import { Joi, JoiPipe, ValidBody } from '../../base/http/joi.pipe.js';
import { notFound } from '../../base/http/problem.js';
import { PeopleService } from '../people/people.service.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { PersonId } from '../../base/rights/signedIn.js';
import { ReleasesService, type ReleaseState } from './releases.service.js';
import { difference, releaseView, releases, shared, sharedRelease, shares } from './answers.js';

const NEW = Joi.object<{ name: string; reason: string }>({
  name: Joi.string().trim().max(80).allow('').default(''),
  reason: Joi.string().trim().min(1).max(400).required(),
});
const SHARE = Joi.object<{ days: number }>({
  days: Joi.number().integer().min(1).max(365).required(),
});
const state = Joi.alternatives(Joi.number().integer().min(1), Joi.string().valid('now')).required();
const TWO = Joi.object<{ from: ReleaseState; to: ReleaseState }>({
  from: state,
  to: state,
}).options({ stripUnknown: true });

class NumberPipe extends JoiPipe<number> {
  constructor() {
    super(Joi.number().integer().min(1).max(1_000_000).required());
  }

  override transform(value: unknown): number {
    try {
      return super.transform(value);
    } catch {
      throw notFound('The release');
    }
  }
}
const ReleaseNumber = () => Param('number', new NumberPipe());

/** What the files of a release are. */
const RELEASE_TYPES = [
  ...new Set(DOCUMENTS.filter(({ released }) => released).map(({ type }) => type.split(';')[0]!)),
  'text/plain',
  'application/json',
];

@ApiTags('releases')
@Controller('projects/:projectId/releases')
export class ReleasesController {
  constructor(
    private readonly releases: ReleasesService,
    private readonly people: PeopleService,
  ) {}

  @Get()
  @RequireRole('reader')
  @ApiAnswer(releases)
  @ApiOperation({ summary: 'The releases of a project, the newest first.' })
  async list(@IdParam('projectId') projectId: string) {
    return { releases: await this.releases.list(projectId) };
  }

  @Post()
  @RequireRole('editor')
  @HttpCode(201)
  @DocumentBody(NEW)
  @ApiAnswer(releaseView, 201)
  @ApiOperation({ summary: 'Freezes the project as it stands, with every document.' })
  async make(
    @IdParam('projectId') projectId: string,
    @PersonId() personId: string,
    @ValidBody(NEW) body: { name: string; reason: string },
  ) {
    const [person] = await this.people.named([personId]);
    return this.releases.make(projectId, person?.name ?? '', body);
  }

  @Get('compare')
  @RequireRole('reader')
  @DocumentQuery(TWO)
  @ApiAnswer(difference)
  @ApiOperation({ summary: 'Two releases against each other; `now` is the project as it stands.' })
  async compare(
    @IdParam('projectId') projectId: string,
    @Query(new JoiPipe(TWO)) { from, to }: { from: ReleaseState; to: ReleaseState },
  ) {
    return this.releases.compare(projectId, from, to);
  }

  @Get(':number/today')
  @RequireRole('reader')
  @ApiAnswer(difference)
  @ApiOperation({ summary: 'What the release would be with today’s core.' })
  async today(@IdParam('projectId') projectId: string, @ReleaseNumber() number: number) {
    return this.releases.today(projectId, number);
  }

  @Get(':number/files/:name')
  @RequireRole('reader')
  @ApiFileAnswer(...RELEASE_TYPES)
  @ApiOperation({ summary: 'One file of a release, byte for byte as it was issued.' })
  async file(
    @IdParam('projectId') projectId: string,
    @ReleaseNumber() number: number,
    @Param('name') name: string,
    @Res() response: Response,
  ) {
    const { type, bytes } = await this.releases.fileOf(projectId, number, name);
    response.attachment(name).type(type).send(bytes);
  }

  @Get(':number/shares')
  @RequireRole('editor')
  @ApiAnswer(shares)
  @ApiOperation({ summary: 'Links to the release that still hold.' })
  async shares(@IdParam('projectId') projectId: string, @ReleaseNumber() number: number) {
    return { shares: await this.releases.shares(projectId, number) };
  }

  @Post(':number/shares')
  @RequireRole('editor')
  @HttpCode(201)
  @DocumentBody(SHARE)
  @ApiAnswer(shared, 201)
  @ApiOperation({ summary: 'A link by which anybody reads the release for some days.' })
  async share(
    @IdParam('projectId') projectId: string,
    @ReleaseNumber() number: number,
    @PersonId() personId: string,
    @ValidBody(SHARE) { days }: { days: number },
  ) {
    return this.releases.share(projectId, number, personId, days);
  }

  @Delete(':number/shares/:shareId')
  @RequireRole('editor')
  @HttpCode(204)
  @ApiOperation({ summary: 'Takes a link back.' })
  async revoke(
    @IdParam('projectId') projectId: string,
    @ReleaseNumber() number: number,
    @IdParam('shareId', 'The link') shareId: string,
  ): Promise<void> {
    await this.releases.revoke(projectId, number, shareId);
  }
}

/** The one thing that somebody without an account sees: the release a link leads to. */
@ApiTags('releases')
@ApiHeader({ name: 'x-riegel-link', description: 'The secret of the link.' })
@Controller('shared')
export class SharedController {
  constructor(private readonly releases: ReleasesService) {}

  @Get()
  @RequireRole('anyone')
  @ThrottleAttempts()
  @ApiAnswer(sharedRelease)
  @ApiOperation({ summary: 'The release a link leads to.' })
  async shared(@Headers('x-riegel-link') token: string | undefined) {
    const { id: _, ...view } = await this.releases.shared(token ?? '');
    return view;
  }

  @Get('files/:name')
  @RequireRole('anyone')
  @ThrottleAttempts()
  @ApiFileAnswer(...RELEASE_TYPES)
  @ApiOperation({ summary: 'One of its files.' })
  async file(
    @Headers('x-riegel-link') token: string | undefined,
    @Param('name') name: string,
    @Res() response: Response,
  ) {
    const { type, bytes } = await this.releases.sharedFile(token ?? '', name);
    response.attachment(name).type(type).send(bytes);
  }
}
