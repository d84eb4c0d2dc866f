import { Module } from '@nestjs/common';
import { PeopleModule } from '../people/people.module.js';
import { DocumentsModule } from '../documents/documents.module.js';
import { ProjectsController } from './projects.controller.js';
import { MembersController } from './members.controller.js';
import { FindController } from './find.controller.js';
import { ProjectsService } from './projects.service.js';

/** Projects and their members. */
@Module({
  imports: [PeopleModule, DocumentsModule],
  controllers: [ProjectsController, MembersController, FindController],
  providers: [ProjectsService],
  exports: [ProjectsService],
})
export class ProjectsModule {}
