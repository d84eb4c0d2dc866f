import { Controller, Get, HttpCode, Param, Post, Req, Res, UseGuards } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { listCells } from '@riegel/core';
import { DocumentsService } from '../documents/documents.service.js';
import { invalid } from '../http/problem.js';
import { OpeningsService } from '../openings/openings.service.js';
import { Access } from '../projects/access.js';
import { PersonId, SignedInGuard } from '../sessions/signedIn.js';
import { ListsService } from './lists.service.js';

@ApiTags('lists')
@UseGuards(SignedInGuard)
@Controller('projects/:projectId')
export class ListsController {
  constructor(
    private readonly access: Access,
    private readonly lists: ListsService,
    private readonly openings: OpeningsService,
    private readonly documents: DocumentsService,
  ) {}

  @Post('lists/read')
  @HttpCode(200)
  @ApiConsumes('application/octet-stream')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiOperation({
    summary: 'The cells of a CSV, TSV or XLSX file (at most 8 MB). Nothing is stored.',
  })
  async read(
    @Param('projectId') id: string,
    @PersonId() person: string,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ) {
    await this.access.need(id, person, 'editor');
    if (!Buffer.isBuffer(request.body))
      throw invalid([{ field: 'file', message: 'Send the file itself.' }]);
    const left = new AbortController();
    response.on('close', () => left.abort());
    const read = await this.lists.read(new Uint8Array(request.body), left.signal);
    if (!read.ok) throw invalid([{ field: 'file', message: read.why }]);
    return { kind: read.kind, detail: read.detail, sheets: read.sheets };
  }

  @Get('openings.csv')
  @ApiOperation({ summary: 'The openings as a list, CSV; reads back to the same facts.' })
  async csv(@Param('projectId') id: string, @PersonId() person: string, @Res() response: Response) {
    response
      .attachment('openings.csv')
      .type('text/csv; charset=utf-8')
      .send(this.lists.csv(await this.cells(id, person)));
  }

  @Get('openings.xlsx')
  @ApiOperation({ summary: 'The openings as a list, XLSX; reads back to the same facts.' })
  async xlsx(
    @Param('projectId') id: string,
    @PersonId() person: string,
    @Res() response: Response,
  ) {
    response
      .attachment('openings.xlsx')
      .type('application/vnd.openxmlformats-officedocument.spreadsheetml.sheet')
      .send(await this.lists.xlsx(await this.cells(id, person)));
  }

  private async cells(id: string, person: string): Promise<string[][]> {
    await this.access.need(id, person, 'reader');
    const openings = await this.openings.list(id);
    return listCells(
      openings.map((opening) => opening.facts),
      await this.documents.basis(id),
    );
  }
}
