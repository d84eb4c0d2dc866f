import { Module } from '@nestjs/common';
import { DocumentsModule } from '../documents/documents.module.js';
import { OpeningsModule } from '../openings/openings.module.js';
import { ProjectsModule } from '../projects/projects.module.js';
import { ScheduleModule } from '../schedule/schedule.module.js';
import { ListsController } from './lists.controller.js';
import { CatalogueController } from './catalogue.controller.js';
import { ListsService } from './lists.service.js';

/** Door lists, catalogues and building models, in and out. */
@Module({
  imports: [DocumentsModule, OpeningsModule, ProjectsModule, ScheduleModule],
  controllers: [ListsController, CatalogueController],
  providers: [ListsService],
})
export class ListsModule {}
