import { Controller, Get, Inject, Query, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { AnswersFile, DocumentQuery } from '../http/answers.js';
import type { Response } from 'express';
import { CONFIG, type Config } from '../config.js';
import { IdParam } from '../http/ids.js';
import { JoiPipe } from '../http/joi.pipe.js';
import { May } from '../rights/may.js';
import { TILED } from './tiled.js';
import { ScheduleService } from '../schedule/schedule.service.js';

/** Sheets, drawings and sticks of one opening. */
@ApiTags('sheets')
@Controller('projects/:projectId/openings/:openingId')
export class SheetsController {
  constructor(
    private readonly schedules: ScheduleService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  private async one(projectId: string, openingId: string) {
    return {
      ...(await this.schedules.dated(projectId)),
      wanted: [openingId],
      address: `${this.config.publicUrl}/projects/${projectId}/site/`,
    };
  }

  @Get('sheets.pdf')
  @May('reader')
  @AnswersFile('application/pdf')
  @ApiOperation({ summary: 'The preparation sheets of an opening: leaf, frame, numbers.' })
  async sheets(
    @IdParam('projectId') projectId: string,
    @IdParam('openingId', 'The opening') openingId: string,
    @Res() response: Response,
  ) {
    const bytes = await this.schedules.made('sheetsPdf', await this.one(projectId, openingId));
    response.attachment('preparation.pdf').type('application/pdf').send(bytes);
  }

  @Get('sheets.zip')
  @May('reader')
  @AnswersFile('application/zip')
  @ApiOperation({ summary: 'The drawings of an opening, each as DXF in true units and as SVG.' })
  async drawings(
    @IdParam('projectId') projectId: string,
    @IdParam('openingId', 'The opening') openingId: string,
    @Res() response: Response,
  ) {
    const bytes = await this.schedules.made('drawingsZip', await this.one(projectId, openingId));
    response.attachment('drawings.zip').type('application/zip').send(bytes);
  }

  @Get('stick.pdf')
  @May('reader')
  @DocumentQuery(TILED)
  @AnswersFile('application/pdf')
  @ApiOperation({ summary: 'The story sticks of an opening in true size, tiled or as long pages.' })
  async stick(
    @IdParam('projectId') projectId: string,
    @IdParam('openingId', 'The opening') openingId: string,
    @Query(new JoiPipe(TILED)) { tiled }: { tiled: boolean },
    @Res() response: Response,
  ) {
    const job = { ...(await this.one(projectId, openingId)), tiled };
    const bytes = await this.schedules.made('stickPdf', job);
    response.attachment('story-stick.pdf').type('application/pdf').send(bytes);
  }
}
