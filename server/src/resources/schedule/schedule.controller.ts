import { Controller, Get, Req, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { ApiAnswer } from '../../base/http/answers.js';
import type { Request, Response } from 'express';
import { IdParam } from '../../base/http/ids.js';
import { unchanged } from '../../base/http/unchanged.js';
import { sendJson } from '../../base/http/sendJson.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { ScheduleService } from './schedule.service.js';
import { scheduleView } from './answers.js';

@ApiTags('schedule')
@Controller('projects/:projectId')
export class ScheduleController {
  constructor(private readonly schedules: ScheduleService) {}

  @Get('schedule')
  @RequireRole('reader')
  @ApiAnswer(scheduleView)
  @ApiOperation({ summary: 'The schedule by set, with everything that is open.' })
  async json(@IdParam('projectId') id: string, @Req() request: Request, @Res() response: Response) {
    const stamp = await this.schedules.stamp(id);
    if (unchanged(request, response, stamp)) return;
    await sendJson(request, response, (await this.schedules.schedule(id, stamp)).json);
  }
}
