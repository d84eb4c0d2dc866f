import { Controller, Get, HttpCode, Post, Query, Res } from '@nestjs/common';
import { ApiOperation, ApiQuery, ApiTags } from '@nestjs/swagger';
import { ApiAnswer, ApiFileAnswer, DocumentBody } from '../../base/http/answers.js';
import type { Response } from 'express';
import { calendarOf, countDue, monthsAfter } from '@riegel/core';
import { FeedService } from '../events/feed.service.js';
import { TakesJson } from '../../base/http/body.guard.js';
import { IdParam } from '../../base/http/ids.js';
import { Joi, ValidBody } from '../../base/http/joi.pipe.js';
import { invalid } from '../../base/http/problem.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { PersonId } from '../../base/rights/signedIn.js';
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
    private readonly feed: FeedService,
  ) {}

  @Get('site')
  @RequireRole('reader')
  @ApiQuery({ name: 'since', type: Number, required: false })
  @ApiAnswer(sitePage)
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
  @RequireRole('editor')
  @HttpCode(200)
  @TakesJson(300_000)
  @DocumentBody(SENT)
  @ApiAnswer(added)
  @ApiOperation({ summary: 'Adds records of the site; those known are counted as kept.' })
  async add(
    @IdParam('projectId') projectId: string,
    @PersonId() personId: string,
    @ValidBody(SENT) { records }: { records: unknown[] },
  ) {
    return this.site.add(projectId, personId, records);
  }
}

/** What is due, and what stands where, across one's projects. */
@ApiTags('site')
@Controller()
export class KeepingController {
  constructor(private readonly site: SiteService) {}

  @Get('due')
  @RequireRole('signed-in')
  @ApiQuery({ name: 'until', type: String, required: false })
  @ApiAnswer(due)
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
  @RequireRole('signed-in')
  @ApiQuery({ name: 'until', type: String, required: false })
  @ApiFileAnswer('text/calendar')
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
  @RequireRole('signed-in')
  @ApiQuery({ name: 'q', type: String })
  @ApiAnswer(installed)
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
