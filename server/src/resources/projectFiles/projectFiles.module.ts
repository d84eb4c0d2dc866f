import { Module } from '@nestjs/common';
import { DocumentsModule } from '../documents/documents.module.js';
import { OpeningsModule } from '../openings/openings.module.js';
import { ProjectsModule } from '../projects/projects.module.js';
import { ProjectFilesController } from './projectFiles.controller.js';
import { ProjectFilesService } from './projectFiles.service.js';

/** Project files, in and out. */
@Module({
  imports: [DocumentsModule, OpeningsModule, ProjectsModule],
  controllers: [ProjectFilesController],
  providers: [ProjectFilesService],
  exports: [ProjectFilesService],
})
export class ProjectFilesModule {}
