import { Global, Module, type DynamicModule } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { AuditService } from './audit/audit.service.js';
import { CONFIG, type Config } from './config.js';
import { MailService } from './mail/mail.service.js';
import { Access } from './rights/access.js';
import { WORKER_JOBS, type AnyJobs } from './work/workerJobs.js';
import { WorkService } from './work/work.service.js';

/** What every resource stands on: configuration, database, rights, audit log, mail, worker threads. */
@Global()
@Module({})
export class BaseModule {
  static with(config: Config, source: DataSource, jobs: AnyJobs): DynamicModule {
    const services = [Access, AuditService, MailService, WorkService];
    const values = [
      { provide: CONFIG, useValue: config },
      { provide: DataSource, useValue: source },
      { provide: WORKER_JOBS, useValue: jobs },
    ];
    return {
      module: BaseModule,
      providers: [...values, ...services],
      exports: [CONFIG, DataSource, WORKER_JOBS, ...services],
    };
  }
}
