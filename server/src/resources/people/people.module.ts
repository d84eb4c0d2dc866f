import { Module } from '@nestjs/common';
import { PeopleService } from './people.service.js';
import { LinksService } from './links.service.js';
import { ResetsService } from './resets.service.js';
import { SignInDelays } from './signInDelays.js';
import { SecondFactorService } from './secondFactor.service.js';

/** People, their passwords, invitations and second factor. */
@Module({
  providers: [PeopleService, LinksService, ResetsService, SignInDelays, SecondFactorService],
  exports: [PeopleService, LinksService, ResetsService, SignInDelays, SecondFactorService],
})
export class PeopleModule {}
