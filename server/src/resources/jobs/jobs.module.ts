import { Module, type DynamicModule } from '@nestjs/common';
import { JOB_KINDS, type JobKinds } from './jobKinds.js';
import { JobsController } from './jobs.controller.js';
import { JobsService } from './jobs.service.js';

/** Work in the background, kept in the database. */
@Module({})
export class JobsModule {
  /** Takes the kinds of work there are from whoever has them done. */
  static for(kinds: JobKinds): DynamicModule {
    return {
      module: JobsModule,
      controllers: [JobsController],
      providers: [{ provide: JOB_KINDS, useValue: kinds }, JobsService],
      exports: [JobsService],
    };
  }
}
