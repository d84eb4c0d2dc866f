import { Module } from '@nestjs/common';
import { DocumentsModule } from '../documents/documents.module.js';
import { EventsModule } from '../events/events.module.js';
import { ProjectsModule } from '../projects/projects.module.js';
import { OpeningsController } from './openings.controller.js';
import { OpeningsService } from './openings.service.js';
import { RegisterCache } from './registerCache.js';

/** The openings of a project, read and written. */
@Module({
  imports: [DocumentsModule, EventsModule, ProjectsModule],
  controllers: [OpeningsController],
  providers: [OpeningsService, RegisterCache],
  exports: [OpeningsService],
})
export class OpeningsModule {}
