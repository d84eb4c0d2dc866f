import {
  Controller,
  Get,
  Header,
  HttpCode,
  Param,
  Post,
  Put,
  Req,
  Res,
  UseGuards,
} from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import {
  decideOpening,
  draw,
  phraseText,
  readFacts,
  VIEWS,
  writeSvg,
  type OpeningFacts,
  type View,
} from '@riegel/core';
import { DOCUMENT_NAMES, type DocumentName } from '../documents/document.entity.js';
import {
  checkedDocument,
  DocumentsService,
  type DocumentWrite,
} from '../documents/documents.service.js';
import { EventsService } from '../events/events.service.js';
import { DocumentBody, Joi, ValidBody } from '../http/joi.pipe.js';
import { notFound } from '../http/problem.js';
import { Access } from '../projects/access.js';
import { PersonId, SignedInGuard } from '../sessions/signedIn.js';
import { OpeningsService, type Write } from './openings.service.js';

const id = Joi.string().uuid();
const version = Joi.number().integer().min(1);
/** Facts in their stored form, checked field by field by the core's own reader. */
const facts = Joi.object()
  .unknown(true)
  .custom((value: unknown, helpers) => {
    const read = readFacts(value);
    if (read.ok) return read.value;
    const message = phraseText(read.fault, { system: 'inch' });
    return helpers.message({ custom: message }, { field: read.fault.params['field'] });
  });
const update = Joi.object({ version: version.required(), facts: facts.required() });
const bulk = Joi.object({
  changes: Joi.array()
    .items(
      Joi.object({
        op: Joi.string().valid('create', 'update', 'delete').required(),
        id: id.when('op', { is: 'create', then: Joi.optional(), otherwise: Joi.required() }),
        version: version.when('op', {
          is: 'create',
          then: Joi.forbidden(),
          otherwise: Joi.required(),
        }),
        facts: facts.when('op', { is: 'delete', then: Joi.forbidden(), otherwise: Joi.required() }),
      }),
    )
    .max(20_000)
    .required(),
  documents: Joi.array()
    .items(
      Joi.object({
        name: Joi.string()
          .valid(...DOCUMENT_NAMES)
          .required(),
        version: Joi.number().integer().min(0).required(),
        body: Joi.any().required(),
      }),
    )
    .max(DOCUMENT_NAMES.length)
    .default([]),
  kind: Joi.string().valid('import'),
}).custom((body: { changes: unknown[]; documents: unknown[] }, helpers) =>
  body.changes.length + body.documents.length > 0 ? body : helpers.error('array.min'),
);

@ApiTags('openings')
@UseGuards(SignedInGuard)
@Controller('projects/:projectId')
export class OpeningsController {
  constructor(
    private readonly access: Access,
    private readonly openings: OpeningsService,
    private readonly documents: DocumentsService,
    private readonly events: EventsService,
  ) {}

  @Get('openings')
  @ApiOperation({ summary: 'Every opening of a project with its facts and version.' })
  async list(@Param('projectId') projectId: string, @PersonId() person: string) {
    await this.access.need(projectId, person, 'reader');
    return { openings: await this.openings.list(projectId) };
  }

  @Get('openings/:id')
  @ApiOperation({ summary: 'One opening.' })
  async one(
    @Param('projectId') projectId: string,
    @Param('id') openingId: string,
    @PersonId() person: string,
  ) {
    await this.access.need(projectId, person, 'reader');
    const opening = await this.openings.one(projectId, openingId);
    if (!opening) throw notFound('The opening');
    return opening;
  }

  @Get('openings/:id/drawings/:view.svg')
  @Header('Content-Security-Policy', "default-src 'none'; style-src 'unsafe-inline'")
  @ApiOperation({ summary: `One drawing as SVG: ${VIEWS.join(', ')}.` })
  async drawing(
    @Param('projectId') projectId: string,
    @Param('id') openingId: string,
    @Param('view') name: string,
    @PersonId() person: string,
    @Res() response: Response,
  ) {
    await this.access.need(projectId, person, 'reader');
    const opening = await this.openings.one(projectId, openingId);
    if (!opening || !VIEWS.includes(name as View)) throw notFound('The drawing');
    const decided = decideOpening(opening.facts, await this.documents.basis(projectId));
    const units = { system: decided.practice.system, denominator: decided.practice.denominator };
    response
      .type('image/svg+xml')
      .send(writeSvg(draw(decided, name as View), units, `${opening.facts.mark}, ${name}`));
  }

  @Put('openings/:id')
  @ApiOperation({
    summary:
      'Replaces the facts of an opening; 409 with the current state when the version is stale.',
  })
  @DocumentBody(update)
  async update(
    @Param('projectId') projectId: string,
    @Param('id') openingId: string,
    @PersonId() person: string,
    @ValidBody(update) body: { version: number; facts: OpeningFacts },
  ) {
    await this.access.need(projectId, person, 'editor');
    const [opening] = await this.openings.write(projectId, person, [
      { op: 'update', id: openingId, ...body },
    ]);
    return opening;
  }

  @Post('openings/bulk')
  @HttpCode(200)
  @ApiOperation({
    summary: 'Creates, updates and deletes in one transaction and one event, or not at all.',
  })
  @DocumentBody(bulk)
  async bulk(
    @Param('projectId') projectId: string,
    @PersonId() person: string,
    @ValidBody(bulk) body: { changes: Write[]; documents: DocumentWrite[]; kind?: 'import' },
  ) {
    await this.access.need(projectId, person, 'editor');
    const documents = body.documents.map((one) => ({
      ...one,
      body: checkedDocument(one.name, one.body),
    }));
    return {
      openings: await this.openings.write(projectId, person, body.changes, body.kind, documents),
    };
  }

  @Get('documents/:name')
  @ApiOperation({ summary: `A document of the project: ${DOCUMENT_NAMES.join(', ')}.` })
  async document(
    @Param('projectId') projectId: string,
    @Param('name') name: string,
    @PersonId() person: string,
  ) {
    await this.access.need(projectId, person, 'reader');
    if (!DOCUMENT_NAMES.includes(name as DocumentName)) throw notFound('The document');
    return this.documents.one(projectId, name as DocumentName);
  }

  @Post('undo')
  @HttpCode(200)
  @ApiOperation({ summary: 'Takes back one’s own last write in this project.' })
  async undo(@Param('projectId') projectId: string, @PersonId() person: string) {
    await this.access.need(projectId, person, 'editor');
    return this.openings.step(projectId, person, 'undo');
  }

  @Post('redo')
  @HttpCode(200)
  @ApiOperation({ summary: 'Does again what one took back last.' })
  async redo(@Param('projectId') projectId: string, @PersonId() person: string) {
    await this.access.need(projectId, person, 'editor');
    return this.openings.step(projectId, person, 'redo');
  }

  @Get('events')
  @ApiOperation({
    summary: 'The last 200 writes, newest first; with ?opening=id those of one opening.',
  })
  async history(
    @Param('projectId') projectId: string,
    @PersonId() person: string,
    @Req() request: Request,
  ) {
    await this.access.need(projectId, person, 'reader');
    const opening =
      typeof request.query['opening'] === 'string' ? request.query['opening'] : undefined;
    return { events: await this.events.history(projectId, opening) };
  }

  @Get('stream')
  @ApiOperation({ summary: 'Server-sent events: who changed which openings.' })
  async stream(
    @Param('projectId') projectId: string,
    @PersonId() person: string,
    @Req() request: Request,
    @Res() response: Response,
  ) {
    await this.access.need(projectId, person, 'reader');
    await this.events.stream(projectId, request, response);
  }
}
