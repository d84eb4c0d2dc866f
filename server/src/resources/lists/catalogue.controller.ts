import { Controller, Get, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { ApiAnswer, ApiFileAnswer } from '../../base/http/answers.js';
import type { Response } from 'express';
import { IdParam } from '../../base/http/ids.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { ListsService } from './lists.service.js';
import { anything, listOf } from '../../base/http/shapes.js';

/** A project's catalogue as files: what ships, and its own products in place of those of the same id. */
@ApiTags('catalogue')
@Controller('projects/:projectId')
export class CatalogueController {
  constructor(private readonly lists: ListsService) {}

  @Get('catalogue.csv')
  @RequireRole('reader')
  @ApiFileAnswer('text/csv')
  @ApiOperation({ summary: 'The catalogue as CSV; reads back to the same products.' })
  async csv(@IdParam('projectId') id: string, @Res() response: Response) {
    response
      .attachment('catalogue.csv')
      .type('text/csv; charset=utf-8')
      .send(await this.lists.catalogue(id, 'csv'));
  }

  @Get('catalogue.json')
  @RequireRole('reader')
  @ApiAnswer(listOf(anything))
  @ApiOperation({ summary: 'The catalogue as JSON, in the form a project file keeps it.' })
  async json(@IdParam('projectId') id: string, @Res() response: Response) {
    response
      .attachment('catalogue.json')
      .type('application/json')
      .send(await this.lists.catalogue(id, 'json'));
  }
}
