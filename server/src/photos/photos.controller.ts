import {
  Controller,
  Delete,
  Get,
  HttpCode,
  Param,
  Post,
  Query,
  Req,
  Res,
  UseGuards,
} from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { invalid } from '../http/problem.js';
import { Access } from '../projects/access.js';
import { PersonId, SignedInGuard } from '../sessions/signedIn.js';
import { PhotosService } from './photos.service.js';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

@ApiTags('photographs')
@UseGuards(SignedInGuard)
@Controller('projects/:projectId/openings/:openingId/photos')
export class PhotosController {
  constructor(
    private readonly access: Access,
    private readonly photos: PhotosService,
  ) {}

  @Get()
  @ApiOperation({ summary: 'The photographs of an opening, the oldest first.' })
  async list(
    @Param('projectId') projectId: string,
    @Param('openingId') openingId: string,
    @PersonId() person: string,
  ) {
    await this.access.need(projectId, person, 'reader');
    return { photos: await this.photos.list(projectId, openingId) };
  }

  @Get(':photoId')
  @ApiOperation({ summary: 'One photograph.' })
  async one(
    @Param('projectId') projectId: string,
    @Param('openingId') openingId: string,
    @Param('photoId') id: string,
    @PersonId() person: string,
    @Res() response: Response,
  ) {
    await this.access.need(projectId, person, 'reader');
    const { type, bytes } = await this.photos.bytes(projectId, openingId, id);
    response
      .setHeader('Cache-Control', 'private, max-age=31536000, immutable')
      .setHeader('Content-Disposition', 'inline')
      .setHeader('X-Content-Type-Options', 'nosniff')
      .type(type)
      .send(bytes);
  }

  @Post()
  @HttpCode(201)
  @ApiConsumes('application/octet-stream')
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiOperation({ summary: 'Adds a photograph: JPEG, PNG or WebP, at most 4 MB.' })
  async add(
    @Param('projectId') projectId: string,
    @Param('openingId') openingId: string,
    @Query('id') id: string,
    @Query('caption') caption: string | undefined,
    @PersonId() person: string,
    @Req() request: Request,
  ) {
    await this.access.need(projectId, person, 'editor');
    if (!UUID.test(id ?? '') || !Buffer.isBuffer(request.body))
      throw invalid([{ field: 'photo', message: 'Send the picture itself, with an identifier.' }]);
    await this.photos.add(projectId, openingId, person, {
      id,
      caption: (typeof caption === 'string' ? caption : '').slice(0, 200),
      bytes: request.body,
    });
    return { id };
  }

  @Delete(':photoId')
  @HttpCode(204)
  @ApiOperation({ summary: 'Deletes a photograph.' })
  async remove(
    @Param('projectId') projectId: string,
    @Param('openingId') openingId: string,
    @Param('photoId') id: string,
    @PersonId() person: string,
  ): Promise<void> {
    await this.access.need(projectId, person, 'editor');
    await this.photos.remove(projectId, openingId, id);
  }
}
