import { Controller, Get, HttpCode, Post, Req, Res } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import { ApiAnswer, ApiFileAnswer } from '../../base/http/answers.js';
import { XLSX } from '../../base/http/mediaTypes.js';
import type { Request, Response } from 'express';
import { TakesFile } from '../../base/http/body.guard.js';
import { IdParam } from '../../base/http/ids.js';
import { invalid } from '../../base/http/problem.js';
import { sendJson } from '../../base/http/sendJson.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { BOUNDS } from './bounds.js';
import { ScheduleService } from '../schedule/schedule.service.js';
import { ListsService } from './lists.service.js';
import { readList } from './answers.js';

@ApiTags('lists')
@Controller('projects/:projectId')
export class ListsController {
  constructor(
    private readonly lists: ListsService,
    private readonly schedules: ScheduleService,
  ) {}

  @Post('lists/read')
  @RequireRole('editor')
  @HttpCode(200)
  @TakesFile(BOUNDS.modelBytes)
  @ApiConsumes('application/octet-stream')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiAnswer(readList)
  @ApiOperation({
    summary:
      'The cells of a CSV, TSV or XLSX file (at most 8 MB), or the doors of an IFC model (at most 64 MB). Nothing is stored.',
  })
  async read(
    @IdParam('projectId') _id: string,
    @Req() request: Request,
    @Res() response: Response,
  ) {
    if (!Buffer.isBuffer(request.body))
      throw invalid([{ field: 'file', message: 'Send the file itself.' }]);
    const left = new AbortController();
    response.on('close', () => left.abort());
    const read = await this.lists.read(new Uint8Array(request.body), left.signal);
    if (!read.ok) throw invalid([{ field: 'file', message: read.why }]);
    const { kind, detail, sheets } = read;
    await sendJson(
      request,
      response,
      `{"kind":${JSON.stringify(kind)},"detail":${JSON.stringify(detail)},"sheets":${sheets}}`,
    );
  }

  @Post('model')
  @RequireRole('reader')
  @HttpCode(200)
  @TakesFile(BOUNDS.modelBytes)
  @ApiConsumes('application/octet-stream')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiFileAnswer('application/x-step')
  @ApiOperation({
    summary: 'An IFC model with what was decided of its doors as property sets beside the rest.',
  })
  async model(
    @IdParam('projectId') id: string,
    @Req() request: Request,
    @Res() response: Response,
  ) {
    if (!Buffer.isBuffer(request.body))
      throw invalid([{ field: 'file', message: 'Send the file itself.' }]);
    const made = await this.schedules.model(id, new Uint8Array(request.body));
    response
      .setHeader('X-Riegel-Doors', String(made.written))
      .attachment('model.ifc')
      .type('application/x-step')
      .send(Buffer.from(made.bytes));
  }

  @Get('openings.csv')
  @RequireRole('reader')
  @ApiFileAnswer('text/csv')
  @ApiOperation({ summary: 'The openings as a list, CSV; reads back to the same facts.' })
  async csv(@IdParam('projectId') id: string, @Res() response: Response) {
    response
      .attachment('openings.csv')
      .type('text/csv; charset=utf-8')
      .send(await this.lists.write(id, 'csv'));
  }

  @Get('openings.xlsx')
  @RequireRole('reader')
  @ApiFileAnswer(XLSX)
  @ApiOperation({ summary: 'The openings as a list, XLSX; reads back to the same facts.' })
  async xlsx(@IdParam('projectId') id: string, @Res() response: Response) {
    response
      .attachment('openings.xlsx')
      .type(XLSX)
      .send(await this.lists.write(id, 'xlsx'));
  }
}
