import { Controller, Get, Param, Res, UseGuards } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { catalogueWith, productCells, type Product } from '@riegel/core';
import { DocumentsService } from '../documents/documents.service.js';
import { Access } from '../projects/access.js';
import { PersonId, SignedInGuard } from '../sessions/signedIn.js';
import { ListsService } from './lists.service.js';

/** A project's catalogue as files: what ships, and its own products in place of those of the same id. */
@ApiTags('catalogue')
@UseGuards(SignedInGuard)
@Controller('projects/:projectId')
export class CatalogueController {
  constructor(
    private readonly access: Access,
    private readonly lists: ListsService,
    private readonly documents: DocumentsService,
  ) {}

  @Get('catalogue.csv')
  @ApiOperation({ summary: 'The catalogue as CSV; reads back to the same products.' })
  async csv(@Param('projectId') id: string, @PersonId() person: string, @Res() response: Response) {
    response
      .attachment('catalogue.csv')
      .type('text/csv; charset=utf-8')
      .send(this.lists.csv(productCells(await this.products(id, person))));
  }

  @Get('catalogue.json')
  @ApiOperation({ summary: 'The catalogue as JSON, in the form a project file keeps it.' })
  async json(
    @Param('projectId') id: string,
    @PersonId() person: string,
    @Res() response: Response,
  ) {
    response
      .attachment('catalogue.json')
      .type('application/json')
      .send(`${JSON.stringify(await this.products(id, person), null, 2)}\n`);
  }

  private async products(id: string, person: string): Promise<Product[]> {
    await this.access.need(id, person, 'reader');
    const { products } = await this.documents.forDeciding(id);
    return [...catalogueWith(products).values()];
  }
}
