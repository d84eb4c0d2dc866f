import { Controller, Delete, Get, HttpCode, Post, Query, Req, Res } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiOperation, ApiQuery, ApiTags } from '@nestjs/swagger';
import { ApiAnswer, ApiFileAnswer } from '../../base/http/answers.js';
import type { Request, Response } from 'express';
import { TakesFile } from '../../base/http/body.guard.js';
import { IdParam, isId } from '../../base/http/ids.js';
import { invalid } from '../../base/http/problem.js';
import { RequireRole } from '../../base/rights/requireRole.js';
import { PersonId } from '../../base/rights/signedIn.js';
import { PhotosService } from './photos.service.js';
import { MAX_BYTES } from './readPicture.js';
import { photoKept, photos } from './answers.js';

@ApiTags('photographs')
@Controller('projects/:projectId/openings/:openingId/photos')
export class PhotosController {
  constructor(private readonly photos: PhotosService) {}

  @Get()
  @RequireRole('reader')
  @ApiAnswer(photos)
  @ApiOperation({ summary: 'The photographs of an opening, the oldest first.' })
  async list(
    @IdParam('projectId') projectId: string,
    @IdParam('openingId', 'The opening') openingId: string,
  ) {
    return { photos: await this.photos.list(projectId, openingId) };
  }

  @Get(':photoId')
  @RequireRole('reader')
  @ApiFileAnswer('image/jpeg')
  @ApiOperation({ summary: 'One photograph, a JPEG.' })
  async one(
    @IdParam('projectId') projectId: string,
    @IdParam('openingId', 'The opening') openingId: string,
    @IdParam('photoId', 'The photograph') id: string,
    @Res() response: Response,
  ) {
    const { type, bytes } = await this.photos.bytes(projectId, openingId, id);
    response
      .setHeader('Cache-Control', 'private, max-age=31536000, immutable')
      .setHeader('Content-Disposition', 'inline')
      .setHeader('X-Content-Type-Options', 'nosniff')
      .type(type)
      .send(bytes);
  }

  @Post()
  @RequireRole('editor')
  @HttpCode(201)
  @TakesFile(MAX_BYTES)
  @ApiConsumes('application/octet-stream')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiQuery({ name: 'id', type: String })
  @ApiQuery({ name: 'caption', type: String, required: false })
  @ApiAnswer(photoKept, 201)
  @ApiOperation({
    summary: 'Adds a photograph: JPEG, PNG or WebP, at most 12 MB. It is kept without its place.',
  })
  async add(
    @IdParam('projectId') projectId: string,
    @IdParam('openingId', 'The opening') openingId: string,
    @Query('id') id: string,
    @Query('caption') caption: string | undefined,
    @PersonId() person: string,
    @Req() request: Request,
  ) {
    if (!isId(id) || !Buffer.isBuffer(request.body))
      throw invalid([{ field: 'photo', message: 'Send the picture itself, with an identifier.' }]);
    await this.photos.add(projectId, openingId, person, {
      id,
      caption: (typeof caption === 'string' ? caption : '').toWellFormed().slice(0, 200),
      bytes: request.body,
    });
    return { id };
  }

  @Delete(':photoId')
  @RequireRole('editor')
  @HttpCode(204)
  @ApiOperation({ summary: 'Deletes a photograph.' })
  async remove(
    @IdParam('projectId') projectId: string,
    @IdParam('openingId', 'The opening') openingId: string,
    @IdParam('photoId', 'The photograph') id: string,
  ): Promise<void> {
    await this.photos.remove(projectId, openingId, id);
  }
}
