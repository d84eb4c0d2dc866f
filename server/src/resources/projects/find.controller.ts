import { Controller, Get, Query } from '@nestjs/common';
import { ApiOperation, ApiQuery, ApiTags } from '@nestjs/swagger';
import { ApiAnswer } from '../../base/http/answers.js';
import { DataSource } from 'typeorm';
import { invalid } from '../../base/http/problem.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { PersonId } from '../../base/rights/signedIn.js';
import { found } from './answers.js';

/** Openings that are found at once. */
const MOST = 60;
const MOST_WORDS = 6;

/** An opening found in one of one's projects. */
export interface Found {
  projectId: string;
  project: string;
  openingId: string;
  mark: string;
  from: string;
  to: string;
}

/** Openings by mark or room, across one's projects. */
@ApiTags('projects')
@Controller('find')
export class FindController {
  constructor(private readonly source: DataSource) {}

  @Get()
  @RequireRole('signed-in')
  @ApiQuery({ name: 'q', type: String })
  @ApiAnswer(found)
  @ApiOperation({
    summary: 'Openings by mark or room in all one’s projects; all words must be found.',
  })
  async find(@PersonId() personId: string, @Query('q') text: string | undefined) {
    if (typeof text !== 'string' || text.length > 200)
      throw invalid([{ field: 'q', message: 'Write what you look for, at most 200 characters.' }]);
    const words = text.trim().split(/\s+/).filter(Boolean).slice(0, MOST_WORDS);
    if (words.length === 0) return { found: [], more: false };
    const like = words.map((word) => word.replace(/[\\%_]/g, (sign) => `\\${sign}`));
    // A mark is looked for from its beginning, a room anywhere.
    const rows = (await this.source.query(
      `SELECT o.project_id AS projectId, p.name AS project, o.id AS openingId, o.mark, o.from_room AS \`from\`, o.to_room AS \`to\`
         FROM membership m JOIN project p ON p.id = m.project_id JOIN opening o ON o.project_id = m.project_id
        WHERE m.person_id = ? AND ${like.map(() => '(o.mark LIKE ? OR o.from_room LIKE ? OR o.to_room LIKE ?)').join(' AND ')}
        ORDER BY o.mark = ? DESC, p.name, o.mark LIMIT ${MOST + 1}`,
      [personId, ...like.flatMap((word) => [`${word}%`, `%${word}%`, `%${word}%`]), text.trim()],
    )) as Found[];
    return { found: rows.slice(0, MOST), more: rows.length > MOST };
  }
}
