import { Module } from '@nestjs/common';
import { PeopleModule } from '../people/people.module.js';
import { PhotosController } from './photos.controller.js';
import { PhotosService } from './photos.service.js';

/** Photographs of openings. */
@Module({
  imports: [PeopleModule],
  controllers: [PhotosController],
  providers: [PhotosService],
})
export class PhotosModule {}
