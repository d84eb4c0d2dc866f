import { Module, type DynamicModule } from '@nestjs/common';
import { APP_FILTER, APP_GUARD } from '@nestjs/core';
import { ThrottlerModule } from '@nestjs/throttler';
import { DataSource } from 'typeorm';
import { BaseModule } from '../base/base.module.js';
import type { Config } from '../base/config.js';
import { BodyGuard } from '../base/http/body.guard.js';
import { OriginGuard } from '../base/http/origin.guard.js';
import { ProblemFilter } from '../base/http/problem.filter.js';
import { RateGuard } from '../base/rights/rate.guard.js';
import { RightsGuard } from '../base/rights/rights.guard.js';
import { HealthModule } from '../resources/health/health.module.js';
import { SessionsModule } from '../resources/sessions/sessions.module.js';
import { AccountModule } from '../resources/account/account.module.js';
import { InstallationModule } from '../resources/installation/installation.module.js';
import { ProjectsModule } from '../resources/projects/projects.module.js';
import { OpeningsModule } from '../resources/openings/openings.module.js';
import { ProjectFilesModule } from '../resources/projectFiles/projectFiles.module.js';
import { ListsModule } from '../resources/lists/lists.module.js';
import { PhotosModule } from '../resources/photos/photos.module.js';
import { ScheduleModule } from '../resources/schedule/schedule.module.js';
import { PrintingModule } from '../resources/printing/printing.module.js';
import { ReleasesModule } from '../resources/releases/releases.module.js';
import { SiteModule } from '../resources/site/site.module.js';
import { NotesModule } from '../resources/notes/notes.module.js';
import { MetricsModule } from '../resources/metrics/metrics.module.js';
import { ALL_JOBS } from './workerJobs.js';

/** The whole server: the base, a module a resource, and the guards every request passes. */
@Module({})
export class AppModule {
  static with(config: Config, source: DataSource): DynamicModule {
    return {
      module: AppModule,
      imports: [
        ThrottlerModule.forRoot([{ limit: config.requestsAMinute, ttl: 60_000 }]),
        BaseModule.with(config, source, ALL_JOBS),
        HealthModule,
        SessionsModule,
        AccountModule,
        InstallationModule,
        ProjectsModule,
        OpeningsModule,
        ProjectFilesModule,
        ListsModule,
        PhotosModule,
        ScheduleModule,
        PrintingModule,
        ReleasesModule,
        SiteModule,
        NotesModule,
        MetricsModule,
      ],
      providers: [
        { provide: APP_FILTER, useClass: ProblemFilter },
        // In this order: how often, from where, who, and only then what is sent.
        { provide: APP_GUARD, useClass: RateGuard },
        { provide: APP_GUARD, useClass: OriginGuard },
        { provide: APP_GUARD, useClass: RightsGuard },
        { provide: APP_GUARD, useClass: BodyGuard },
      ],
    };
  }
}
