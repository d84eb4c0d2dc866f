import {
  Controller,
  Get,
  Header,
  HttpCode,
  Param,
  Post,
  Put,
  Query,
  Req,
  Res,
} from '@nestjs/common';
import { ApiOperation, ApiQuery, ApiTags } from '@nestjs/swagger';
import { ApiAnswer, ApiFileAnswer, DocumentBody } from '../../base/http/answers.js';
import type { Request, Response } from 'express';
import {
  decideOpening,
  draw,
  VIEWS,
  withWays,
  writeSvg,
  type OpeningFacts,
  type View,
} from '@riegel/core';
import { DOCUMENT_NAMES, type DocumentName } from '../../base/entities/document.entity.js';
import { decidingBasis } from '../documents/decidingBasis.js';
import { documentJson, DocumentsService } from '../documents/documents.service.js';
import { EventsService } from '../events/events.service.js';
import { FeedService } from '../events/feed.service.js';
import { TakesJson, TakesJsonBytes } from '../../base/http/body.guard.js';
import { IdParam, idField, isId } from '../../base/http/ids.js';
import { Joi, ValidBody } from '../../base/http/joi.pipe.js';
import { invalid, notFound, Problem, type FieldFault } from '../../base/http/problem.js';
import { sendJson } from '../../base/http/sendJson.js';
import { unchanged } from '../../base/http/unchanged.js';
import { ProjectsService } from '../projects/projects.service.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { PersonId } from '../../base/rights/signedIn.js';
import { TooMuchWork, WorkService } from '../../base/work/work.service.js';
import { openingJson, openingsJson } from '../../base/openingRows/openingText.js';
import { OpeningsService } from './openings.service.js';
import { unpackWrites } from './packedWrites.js';
import { readWrites, storedFacts, writesSchema } from './readWrites.js';
import { RegisterCache } from './registerCache.js';
import { events, openingView, openings, register, stepped } from './answers.js';
import { anyDocument } from '../documents/answers.js';

const update = Joi.object({
  version: Joi.number().integer().min(1).required(),
  facts: Joi.object().unknown(true).required(),
});
const MAX_ASKED = 500;
const some = Joi.object({ ids: Joi.array().items(idField).min(1).max(MAX_ASKED).required() });

const MB = 1_000_000;

/** A project of 20,000 openings at once. */
const BULK_LIMIT = 24 * MB;

/** Bodies below this are parsed at once; larger ones beside the thread that answers. */
const SMALL = 64 * 1024;

@ApiTags('openings')
@Controller('projects/:projectId')
export class OpeningsController {
  constructor(
    private readonly openings: OpeningsService,
    private readonly projects: ProjectsService,
    private readonly documents: DocumentsService,
    private readonly events: EventsService,
    private readonly feed: FeedService,
    private readonly register: RegisterCache,
    private readonly work: WorkService,
  ) {}

  @Get('openings')
  @RequireRole('reader')
  @ApiAnswer(register)
  @ApiOperation({
    summary:
      'Every opening of a project with its facts and version, and the number of the newest event by then; 304 while nothing changed.',
  })
  async list(
    @IdParam('projectId') projectId: string,
    @Req() request: Request,
    @Res() response: Response,
  ) {
    const seq = await this.feed.seq(projectId);
    if (unchanged(request, response, this.stamp(seq))) return;
    const zipped = Boolean(request.acceptsEncodings('gzip'));
    const made = zipped
      ? await this.register.zipped(projectId, seq)
      : await this.register.plain(projectId, seq);
    response
      .setHeader('ETag', this.stamp(made.seq))
      .vary('Accept-Encoding')
      .type('application/json');
    if (zipped) response.setHeader('Content-Encoding', 'gzip');
    response.send(made.body);
  }

  private stamp(seq: number): string {
    return `"o${this.feed.place(seq)}"`;
  }

  @Get('openings/:id')
  @RequireRole('reader')
  @ApiAnswer(openingView)
  @ApiOperation({ summary: 'One opening.' })
  async one(
    @IdParam('projectId') projectId: string,
    @IdParam('id', 'The opening') openingId: string,
    @Res() response: Response,
  ) {
    const opening = await this.openings.one(projectId, openingId);
    if (!opening) throw notFound('The opening');
    response.type('application/json').send(openingJson(opening));
  }

  @Post('openings/some')
  @RequireRole('reader')
  @HttpCode(200)
  @TakesJson(32 * 1024)
  @DocumentBody(some)
  @ApiAnswer(openings)
  @ApiOperation({ summary: 'Some openings by their ids; those that do not stand are left out.' })
  async some(
    @IdParam('projectId') projectId: string,
    @ValidBody(some) { ids }: { ids: string[] },
    @Req() request: Request,
    @Res() response: Response,
  ) {
    const openings = await this.openings.standing(projectId, [...new Set(ids)]);
    await sendJson(request, response, `{"openings":${openingsJson(openings)}}`);
  }

  @Get('openings/:id/drawings/:view.svg')
  @RequireRole('reader')
  @Header('Content-Security-Policy', "default-src 'none'; style-src 'unsafe-inline'")
  @ApiFileAnswer('image/svg+xml')
  @ApiOperation({ summary: `One drawing as SVG: ${VIEWS.join(', ')}.` })
  async drawing(
    @IdParam('projectId') projectId: string,
    @IdParam('id', 'The opening') openingId: string,
    @Param('view') name: string,
    @Res() response: Response,
  ) {
    const opening = await this.openings.one(projectId, openingId);
    if (!opening || !VIEWS.includes(name as View)) throw notFound('The drawing');
    const facts = JSON.parse(opening.facts) as OpeningFacts;
    const { practice } = await this.projects.get(projectId);
    const basis = decidingBasis(practice, await this.documents.forDeciding(projectId));
    const decided = decideOpening(facts, withWays(basis, await this.openings.edges(projectId)));
    const units = { system: decided.practice.system, denominator: decided.practice.denominator };
    response
      .type('image/svg+xml')
      .send(writeSvg(draw(decided, name as View), units, `${facts.mark}, ${name}`));
  }

