import { Column, CreateDateColumn, Entity, Index, PrimaryGeneratedColumn } from 'typeorm';
import type { OpeningFacts } from '@riegel/core';

/** One opening's part in an event; `null` before it was made or after it was deleted. */
export interface Change {
  openingId: string;
  before: OpeningFacts | null;
  after: OpeningFacts | null;
}

export type EventKind = 'create' | 'update' | 'delete' | 'bulk' | 'import' | 'undo' | 'redo';

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
