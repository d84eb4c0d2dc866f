import { Controller, Get, HttpCode, Param, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { ApiAnswer, DocumentBody } from '../../base/http/answers.js';
import { DataSource } from 'typeorm';
import { TakesJson } from '../../base/http/body.guard.js';
import { Joi, ValidBody } from '../../base/http/joi.pipe.js';
import { invalid } from '../../base/http/problem.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { PersonId } from '../../base/rights/signedIn.js';
import { note } from './answers.js';

/** Characters of one note, at most. */
const MOST = 60_000;

/** Notes of one person, at most. */
const MOST_NOTES = 400;
const NAME = /^[a-zA-Z]+(:[\w-]{1,50})?$/;

const BODY = Joi.object<{ body: unknown }>({ body: Joi.object().unknown(true).required() });

/** What a person keeps for themselves: how their register is laid out, what they have learnt. Nobody else reads it. */
@ApiTags('account')
@RequireRole('signed-in')
@Controller('account/notes')
export class NotesController {
  constructor(private readonly source: DataSource) {}

  @Get(':name')
  @ApiAnswer(note)
  @ApiOperation({ summary: 'A note of one’s own; null while there is none.' })
  async get(@PersonId() personId: string, @Param('name') name: string) {
    const [row] = (await this.source.query(
      'SELECT body FROM person_note WHERE person_id = ? AND name = ?',
      [personId, named(name)],
    )) as { body: string }[];
    return { body: row ? (JSON.parse(row.body) as unknown) : null };
  }

  @Put(':name')
  @HttpCode(204)
  @TakesJson(200_000)
  @DocumentBody(BODY)
  @ApiOperation({ summary: 'Keeps a note of one’s own; the last one written holds.' })
  async put(
    @PersonId() personId: string,
    @Param('name') name: string,
    @ValidBody(BODY) { body }: { body: unknown },
  ): Promise<void> {
    const text = JSON.stringify(body);
    if (text.length > MOST)
      throw invalid([{ field: 'body', message: `A note may have at most ${MOST} characters.` }]);
    const [{ count }] = (await this.source.query(
      'SELECT COUNT(*) AS count FROM person_note WHERE person_id = ? AND name <> ?',
      [personId, named(name)],
    )) as [{ count: string }];
    if (Number(count) >= MOST_NOTES)
      throw invalid([{ field: 'name', message: `At most ${MOST_NOTES} notes are kept.` }]);
    await this.source.query(
      'INSERT INTO person_note (person_id, name, body) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE body = VALUES(body)',
      [personId, name, text],
    );
  }
}

function named(name: string): string {
  if (name.length > 60 || !NAME.test(name))
    throw invalid([{ field: 'name', message: 'That is no name of a note.' }]);
  return name;
}