  @Put('openings/:id')
  @RequireRole('editor')
  @TakesJson(300_000)
  @ApiAnswer(openingView)
  @ApiOperation({
    summary:
      'Replaces the facts of an opening; 409 with the current state when the version is stale.',
  })
  @DocumentBody(update)
  async update(
    @IdParam('projectId') projectId: string,
    @IdParam('id', 'The opening') openingId: string,
    @PersonId() person: string,
    @ValidBody(update) body: { version: number; facts: unknown },
    @Res() response: Response,
  ) {
    const faults: FieldFault[] = [];
    const facts = storedFacts(body.facts, 'facts', faults);
    if (!facts) throw invalid(faults);
    const [opening] = await this.openings.write(projectId, person, [
      { op: 'update', id: openingId, version: body.version, facts },
    ]);
    response.type('application/json').send(openingJson(opening!));
  }

  @Post('openings/bulk')
  @RequireRole('editor')
  @HttpCode(200)
  @TakesJsonBytes(BULK_LIMIT)
  @ApiAnswer(openings)
  @ApiOperation({
    summary: 'Creates, updates and deletes in one transaction and one event, or not at all.',
  })
  @DocumentBody(writesSchema)
  async bulk(
    @IdParam('projectId') projectId: string,
    @PersonId() person: string,
    @Req() request: Request,
    @Res() response: Response,
  ) {
    const read = await this.readBody(request.body);
    if (!read.ok) {
      if (read.title) throw new Problem(read.status, read.title);
      throw invalid(read.faults);
    }
    const { changes, kind, documents } = read;
    const openings = await this.openings.write(
      projectId,
      person,
      unpackWrites(changes),
      kind,
      documents,
    );
    await sendJson(request, response, `{"openings":${openingsJson(openings)}}`);
  }

  private async readBody(body: unknown) {
    const bytes = Buffer.isBuffer(body) ? new Uint8Array(body) : new TextEncoder().encode('{}');
    if (bytes.length <= SMALL) return readWrites(bytes);
    try {
      return await this.work.run('readWrites', bytes);
    } catch (error) {
      if (error instanceof TooMuchWork)
        throw new Problem(413, 'That takes too much to read. Send it in parts.');
      throw error;
    }
  }

  @Get('documents/:name')
  @RequireRole('reader')
  @ApiAnswer(anyDocument)
  @ApiOperation({ summary: `A document of the project: ${DOCUMENT_NAMES.join(', ')}.` })
  async document(
    @IdParam('projectId') projectId: string,
    @Param('name') name: string,
    @Req() request: Request,
    @Res() response: Response,
  ) {
    if (!DOCUMENT_NAMES.includes(name as DocumentName)) throw notFound('The document');
    const document = await this.documents.one(projectId, name as DocumentName);
    await sendJson(request, response, documentJson(document));
  }

  @Post('undo')
  @RequireRole('editor')
  @HttpCode(200)
  @ApiAnswer(stepped)
  @ApiOperation({ summary: 'Takes back one’s own last write in this project.' })
  undo(
    @IdParam('projectId') projectId: string,
    @PersonId() person: string,
    @Req() request: Request,
    @Res() response: Response,
  ) {
    return this.step(projectId, person, 'undo', request, response);
  }

  @Post('redo')
  @RequireRole('editor')
  @HttpCode(200)
  @ApiAnswer(stepped)
  @ApiOperation({ summary: 'Does again what one took back last.' })
  redo(
    @IdParam('projectId') projectId: string,
    @PersonId() person: string,
    @Req() request: Request,
    @Res() response: Response,
  ) {
    return this.step(projectId, person, 'redo', request, response);
  }

  private async step(
    projectId: string,
    person: string,
    way: 'undo' | 'redo',
    request: Request,
    response: Response,
  ): Promise<void> {
    const { openings, deleted, documents } = await this.openings.step(projectId, person, way);
    await sendJson(
      request,
      response,
      `{"openings":${openingsJson(openings)},"deleted":${JSON.stringify(deleted)},"documents":${JSON.stringify(documents)}}`,
    );
  }

  @Get('events')
  @RequireRole('reader')
  @ApiQuery({ name: 'opening', required: false, type: String })
  @ApiAnswer(events)
  @ApiOperation({
    summary:
      'The last 200 writes, newest first; with ?opening=id those of one opening with what was before and after.',
  })
  async history(
    @IdParam('projectId') projectId: string,
    @Query('opening') opening: unknown,
    @Req() request: Request,
    @Res() response: Response,
  ) {
    if (opening !== undefined && !isId(opening)) throw notFound('The opening');
    await sendJson(request, response, await this.events.history(projectId, opening));
  }

  @Get('stream')
  @RequireRole('reader')
  @ApiQuery({ name: 'since', required: false, type: String })
  @ApiFileAnswer('text/event-stream')
  @ApiOperation({
    summary:
      'Server-sent events: who changed which openings, after the event ?since= or Last-Event-ID names.',
  })
  async stream(
    @IdParam('projectId') projectId: string,
    @PersonId() personId: string,
    @Query('since') since: unknown,
    @Req() request: Request,
    @Res() response: Response,
  ) {
    const last = request.headers['last-event-id'] ?? since;
    await this.events.stream(
      { projectId, personId, since: typeof last === 'string' ? last : undefined },
      request,
      response,
    );
  }
}
