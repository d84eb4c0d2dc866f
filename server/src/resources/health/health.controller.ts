import { Controller, Get, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { ApiAnswer } from '../../base/http/answers.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { SkipThrottle } from '@nestjs/throttler';
import type { Response } from 'express';
import { DataSource } from 'typeorm';
import { down, up } from './answers.js';

@ApiTags('health')
@SkipThrottle()
@RequireRole('anyone')
@Controller('health')
export class HealthController {
  constructor(private readonly source: DataSource) {}

  @Get()
  @ApiAnswer(up)
  @ApiAnswer(down, 503)
  @ApiOperation({
    summary: 'Whether the server and its database answer; 503 while the database does not.',
  })
  async health(@Res() response: Response): Promise<void> {
    const started = performance.now();
    try {
      // In a cluster a node without a majority still answers `SELECT 1`.
      const rows = (await this.source.query("SHOW GLOBAL STATUS LIKE 'wsrep_cluster_status'")) as {
        Value: string;
      }[];
      if (rows[0]?.Value === 'non-Primary') throw new Error('no majority');
      response.json({
        status: 'up',
        database: 'up',
        databaseMs: Math.round(performance.now() - started),
      });
    } catch {
      response.status(503).json({ status: 'degraded', database: 'down' });
    }
  }
}
