import { Module } from '@nestjs/common';
import { NotesController } from './notes.controller.js';

/** What a person keeps for themselves. */
@Module({
  controllers: [NotesController],
})
export class NotesModule {}
