import { Controller, Get, Inject, Query, Res, type Type } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { DOCUMENTS, optionsSchema, routeOf, type Document } from '@riegel/paper';
import { ApiFileAnswer, DocumentQuery } from '../../base/http/answers.js';
import { IdParam } from '../../base/http/ids.js';
import { JoiPipe } from '../../base/http/joi.pipe.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { PrintingService } from './printing.service.js';

/** A media type without its charset, as the interface names it. */
const bareType = (type: string): string => type.split(';')[0]!;

/** Answers documents; each has a controller of its own, built from its declaration. */
class DocumentRoute {
  @Inject(PrintingService)
  protected readonly printing: PrintingService;

  protected async answer(
    document: Document,
    projectId: string,
    wanted: string[],
    options: Record<string, unknown>,
    response: Response,
  ): Promise<void> {
    const job = await this.printing.job(projectId, document, wanted, options);
    const bytes = await this.printing.make(document, job);
    response.attachment(document.file).type(document.type).send(bytes);
  }
}

/** Builds the route of a document of the whole project. */
function projectRoute(document: Document): Type<unknown> {
  const schema = optionsSchema(document.options);

  @ApiTags('documents')
  @Controller('projects/:projectId')
  class ProjectDocument extends DocumentRoute {
    @Get(routeOf(document))
    @RequireRole('reader')
    @DocumentQuery(schema)
    @ApiFileAnswer(bareType(document.type))
    @ApiOperation({ summary: `${document.title}.`, operationId: document.id })
    file(
      @IdParam('projectId') projectId: string,
      @Query(new JoiPipe(schema)) options: Record<string, unknown>,
      @Res() response: Response,
    ) {
      return this.answer(document, projectId, [], options, response);
    }
  }
  return ProjectDocument;
}

/** Builds the route of a document of one opening. */
function openingRoute(document: Document): Type<unknown> {
  const schema = optionsSchema(document.options);

  @ApiTags('documents')
  @Controller('projects/:projectId/openings/:openingId')
  class OpeningDocument extends DocumentRoute {
    @Get(routeOf(document))
    @RequireRole('reader')
    @DocumentQuery(schema)
    @ApiFileAnswer(bareType(document.type))
    @ApiOperation({ summary: `${document.title}, of one opening.`, operationId: document.id })
    file(
      @IdParam('projectId') projectId: string,
      @IdParam('openingId', 'The opening') openingId: string,
      @Query(new JoiPipe(schema)) options: Record<string, unknown>,
      @Res() response: Response,
    ) {
      return this.answer(document, projectId, [openingId], options, response);
    }
  }
  return OpeningDocument;
}

/** A route for each document; those of a whole project that take long are made as jobs only. */
export const DOCUMENT_ROUTES: Type<unknown>[] = DOCUMENTS.filter(
  ({ heavy, scope }) => !(heavy && scope === 'project'),
).map((document) =>
  document.scope === 'project' ? projectRoute(document) : openingRoute(document),
);
