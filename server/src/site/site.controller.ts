import { Controller, Get, HttpCode, Post, Query, Res } from '@nestjs/common';
import { ApiOperation, ApiQuery, ApiTags } from '@nestjs/swagger';
import { Answers, AnswersFile, DocumentBody } from '../http/answers.js';
import type { Response } from 'express';
import { calendarOf, countDue, monthsAfter } from '@riegel/core';
import { FeedService } from '../events/feed.service.js';
import { TakesJson } from '../http/body.guard.js';
import { IdParam } from '../http/ids.js';
import { Joi, ValidBody } from '../http/joi.pipe.js';
import { invalid } from '../http/problem.js';
import { May } from '../rights/may.js';
import { ScheduleService } from '../schedule/schedule.service.js';
import { PersonId } from '../sessions/signedIn.js';
import { SiteService } from './site.service.js';
import { added, due, installed, sitePage } from './answers.js';

const SENT = Joi.object<{ records: unknown[] }>({
  records: Joi.array().items(Joi.object().unknown(true)).min(1).max(200).required(),
});

/** The list has so many, the calendar all. */
const SHOWN = 1000;
const DAY = /^\d{4}-\d\d-\d\d$/;
const today = () => new Date().toISOString().slice(0, 10);

/** Records of the site of a project. */
@ApiTags('site')
@Controller('projects/:projectId')
export class SiteController {
  constructor(
    private readonly site: SiteService,
    private readonly schedules: ScheduleService,
    private readonly feed: FeedService,
  ) {}

  @Get('site')
  @May('reader')
  @ApiQuery({ name: 'since', type: Number, required: false })
  @Answers(sitePage)
  @ApiOperation({ summary: 'Records of the site, from where one stopped.' })
  async since(
    @IdParam('projectId') projectId: string,
    @Query('since') since: string | undefined,
    @Res() response: Response,
  ) {
    const from = /^\d{1,15}$/.test(since ?? '') ? Number(since) : 0;
    const { json, seq, more } = await this.site.since(projectId, from);
    response
      .type('application/json')
      .send(`{"records":${json},"seq":${seq},"more":${more},"epoch":"${this.feed.epoch}"}`);
  }

  @Post('site')
  @May('editor')
  @HttpCode(200)
  @TakesJson(300_000)
  @DocumentBody(SENT)
  @Answers(added)
  @ApiOperation({ summary: 'Adds records of the site; those known are counted as kept.' })
  async add(
    @IdParam('projectId') projectId: string,
    @PersonId() personId: string,
    @ValidBody(SENT) { records }: { records: unknown[] },
  ) {
    return this.site.add(projectId, personId, records);
  }

  @Get('openings/:openingId/record.pdf')
  @May('reader')
  @ApiQuery({ name: 'round', type: String, required: false })
  @AnswersFile('application/pdf')
  @ApiOperation({ summary: 'What was found at an opening in a round, by whom, as PDF.' })
  async record(
    @IdParam('projectId') projectId: string,
    @IdParam('openingId', 'The opening') openingId: string,
    @Query('round') round: string | undefined,
    @Res() response: Response,
  ) {
    const [dated, records] = await Promise.all([
      this.schedules.dated(projectId),
      this.site.ofOpening(projectId, openingId),
    ]);
    const bytes = await this.schedules.made('recordPdf', {
      ...dated,
      wanted: openingId,
      records,
      round: typeof round === 'string' ? round.slice(0, 40) : undefined,
    });
    response.attachment('record.pdf').type('application/pdf').send(bytes);
  }

  @Get('handover.pdf')
  @May('reader')
  @AnswersFile('application/pdf')
  @ApiOperation({ summary: 'The hand-over pack for the caretaker, in plain words.' })
  async handover(@IdParam('projectId') projectId: string, @Res() response: Response) {
    const dated = await this.schedules.dated(projectId);
    const records = await this.site.all(projectId);
    const bytes = await this.schedules.made('handoverPdf', { ...dated, records });
    response.attachment('hand-over.pdf').type('application/pdf').send(bytes);
  }
}

/** What is due, and what stands where, across one's projects. */
@ApiTags('site')
@Controller()
export class KeepingController {
  constructor(private readonly site: SiteService) {}

  @Get('due')
  @May('signed-in')
  @ApiQuery({ name: 'until', type: String, required: false })
  @Answers(due)
  @ApiOperation({ summary: 'Inspections due across one’s projects, soonest first.' })
  async due(@PersonId() personId: string, @Query('until') until: string | undefined) {
    const now = today();
    const last = untilOf(until, now);
    const [list, days] = await Promise.all([
      this.site.dueFor(personId, last, SHOWN),
      this.site.dueDays(personId, last),
    ]);
    return { list, counts: countDue(days, now) };
  }

  @Get('due.ics')
  @May('signed-in')
  @ApiQuery({ name: 'until', type: String, required: false })
  @AnswersFile('text/calendar')
  @ApiOperation({ summary: 'The same as a calendar file.' })
  async calendar(
    @PersonId() personId: string,
    @Query('until') until: string | undefined,
    @Res() response: Response,
  ) {
    const list = await this.site.dueFor(personId, untilOf(until, today()));
    response
      .attachment('inspections.ics')
      .type('text/calendar; charset=utf-8')
      .send(calendarOf(list, new Date().toISOString()));
  }

  @Get('installed')
  @May('signed-in')
  @ApiQuery({ name: 'q', type: String })
  @Answers(installed)
  @ApiOperation({ summary: 'Where a product stands, across one’s projects.' })
  async installed(@PersonId() personId: string, @Query('q') text: string | undefined) {
    if (typeof text !== 'string' || text.length > 200)
      throw invalid([{ field: 'q', message: 'Write what you look for, at most 200 characters.' }]);
    return this.site.installed(personId, text);
  }
}

function untilOf(until: string | undefined, now: string): string {
  return typeof until === 'string' && DAY.test(until) ? until : monthsAfter(now, 24);
}
