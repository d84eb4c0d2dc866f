import { Controller, Get, Query, Req, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { Answers, AnswersFile, DocumentQuery } from '../http/answers.js';
import { XLSX } from '../http/mediaTypes.js';
import type { Request, Response } from 'express';
import { TAKE_OFF_BY, type TakeOffOptions } from '@riegel/core';
import { IdParam } from '../http/ids.js';
import { unchanged } from '../http/unchanged.js';
import { sendJson } from '../http/sendJson.js';
import { May } from '../rights/may.js';
import { Joi, JoiPipe } from '../http/joi.pipe.js';
import { SCHEDULE_VIEWS, type ScheduleBy } from '@riegel/paper';
import { ScheduleService } from './schedule.service.js';
import { scheduleView } from './answers.js';

const BY = Joi.object<{ by: ScheduleBy }>({
  by: Joi.string()
    .valid(...SCHEDULE_VIEWS)
    .default('set'),
}).unknown(true);

const TAKE_OFF = Joi.object<TakeOffOptions>({
  by: Joi.string()
    .valid(...TAKE_OFF_BY)
    .default('all'),
  spares: Joi.number().min(0).max(50).default(0),
  pairs: Joi.boolean().default(false),
}).options({ stripUnknown: true });

@ApiTags('schedule')
@Controller('projects/:projectId')
export class ScheduleController {
  constructor(private readonly schedules: ScheduleService) {}

  @Get('schedule')
  @May('reader')
  @Answers(scheduleView)
  @ApiOperation({ summary: 'The schedule by set, with everything that is open.' })
  async json(@IdParam('projectId') id: string, @Req() request: Request, @Res() response: Response) {
    const stamp = await this.schedules.stamp(id);
    if (unchanged(request, response, stamp)) return;
    await sendJson(request, response, (await this.schedules.schedule(id, stamp)).json);
  }

  @Get('schedule.csv')
  @May('reader')
  @AnswersFile('text/csv')
  @ApiOperation({ summary: 'The schedule as CSV.' })
  async csv(@IdParam('projectId') id: string, @Res() response: Response) {
    const { csv } = await this.schedules.schedule(id, await this.schedules.stamp(id));
    response.attachment('schedule.csv').type('text/csv; charset=utf-8').send(csv);
  }

  @Get('schedule.pdf')
  @May('reader')
  @DocumentQuery(BY)
  @AnswersFile('application/pdf')
  @ApiOperation({ summary: 'The schedule as a printable PDF.' })
  async pdf(
    @IdParam('projectId') id: string,
    @Query(new JoiPipe(BY)) { by }: { by: ScheduleBy },
    @Res() response: Response,
  ) {
    const bytes = await this.schedules.pdf(id, by);
    response.attachment('schedule.pdf').type('application/pdf').send(bytes);
  }

  @Get('schedule.xlsx')
  @May('reader')
  @AnswersFile(XLSX)
  @ApiOperation({ summary: 'The schedule as a workbook, a sheet a part.' })
  async xlsx(@IdParam('projectId') id: string, @Res() response: Response) {
    const bytes = await this.schedules.xlsx(id);
    response.attachment('schedule.xlsx').type(XLSX).send(bytes);
  }

  @Get('take-off.xlsx')
  @May('reader')
  @DocumentQuery(TAKE_OFF)
  @AnswersFile(XLSX)
  @ApiOperation({ summary: 'Totals by product as a workbook, with lists for the makers.' })
  async takeOff(
    @IdParam('projectId') id: string,
    @Query(new JoiPipe(TAKE_OFF)) options: TakeOffOptions,
    @Res() response: Response,
  ) {
    const job = { ...(await this.schedules.dated(id)), options };
    response
      .attachment('take-off.xlsx')
      .type(XLSX)
      .send(await this.schedules.made('takeOffXlsx', job));
  }

  @Get('prices.xlsx')
  @May('reader')
  @DocumentQuery(TAKE_OFF)
  @AnswersFile(XLSX)
  @ApiOperation({ summary: 'A request for prices: what is ordered, with columns to answer in.' })
  async prices(
    @IdParam('projectId') id: string,
    @Query(new JoiPipe(TAKE_OFF)) options: TakeOffOptions,
    @Res() response: Response,
  ) {
    const job = { ...(await this.schedules.dated(id)), options };
    response
      .attachment('prices.xlsx')
      .type(XLSX)
      .send(await this.schedules.made('pricesXlsx', job));
  }

  @Get('questions.pdf')
  @May('reader')
  @AnswersFile('application/pdf')
  @ApiOperation({ summary: 'The open questions and unconfirmed assumptions as a printable PDF.' })
  async questions(@IdParam('projectId') id: string, @Res() response: Response) {
    const bytes = await this.schedules.questions(id);
    response.attachment('questions.pdf').type('application/pdf').send(bytes);
  }
}
