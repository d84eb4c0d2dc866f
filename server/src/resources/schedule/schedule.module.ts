import { Module } from '@nestjs/common';
import { DocumentsModule } from '../documents/documents.module.js';
import { EventsModule } from '../events/events.module.js';
import { OpeningsModule } from '../openings/openings.module.js';
import { ProjectsModule } from '../projects/projects.module.js';
import { ScheduleController } from './schedule.controller.js';
import { ScheduleService } from './schedule.service.js';

/** The schedule and its stable set numbers. */
@Module({
  imports: [DocumentsModule, EventsModule, OpeningsModule, ProjectsModule],
  controllers: [ScheduleController],
  providers: [ScheduleService],
  exports: [ScheduleService],
})
export class ScheduleModule {}
