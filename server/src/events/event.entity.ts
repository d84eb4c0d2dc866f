import { Column, CreateDateColumn, Entity, Index, PrimaryGeneratedColumn } from 'typeorm';
import type { OpeningFacts } from '@riegel/core';
import type { DocumentName } from '../documents/document.entity.js';

/** One opening's part in an event; `null` before it was made or after it was deleted. */
export interface OpeningChange {
  openingId: string;
  before: OpeningFacts | null;
  after: OpeningFacts | null;
}

/** A document's part in an event; `null` before it was made. */
export interface DocumentChange {
  document: DocumentName;
  before: unknown;
  after: unknown;
}

export type Change = OpeningChange | DocumentChange;

/** Whether a change is an opening's, not a document's. */
export function ofOpening(change: Change): change is OpeningChange {
  return 'openingId' in change;
}

export type EventKind =
  'create' | 'update' | 'delete' | 'bulk' | 'import' | 'project' | 'undo' | 'redo';

/** One write: who, when, before, after. Undo, history and audit in one. */
@Entity('event')
@Index('event_project', ['projectId', 'id'])
export class EventRow {
  @PrimaryGeneratedColumn({ type: 'bigint', unsigned: true })
  id: string;

  @Column('char', { name: 'project_id', length: 36 })
  projectId: string;

  @Column('char', { name: 'person_id', length: 36 })
  personId: string;

  @Column('varchar', { length: 16 })
  kind: EventKind;

  @Column('longtext', {
    transformer: {
      to: (changes: Change[]) => JSON.stringify(changes),
      from: (text: string) => JSON.parse(text) as Change[],
    },
  })
  changes: Change[];

  /** Set while the event is taken back. */
  @Column('boolean', { default: false })
  undone: boolean;

  @CreateDateColumn({ name: 'created_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  createdAt: Date;
}
