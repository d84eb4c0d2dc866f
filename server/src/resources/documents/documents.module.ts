import { Module } from '@nestjs/common';
import { DocumentsService } from './documents.service.js';

/** What belongs to a whole project: building, practices, catalogue, keys. */
@Module({
  providers: [DocumentsService],
  exports: [DocumentsService],
})
export class DocumentsModule {}
