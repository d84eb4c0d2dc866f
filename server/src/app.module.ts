import { Module, type DynamicModule } from '@nestjs/common';
import { APP_FILTER, APP_GUARD } from '@nestjs/core';
import { ThrottlerModule } from '@nestjs/throttler';
import { DataSource } from 'typeorm';
import { AccountController } from './account/account.controller.js';
import { SecondFactorService } from './account/secondFactor.service.js';
import { AuditService } from './audit/audit.service.js';
import { CONFIG, type Config } from './config.js';
import { DocumentsService } from './documents/documents.service.js';
import { FeedService } from './events/feed.service.js';
import { EventsService } from './events/events.service.js';
import { HealthController } from './health/health.controller.js';
import { BodyGuard } from './http/body.guard.js';
import { OriginGuard } from './http/origin.guard.js';
import { ProblemFilter } from './http/problem.filter.js';
import { InstallationController } from './installation/installation.controller.js';
import { CatalogueController } from './lists/catalogue.controller.js';
import { ListsController } from './lists/lists.controller.js';
import { ListsService } from './lists/lists.service.js';
import { VitalsService } from './installation/vitals.service.js';
import { MailService } from './mail/mail.service.js';
import { OpeningsController } from './openings/openings.controller.js';
import { OpeningsService } from './openings/openings.service.js';
import { RegisterCache } from './openings/registerCache.js';
import { LinksService } from './people/links.service.js';
import { PeopleService } from './people/people.service.js';
import { ResetsService } from './people/resets.service.js';
import { SignInDelays } from './people/signInDelays.js';
import { PhotosController } from './photos/photos.controller.js';
import { PhotosService } from './photos/photos.service.js';
import { Access } from './projects/access.js';
import { FindController } from './projects/find.controller.js';
import { MembersController } from './projects/members.controller.js';
import { ProjectsController } from './projects/projects.controller.js';
import { ProjectsService } from './projects/projects.service.js';
import { RateGuard } from './rights/rate.guard.js';
import { RightsGuard } from './rights/rights.guard.js';
import { JobsController } from './jobs/jobs.controller.js';
import { JobsService } from './jobs/jobs.service.js';
import { ReleasesController, SharedController } from './releases/releases.controller.js';
import { ReleasesService } from './releases/releases.service.js';
import { MetricsController } from './metrics/metrics.controller.js';
import { MetricsService } from './metrics/metrics.service.js';
import { NotesController } from './notes/notes.controller.js';
import { SheetsController } from './sheets/sheets.controller.js';
import { ScheduleController } from './schedule/schedule.controller.js';
import { ScheduleService } from './schedule/schedule.service.js';
import { KeepingController, SiteController } from './site/site.controller.js';
import { SiteService } from './site/site.service.js';
import { SessionsController } from './sessions/sessions.controller.js';
import { SessionsService } from './sessions/sessions.service.js';
import { WorkService } from './work/work.service.js';

@Module({})
export class AppModule {
  static with(config: Config, source: DataSource): DynamicModule {
    return {
      module: AppModule,
      imports: [ThrottlerModule.forRoot([{ limit: config.requestsAMinute, ttl: 60_000 }])],
      controllers: [
        HealthController,
        SessionsController,
        AccountController,
        InstallationController,
        ProjectsController,
        MembersController,
        OpeningsController,
        ListsController,
        CatalogueController,
        PhotosController,
        ScheduleController,
        SheetsController,
        JobsController,
        ReleasesController,
        SharedController,
        SiteController,
        KeepingController,
        NotesController,
        FindController,
        MetricsController,
      ],
      providers: [
        { provide: CONFIG, useValue: config },
        { provide: DataSource, useValue: source },
        { provide: APP_FILTER, useClass: ProblemFilter },
        // In this order: how often, from where, who, and only then what is sent.
        { provide: APP_GUARD, useClass: RateGuard },
        { provide: APP_GUARD, useClass: OriginGuard },
        { provide: APP_GUARD, useClass: RightsGuard },
        { provide: APP_GUARD, useClass: BodyGuard },
        Access,
        AuditService,
        MailService,
        WorkService,
        SessionsService,
        SecondFactorService,
        SignInDelays,
        LinksService,
        ResetsService,
        RegisterCache,
        VitalsService,
        PeopleService,
        ProjectsService,
        OpeningsService,
        DocumentsService,
        ListsService,
        PhotosService,
        FeedService,
        EventsService,
        ScheduleService,
        JobsService,
        ReleasesService,
        SiteService,
        MetricsService,
      ],
    };
  }
}
