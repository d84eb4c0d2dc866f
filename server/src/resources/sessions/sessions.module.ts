import { Module } from '@nestjs/common';
import { PeopleModule } from '../people/people.module.js';
import { SessionsController } from './sessions.controller.js';
import { SessionsService } from './sessions.service.js';

/** Signing in and out. */
@Module({
  imports: [PeopleModule],
  controllers: [SessionsController],
  providers: [SessionsService],
  exports: [SessionsService],
})
export class SessionsModule {}
