import { Module, type DynamicModule } from '@nestjs/common';
import { APP_FILTER, APP_GUARD } from '@nestjs/core';
import { ThrottlerGuard, ThrottlerModule } from '@nestjs/throttler';
import { DataSource } from 'typeorm';
import { CONFIG, type Config } from './config.js';
import { DocumentsService } from './documents/documents.service.js';
import { EventsService } from './events/events.service.js';
import { HealthController } from './health/health.controller.js';
import { ProblemFilter } from './http/problem.filter.js';
import { CatalogueController } from './lists/catalogue.controller.js';
import { ListsController } from './lists/lists.controller.js';
import { ListsService } from './lists/lists.service.js';
import { OpeningsController } from './openings/openings.controller.js';
import { OpeningsService } from './openings/openings.service.js';
import { PeopleService } from './people/people.service.js';
import { PhotosController } from './photos/photos.controller.js';
import { PhotosService } from './photos/photos.service.js';
import { Access } from './projects/access.js';
import { ProjectsController } from './projects/projects.controller.js';
import { ProjectsService } from './projects/projects.service.js';
import { ScheduleController } from './schedule/schedule.controller.js';
import { ScheduleService } from './schedule/schedule.service.js';
import { SessionsController } from './sessions/sessions.controller.js';

/** Requests one address may send in a minute; an office of fifty stands behind one. */
const REQUESTS_A_MINUTE = 6000;

@Module({})
export class AppModule {
  static with(config: Config, source: DataSource): DynamicModule {
    return {
      module: AppModule,
      imports: [ThrottlerModule.forRoot([{ limit: REQUESTS_A_MINUTE, ttl: 60_000 }])],
      controllers: [
        HealthController,
        SessionsController,
        ProjectsController,
        OpeningsController,
        ListsController,
        CatalogueController,
        PhotosController,
        ScheduleController,
      ],
      providers: [
        { provide: CONFIG, useValue: config },
        { provide: DataSource, useValue: source },
        { provide: APP_FILTER, useClass: ProblemFilter },
        { provide: APP_GUARD, useClass: ThrottlerGuard },
        Access,
        PeopleService,
        ProjectsService,
        OpeningsService,
        DocumentsService,
        ListsService,
        PhotosService,
        EventsService,
        ScheduleService,
      ],
    };
  }
}
