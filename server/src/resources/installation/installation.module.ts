import { Module } from '@nestjs/common';
import { EventsModule } from '../events/events.module.js';
import { PeopleModule } from '../people/people.module.js';
import { SessionsModule } from '../sessions/sessions.module.js';
import { InstallationController } from './installation.controller.js';
import { VitalsService } from './vitals.service.js';

/** The installation as its administrators see it. */
@Module({
  imports: [EventsModule, PeopleModule, SessionsModule],
  controllers: [InstallationController],
  providers: [VitalsService],
})
export class InstallationModule {}
