import { Module } from '@nestjs/common';
import { JobsModule } from '../jobs/jobs.module.js';
import { ScheduleModule } from '../schedule/schedule.module.js';
import { SiteModule } from '../site/site.module.js';
import { DocumentJobsController } from './documentJobs.controller.js';
import { DOCUMENT_ROUTES } from './documentRoutes.js';
import { DOCUMENT_JOB_KINDS } from './jobKinds.js';
import { PrintingService } from './printing.service.js';

/** The documents of a project, made at once or in the background. */
@Module({
  imports: [JobsModule.for(DOCUMENT_JOB_KINDS), ScheduleModule, SiteModule],
  controllers: [...DOCUMENT_ROUTES, DocumentJobsController],
  providers: [PrintingService],
})
export class PrintingModule {}
