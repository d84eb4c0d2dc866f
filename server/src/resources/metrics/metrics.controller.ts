import { Controller, Get, Headers, HttpStatus, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { ApiFileAnswer } from '../../base/http/answers.js';
import { SkipThrottle } from '@nestjs/throttler';
import type { Response } from 'express';
import { Problem } from '../../base/http/problem.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { MetricsService } from './metrics.service.js';

/** For a Prometheus that has the installation's token; closed where none is set. */
@ApiTags('health')
@SkipThrottle()
@Controller('metrics')
export class MetricsController {
  constructor(private readonly metrics: MetricsService) {}

  @Get()
  @RequireRole('anyone')
  @ApiFileAnswer('text/plain')
  @ApiOperation({ summary: 'Metrics as Prometheus text, with RIEGEL_METRICS_TOKEN as bearer.' })
  async read(
    @Headers('authorization') authorization: string | undefined,
    @Res() response: Response,
  ): Promise<void> {
    if (!this.metrics.mayRead(authorization))
      throw new Problem(HttpStatus.UNAUTHORIZED, 'Metrics are read with the installation’s token.');
    response.type(this.metrics.type).send(await this.metrics.text());
  }
}
