import { Module } from '@nestjs/common';
import { EventsModule } from '../events/events.module.js';
import { SiteController, KeepingController } from './site.controller.js';
import { SiteService } from './site.service.js';

/** Records of the site, what is due and what stands where. */
@Module({
  imports: [EventsModule],
  controllers: [SiteController, KeepingController],
  providers: [SiteService],
  exports: [SiteService],
})
export class SiteModule {}
