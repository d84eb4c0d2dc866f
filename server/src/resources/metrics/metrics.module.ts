import { Module } from '@nestjs/common';
import { EventsModule } from '../events/events.module.js';
import { MetricsController } from './metrics.controller.js';
import { MetricsService } from './metrics.service.js';

/** Figures for whoever watches the server. */
@Module({
  imports: [EventsModule],
  controllers: [MetricsController],
  providers: [MetricsService],
  exports: [MetricsService],
})
export class MetricsModule {}
