import { Module } from '@nestjs/common';
import { PeopleModule } from '../people/people.module.js';
import { SessionsModule } from '../sessions/sessions.module.js';
import { AccountController } from './account.controller.js';

/** One’s own account. */
@Module({
  imports: [PeopleModule, SessionsModule],
  controllers: [AccountController],
})
export class AccountModule {}
