import { Controller, Get, Req, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { IdParam } from '../http/ids.js';
import { unchanged } from '../http/unchanged.js';
import { sendJson } from '../http/sendJson.js';
import { May } from '../rights/may.js';
import { ScheduleService } from './schedule.service.js';

@ApiTags('schedule')
@Controller('projects/:projectId')
export class ScheduleController {
  constructor(private readonly schedules: ScheduleService) {}

  @Get('schedule')
  @May('reader')
  @ApiOperation({ summary: 'The schedule by set, with everything that is open.' })
  async json(@IdParam('projectId') id: string, @Req() request: Request, @Res() response: Response) {
    const stamp = await this.schedules.stamp(id);
    if (unchanged(request, response, stamp)) return;
    await sendJson(request, response, (await this.schedules.schedule(id, stamp)).json);
  }

  @Get('schedule.csv')
  @May('reader')
  @ApiOperation({ summary: 'The schedule as CSV.' })
  async csv(@IdParam('projectId') id: string, @Res() response: Response) {
    const { csv } = await this.schedules.schedule(id, await this.schedules.stamp(id));
    response.attachment('schedule.csv').type('text/csv; charset=utf-8').send(csv);
  }

  @Get('schedule.pdf')
  @May('reader')
  @ApiOperation({ summary: 'The schedule as a printable PDF.' })
  async pdf(@IdParam('projectId') id: string, @Res() response: Response) {
    const bytes = await this.schedules.pdf(id);
    response.attachment('schedule.pdf').type('application/pdf').send(bytes);
  }

  @Get('questions.pdf')
  @May('reader')
  @ApiOperation({ summary: 'The open questions and unconfirmed assumptions as a printable PDF.' })
  async questions(@IdParam('projectId') id: string, @Res() response: Response) {
    const bytes = await this.schedules.questions(id);
    response.attachment('questions.pdf').type('application/pdf').send(bytes);
  }
}
