import { Module } from '@nestjs/common';
import { FeedService } from './feed.service.js';
import { EventsService } from './events.service.js';

/** Events of projects, in the order of their feed, and who hears them. */
@Module({
  providers: [FeedService, EventsService],
  exports: [FeedService, EventsService],
})
export class EventsModule {}
