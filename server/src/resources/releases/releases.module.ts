import { Module } from '@nestjs/common';
import { PeopleModule } from '../people/people.module.js';
import { ScheduleModule } from '../schedule/schedule.module.js';
import { ReleasesController, SharedController } from './releases.controller.js';
import { ReleasesService } from './releases.service.js';

/** Releases, and links to them. */
@Module({
  imports: [PeopleModule, ScheduleModule],
  controllers: [ReleasesController, SharedController],
  providers: [ReleasesService],
})
export class ReleasesModule {}
