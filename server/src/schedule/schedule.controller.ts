import { Controller, Get, Param, Res, UseGuards } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { Access } from '../projects/access.js';
import { PersonId, SignedInGuard } from '../sessions/signedIn.js';
import { scheduleCsv } from './csv.js';
import { ScheduleService } from './schedule.service.js';

@ApiTags('schedule')
@UseGuards(SignedInGuard)
@Controller('projects/:projectId')
export class ScheduleController {
  constructor(
    private readonly access: Access,
    private readonly schedules: ScheduleService,
  ) {}

  @Get('schedule')
  @ApiOperation({ summary: 'The schedule by set, with everything that is open.' })
  async json(@Param('projectId') id: string, @PersonId() person: string) {
    await this.access.need(id, person, 'reader');
    const { known: _, ...schedule } = await this.schedules.schedule(id);
    return schedule;
  }

  @Get('schedule.csv')
  @ApiOperation({ summary: 'The schedule as CSV.' })
  async csv(@Param('projectId') id: string, @PersonId() person: string, @Res() response: Response) {
    await this.access.need(id, person, 'reader');
    response
      .attachment('schedule.csv')
      .type('text/csv; charset=utf-8')
      .send(scheduleCsv(await this.schedules.schedule(id)));
  }

  @Get('schedule.pdf')
  @ApiOperation({ summary: 'The schedule as a printable PDF.' })
  async pdf(@Param('projectId') id: string, @PersonId() person: string, @Res() response: Response) {
    await this.access.need(id, person, 'reader');
    response
      .attachment('schedule.pdf')
      .type('application/pdf')
      .send(await this.schedules.pdf(id));
  }
}
