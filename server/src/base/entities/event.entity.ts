import { Column, CreateDateColumn, Entity, Index, PrimaryGeneratedColumn } from 'typeorm';
import type { DocumentName } from './document.entity.js';

/** One opening's part in an event, as stored JSON; `null` before it was made or after it was deleted. */
export interface OpeningChange {
  openingId: string;
  before: string | null;
  after: string | null;
}

/** A document's part in an event; `null` before it was made. */
export interface DocumentChange {
  document: DocumentName;
  before: string | null;
  after: string | null;
}

export type Change = OpeningChange | DocumentChange;

/** Whether a change is an opening's, not a document's. */
export function ofOpening(change: Change): change is OpeningChange {
  return 'openingId' in change;
}

export const EVENT_KINDS = [
  'create',
  'update',
  'delete',
  'bulk',
  'import',
  'project',
  'undo',
  'redo',
  'site',
] as const;
export type EventKind = (typeof EVENT_KINDS)[number];

/** One write: who and when; before and after stand in its changes. Undo, history and audit in one. */
@Entity('event')
@Index('event_seq', ['projectId', 'seq'], { unique: true })
@Index('event_person', ['projectId', 'personId', 'id'])
export class EventRow {
  @PrimaryGeneratedColumn({ type: 'bigint', unsigned: true })
  id: string;

  @Column('char', { name: 'project_id', length: 36 })
  projectId: string;

  @Column('char', { name: 'person_id', length: 36 })
  personId: string;

  @Column('varchar', { length: 16 })
  kind: EventKind;

  /** Its place in the project's feed, given as the last step before the commit. */
  @Column('bigint', { unsigned: true, nullable: true })
  seq: string | null;

  /** How many openings and documents it touched. */
  @Column('int', { default: 0 })
  size: number;

  /** Set while the event is taken back. */
  @Column('boolean', { default: false })
  undone: boolean;

  @CreateDateColumn({ name: 'created_at', precision: 3, default: () => 'CURRENT_TIMESTAMP(3)' })
  createdAt: Date;
}
